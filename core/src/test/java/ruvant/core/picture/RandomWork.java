package ruvant.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import ruvant.core.Logs;
import ruvant.core.adjust.AdjustEntry;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.log.Entry;
import ruvant.core.log.Line;
import ruvant.core.log.RecordEntry;
import ruvant.core.parts.PartsEntry;
import ruvant.core.prove.ProveEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.CheckWhen;
import ruvant.core.strip.FastenersBack;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.CheckMoment;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Side;
import ruvant.core.trade.SourceKind;
import ruvant.core.trade.Stop;
import ruvant.core.trade.TurnUnit;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** Somebody at work who does whatever comes to mind; what the rules refuse is left. */
final class RandomWork {
    private static final List<String> SUSPECTS = List.of("gummed train", "bent pallet", "weak spring");
    private static final List<String> CAUSES = List.of("trainGummed", "palletBent", "springWeak");
    private final Random random;
    private final Logs logs = Logs.camera();

    RandomWork(long seed) {
        this.random = new Random(seed);
    }

    /** A job of so many attempts. */
    static Logs of(long seed, int attempts) {
        RandomWork work = new RandomWork(seed);
        for (int i = 0; i < attempts; i++) {
            work.attempt();
        }
        return work.logs;
    }

    Logs logs() {
        return logs;
    }

    /** Tries one thing; a late line or a strike now and then. */
    void attempt() {
        logs.after(random.nextInt(20));
        List<Line> lines = logs.log().lines();
        if (random.nextInt(12) == 0 && lines.size() > 1) {
            UUID target = lines.get(1 + random.nextInt(lines.size() - 1)).id();
            add(logs.line(
                    random.nextInt(3) == 0
                            ? new RecordEntry.StrikeUndone(target)
                            : new RecordEntry.Struck(target, "entered by mistake"),
                    null));
            return;
        }
        if (random.nextInt(12) == 0 && lines.size() > 1) {
            Line target = lines.get(1 + random.nextInt(lines.size() - 1));
            saidOtherwise(target.entry())
                    .ifPresent(
                            other -> add(logs.line(new RecordEntry.Amended(target.id(), other, "said wrongly"), null)));
            return;
        }
        UUID before = random.nextInt(10) == 0 && lines.size() > 2
                ? lines.get(1 + random.nextInt(lines.size() - 1)).id()
                : null;
        add(logs.line(anything(), before));
    }

    /** What a line may be changed to: of its own kind, with something else in it. */
    private Optional<Entry> saidOtherwise(Entry entry) {
        return switch (entry) {
            case StripEntry.Removed off -> Optional.of(removed(off.part().text()));
            case ProveEntry.Fired fired -> Optional.of(new ProveEntry.Fired(!fired.good(), ""));
            case StripEntry.Lost lost ->
                Optional.of(new StripEntry.Lost(lost.part(), lost.piece(), 2, lost.unlisted()));
            case RefitEntry.GateAnswered answer ->
                Optional.of(new RefitEntry.GateAnswered(answer.part(), answer.check(), false, "not on this one"));
            default -> Optional.empty();
        };
    }

    private void add(Line line) {
        if (logs.refusal(List.of(line)).isEmpty()) {
            logs.append(List.of(line));
        }
    }

