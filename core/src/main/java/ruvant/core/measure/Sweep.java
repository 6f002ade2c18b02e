package ruvant.core.measure;

import java.util.ArrayList;
import java.util.List;

/**
 * Which speed each firing of a recording belongs to, where the dial was turned in between. Slow springs and stiff grease
 * shift whole stretches of a dial, so the order in which it was turned says more than the nearest speed does.
 */
public final class Sweep {
    /** A firing this far off costs as much as any: it hung up. */
    private static final double FAR_EV = 1.5;

    /** So much it costs to fire a speed once more or less often than was said, in squared stops. */
    private static final double OTHER_COUNT = 0.4;

    /** Marked speeds lie a stop apart: nearer than half of that, one cannot be the next. */
    private static final double SURE_WITHIN_EV = 0.45;

    private Sweep() {}

    /**
     * What is proposed for a firing.
     *
     * @param speed its place in the list of speeds
     * @param errorEv against that speed, stops
     * @param sure whether no neighbouring speed is nearly as likely
     */
    public record Proposed(int speed, double errorEv, boolean sure) {}

    /** Each firing's nearest speed, for a dial that was turned in no order. */
    public static List<Proposed> nearest(List<Double> seconds, List<Double> nominalSeconds) {
        List<Proposed> proposed = new ArrayList<>();
        for (double one : seconds) {
            int best = 0;
            for (int speed = 1; speed < nominalSeconds.size(); speed++) {
                if (Math.abs(error(one, nominalSeconds.get(speed))) < Math.abs(error(one, nominalSeconds.get(best)))) {
                    best = speed;
                }
            }
            double error = error(one, nominalSeconds.get(best));
            proposed.add(new Proposed(best, error, Math.abs(error) < SURE_WITHIN_EV));
        }
        return proposed;
    }

    /**
     * For a dial that was turned through the speeds in their order, each fired about as often: the cheapest way to go on
     * through the speeds without going back, errors counted as squares.
     *
     * @param nominalSeconds in the order turned, at least one
     * @param each how often each was fired, at least 1
     */
    public static List<Proposed> inOrder(List<Double> seconds, List<Double> nominalSeconds, int each) {
        int firings = seconds.size();
        int speeds = nominalSeconds.size();
        double[][] least = new double[firings + 1][speeds + 1];
        int[][] taken = new int[firings + 1][speeds + 1];
        for (int done = 0; done <= firings; done++) {
            for (int speed = 0; speed <= speeds; speed++) {
                if (speed == 0) {
                    least[done][0] = done == 0 ? 0 : Double.POSITIVE_INFINITY;
                    continue;
                }
                least[done][speed] = Double.POSITIVE_INFINITY;
                double cost = 0;
                for (int here = 0; here <= done; here++) {
                    if (here > 0) {
                        cost += square(error(seconds.get(done - here), nominalSeconds.get(speed - 1)));
                    }
                    double all = least[done - here][speed - 1] + cost + OTHER_COUNT * Math.abs(here - each);
                    if (all < least[done][speed]) {
                        least[done][speed] = all;
                        taken[done][speed] = here;
                    }
                }
            }
        }
        Proposed[] proposed = new Proposed[firings];
        int done = firings;
        for (int speed = speeds; speed > 0; speed--) {
            for (int here = taken[done][speed]; here > 0; here--) {
                done--;
                double error = error(seconds.get(done), nominalSeconds.get(speed - 1));
                proposed[done] = new Proposed(speed - 1, error, Math.abs(error) < 1);
            }
        }
        return List.of(proposed);
    }

    private static double error(double seconds, double nominal) {
        return Math.log(seconds / nominal) / Math.log(2);
    }

    private static double square(double errorEv) {
        double kept = Math.min(FAR_EV, Math.abs(errorEv));
        return kept * kept;
    }
}
