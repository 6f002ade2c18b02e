package ruvant.core.adjust;

import java.util.Arrays;
import java.util.List;
import java.util.Random;

/**
 * What is believed of a camera after all trials: many cameras as it may be. How strong each adjuster is as a whole, which way it
 * goes, how it leans and how much play it has are drawn, and drawn again where the trials point; errors and responses follow from
 * the trials by themselves, as a Gaussian for each (a mixture of linear regressions, weighted by how well each foresaw the trials).
 */
final class Belief {
    /** Drawn in each round; three adjusters of three unknown strengths need some hundreds. */
    private static final int DRAWN = 400;

    /** The first round is from what is supposed, the others from what explained the trials best. */
    private static final int ROUNDS = 3;

    /** Of the later rounds, this part still is as supposed, so that no narrow guess can shut the truth out. */
    private static final double AS_SUPPOSED = 0.2;

    /** Answers bend otherwise than by leaning: a trial far from here says less about here, by this part of what lies between. */
    private static final double BENDS = 0.08;

    /** Single measurements now and then lie farther off than their scatter says. */
    private static final double WIDER = 1.2;

    /** What the form of the answers leaves open, as a part of the tolerance. */
    private static final double FORM = 0.04;

    private final AdjustCase wanted;
    private final List<Supposed> supposed;
    private final double[][] turns;
    private final double[] halves;
    private final int adjusters;
    private final int results;
    private final AnsweringCamera[] cameras;

    /** @param seed the same one draws the same cameras */
    Belief(AdjustCase wanted, int count, long seed) {
        this.wanted = wanted;
        this.adjusters = wanted.adjusters().size();
        this.results = wanted.results().size();
        this.supposed = wanted.adjusters().stream()
                .map(one -> new Supposed(wanted, one))
                .toList();
        this.turns = wanted.trials().stream()
                .map(trial ->
                        trial.turns().stream().mapToDouble(Double::doubleValue).toArray())
                .toArray(double[][]::new);
        this.halves =
                wanted.adjusters().stream().mapToDouble(one -> one.range() / 2).toArray();
        this.cameras = drawn(count, new Random(seed));
    }

    AnsweringCamera[] cameras() {
        return cameras;
    }

    /** One draw of all adjusters, with what follows from the trials. */
    private final class Guess {
        private final Supposed.Drawn[] drawn;
        private final double[][] mean = new double[results][];
        private final double[][][] covariance = new double[results][][];
        private final double[] seats = new double[adjusters];
        private double explains;

        Guess(Supposed.Drawn[] drawn) {
            this.drawn = drawn;
            double[][] counted = counted();
            for (int j = 0; j < results; j++) {
                learn(j, counted);
            }
        }

        /** Turns as they count in each trial, play and leaning included. */
        private double[][] counted() {
            double[][] counted = new double[turns.length][adjusters];
            for (int i = 0; i < adjusters; i++) {
                Supposed.Drawn one = drawn[i];
                double seat = turns[0][i] + one.play() * one.first();
                for (int t = 0; t < turns.length; t++) {
                    seat = AnsweringCamera.seat(seat, turns[t][i], one.play());
                    counted[t][i] = AnsweringCamera.counted(seat, one.lean(), halves[i]);
                }
                seats[i] = seat;
            }
            return counted;
        }

