package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.offer.OfferEntry;
import ruvant.core.prove.ProveEntry;
import ruvant.core.trade.Family;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.MarkedSpeed;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Stop;
import ruvant.core.units.PartName;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.said.LogLines;

/** Fourteen months of closed jobs. */
final class DemoHistory {
    private static final int MONTHS = 14;

    private final JobService jobs;
    private final LogLines lines;
    private final ShopService shop;
    private final Random random;
    private final DemoFits fits = new DemoFits();
    private final DemoOptions options = new DemoOptions(11);

    DemoHistory(JobService jobs, LogLines lines, ShopService shop, Random random) {
        this.jobs = jobs;
        this.lines = lines;
        this.shop = shop;
        this.random = random;
    }

    /** Generates that many, the last one returned some days before now. */
    void tell(int count, Instant now) {
        Instant start = now.minus(Duration.ofDays(MONTHS * 30L));
        Duration between =
                Duration.between(start, now.minus(Duration.ofDays(24))).dividedBy(count);
        for (int i = 0; i < count; i++) {
            Instant came = start.plus(between.multipliedBy(i)).plus(Duration.ofMinutes(random.nextInt(500)));
            DemoCameras.Model model = DemoCameras.ALL.get(random.nextInt(DemoCameras.ALL.size()));
            DemoCameras.Fault fault =
                    model.faults().get(random.nextInt(model.faults().size()));
            closed(model, fault, came);
        }
    }

    private void closed(DemoCameras.Model model, DemoCameras.Fault fault, Instant came) {
        String by = random.nextInt(3) == 0 ? "Teo B." : "Ines K.";
        String owner = DemoCameras.OWNERS.get(random.nextInt(DemoCameras.OWNERS.size()));
        DemoBench bench = new DemoBench(jobs, lines, shop, random, by, came);
        IntakeEntry.Received received = DemoCameras.received(
                model,
                owner,
                fault,
                random,
                came.atZone(ZoneOffset.UTC).toLocalDate().plusDays(21));
        OfferEntry.OptionsDrawn sheet = options.sheet(fault.complaint());
        boolean fails = options.fails();
        bench.receive(received)
                .functions(FunctionResult.WORKS, "Advance", "Counter", "Aperture")
                .functions(FunctionResult.DOUBTFUL, "Cocking")
                .add(new IntakeEntry.ScopeAdded("cure: " + fault.complaint()))
                .battery(model)
                .add(sheet)
                .add(options.agreed(sheet, came))
                .pass(60L * 24 * (1 + random.nextInt(3)))
                .sit(Stop.PROVE);
        speeds(bench, model, Phase.BEFORE, fault.slowErrorEv(), 3);
        bench.add(new FindEntry.SymptomSeen(fault.complaint()), new FindEntry.SuspectRaised(fault.cause(), ""));
        List<String> names = strip(bench, model);
        bench.add(new FindEntry.CauseConfirmed(fault.cause(), fault.evidence()));
        bench.sit(Stop.CLEAN).type(fault.treatment().toArray(String[]::new)).pass(options.minutes(28));
        fits.tried(bench, received.camera());
        bench.up().pass(60L * (4 + random.nextInt(20)));
        bench.sit(Stop.REFIT).back(names.reversed().toArray(String[]::new));
        if (fault.slowErrorEv() > 0.5 && random.nextInt(2) == 0) {
            engaged(bench, model);
        }
        speeds(bench, model, Phase.AFTER, 0.02 + random.nextGaussian() * 0.05, 5);
        bench.fire(36).proved().up();
        bench.add(
                new ProveEntry.FunctionProved("Advance", FunctionResult.WORKS, ""),
                new ProveEntry.FunctionProved("Counter", FunctionResult.WORKS, ""),
                new ProveEntry.FunctionProved("Aperture", FunctionResult.WORKS, ""),
                new IntakeEntry.ScopeSettled(
                        "cure: " + fault.complaint(), !fails, fails ? "it came back after two days of proving" : ""),
                new HandoverEntry.Advised("Fire it through all speeds once a month, so that nothing settles."));
        bench.pass(60L * 24 * (1 + random.nextInt(6)))
                .returned(received.owner().words(), "", "the owner needs it for a journey");
    }

    private List<String> strip(DemoBench bench, DemoCameras.Model model) {
        bench.sit(Stop.STRIP);
        List<String> names = new ArrayList<>();
        boolean otherwise = random.nextInt(4) == 0;
        List<String> parts =
                otherwise ? DemoCameras.OTHER_WAYS.getOrDefault(model.model(), model.parts()) : model.parts();
        int deep = Math.max(2, parts.size() - random.nextInt(2));
        for (int i = 0; i < deep; i++) {
            String line = parts.get(i);
            String well = "" + (char) ('A' + i / 6) + (i % 6 + 1);
            bench.type("off " + line + ", well " + well);
            names.add(PartName.of(line.substring(0, line.indexOf(','))).text());
        }
        if (otherwise && DemoCameras.LEFT_ALONE.containsKey(model.model())) {
            bench.type(DemoCameras.LEFT_ALONE.get(model.model()));
        }
        if (otherwise && DemoCameras.LEARNED.containsKey(model.model())) {
            bench.type(DemoCameras.LEARNED.get(model.model()).toArray(String[]::new));
        }
        return names;
    }

    /** The train is not where it was when it goes back: a turn of its engagement, measured before and after. */
    private void engaged(DemoBench bench, DemoCameras.Model model) {
        String adjuster = model.family() == Family.FOCAL_CLOTH ? "engagement" : "retard engagement";
        double perTurn = 1.05 + 0.1 * random.nextGaussian();
        int eighths = 1 + random.nextInt(3);
        double off = perTurn * eighths / 8 + 0.03 * random.nextGaussian();
        List<String> slow = model.speeds().stream()
                .filter(speed -> nominal(model, speed) > 1.0 / 45 && nominal(model, speed) < 0.4)
                .toList();
        slow.forEach(speed -> bench.time(Phase.AFTER, off, 0.03, 2, speed));
        bench.type("turn " + adjuster + " " + eighths + "/8 out");
    }

    private static double nominal(DemoCameras.Model model, String speed) {
        return MarkedSpeed.nominalSeconds(speed, model.series());
    }

    /** By thirds of a stop. */
    private static final List<String> HEARD = List.of(
            "right", "a third of a stop slow", "two thirds of a stop slow", "a stop slow", "a stop and a third slow");

    private void speeds(DemoBench bench, DemoCameras.Model model, Phase phase, double slowErrorEv, int firings) {
        for (String speed : model.speeds()) {
            boolean slow = nominal(model, speed) > 1.0 / 45;
            if (phase == Phase.BEFORE && slow && random.nextInt(3) == 0) {
                // an ear calls slow ones slower than they are
                bench.hear(phase, speed, HEARD.get((int) Math.round(
                        Math.clamp(3 * (slowErrorEv + 0.15 + 0.2 * random.nextGaussian()), 0, HEARD.size() - 1))));
            }
            double scatter = phase == Phase.BEFORE && slow ? 0.09 : 0.03;
            bench.time(phase, slow ? slowErrorEv : 0.06, scatter, firings, speed);
        }
    }
}