    private Entry anything() {
        PartName part = part();
        return switch (random.nextInt(30)) {
            case 0, 1, 2, 3 -> removed("part " + random.nextInt(12));
            case 4, 5 -> refitted(part);
            case 6, 7 -> answered(part);
            case 8 -> new FindEntry.SymptomSeen("slow speeds late");
            case 9 -> new FindEntry.SuspectRaised(suspect(), "drags");
            case 10 -> new FindEntry.SuspectCleared(suspect(), "runs free");
            case 11 -> new FindEntry.CauseConfirmed(suspect(), "seen");
            case 12 -> new FindEntry.SwapTried(suspect(), part.text(), "donor 3", random.nextBoolean(), "");
            case 13 ->
                new TreatEntry.WaitStarted(part, new Named("drying", "Drying"), 5 + random.nextInt(60), 0, "", "");
            case 14 -> new TreatEntry.Lubricated(part, Named.of("pivots"), "", new Named("oil", "Oil"), "bone dry");
            case 15 -> new PartsEntry.NeedOpened(part, "a " + part);
            case 16 -> new PartsEntry.NeedDropped(part, "there after all");
            case 17 -> new AdjustEntry.Turned(Named.of("eccentric"), TurnUnit.EIGHTHS, 0.125, "");
            case 18 -> new IntakeEntry.FunctionChecked(function(), FunctionResult.WORKS, "");
            case 19 -> new ProveEntry.FunctionProved(function(), FunctionResult.WORKS, "");
            case 20 -> new ProveEntry.Fired(random.nextInt(4) > 0, "");
            case 21 ->
                new RefitEntry.GateAdded(
                        part,
                        Named.of("lever left of the post"),
                        CheckWhen.at(CheckMoment.values()[random.nextInt(CheckMoment.values().length)]));
            case 23 -> new StripEntry.Lost(part, piece(part), 1, random.nextInt(3) == 0);
            case 24 -> new StripEntry.FoundAgain(part, piece(part), 1, "under the vice", 12);
            case 25 -> new StripEntry.Destroyed(part, piece(part), 1, "drilled", random.nextInt(3) == 0);
            case 26 -> new StripEntry.MissingOnArrival(piece(part), 1, part.text());
            case 27 -> new StripEntry.LeftEmpty(part, piece(part), 1, "stripped thread");
            case 28 ->
                new PartsEntry.PieceFitted(part, piece(part), 1, SourceKind.STOCK, "drawer " + random.nextInt(5), null);
            case 29 -> failed(part);
            case 22 -> random.nextBoolean() ? new SittingEntry.SatDown(Stop.STRIP, "") : new SittingEntry.GotUp("");
            default -> new HandoverEntry.Advised("fire it once a month");
        };
    }

    private PartName part() {
        List<ValleyPart> parts = logs.picture().valley().parts();
        return parts.isEmpty()
                ? PartName.of("part 0")
                : parts.get(random.nextInt(parts.size())).name();
    }

    private Named suspect() {
        int one = random.nextInt(SUSPECTS.size());
        return new Named(CAUSES.get(one), SUSPECTS.get(one));
    }

    private Named function() {
        return List.of(new Named("self-timer", "Self-timer"), new Named("aperture", "Aperture"))
                .get(random.nextInt(2));
    }

    private Entry removed(String name) {
        List<Fastener> fasteners = new ArrayList<>();
        for (int type = 0; type < random.nextInt(3); type++) {
            fasteners.add(Fastener.slotted(1 + random.nextInt(4), 1.4, 2 + type * 1.5));
        }
        return new StripEntry.Removed(
                PartName.of(name),
                random.nextBoolean() ? Side.TOP : Side.FRONT,
                random.nextBoolean(),
                fasteners,
                List.of(),
                List.of(),
                "",
                null,
                List.of(),
                Set.of(),
                "");
    }

    private Entry refitted(PartName name) {
        List<FastenersBack> back = logs.picture()
                .valley()
                .part(name)
                .map(part -> part.removed().fasteners().stream()
                        .map(one -> new FastenersBack(one.type(), one.count(), 0, 0))
                        .toList())
                .orElse(List.of());
        return new RefitEntry.Refitted(name, back, random.nextInt(8) == 0 ? "had to" : "", "");
    }

    /** One of the pieces that a part has, or one that nobody noted. */
    private String piece(PartName name) {
        List<String> known = logs.picture().valley().part(name).stream()
                .flatMap(part -> part.removed().fasteners().stream())
                .map(Fastener::type)
                .toList();
        return known.isEmpty() || random.nextInt(4) == 0 ? "click spring" : known.get(random.nextInt(known.size()));
    }

    private Entry failed(PartName name) {
        return logs.picture()
                .valley()
                .part(name)
                .flatMap(part -> logs.stands().refit().checks(part).stream().findFirst())
                .<Entry>map(check -> new RefitEntry.CheckFailed(name, check.what(), "it binds"))
                .orElse(new SittingEntry.Noted("nothing to check"));
    }

    private Entry answered(PartName name) {
        return logs.picture()
                .valley()
                .part(name)
                .flatMap(part -> logs.stands().refit().checks(part).stream().findFirst())
                .<Entry>map(check -> new RefitEntry.GateAnswered(name, check.what(), true, ""))
                .orElse(new SittingEntry.Noted("nothing to check"));
    }
}