        /** Trial by trial, as a regression learns: error as found, and a response for each adjuster. */
        private void learn(int result, double[][] counted) {
            double tolerance = wanted.results().get(result).tolerance();
            int size = 1 + adjusters;
            double[] means = new double[size];
            double[][] spread = new double[size][size];
            spread[0][0] = square(100 * tolerance);
            for (int i = 0; i < adjusters; i++) {
                means[1 + i] = supposed.get(i).expected(drawn[i], result);
                spread[1 + i][1 + i] = square(supposed.get(i).own(drawn[i], result));
            }
            double[] gain = new double[size];
            for (int t = 0; t < turns.length; t++) {
                Trial trial = wanted.trials().get(t);
                if (trial.afterWork()) {
                    // other work moved the results by nobody knows how much
                    spread[0][0] += square(100 * tolerance);
                }
                double measured = trial.measured().get(result);
                if (!Double.isFinite(measured)) {
                    continue;
                }
                double[] row = counted[t];
                double foreseen = means[0];
                for (int i = 0; i < adjusters; i++) {
                    foreseen += means[1 + i] * row[i];
                }
                double total = square(WIDER * Math.max(wanted.sd(trial, result), 1e-4 * tolerance))
                        + square(FORM * tolerance)
                        + bent(result, row, counted[turns.length - 1]);
                for (int k = 0; k < size; k++) {
                    gain[k] = spread[k][0];
                    for (int i = 0; i < adjusters; i++) {
                        gain[k] += spread[k][1 + i] * row[i];
                    }
                    total += gain[k] * (k == 0 ? 1 : row[k - 1]);
                }
                double surprise = measured - foreseen;
                explains -= 0.5 * (Math.log(total) + surprise * surprise / total);
                for (int k = 0; k < size; k++) {
                    means[k] += gain[k] * surprise / total;
                    for (int l = 0; l < size; l++) {
                        spread[k][l] -= gain[k] * gain[l] / total;
                    }
                }
            }
            mean[result] = means;
            covariance[result] = spread;
        }

        /** What a trial far from here leaves open about here. */
        private double bent(int result, double[] there, double[] now) {
            double sum = 0;
            for (int i = 0; i < adjusters; i++) {
                sum += square(BENDS * (there[i] - now[i]) * supposed.get(i).expected(drawn[i], result));
            }
            return sum;
        }

        AnsweringCamera camera(Random random) {
            double[] errors = new double[results];
            double[][] responses = new double[adjusters][results];
            for (int j = 0; j < results; j++) {
                double[] one = gaussian(mean[j], covariance[j], random);
                errors[j] = one[0];
                for (int i = 0; i < adjusters; i++) {
                    responses[i][j] = one[1 + i];
                }
            }
            double[] leans = new double[adjusters];
            double[] plays = new double[adjusters];
            for (int i = 0; i < adjusters; i++) {
                leans[i] = drawn[i].lean();
                plays[i] = drawn[i].play();
            }
            return new AnsweringCamera(errors, responses, leans, plays, seats, halves);
        }
    }

    private AnsweringCamera[] drawn(int count, Random random) {
        Guess[] guesses = new Guess[DRAWN];
        double[] weights = new double[DRAWN];
        Pointed pointed = null;
        for (int round = 0; round < (turns.length > 1 ? ROUNDS : 1); round++) {
            for (int n = 0; n < DRAWN; n++) {
                Supposed.Drawn[] drawn = new Supposed.Drawn[adjusters];
                for (int i = 0; i < adjusters; i++) {
                    drawn[i] = supposed.get(i).draw(random);
                }
                boolean guided = pointed != null && random.nextDouble() >= AS_SUPPOSED;
                guesses[n] = new Guess(guided ? pointed.draw(drawn, random) : drawn);
                weights[n] = guesses[n].explains;
                if (pointed != null) {
                    weights[n] -= pointed.logOver(guesses[n].drawn);
                }
            }
            normalise(weights);
            pointed = new Pointed(guesses, weights);
        }
        AnsweringCamera[] cameras = new AnsweringCamera[count];
        double at = random.nextDouble();
        double sum = weights[0];
        int from = 0;
        for (int n = 0; n < count; n++) {
            double wish = (n + at) / count;
            while (sum < wish && from + 1 < DRAWN) {
                sum += weights[++from];
            }
            cameras[n] = guesses[from].camera(random);
        }
        return cameras;
    }

    private static void normalise(double[] weights) {
        double most = Arrays.stream(weights).max().orElse(0);
        double sum = 0;
        for (int n = 0; n < weights.length; n++) {
            weights[n] = Math.exp(weights[n] - most);
            sum += weights[n];
        }
        for (int n = 0; n < weights.length; n++) {
            weights[n] /= sum;
        }
    }

