package ruvant.core.picture;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.job.AdjustEntry;
import ruvant.core.job.AdjusterLock;
import ruvant.core.job.AlbumEntry;
import ruvant.core.job.BenchEntry;
import ruvant.core.job.Entry;
import ruvant.core.job.Fastener;
import ruvant.core.job.FindEntry;
import ruvant.core.job.HandoverEntry;
import ruvant.core.job.Hazard;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.PartsEntry;
import ruvant.core.job.ProveEntry;
import ruvant.core.job.RecordEntry;
import ruvant.core.job.RefitEntry;
import ruvant.core.job.StripEntry;
import ruvant.core.job.TreatEntry;
import ruvant.core.units.Labelled;
import ruvant.core.units.PartName;
import ruvant.core.units.Turns;
import ruvant.core.units.WellName;

/** One sentence for each entry, as the log shows it. */
public final class EntryWords {
    private EntryWords() {}

    /** The entry in words. */
    public static String of(Entry entry) {
        return switch (entry) {
            case RecordEntry one -> record(one);
            case BenchEntry one -> bench(one);
            case AlbumEntry one -> album(one);
            case IntakeEntry one -> intake(one);
            case StripEntry one -> strip(one);
            case FindEntry one -> find(one);
            case TreatEntry one -> treat(one);
            case PartsEntry one -> parts(one);
            case AdjustEntry one -> adjust(one);
            case RefitEntry one -> refit(one);
            case ProveEntry one -> prove(one);
            case HandoverEntry one -> handover(one);
        };
    }

    private static String record(RecordEntry entry) {
        return switch (entry) {
            case RecordEntry.Struck struck -> "struck a line: " + struck.reason();
            case RecordEntry.StrikeUndone undone -> "undid a strike";
        };
    }

    private static String bench(BenchEntry entry) {
        return switch (entry) {
            case BenchEntry.SatDown down -> "sat down, " + down.stop().label() + with(": ", down.step());
            case BenchEntry.GotUp up -> "got up" + with(": ", up.remark());
            case BenchEntry.Decided decided ->
                (decided.open() ? "to decide: " : "decided: ") + decided.text() + with(", because ", decided.reason());
            case BenchEntry.Noted noted -> "note: " + noted.text();
            case BenchEntry.Slipped slip ->
                "slip: " + slip.wrong() + with(", showed as ", slip.shown()) + with(", put right: ", slip.putRight());
            case BenchEntry.ToolNoted tool ->
                (tool.atHand() ? "tool at hand: " : "tool lacking: ") + tool.tool() + with(", ", tool.remark());
        };
    }

    private static String album(AlbumEntry entry) {
        return switch (entry) {
            case AlbumEntry.Pictured picture -> "picture" + part(" of ", picture.part()) + with(": ", picture.shows());
            case AlbumEntry.PictureToCome awaited ->
                "picture to be added" + part(" of ", awaited.part()) + ": " + awaited.shows();
            case AlbumEntry.Pinned pin ->
                "pin " + pin.number() + ", " + pin.what().label() + with(": ", pin.words()) + part(" of ", pin.part())
                        + (pin.well() == null ? "" : ", well " + pin.well());
        };
    }

    private static String intake(IntakeEntry entry) {
        return switch (entry) {
            case IntakeEntry.Received in ->
                "came in: " + in.camera().words() + " of " + in.owner().words() + ", “" + in.complaint() + "”";
            case IntakeEntry.ConditionFound found ->
                "outside, " + found.region().label() + ": " + found.severity().label() + " "
                        + found.condition().label() + with(", ", found.remark());
            case IntakeEntry.VisitorSign sign ->
                "earlier visitor: " + sign.sign().label() + with(", ", sign.remark());
            case IntakeEntry.FunctionChecked checked ->
                checked.function() + " " + checked.result().label() + with(", ", checked.remark());
            case IntakeEntry.BatteryFound battery -> "battery " + battery.cell() + with(", ", battery.chamber());
            case IntakeEntry.ScopeAdded scope -> "to do: " + scope.what();
            case IntakeEntry.ScopeSettled scope ->
                (scope.done() ? "done: " : "left: ") + scope.what() + with(", ", scope.reason());
        };
    }

