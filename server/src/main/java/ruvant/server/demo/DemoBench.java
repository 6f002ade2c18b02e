package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.house.Stand;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.log.NewLine;
import ruvant.core.logline.Reading;
import ruvant.core.picture.Outstanding;
import ruvant.core.picture.ProofDue;
import ruvant.core.practice.stand.StandInShutter;
import ruvant.core.proof.ProofEntry;
import ruvant.core.prove.ProveEntry;
import ruvant.core.said.StatementKind;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Stop;
import ruvant.core.units.Named;
import ruvant.core.units.TagNumber;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.measure.StandRuns;
import ruvant.server.said.LogLines;

/** One camera of the demo on the bench: lines are added at its own clock, which moves on as work does. */
final class DemoBench {
    private final JobService jobs;
    private final LogLines lines;
    private final ShopService shop;
    private final Random random;
    private final String by;
    private TagNumber tag;
    private Instant clock;
    private String tray = "well ";

    DemoBench(JobService jobs, LogLines lines, ShopService shop, Random random, String by, Instant start) {
        this.jobs = jobs;
        this.lines = lines;
        this.shop = shop;
        this.random = random;
        this.by = by;
        this.clock = start;
    }

    TagNumber tag() {
        return tag;
    }

    DemoBench receive(IntakeEntry.Received received) {
        tag = jobs.open(id(), by, received, clock);
        return pass(4);
    }

    /** Time goes by. */
    DemoBench pass(long minutes) {
        clock = clock.plus(Duration.ofMinutes(minutes));
        return this;
    }

    /** Moves to a moment, which must not lie behind. */
    DemoBench at(Instant moment) {
        clock = moment.isAfter(clock) ? moment : clock.plusSeconds(60);
        return this;
    }

    DemoBench sit(Stop stop) {
        return add(new SittingEntry.SatDown(stop, ""));
    }

    DemoBench up() {
        return add(new SittingEntry.GotUp(""));
    }

    DemoBench add(JobEntry... entries) {
        List<NewLine> lines = Arrays.stream(entries)
                .map(entry -> new NewLine(id(), null, null, entry))
                .toList();
        jobs.append(tag, by, 0, lines, clock);
        return pass(1);
    }

    /** The line that carries an entry. */
    UUID line(JobEntry entry) {
        return jobs.log(tag).lines().stream()
                .filter(line -> line.entry().equals(entry))
                .findFirst()
                .orElseThrow()
                .id();
    }

    /** The last line. */
    UUID lastLine() {
        return jobs.log(tag).lines().getLast().id();
    }

    /** From here on its wells are those of one tray. */
    DemoBench inTray(int number) {
        tray = "tray " + number + " ";
        return this;
    }

    /** Types lines as a person would at the log line; each takes some minutes. */
    DemoBench type(String... typedLines) {
        for (String typed : typedLines) {
            String line = typed.replace("well ", tray);
            Reading reading = lines.read(tag, line);
            for (Reading.Chip chip : reading.chips()) {
                boolean remark = chip.kind() == StatementKind.REMARK && !line.startsWith("note ");
                if (remark || chip.trouble().isPresent()) {
                    throw new IllegalStateException("Demo line “" + line + "” is read as: " + reading);
                }
            }
            add(reading.entries().toArray(JobEntry[]::new));
            pass(2 + random.nextInt(5));
        }
        return this;
    }

    /** Answers every open check of a part and puts it back. */
    DemoBench back(String... parts) {
        for (String name : parts) {
            var part = jobs.picture(tag)
                    .valley()
                    .part(ruvant.core.units.PartName.of(name))
                    .orElseThrow();
            jobs.at(tag, clock).refit().checks(part).stream()
                    .filter(check -> check.state() == ruvant.core.strip.GateCheck.State.OPEN)
                    .forEach(check ->
                            add(new ruvant.core.refit.RefitEntry.GateAnswered(part.name(), check.text(), true, "")));
            type("back " + name);
        }
        return this;
    }

