package ruvant.core.adjust;

import java.util.Optional;
import java.util.Random;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * What is believed of errors and responses after all trials: a Gaussian over the error of each result as first found, its
 * response to each adjuster, and what each adjuster's backlash is worth (Bayesian linear regression). Responses to one
 * adjuster hang together: its scale is one unknown, each result strays from it by itself.
 */
final class Belief {
    /** How much a scale may be off: with a deviation of 0.78 of itself its sign is wrong one time in ten. */
    private static final double SCALE_SPREAD = 0.78;

    /** Where not even the sign is supposed. */
    static final double UNSUPPOSED = 1.3;

    /**
     * Results move together with one adjuster to within about this part of themselves; what is left is each one's own.
     */
    private static final double OWN_SPREAD = 0.28;

    /** Backlash is supposed to be of about this part of the range. */
    private static final double BACKLASH_PART = 0.015;

    /** How much the responses to one adjuster stray together from what other cameras taught. */
    private static final double TOGETHER = 0.5;

    /** Responses bend: a trial far from here says less about here. */
    private static final double BENDS = 0.15;

    private final AdjustCase wanted;
    private final int adjusters;
    private final int results;
    private final RealVector mean;
    private final RealMatrix covariance;
    private final double[][] scale;

    private Belief(AdjustCase wanted, double[][] scale, RealVector mean, RealMatrix covariance) {
        this.wanted = wanted;
        this.adjusters = wanted.adjusters().size();
        this.results = wanted.results().size();
        this.scale = scale;
        this.mean = mean;
        this.covariance = covariance;
    }

    static Belief of(AdjustCase wanted) {
        double[][] scale =
                new double[wanted.adjusters().size()][wanted.results().size()];
        RealMatrix prior = prior(wanted, scale);
        RealVector mean = priorMean(wanted, scale);
        Belief belief = new Belief(wanted, scale, mean, prior);
        double[] before = null;
        boolean[] turnedBack = new boolean[belief.adjusters];
        for (Trial trial : wanted.trials()) {
            double[] turns =
                    trial.turns().stream().mapToDouble(Double::doubleValue).toArray();
            for (int i = 0; before != null && i < turns.length; i++) {
                turnedBack[i] = turns[i] == before[i] ? turnedBack[i] : turns[i] < before[i];
            }
            for (int j = 0; j < belief.results; j++) {
                if (trial.afterWork()) {
                    belief.forgetError(j);
                }
                if (Double.isFinite(trial.measured().get(j))) {
                    belief = belief.after(j, turns, turnedBack, trial.measured().get(j), wanted.sd(trial, j));
                }
            }
            before = turns;
        }
        return belief;
    }

    /** Unknowns of one result: its error as found, then response and backlash of each adjuster. */
    private int each() {
        return 1 + 2 * adjusters;
    }

    private static RealMatrix prior(AdjustCase wanted, double[][] scale) {
        int adjusters = wanted.adjusters().size();
        int results = wanted.results().size();
        int each = 1 + 2 * adjusters;
        RealMatrix prior = MatrixUtils.createRealMatrix(each * results, each * results);
        for (int i = 0; i < adjusters; i++) {
            Adjuster one = wanted.adjusters().get(i);
            double size = likelyScale(wanted, one);
            double largest = 0;
            for (int j = 0; j < results; j++) {
                scale[i][j] = size
                        * (one.relativeEffect().isEmpty()
                                ? wanted.results().get(j).tolerance() / meanTolerance(wanted)
                                : one.relativeEffect().get(j));
                largest = Math.max(
                        largest, Math.abs(scale[i][j]) / wanted.results().get(j).tolerance());
            }
            double spread = one.priorSign() == 0 ? UNSUPPOSED : SCALE_SPREAD;
            for (int j = 0; j < results; j++) {
                double largestHere = largest * wanted.results().get(j).tolerance();
                for (int k = 0; k < results; k++) {
                    double common =
                            one.relativeEffect().isEmpty() && j != k ? 0 : spread * spread * scale[i][j] * scale[i][k];
                    double own = j == k ? square(OWN_SPREAD) * square(Math.abs(scale[i][j]) + 0.3 * largestHere) : 0;
                    prior.setEntry(each * j + 1 + i, each * k + 1 + i, common + own);
                }
                double backlash = BACKLASH_PART * one.range() * largestHere;
                prior.setEntry(each * j + 1 + adjusters + i, each * j + 1 + adjusters + i, square(backlash));
            }
            taught(one, i, each, prior, scale[i]);
        }
        for (int j = 0; j < results; j++) {
            prior.setEntry(
                    each * j, each * j, square(100 * wanted.results().get(j).tolerance()));
        }
        return prior;
    }

    private static RealVector priorMean(AdjustCase wanted, double[][] scale) {
        int adjusters = wanted.adjusters().size();
        int each = 1 + 2 * adjusters;
        RealVector mean = new ArrayRealVector(each * wanted.results().size());
        for (int i = 0; i < adjusters; i++) {
            int sign = wanted.adjusters().get(i).priorSign();
            for (int j = 0; j < wanted.results().size(); j++) {
                Optional<Adjuster.Learned> learned = wanted.adjusters().get(i).learned(j);
                mean.setEntry(
                        each * j + 1 + i, learned.map(Adjuster.Learned::perTurn).orElse(sign * scale[i][j]));
            }
        }
        return mean;
    }