    /** Where the trials point: strengths and signs around those that explained them best. */
    private final class Pointed {
        private final double[] middle = new double[adjusters];
        private final double[] spread = new double[adjusters];
        private final double[] positive = new double[adjusters];

        Pointed(Guess[] guesses, double[] weights) {
            for (int i = 0; i < adjusters; i++) {
                double plus = 0;
                for (int n = 0; n < guesses.length; n++) {
                    middle[i] += weights[n] * guesses[n].drawn[i].strength();
                    plus += guesses[n].drawn[i].sign() > 0 ? weights[n] : 0;
                }
                double squares = 0;
                for (int n = 0; n < guesses.length; n++) {
                    squares += weights[n] * square(guesses[n].drawn[i].strength() - middle[i]);
                }
                spread[i] = Math.max(0.15, 1.3 * Math.sqrt(squares));
                positive[i] = Math.clamp(plus, 0.02, 0.98);
            }
        }

        Supposed.Drawn[] draw(Supposed.Drawn[] as, Random random) {
            Supposed.Drawn[] drawn = new Supposed.Drawn[adjusters];
            for (int i = 0; i < adjusters; i++) {
                drawn[i] = as[i].with(
                        random.nextDouble() < positive[i] ? 1 : -1, middle[i] + spread[i] * random.nextGaussian());
            }
            return drawn;
        }

        /** Logarithm of how much oftener these were drawn than they are supposed to be. */
        double logOver(Supposed.Drawn[] drawn) {
            double guided = 0;
            double asSupposed = 0;
            for (int i = 0; i < adjusters; i++) {
                double off = (drawn[i].strength() - middle[i]) / spread[i];
                guided += -0.5 * off * off
                        - Math.log(spread[i])
                        + Math.log(drawn[i].sign() > 0 ? positive[i] : 1 - positive[i]);
                asSupposed += supposed.get(i).logChance(drawn[i].sign(), drawn[i].strength());
            }
            double most = Math.max(guided, asSupposed);
            double mixed = most
                    + Math.log((1 - AS_SUPPOSED) * Math.exp(guided - most) + AS_SUPPOSED * Math.exp(asSupposed - most));
            return mixed - asSupposed;
        }
    }

    private static double[] gaussian(double[] mean, double[][] covariance, Random random) {
        int size = mean.length;
        double[][] root = new double[size][size];
        double[] normal = new double[size];
        double[] one = mean.clone();
        for (int k = 0; k < size; k++) {
            for (int l = 0; l <= k; l++) {
                double left = covariance[k][l];
                for (int m = 0; m < l; m++) {
                    left -= root[k][m] * root[l][m];
                }
                root[k][l] = k == l ? Math.sqrt(Math.max(0, left)) : root[l][l] > 0 ? left / root[l][l] : 0;
            }
            normal[k] = random.nextGaussian();
        }
        for (int k = 0; k < size; k++) {
            for (int l = 0; l <= k; l++) {
                one[k] += root[k][l] * normal[l];
            }
        }
        return one;
    }

    /** Expected error of a result at a setting, and how sure that is, one standard deviation. */
    double[] expected(int result, double[] to) {
        return spread(
                Arrays.stream(cameras).mapToDouble(one -> one.error(result, to)).toArray());
    }

    /** Expected response of a result to a turn, and how sure that is. */
    double[] response(int adjuster, int result) {
        return spread(Arrays.stream(cameras)
                .mapToDouble(one -> one.responses()[adjuster][result])
                .toArray());
    }

    private static double[] spread(double[] values) {
        double mean = Arrays.stream(values).average().orElse(0);
        double squares =
                Arrays.stream(values).map(one -> square(one - mean)).average().orElse(0);
        return new double[] {mean, Math.sqrt(squares)};
    }

    /** What was supposed of a response before any trial, its size. */
    double supposed(int adjuster, int result) {
        return supposed.get(adjuster).size(result);
    }

    private static double square(double value) {
        return value * value;
    }
}