    /** Hands the camera back. What stands open goes out for the reason that was given for it, or for this one. */
    DemoBench returned(String to, String remark, String reason) {
        List<HandoverEntry.PassedOver> passed = jobs.at(tag, clock).outstanding().stream()
                .filter(Outstanding::holds)
                .map(one -> new HandoverEntry.PassedOver(
                        new Named(one.id(), one.what()), one.suggested().isEmpty() ? reason : one.suggested()))
                .toList();
        return add(new HandoverEntry.Returned(to, remark, passed));
    }

    /** Makes every proof that the camera needs. */
    DemoBench proved() {
        pass(6);
        for (ProofDue due : jobs.at(tag, clock).proofs()) {
            if (due.required() && due.state() != ProofDue.State.PASSED) {
                add(new ProofEntry.ProofMade(due.proof(), true, List.of(), ""));
            }
        }
        return this;
    }

    /** Times firings around an error in stops. */
    DemoBench time(Phase phase, double errorEv, double scatterEv, int firings, String... speeds) {
        var series = jobs.picture(tag).received().series();
        for (String speed : speeds) {
            double nominal = ruvant.core.trade.MarkedSpeed.nominalSeconds(speed, series);
            List<Double> seconds = new ArrayList<>();
            for (int i = 0; i < firings; i++) {
                double value = nominal * Math.pow(2, errorEv + random.nextGaussian() * scatterEv);
                seconds.add(Double.parseDouble(String.format(java.util.Locale.ROOT, "%.3g", value)));
            }
            add(new ProveEntry.FiringsTimed(speed, phase, Attitude.LEVEL, "lamp-and-diode stand", seconds, false));
        }
        return pass(3);
    }

    /** Times firings of one speed with the camera held so, each with its error in stops. */
    DemoBench fireAt(Phase phase, Attitude attitude, boolean afterRest, String speed, double... errorsEv) {
        double nominal = ruvant.core.trade.MarkedSpeed.nominalSeconds(
                speed, jobs.picture(tag).received().series());
        List<Double> seconds = new ArrayList<>();
        for (double error : errorsEv) {
            seconds.add(Double.parseDouble(String.format(java.util.Locale.ROOT, "%.3g", nominal * Math.pow(2, error))));
        }
        add(new ProveEntry.FiringsTimed(speed, phase, attitude, "lamp-and-diode stand", seconds, afterRest));
        return pass(2);
    }

    /** Says how a speed sounds, before it is timed. */
    DemoBench hear(Phase phase, String speed, String said) {
        add(new ProveEntry.SpeedGuessed(speed, phase, said, ruvant.core.measure.GuessedError.ev(said)));
        return pass(1);
    }

    /** Measures firings of the stand-in on the stand with three diodes. */
    DemoBench measure(StandRuns stand, Phase phase, StandInShutter shutter, int firings, String... speeds) {
        var series = jobs.picture(tag).received().series();
        for (String speed : speeds) {
            double nominal = ruvant.core.trade.MarkedSpeed.nominalSeconds(speed, series);
            stand.run(
                            new StandRuns.Wanted(speed, nominal, phase, firings),
                            Stand.starting().get(1),
                            shutter,
                            random.nextLong())
                    .forEach(this::add);
        }
        return pass(3);
    }

    /** The cell that lay in it, where its kind has a meter. */
    DemoBench battery(DemoCameras.Model model) {
        return model.body() == BodyType.SLR
                ? add(new IntakeEntry.BatteryFound(
                        "1.35 V mercury cell", random.nextBoolean() ? "green at the spring" : ""))
                : this;
    }

    /** Good firings in a row. */
    DemoBench fire(int good) {
        JobEntry[] fired = new JobEntry[good];
        Arrays.fill(fired, new ProveEntry.Fired(true, ""));
        return add(fired).pass(good / 6 + 1);
    }

    DemoBench functions(ruvant.core.trade.FunctionResult result, String... functions) {
        return add(Arrays.stream(functions)
                .map(function -> new IntakeEntry.FunctionChecked(function, result, ""))
                .toArray(JobEntry[]::new));
    }

    private UUID id() {
        return new UUID(random.nextLong(), random.nextLong());
    }
}
