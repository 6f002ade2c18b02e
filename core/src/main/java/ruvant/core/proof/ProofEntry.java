package ruvant.core.proof;

import java.util.List;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;

/** Acceptance tests beside speeds, firings in a row and functions. */
public sealed interface ProofEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.PROVE;
    }

    /**
     * One reading of a proof.
     *
     * @param at what it was tried at, such as the light in EV or the distance in metres; null where the proof has none
     * @param value what was read, in the unit of the proof
     */
    record ProofReading(@MayBeNull Double at, double value) {
        private static final double MOST = 1e6;

        public ProofReading {
            Check.optionalWithin("at", at, -MOST, MOST, "");
            Check.within("value", value, -MOST, MOST, "");
        }
    }

    /**
     * A proof was made.
     *
     * @param proof which, by its id in the list of proofs
     * @param passed what whoever made it says; null where the readings decide
     * @param readings in the order taken; none where only the word counts
     */
    record ProofMade(Named proof, @MayBeNull Boolean passed, List<ProofReading> readings, String remark)
            implements ProofEntry {
        private static final int MOST = 400;

        public ProofMade {
            proof = Named.in("proof", proof);
            readings = Check.some("readings", readings, MOST);
            remark = Check.optionalRemark("remark", remark);
            if (passed == null && readings.isEmpty()) {
                throw new FieldProblem(
                        "readings", "There is no reading.", "Enter what was read, or whether it passed.");
            }
        }
    }

    /**
     * What is wrong with one frame.
     *
     * @param frame its number, from 1
     * @param speed at which it was taken; null or empty where nobody knows
     */
    record FrameSeen(int frame, FrameFault fault, @MayBeNull String speed, String remark) {
        public FrameSeen {
            Check.count("frame", frame, 1, 400);
            Check.chosen("fault", fault);
            speed = speed == null ? null : Check.optionalName("speed", speed);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * A test film was developed.
     *
     * @param frames how many there are on it, 1 to 400
     * @param counter what the counter showed after the last; null where nobody looked
     * @param faults frames that are not as they should be
     * @param gapsMm widths of the gaps between frames, in their order; below 0 where two overlap; none where not measured
     */
    record FilmDeveloped(
            int frames, @MayBeNull Integer counter, List<FrameSeen> faults, List<Double> gapsMm, String remark)
            implements ProofEntry {
        private static final int MOST = 400;

        public FilmDeveloped {
            Check.count("frames", frames, 1, MOST);
            if (counter != null) {
                Check.count("counter", counter, 0, MOST);
            }
            faults = Check.some("faults", faults, MOST);
            gapsMm = Check.some("gaps", gapsMm, MOST);
            gapsMm.forEach(gap -> Check.within("gap", gap, -100, 100, "mm"));
            for (FrameSeen seen : faults) {
                if (seen.frame() > frames) {
                    throw new FieldProblem(
                            "faults",
                            "Frame " + seen.frame() + " is not on a film of " + frames + " frames.",
                            "Check the number of the frame.");
                }
            }
            remark = Check.optionalRemark("remark", remark);
        }
    }
}