    private static String strip(StripEntry entry) {
        return switch (entry) {
            case StripEntry.Removed off ->
                joined(Stream.of(
                                Stream.of("took off " + off.part()
                                        + part(" out of ", off.within()) + ", "
                                        + off.side().label()),
                                off.fasteners().stream().map(Fastener::words),
                                off.joints().stream().map(StripEntry.Joint::words),
                                off.loose().stream().map(StripEntry.LoosePart::words),
                                off.wells().stream().map(well -> "well " + well),
                                text(with("stack of ", String.join(" / ", off.stack()))),
                                text(off.state() == null ? "" : off.state().label()),
                                text(with("was at ", off.setting())),
                                text(
                                        off.mark() == null
                                                ? ""
                                                : "mark " + off.mark().words()),
                                off.hazards().stream()
                                        .sorted()
                                        .map(Hazard::label)
                                        .map(one -> "beware " + one),
                                text(off.remark()))
                        .flatMap(one -> one)
                        .toList());
            case StripEntry.EdgeSet edge ->
                edge.over() + (edge.present() ? " lies over " : " does not lie over ") + edge.under();
            case StripEntry.Lost lost -> "lost " + lost.count() + " × " + lost.piece() + " of " + lost.part();
            case StripEntry.Destroyed gone ->
                "destroyed " + gone.count() + " × " + gone.piece() + " of " + gone.part() + with(", ", gone.how());
            case StripEntry.MissingOnArrival missing ->
                "missing on arrival: " + missing.count() + " × " + missing.what() + with(", ", missing.where());
            case StripEntry.Surplus surplus ->
                "surplus: " + surplus.count() + " × " + surplus.what() + with(", kept in ", surplus.kept());
            case StripEntry.StateSet set -> "now " + set.state().label();
            case StripEntry.SpringLetDown down ->
                "let down " + down.spring() + turns(", ", down.turns()) + with(", ", down.remark());
            case StripEntry.SpringWound wound ->
                "wound " + wound.spring() + turns(", ", wound.turns()) + with(", ", wound.remark());
            case StripEntry.StuckTried tried ->
                "stuck " + tried.fastener() + " of " + tried.part() + ": "
                        + tried.rung().label() + (tried.freed() ? ", freed" : ", no luck") + with(", ", tried.remark())
                        + with(", agreed ", tried.agreed());
            case StripEntry.Moved moved ->
                moved.part() + " lies in "
                        + (moved.wells().isEmpty()
                                ? "no well now"
                                : moved.wells().stream().map(WellName::toString).collect(Collectors.joining(" "))
                                        + " now");
            case StripEntry.LeaveAlone alone -> "leave alone: " + alone.what() + with(", ", alone.why());
            case StripEntry.FoundAgain found ->
                "found again " + found.count() + " × " + found.piece() + " of " + found.part();
        };
    }

    private static String find(FindEntry entry) {
        return switch (entry) {
            case FindEntry.SymptomSeen seen -> "symptom: " + seen.what();
            case FindEntry.SuspectRaised raised -> "suspect: " + raised.suspect() + with(", ", raised.why());
            case FindEntry.SuspectCleared cleared -> "cleared " + cleared.suspect() + ": " + cleared.look();
            case FindEntry.CauseConfirmed cause -> "cause: " + cause.cause() + ", " + cause.evidence();
            case FindEntry.Found found -> "found " + found.what();
            case FindEntry.Looked looked ->
                "look: " + looked.words() + (looked.seen() ? ", so it is" : ", not so")
                        + (looked.sure() ? "" : ", as far as can be seen") + with(", ", looked.remark());
            case FindEntry.Foretold foretold ->
                "foretold: " + foretold.what() + " " + figure(foretold.expected()) + with(" ", foretold.unit());
            case FindEntry.Observed observed ->
                "seen of it: " + figure(observed.seen()) + with(", ", observed.remark());
            case FindEntry.SwapTried swap ->
                "swapped for a trial, " + swap.suspect() + ": " + swap.part() + " of " + swap.from()
                        + (swap.changed() ? ", changed" : ", no change") + with(": ", swap.seen());
            case FindEntry.Reopened reopened ->
                "reopened: " + reopened.was() + "; speaks for " + reopened.suspect() + ", " + reopened.why();
            case FindEntry.RootNamed root -> "root of " + root.cause() + ": " + root.root();
            case FindEntry.PatternRead read ->
                "the speeds say: " + read.sentence() + " "
                        + read.likely().stream()
                                .limit(3)
                                .map(one -> one.words() + " %.0f %%".formatted(100 * one.probability()))
                                .collect(Collectors.joining(", "));
        };
    }

