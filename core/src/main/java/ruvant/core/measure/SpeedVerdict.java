package ruvant.core.measure;

/**
 * Whether a speed is within tolerance, as far as its firings tell.
 *
 * @param fireMore firings that will probably settle it; 0 when settled or when no reasonable number would
 * @param straddles not settled by {@value #MOST_FIRINGS} firings: it sits on the limit
 */
public record SpeedVerdict(Kind kind, int fireMore, boolean straddles) {
    /** Confidence on which a verdict is called; wider than what is shown, because it is looked at after every firing. */
    public static final double CONFIDENCE = 0.98;

    /** Nobody fires a speed more often than this to have it settled. */
    static final int MOST_FIRINGS = 20;
    /** Quantile of the scatter used to plan: with the plain estimate one plan in three is too short. */
    private static final double UPPER_SCATTER = 0.80;

    /** The verdicts there are. */
    public enum Kind {
        IN,
        OUT,
        NOT_YET_KNOWN
    }

    /**
     * Judges a run: in when the whole 98 % interval lies inside, out when it lies wholly outside.
     *
     * @param toleranceEv allowed |bias|, above 0
     */
    public static SpeedVerdict of(RunStatistics run, double toleranceEv) {
        double half = run.halfWidthEv(CONFIDENCE);
        double size = Math.abs(run.biasEv());
        if (size + half <= toleranceEv) {
            return new SpeedVerdict(Kind.IN, 0, false);
        }
        if (size - half > toleranceEv) {
            return new SpeedVerdict(Kind.OUT, 0, false);
        }
        return notYet(run, Math.abs(toleranceEv - size));
    }

    private static SpeedVerdict notYet(RunStatistics run, double distanceEv) {
        if (run.firings() < 2) {
            return new SpeedVerdict(Kind.NOT_YET_KNOWN, 2, false);
        }
        double scatter = Math.max(RunStatistics.LEAST_SCATTER_EV, upperScatter(run));
        for (int firings = run.firings() + 1; firings <= MOST_FIRINGS; firings++) {
            if (RunStatistics.halfWidthEv(CONFIDENCE, firings, scatter) <= distanceEv) {
                return new SpeedVerdict(Kind.NOT_YET_KNOWN, firings - run.firings(), false);
            }
        }
        return new SpeedVerdict(Kind.NOT_YET_KNOWN, 0, true);
    }

    /** Upper bound of the scatter: s·√((n−1)/χ²), χ² at the lower 20 % point with n − 1 degrees of freedom. */
    private static double upperScatter(RunStatistics run) {
        int freedom = run.firings() - 1;
        double chiSquare = Quantiles.chiSquare(freedom, 1 - UPPER_SCATTER);
        return run.scatterEv() * Math.sqrt(freedom / chiSquare);
    }
}
