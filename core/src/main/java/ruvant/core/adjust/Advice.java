package ruvant.core.adjust;

import java.util.List;

/**
 * What to do next.
 *
 * @param next setting of each adjuster, turns from first found; as it stands where nothing is to be turned
 * @param predicted expected error of each result there
 * @param predictedSd how sure that is, one standard deviation, measuring left aside
 * @param probabilityInTolerance chance that all results are within tolerance there
 * @param worstNow expected worst error as it stands, as a part of its tolerance
 * @param worstThere the same there
 * @param why in words, with the numbers it came from
 */
public record Advice(
        Verdict verdict,
        List<Double> next,
        List<Double> predicted,
        List<Double> predictedSd,
        double probabilityInTolerance,
        double worstNow,
        double worstThere,
        String why) {
    /** The kinds of advice. */
    public enum Verdict {
        TURN("turn"),
        STOP_IN_TOLERANCE("stopInTolerance"),
        STOP_BEST_COMPROMISE("stopBestCompromise"),
        FIRE_MORE("fireMore"),
        RESPONSE_NOT_AS_EXPECTED("responseNotAsExpected");

        private final String key;

        Verdict(String key) {
            this.key = key;
        }

        /** Its fixed name for programs. */
        public String key() {
            return key;
        }
    }
}