    private static String treat(TreatEntry entry) {
        return switch (entry) {
            case TreatEntry.Cleaned cleaned ->
                "cleaned " + cleaned.part() + " with " + plain(cleaned.agent()) + " ("
                        + cleaned.verdict().label() + ")" + with(", ", cleaned.method()) + with(": ", cleaned.reason());
            case TreatEntry.RunDry run ->
                run.part() + " run dry: " + run.result().label() + with(", ", run.remark());
            case TreatEntry.CautionShown shown -> "caution shown: " + plain(shown.caution());
            case TreatEntry.WaitStarted wait ->
                "wait: " + wait.what()
                        + (wait.part() != null
                                        && wait.what().contains(wait.part().text())
                                ? ""
                                : part(", ", wait.part()))
                        + ", " + minutes(wait.minutes()) + with(", in the ", wait.station());
            case TreatEntry.WaitEnded ended -> "wait over" + with(": ", ended.remark());
            case TreatEntry.Mended mended ->
                "mended " + mended.part() + ": " + mended.what()
                        + (mended.modification() ? " (differs from factory)" : "")
                        + with(", agreed ", mended.agreed());
            case TreatEntry.Modified one ->
                one.part() + " " + one.how().label() + ": " + one.what()
                        + (one.takenMm() == null ? "" : ", " + figure(one.takenMm()) + " mm")
                        + with(", ", one.limit()) + with(": ", one.result())
                        + with("; past the line: ", one.pastReason())
                        + with(", agreed ", one.agreed());
            case TreatEntry.MadeOf one ->
                one.part() + " is of "
                        + one.materials().stream().map(EntryWords::plain).collect(Collectors.joining(", "));
            case TreatEntry.Probed one ->
                one.meter().label() + ", " + one.from() + " to " + one.to() + ": "
                        + (one.value() == null
                                ? "open"
                                : figure(one.value()) + " " + one.meter().unit())
                        + with(", ", one.remark());
            case TreatEntry.Lubricated oiled ->
                (oiled.part().key().equals(oiled.point().toLowerCase(Locale.ROOT)) ? "" : oiled.part() + ", ")
                        + oiled.point() + ": "
                        + (oiled.lubricant().equals("none") ? "left dry" : plain(oiled.lubricant()))
                        + with(", ", oiled.reason());
        };
    }

    private static String parts(PartsEntry entry) {
        return switch (entry) {
            case PartsEntry.NeedOpened need -> "needed for " + need.part() + ": " + need.what();
            case PartsEntry.NeedDropped need -> "no longer needed for " + need.part() + ": " + need.why();
            case PartsEntry.Replaced replaced ->
                "replaced " + replaced.part() + " from " + source(replaced)
                        + with(", ", replaced.pattern()) + (replaced.checked() ? ", checked" : ", not checked")
                        + with(", ", replaced.dimensions()) + with(", ", replaced.remark());
            case PartsEntry.FitSeen seen ->
                seen.part() + " of "
                        + (seen.from().fitsMany() ? "elsewhere" : seen.from().words()) + " "
                        + seen.outcome().label() + with(", ", seen.remark());
        };
    }

    private static String source(PartsEntry.Replaced replaced) {
        String kind = replaced.source().label();
        return replaced.from().equalsIgnoreCase(kind) ? kind : kind + " " + replaced.from();
    }

    private static String adjust(AdjustEntry entry) {
        return switch (entry) {
            case AdjustEntry.AdjusterDescribed one ->
                "can be adjusted: " + one.name() + ", in " + one.unit().label() + with(", held by ", held(one))
                        + with(", ", one.caution());
            case AdjustEntry.ResultDescribed one ->
                "to come right: " + one.name()
                        + (one.judged()
                                ? ", judged"
                                : ", " + figure(one.wanted()) + " ± " + figure(one.tolerance())
                                        + with(" ", one.unit()));
            case AdjustEntry.Turned one ->
                "turned " + one.adjuster() + " " + one.unit().signed(one.by()) + with(", ", one.remark());
            case AdjustEntry.ResultRead one ->
                one.result() + " reads " + figure(one.value()) + with(", ", one.remark());
            case AdjustEntry.ResultJudged one ->
                one.result() + ": " + Labelled.wordsOf(one.came()) + with(", ", one.remark());
        };
    }

