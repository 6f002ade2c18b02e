package ruvant.core.refit;

import java.time.Instant;
import java.util.List;
import ruvant.core.strip.InTheWay;
import ruvant.core.trade.MechanismState;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** The first thing that stands against putting a part back. {@link NotYetWords} says it in words. */
public sealed interface NotYet {
    /** What lies under it is out still. */
    record InnerStillOut(InTheWay way) implements NotYet {}

    /** What lies over it is back already. */
    record ClosedIn(InTheWay way) implements NotYet {}

    /**
     * Something dries, soaks or sets.
     *
     * @param on the part that waits: this one, or one that lies under it
     * @param itself whether it is this one
     */
    record WaitRuns(Named what, PartName on, boolean itself, Instant until) implements NotYet {}

    /** A part is missing here or under it. */
    record PartNeeded(String what) implements NotYet {}

    /** A piece of it is not there, and nothing took its place. */
    record PieceGone(String piece, int count, How how) implements NotYet {
        /** How it came to be gone. */
        public enum How {
            LOST("Lost"),
            DESTROYED("Destroyed"),
            MISSING_ON_ARRIVAL("Missing on arrival"),
            LEFT_EMPTY("Empty since it was last put back");

            private final String words;

            How(String words) {
                this.words = words;
            }

            /** The same in words. */
            public String words() {
                return words;
            }
        }
    }

    /**
     * The camera is together for a trial only.
     *
     * @param how it is held together; may be empty
     */
    record TrialOn(String how) implements NotYet {}

    /**
     * The mechanism stands otherwise than it must.
     *
     * @param byMark whether its mark holds in that state, and not the part itself
     */
    record StateWrong(MechanismState wanted, MechanismState now, boolean byMark) implements NotYet {}

    /** It closes over everything, and not every piece is accounted for. */
    record PiecesUnaccounted(List<String> missing) implements NotYet {}

    /**
     * It has its turn in a procedure, and another step comes first.
     *
     * @param number of that step, from 1
     */
    record StepsFirst(Named procedure, int number, String step) implements NotYet {}

    /**
     * Checks are not answered: before the part goes on, or at one under it that can be reached only until then.
     *
     * @param at the part where they are made
     * @param itself whether it is this one
     * @param first the one to answer next
     * @param open how many there are
     */
    record ChecksOpen(PartName at, boolean itself, Named first, int open) implements NotYet {}

    /**
     * A check was made and does not hold.
     *
     * @param at the part where it was made
     * @param itself whether it is this one
     * @param seen what was seen instead
     */
    record CheckFailed(PartName at, boolean itself, Named check, String seen) implements NotYet {}

    /** Its kind alone. */
    default RefitAnswer.Against against() {
        return switch (this) {
            case InnerStillOut inner -> RefitAnswer.Against.INNER_STILL_OUT;
            case ClosedIn closed -> RefitAnswer.Against.CLOSED_IN;
            case WaitRuns wait -> RefitAnswer.Against.WAIT_RUNS;
            case PartNeeded need -> RefitAnswer.Against.PART_NEEDED;
            case PieceGone piece -> RefitAnswer.Against.PIECE_LOST;
            case TrialOn trial -> RefitAnswer.Against.TRIAL_ON;
            case StateWrong state -> RefitAnswer.Against.STATE_WRONG;
            case PiecesUnaccounted pieces -> RefitAnswer.Against.PIECES_UNACCOUNTED;
            case StepsFirst steps -> RefitAnswer.Against.STEPS_FIRST;
            case ChecksOpen checks -> RefitAnswer.Against.CHECKS_OPEN;
            case CheckFailed failed -> RefitAnswer.Against.CHECK_FAILED;
        };
    }
}