    /**
     * An adjuster is made so that a good part of its range mends what is usually wrong; that, and a unit of effect for a
     * turn, meet half way.
     */
    private static double likelyScale(AdjustCase wanted, Adjuster one) {
        double worst = 2;
        double strongest = 0;
        for (int j = 0; j < wanted.results().size(); j++) {
            double tolerance = wanted.results().get(j).tolerance();
            worst = Math.max(worst, wanted.first(j) / tolerance);
            double effect = one.relativeEffect().isEmpty()
                    ? tolerance / meanTolerance(wanted)
                    : Math.abs(one.relativeEffect().get(j));
            strongest = Math.max(strongest, effect / tolerance);
        }
        double byRange = worst / (0.25 * one.range()) / Math.max(1e-9, strongest);
        return one.relativeEffect().isEmpty() ? byRange : Math.sqrt(byRange);
    }

    private static double meanTolerance(AdjustCase wanted) {
        return wanted.results().stream()
                .mapToDouble(WantedResult::tolerance)
                .average()
                .orElseThrow();
    }

    /** What other cameras taught takes the place of what is supposed; one that answers strongly does so all over. */
    private static void taught(Adjuster one, int i, int each, RealMatrix prior, double[] scale) {
        for (int j = 0; j < scale.length; j++) {
            Optional<Adjuster.Learned> here = one.learned(j);
            if (here.isEmpty()) {
                continue;
            }
            for (int k = 0; k < scale.length; k++) {
                Optional<Adjuster.Learned> there = one.learned(k);
                double together = j == k
                        ? square(here.get().sd())
                        : there.map(other -> TOGETHER
                                        * here.get().sd()
                                        * other.sd()
                                        * Math.signum(here.get().perTurn() * other.perTurn()))
                                .orElse(0.0);
                prior.setEntry(each * j + 1 + i, each * k + 1 + i, together);
                prior.setEntry(each * k + 1 + i, each * j + 1 + i, together);
            }
            scale[j] = here.get().perTurn();
        }
    }

    private Belief after(int result, double[] turns, boolean[] turnedBack, double measured, double sd) {
        double[] row = row(result, turns, turnedBack);
        RealVector seen = new ArrayRealVector(row, false);
        RealVector gain = covariance.operate(seen);
        double noise = square(Math.max(sd, 1e-4 * wanted.results().get(result).tolerance())) + bent(result, turns);
        double total = gain.dotProduct(seen) + noise;
        double surprise = measured - mean.dotProduct(seen);
        RealVector better = mean.add(gain.mapMultiply(surprise / total));
        RealMatrix surer = covariance.subtract(gain.outerProduct(gain).scalarMultiply(1 / total));
        return new Belief(wanted, scale, better, surer);
    }

    /** Other work moved the results by nobody knows how much. */
    private void forgetError(int result) {
        int at = each() * result;
        covariance.addToEntry(at, at, square(100 * wanted.results().get(result).tolerance()));
    }

    private double bent(int result, double[] turns) {
        double[] now = wanted.turnsNow();
        double sum = 0;
        for (int i = 0; i < adjusters; i++) {
            double far = Math.abs(turns[i] - now[i]);
            sum += square(BENDS * far * mean.getEntry(each() * result + 1 + i));
        }
        return sum;
    }

    private double[] row(int result, double[] turns, boolean[] turnedBack) {
        double[] row = new double[mean.getDimension()];
        int at = each() * result;
        row[at] = 1;
        for (int i = 0; i < adjusters; i++) {
            row[at + 1 + i] = turns[i];
            row[at + 1 + adjusters + i] = turnedBack[i] ? 1 : 0;
        }
        return row;
    }

    /** Expected error of a result at a setting. */
    double expected(int result, double[] turns, boolean[] turnedBack) {
        return mean.dotProduct(new ArrayRealVector(row(result, turns, turnedBack), false));
    }

    /** Standard deviation of that, measuring left aside. */
    double doubt(int result, double[] turns, boolean[] turnedBack) {
        RealVector row = new ArrayRealVector(row(result, turns, turnedBack), false);
        return Math.sqrt(Math.max(0, covariance.operate(row).dotProduct(row)));
    }

    /** Expected response of a result to a turn. */
    double response(int adjuster, int result) {
        return mean.getEntry(each() * result + 1 + adjuster);
    }

    /** Standard deviation of that. */
    double responseDoubt(int adjuster, int result) {
        int at = each() * result + 1 + adjuster;
        return Math.sqrt(Math.max(0, covariance.getEntry(at, at)));
    }

    /** What was supposed of a response before any trial, its size. */
    double supposed(int adjuster, int result) {
        return Math.abs(scale[adjuster][result]);
    }

    /** Cameras as they may be, drawn from the belief; the same seed draws the same. */
    double[][] draw(int cameras, long seed) {
        Random random = new Random(seed);
        int size = mean.getDimension();
        RealMatrix jittered = covariance.copy();
        for (int i = 0; i < size; i++) {
            jittered.addToEntry(i, i, 1e-12 + 1e-9 * covariance.getEntry(i, i));
        }
        RealMatrix root = new CholeskyDecomposition(symmetric(jittered), 1e-6, -1e300).getL();
        double[][] drawn = new double[cameras][];
        for (int n = 0; n < cameras; n++) {
            double[] one = new double[size];
            for (int k = 0; k < size; k++) {
                one[k] = random.nextGaussian();
            }
            drawn[n] = mean.add(root.operate(new ArrayRealVector(one, false))).toArray();
        }
        return drawn;
    }

    private static RealMatrix symmetric(RealMatrix matrix) {
        return matrix.add(matrix.transpose()).scalarMultiply(0.5);
    }

    /** Error of a result in a drawn camera. */
    double in(double[] camera, int result, double[] turns, boolean[] turnedBack) {
        int at = each() * result;
        double error = camera[at];
        for (int i = 0; i < adjusters; i++) {
            error += turns[i] * camera[at + 1 + i] + (turnedBack[i] ? camera[at + 1 + adjusters + i] : 0);
        }
        return error;
    }

    private static double square(double value) {
        return value * value;
    }
}