    private static String held(AdjustEntry.AdjusterDescribed one) {
        return one.lock() == AdjusterLock.NONE ? "" : one.lock().label();
    }

    private static String figure(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? Long.toString(Math.round(value))
                : Double.toString(value);
    }

    private static String refit(RefitEntry entry) {
        return switch (entry) {
            case RefitEntry.Refitted back ->
                "put back " + back.part() + with(", although: ", back.overrideReason()) + with(", ", back.remark());
            case RefitEntry.TriedUnfixed tried ->
                "tried in its place, not fixed: " + tried.part() + with(", ", tried.remark());
            case RefitEntry.TrialAssembled trial ->
                "trial assembly: "
                        + joined(trial.parts().stream().map(PartName::text).toList()) + with(", ", trial.how());
            case RefitEntry.TrialUndone undone -> "trial assembly undone" + with(": ", undone.seen());
            case RefitEntry.LeftOut left -> "left out " + left.part() + ": " + left.reason();
            case RefitEntry.GateAdded gate -> "check before " + gate.part() + " goes on: " + gate.check();
            case RefitEntry.GateAnswered gate ->
                (gate.passed() ? "checked at " : "waived at ") + gate.part() + ": " + gate.check()
                        + with(", ", gate.reason());
        };
    }

    private static String exposure(double seconds) {
        return seconds >= 0.4
                ? String.format(Locale.ROOT, "%.2f s", seconds)
                : String.format(Locale.ROOT, "1/%.0f s", 1 / seconds);
    }

    private static String prove(ProveEntry entry) {
        return switch (entry) {
            case ProveEntry.FiringsTimed timed ->
                "%s, %s: %d firings timed"
                        .formatted(
                                timed.speed(),
                                timed.phase().label(),
                                timed.seconds().size());
            case ProveEntry.FiringsMeasured measured ->
                "%s, %s: %s on the stand"
                        .formatted(
                                measured.speed(),
                                measured.phase().label(),
                                measured.firings().size() == 1
                                        ? exposure(measured.firings().getFirst().seconds())
                                        : measured.firings().size() + " firings");
            case ProveEntry.SpeedGuessed guess ->
                "%s, %s, by ear: %s".formatted(guess.speed(), guess.phase().label(), guess.said());
            case ProveEntry.Fired fired -> (fired.good() ? "good firing" : "miss") + with(": ", fired.remark());
            case ProveEntry.FunctionProved proved ->
                proved.function() + " at return: " + proved.result().label() + with(", ", proved.remark());
        };
    }

    private static String handover(HandoverEntry entry) {
        return switch (entry) {
            case HandoverEntry.Advised advised -> "advice: " + advised.advice();
            case HandoverEntry.BatteryChosen battery -> "battery to use: " + battery.cell();
            case HandoverEntry.LeftOpen left -> "left open: " + left.what() + ", " + left.why();
            case HandoverEntry.Returned back -> "returned to " + back.to() + with(", ", back.remark());
        };
    }

    private static String turns(String lead, double turns) {
        if (turns == 0) {
            return "";
        }
        return lead + Turns.words(turns);
    }

    /** Minutes as a person says them: "30 min", "24 h", "1 h 30 min". */
    public static String minutes(long minutes) {
        long hours = minutes / 60;
        long rest = minutes % 60;
        if (hours == 0) {
            return rest + " min";
        }
        return rest == 0 ? hours + " h" : String.format(Locale.ROOT, "%d h %d min", hours, rest);
    }

    /** An id of a table as words: {@code fromTheTable} reads "from the table". */
    private static String plain(String id) {
        return id.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
    }

    private static String with(String lead, String text) {
        return text.isEmpty() ? "" : lead + text;
    }

    private static String part(String lead, PartName part) {
        return part == null ? "" : lead + part;
    }

    private static Stream<String> text(String text) {
        return text.isEmpty() ? Stream.empty() : Stream.of(text);
    }

    private static String joined(List<String> pieces) {
        return pieces.stream().collect(Collectors.joining(", "));
    }
}
