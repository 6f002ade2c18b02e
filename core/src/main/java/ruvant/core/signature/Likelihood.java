package ruvant.core.signature;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * How well a shutter as it may be explains what was fired, as the logarithm of a likelihood. Means have heavy tails, so
 * that one odd speed does not decide; the variance of a run is compared as a ratio of variances, so that a scatter known
 * from five firings counts for as little as it tells.
 */
final class Likelihood {
    /** What about a speed can speak for a cause. */
    enum Feature {
        LEVEL("error"),
        ACROSS("exposure across the gate"),
        SCATTER("scatter"),
        HANGS("count of firings that hang or fall short"),
        LENS_DOWN("lens down"),
        AFTER_REST("first firing after a rest");

        final String words;

        Feature(String words) {
            this.words = words;
        }
    }

    /** No cam and no dial is made better than this, each speed by itself, stops. */
    private static final double MAKE_EV = 0.085;

    /** What no shutter is made better than across its gate, stops. */
    private static final double MAKE_ACROSS_EV = 0.03;

    /** A diode's own scatter from firing to firing, against its neighbours. */
    private static final double SENSOR_EV = 0.006;

    /** Across the gate the curtains' paths differ from their law by this much, seconds. */
    private static final double PATH_SECONDS = 0.00008;

    /** What holding the camera otherwise changes without a fault, stops. */
    private static final double HELD_EV = 0.05;

    /** Freedom of the heavy-tailed means. */
    private static final double TAILS = 4;

    /** How well the scatter of a cause is predicted, as degrees of freedom. */
    static final double FORETOLD = 6;

    /** How well a maker's travel time and the stand's agree. */
    static final double TRAVEL_LOG2 = 0.05;

    /** Below this, stops, a scatter is the stand's own. */
    static final double LEAST_SCATTER = 0.004;

    private final List<Seen> seen;
    private final List<Seen> whole;
    private final CurtainTravel travel;

    /** What so many of the slowest speeds can add at most. */
    private final double[] atMost;

    private final double[] parts = new double[Feature.values().length];
    private final double[] wholeParts = new double[Feature.values().length];

    /**
     * What is far out is either a firing that hung or fell short, or belongs to a shutter that scatters as much: whichever a
     * shutter as it may be explains better.
     *
     * @param seen with what is far out left aside
     * @param whole the same firings, none left aside
     */
    Likelihood(List<Seen> seen, List<Seen> whole, CurtainTravel travel) {
        this.seen = seen;
        this.whole = whole;
        this.travel = travel;
        atMost = new double[seen.size() + 1];
        for (int s = 0; s < seen.size(); s++) {
            atMost[s + 1] = atMost[s] + atMost(seen.get(s), whole.get(s));
        }
    }

    /**
     * The logarithm of the likelihood.
     *
     * @param counts less than this need not be known exactly; as soon as it cannot be reached, something less is returned
     */
    double of(Draw draw, double counts) {
        double log = travel(draw);
        // the fast speeds first: they tell most causes apart
        for (int s = seen.size() - 1; s >= 0 && log >= counts - atMost[s + 1]; s--) {
            log += sum(parts(draw, s));
        }
        return log;
    }

    /** No shutter explains a speed better than that. */
    private static double atMost(Seen one, Seen all) {
        double sum = -Math.log(MAKE_EV) - (one.places().length - 1) * Math.log(MAKE_ACROSS_EV);
        sum -= one.lensDown().firings() == 0 ? 0 : Math.log(HELD_EV);
        sum -= Double.isNaN(one.firstEv()) ? 0 : Math.log(HELD_EV);
        return one.strays().all() == 0
                ? sum
                : sum + Math.max(Density.ofStrays(one) + Density.ofRun(one), Density.ofRun(all));
    }

    /** What the curtains' travel adds. */
    double travel(Draw draw) {
        return draw.curtains == null
                ? 0
                : travel(travel.leadingLog2(), draw.leadingLog2()) + travel(travel.trailingLog2(), draw.trailingLog2());
    }

    private static double travel(Optional<Double> measured, double expected) {
        return measured.map(log2 -> mean(log2 - expected, TRAVEL_LOG2)).orElse(0.0);
    }

