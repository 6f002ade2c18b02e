package ruvant.core.job;

import java.util.List;
import ruvant.core.log.Effect;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.OldPiece;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** What an entry of a job does beyond its own room. */
public sealed interface JobEffect extends Effect {
    /** Effects that say no more than that they are. */
    enum Plain implements JobEffect {
        /** The mechanism is not what it was: what it did before proves nothing any more. */
        PROOFS_VOID,
        /** Other work than a turn was done on it: what was measured before says nothing of it now. */
        READINGS_VOID,
        /** Something was done between one firing and the next that may have changed how it fires. */
        WORK_BETWEEN_FIRINGS,
        /** The next camera of the model learns from it at once. */
        MODEL_TAUGHT,
        /** It tells how well an ear judged, now or with what is measured after it. */
        EARS_JUDGED,
        /** It tells what cameras need, or what was tried to fit. */
        PARTS_TOLD,
        /** It changes the words by which the job is found. */
        FOUND_BY_OTHER_WORDS,
        /** It says nothing about what was done to the camera last. */
        IN_PASSING,
        /** It belongs to no stop. */
        AT_NO_STOP,
        /** It belongs to a stop, but work does not go on there because of it. */
        BESIDE_THE_WORK,
        /** It may be said of a camera that is no longer in the shop. */
        SAID_AFTER_RETURN_TOO
    }

    /**
     * Another piece took a part's place.
     *
     * @param old where the old one went
     */
    record PieceReplaced(PartName part, OldPiece old) implements JobEffect {}

    /**
     * A marked speed was fired.
     *
     * @param speed as engraved
     * @param seconds exposures, in the order fired
     * @param curtains what the curtains did at each firing at which that was seen, in the order fired
     * @param simulated whether no camera was fired
     */
    record SpeedFired(
            String speed,
            Attitude attitude,
            List<Double> seconds,
            boolean afterRest,
            List<MeasuredFiring.CurtainTimes> curtains,
            boolean simulated)
            implements JobEffect {}

    /**
     * A place at a part was filled with another piece.
     *
     * @param piece which place: a fastener's type, a loose part's name
     */
    record PieceFitted(PartName part, String piece, int count) implements JobEffect {}

    /** An adjuster was turned: what it moves is not what it was. */
    record AdjusterTurned(Named adjuster) implements JobEffect {}

    /** A part came off. */
    record TakenOff(PartName part) implements JobEffect {}

    /** A part is back on. */
    record PutBack(PartName part) implements JobEffect {}
}
