package ruvant.core.picture;

import java.time.LocalDate;
import java.util.UUID;
import ruvant.core.refit.NotYet;
import ruvant.core.trade.Stop;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** A step that can be taken at a camera now. {@link NextWords} says it in words. */
public sealed interface NextStep {
    /**
     * A wait ran out.
     *
     * @param part of which part; null for the whole camera
     */
    record WaitOver(Named what, PartName part) implements NextStep {}

    /**
     * Parts may go back.
     *
     * @param part the one to begin with
     * @param ready how many may
     */
    record PutBack(PartName part, int ready) implements NextStep {}

    /**
     * A cause is confirmed and nothing was done about it yet.
     *
     * @param calls what it calls for: clean, mend, adjust or part; empty where that is not known
     */
    record Treat(Named cause, String calls) implements NextStep {}

    /** Nothing is off yet and no speed was timed: afterwards there is nothing to compare with. */
    record TimeBefore() implements NextStep {}

    /** A part may go back once its checks are answered. */
    record CheckBefore(PartName part, NotYet.ChecksOpen checks) implements NextStep {}

    /**
     * A part is on, and a check at it can be made now, or failed.
     *
     * @param failed whether it was made and does not hold
     */
    record CheckNow(PartName part, Named check, boolean failed, String seen) implements NextStep {}

    /** A suspect is open. */
    record LookAt(Named suspect, String why) implements NextStep {}

    /** Parts are off, and no symptom is noted. */
    record SayWhatIsWrong() implements NextStep {}

    /** A symptom is noted, and nobody is suspected. */
    record RaiseSuspect() implements NextStep {}

    /** Something was turned, and nothing was fired since. */
    record MeasureTurn(Named adjuster) implements NextStep {}

    /** No function was tried yet. */
    record TryFunctions() implements NextStep {}

    /**
     * Nothing is off yet.
     *
     * @param agreed the first thing that is to be done; null where nothing was agreed
     */
    record Open(Named agreed) implements NextStep {}

    /** All is back, and not yet proved. */
    record FireThrough(int inARow, int wanted) implements NextStep {}

    /**
     * All is back and the streak is fired, but something was not tried since.
     *
     * @param open speeds timed before and functions that worked at intake
     */
    record ProveRest(int open) implements NextStep {}

    /** All is back and proved. */
    record WriteSheet() implements NextStep {}

    /**
     * A part is needed and not found yet.
     *
     * @param wanted what is looked for
     * @param what more of it; may be empty
     */
    record FindPart(PartName wanted, String what) implements NextStep {}

    /** Something is to be decided. */
    record Decide(String what) implements NextStep {}

    /**
     * All is in, and agreed work was neither done nor left.
     *
     * @param first of it
     * @param open how many
     */
    record SettleAgreed(Named first, int open) implements NextStep {}

    /**
     * A place at a part is empty, and nobody has said what becomes of it.
     *
     * @param words what is missing, and where
     */
    record FillPlace(PartName part, String words) implements NextStep {}

    /** The work waits for a tool. */
    record GetTool(String tool, String remark) implements NextStep {}

    /**
     * What the owner allowed is spent, or will not do.
     *
     * @param spentMinor so far
     * @param leftMinor still estimated
     * @param over whether it is spent already
     */
    record OverLimit(long spentMinor, long leftMinor, long limitMinor, String currency, boolean over)
            implements NextStep {}

    /**
     * The owner was asked something and has not answered.
     *
     * @param asked id of the question
     * @param days since it was asked last
     * @param due whether it is time to ask again
     */
    record OwnerAnswers(UUID asked, String question, int days, boolean due) implements NextStep {}

    /**
     * The owner was told to collect it.
     *
     * @param told on which day
     * @param until it is kept
     * @param overdue whether that is over
     */
    record Collect(LocalDate told, LocalDate until, boolean overdue) implements NextStep {}

    /** The stop at which it is taken. */
    default Stop stop() {
        return switch (this) {
            case WaitOver wait -> Stop.CLEAN;
            case PutBack back -> Stop.REFIT;
            case Treat treat -> treat.calls().equals("clean") ? Stop.CLEAN : Stop.MEND;
            case TimeBefore time -> Stop.INTAKE;
            case CheckBefore check -> Stop.REFIT;
            case CheckNow check -> Stop.REFIT;
            case LookAt suspect -> Stop.FIND;
            case SayWhatIsWrong say -> Stop.FIND;
            case RaiseSuspect raise -> Stop.FIND;
            case MeasureTurn turn -> Stop.PROVE;
            case TryFunctions all -> Stop.INTAKE;
            case Open open -> Stop.STRIP;
            case FireThrough fire -> Stop.PROVE;
            case ProveRest rest -> Stop.PROVE;
            case WriteSheet sheet -> Stop.RETURN;
            case FindPart need -> Stop.MEND;
            case Decide decide -> Stop.INTAKE;
            case SettleAgreed agreed -> Stop.RETURN;
            case FillPlace place -> Stop.REFIT;
            case GetTool tool -> Stop.MEND;
            case OverLimit limit -> Stop.INTAKE;
            case OwnerAnswers asked -> Stop.INTAKE;
            case Collect collect -> Stop.RETURN;
        };
    }

    /** 0 first: what ran out, then what is ready, then what is open, then what begins. */
    default int urgency() {
        return switch (this) {
            case WaitOver wait -> 0;
            case Treat treat -> 1;
            case PutBack back -> 1;
            case CheckBefore check -> 1;
            case CheckNow check -> 1;
            case MeasureTurn turn -> 1;
            case LookAt suspect -> 2;
            case FireThrough fire -> 2;
            case ProveRest rest -> 2;
            case WriteSheet sheet -> 2;
            case FindPart need -> 2;
            case Decide decide -> 2;
            case SettleAgreed agreed -> 3;
            case FillPlace place -> 2;
            case GetTool tool -> 3;
            case OverLimit limit -> limit.over() ? 0 : 1;
            case OwnerAnswers asked -> asked.due() ? 1 : 3;
            case Collect collect -> collect.overdue() ? 1 : 3;
            case SayWhatIsWrong say -> 3;
            case RaiseSuspect raise -> 3;
            case TryFunctions all -> 3;
            case TimeBefore time -> 3;
            case Open open -> 3;
        };
    }
}