    /** What each feature of one speed adds, in their order; overwritten at the next call. */
    double[] parts(Draw draw, int speed) {
        Seen one = seen.get(speed);
        Draw.Expected expected = draw.at(speed, one.places());
        fill(parts, one, expected);
        if (one.strays().all() == 0) {
            return parts;
        }
        fill(wholeParts, whole.get(speed), expected);
        parts[Feature.HANGS.ordinal()] += Density.ofStrays(one) + Density.ofRun(one);
        wholeParts[Feature.HANGS.ordinal()] += Density.ofRun(whole.get(speed));
        return sum(wholeParts) > sum(parts) ? wholeParts : parts;
    }

    private static double sum(double[] parts) {
        double sum = 0;
        for (double part : parts) {
            sum += part;
        }
        return sum;
    }

    private static void fill(double[] parts, Seen one, Draw.Expected expected) {
        Arrays.fill(parts, 0);
        int n = one.level().counted();
        if (n > 0) {
            double error2 = expected.scatterEv() * expected.scatterEv() / n;
            parts[Feature.LEVEL.ordinal()] =
                    mean(one.level().ev() - expected.levelEv(), Math.sqrt(error2 + MAKE_EV * MAKE_EV));
            parts[Feature.ACROSS.ordinal()] = across(one, expected);
            parts[Feature.SCATTER.ordinal()] = n < 2 ? 0 : scatters(one, expected, n - 1);
            parts[Feature.LENS_DOWN.ordinal()] = one.lensDown().firings() == 0
                    ? 0
                    : held(
                            one.lensDown().ev() - expected.downEv(),
                            error2 + error2 * n / one.lensDown().firings());
            parts[Feature.AFTER_REST.ordinal()] =
                    Double.isNaN(one.firstEv()) ? 0 : held(one.firstEv() - expected.firstEv(), error2 + error2 * n);
        }
        int right = one.strays().tried() - one.strays().hung() - one.strays().dropped();
        parts[Feature.HANGS.ordinal()] = one.strays().hung() * Math.log(expected.hangs())
                + one.strays().dropped() * Math.log(expected.drops())
                + right * Math.log(Math.max(0.05, 1 - expected.hangs() - expected.drops()));
    }

    private static double held(double off, double error2) {
        return mean(off, Math.sqrt(error2 + HELD_EV * HELD_EV));
    }

    private static double scatters(Seen one, Draw.Expected expected, int freedom) {
        double log = scatter(one.level().scatterEv(), expected.scatterEv(), freedom);
        return one.places().length == 1
                ? log
                : log
                        + scatter(
                                one.contrast().scatterEv(),
                                Math.hypot(SENSOR_EV, expected.contrastScatterEv()),
                                freedom);
    }

    private static double across(Seen one, Draw.Expected expected) {
        double log = 0;
        double path = PATH_SECONDS
                / (one.nominalSeconds() * Math.pow(2, Math.max(-2, one.level().ev())) * Math.log(2));
        double own = expected.contrastScatterEv()
                * expected.contrastScatterEv()
                / one.level().counted();
        double spread = Math.sqrt(own + MAKE_ACROSS_EV * MAKE_ACROSS_EV + path * path);
        // their sum is nothing, so the last one says nothing new
        for (int k = 0; k + 1 < one.places().length; k++) {
            log += mean(one.contrast().ev()[k] - expected.contrastEv()[k], spread);
        }
        return log;
    }

    /** Student's density, less what all causes share. */
    private static double mean(double off, double spread) {
        double z = off / spread;
        return -Math.log(spread) - (TAILS + 1) / 2 * Math.log(1 + z * z / TAILS);
    }

    /** The ratio of variances has Fisher's distribution, less what all causes share. */
    private static double scatter(double measured, double expected, int freedom) {
        double ratio = (measured * measured + LEAST_SCATTER * LEAST_SCATTER)
                / (expected * expected + LEAST_SCATTER * LEAST_SCATTER);
        return freedom / 2.0 * Math.log(ratio) - (freedom + FORETOLD) / 2 * Math.log(1 + freedom * ratio / FORETOLD);
    }
}
