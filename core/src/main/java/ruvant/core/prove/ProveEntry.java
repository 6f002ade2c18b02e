package ruvant.core.prove;

import java.util.List;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.FiringSource;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.Phase;
import ruvant.core.trade.StandSetup;
import ruvant.core.trade.Stop;
import ruvant.core.trade.Tried;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;

/** Numbers that show it works, and keeps working. */
public sealed interface ProveEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.PROVE;
    }

    /**
     * Firings at one marked speed.
     *
     * @param speed as engraved, such as "1/125"
     * @param seconds measured exposures, each above 0 and at most 120 s
     * @param afterRest whether the first of them was the first after a rest
     */
    record FiringsTimed(
            String speed, Phase phase, Attitude attitude, String instrument, List<Double> seconds, boolean afterRest)
            implements ProveEntry {
        public FiringsTimed {
            speed = Check.name("speed", speed);
            Check.chosen("phase", phase);
            attitude = Check.or(attitude, Attitude.LEVEL);
            instrument = Check.optionalName("instrument", instrument);
            seconds = Check.some("firings", seconds, 100);
            if (seconds.isEmpty()) {
                throw new FieldProblem("firings", "There are no firings.", "Enter the times, such as 1/58 1/61 1/60.");
            }
            seconds.forEach(one -> Check.within("exposure", one, 1e-5, 120, "s"));
        }
    }

    /**
     * Firings that the stand measured.
     *
     * @param speed as engraved, such as "1/125"
     * @param setup how they were recorded
     * @param recording fingerprint under which the recording is kept, empty where it was not
     * @param analysis version of the analysis that measured them, at least 1
     * @param firings in the order fired, at least one
     * @param afterRest whether the first of them was the first after a rest
     * @param source where the figures came from
     */
    record FiringsMeasured(
            String speed,
            Phase phase,
            Attitude attitude,
            String instrument,
            StandSetup setup,
            String recording,
            int analysis,
            List<MeasuredFiring> firings,
            boolean afterRest,
            FiringSource source)
            implements ProveEntry {
        private static final String FINGERPRINT = "[0-9a-f]{64}\\.(wav|csv)|";

        public FiringsMeasured {
            speed = Check.name("speed", speed);
            Check.chosen("phase", phase);
            attitude = Check.or(attitude, Attitude.LEVEL);
            instrument = Check.optionalName("instrument", instrument);
            Check.chosen("setup", setup);
            recording = Check.optionalName("recording", recording);
            if (!recording.matches(FINGERPRINT)) {
                throw new FieldProblem(
                        "recording", "“" + recording + "” is not a recording stored here.", "Record it again.");
            }
            Check.count("analysis", analysis, 1, 10_000);
            firings = Check.some("firings", firings, 100);
            if (firings.isEmpty()) {
                throw new FieldProblem("firings", "There are no firings.", "Fire at least once.");
            }
            source = Check.or(source, FiringSource.UNKNOWN);
        }
    }

    /**
     * What an ear makes of a speed, said before it is measured.
     *
     * @param said in the person's own words
     * @param errorEv what that means, stops, positive for slow, -6 to 6
     * @param lowEv the least it can be by those words, stops; null where the words give one figure
     * @param highEv the most it can be by those words, stops; null where the words give one figure
     */
    record SpeedGuessed(
            String speed,
            Phase phase,
            String said,
            double errorEv,
            @MayBeNull Double lowEv,
            @MayBeNull Double highEv) implements ProveEntry {
        /** Words that give one figure. */
        public SpeedGuessed(String speed, Phase phase, String said, double errorEv) {
            this(speed, phase, said, errorEv, null, null);
        }

        public SpeedGuessed {
            speed = Check.name("speed", speed);
            Check.chosen("phase", phase);
            said = Check.name("guess", said);
            Check.within("errorEv", errorEv, -6, 6, "EV");
            Check.optionalWithin("lowEv", lowEv, -12, 12, "EV");
            Check.optionalWithin("highEv", highEv, -12, 12, "EV");
        }
    }

    /** One firing of a full cycle, without a time: it went through, or it missed. */
    record Fired(boolean good, String remark) implements ProveEntry {
        public Fired {
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * Several firings of a full cycle one after another, without times.
     *
     * @param good how many went through, 0 to 999
     * @param missed how many did not, 0 to 999
     * @param missesFirst whether the misses came before the good ones; else they end the row
     * @param speed at which marked speed; empty for any or not said
     */
    record FiredRow(int good, int missed, boolean missesFirst, String speed, String remark) implements ProveEntry {
        public FiredRow {
            Check.count("good", good, 0, 999);
            Check.count("missed", missed, 0, 999);
            speed = Check.optionalName("speed", speed);
            remark = Check.optionalRemark("remark", remark);
            if (good + missed == 0) {
                throw new FieldProblem(
                        "good", "No firing is counted.", "Enter how many went well, and how many missed.");
            }
        }
    }

    /**
     * A function was tried after the work.
     *
     * @param tried how it was tried; null where nobody said
     */
    record FunctionProved(
            Named function,
            FunctionResult result,
            String remark,
            @MayBeNull Tried tried) implements ProveEntry {
        /** One of which nobody said how it was tried. */
        public FunctionProved(Named function, FunctionResult result, String remark) {
            this(function, result, remark, null);
        }

        /** One that is only called so. */
        public FunctionProved(String function, FunctionResult result, String remark) {
            this(Named.of(function), result, remark);
        }

        public FunctionProved {
            function = Named.in("function", function);
            Check.chosen("result", result);
            remark = Check.optionalRemark("remark", remark);
        }
    }
}
