package ruvant.core.practice.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import ruvant.core.adjust.AdjustCase;
import ruvant.core.adjust.AdjustEntry;
import ruvant.core.adjust.Adjuster;
import ruvant.core.adjust.LearnedResponses;
import ruvant.core.adjust.Trial;
import ruvant.core.adjust.WantedResult;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.TurnUnit;

/**
 * A camera whose adjusters answer with bends, backlash and noise; how they are supposed to answer is told only roughly,
 * and with the wrong sign one time in ten. The same seed makes the same camera.
 */
public final class CameraToAdjust {
    private static final double WRONG_SIGN = 0.1;
    private static final double UNREACHABLE = 0.15;
    private static final double CAMERAS_DIFFER = 0.12;

    private final List<Adjuster> adjusters = new ArrayList<>();
    private final List<WantedResult> results = new ArrayList<>();
    private final List<Trial> trials = new ArrayList<>();
    private final double[][] response;
    private final double[] bend;
    private final double[] backlash;
    private final double[] found;
    private final double[] meshed;
    private final double[] at;
    private final Random noise;
    private final double best;

    /** @param adjusterCount 1 to 3 */
    public CameraToAdjust(int adjusterCount, long seed) {
        this(adjusterCount, new Random(new SplittableRandom(seed * 7 + adjusterCount).nextLong()), Optional.empty());
    }

    /**
     * A camera of a model: all of that model answer alike, but for a tenth or so.
     *
     * @param model the same number for cameras of one model
     */
    public static CameraToAdjust ofModel(int adjusterCount, long model, long seed) {
        return new CameraToAdjust(
                adjusterCount,
                new Random(new SplittableRandom(model * 17 + adjusterCount).nextLong()),
                Optional.of(new Random(new SplittableRandom(seed * 1_000_003 + model).nextLong())));
    }

    /** @param own what tells this camera from others of its model; empty for one of a model of its own */
    private CameraToAdjust(int adjusterCount, Random model, Optional<Random> own) {
        Random random = model;
        int resultCount = adjusterCount + 1 + random.nextInt(3);
        response = new double[adjusterCount][resultCount];
        bend = new double[adjusterCount];
        backlash = new double[adjusterCount];
        found = new double[resultCount];
        at = new double[adjusterCount];
        meshed = new double[adjusterCount];
        noise = new Random(random.nextLong());
        for (int j = 0; j < resultCount; j++) {
            double tolerance = 0.2 + 0.2 * random.nextDouble();
            results.add(new WantedResult("result " + j, tolerance, tolerance * (0.1 + 0.15 * random.nextDouble())));
        }
        double[] cure = new double[adjusterCount];
        for (int i = 0; i < adjusterCount; i++) {
            double size = Math.pow(2, 5 * random.nextDouble() - 3);
            int sign = random.nextBoolean() ? 1 : -1;
            List<Double> supposed = new ArrayList<>();
            for (int j = 0; j < resultCount; j++) {
                double relative = (0.3 + 0.7 * random.nextDouble()) * (i > 0 && random.nextInt(3) == 0 ? -1 : 1);
                supposed.add(relative);
                response[i][j] = sign * size * relative * (1 + 0.25 * random.nextGaussian());
            }
            int told = random.nextDouble() < WRONG_SIGN ? -sign : sign;
            adjusters.add(new Adjuster("adjuster " + i, 0.125, -1, 1, told, supposed));
            bend[i] = 0.25 * random.nextGaussian();
            backlash[i] = 0.06 * random.nextDouble();
            cure[i] = 1.4 * (random.nextDouble() - 0.5);
        }
        if (own.isPresent()) {
            random = own.get();
            for (int i = 0; i < adjusterCount; i++) {
                cure[i] = 1.4 * (random.nextDouble() - 0.5);
                for (int j = 0; j < resultCount; j++) {
                    response[i][j] *= 1 + CAMERAS_DIFFER * random.nextGaussian();
                }
            }
            noise.setSeed(random.nextLong());
        }
        double apart = random.nextDouble() < UNREACHABLE ? 1.6 : 0.3;
        for (int j = 0; j < resultCount; j++) {
            found[j] = -moved(j, cure) + apart * results.get(j).tolerance() * random.nextGaussian();
        }
        best = bestWorst();
        measure();
    }

    private double moved(int result, double[] turns) {
        double sum = 0;
        for (int i = 0; i < turns.length; i++) {
            sum += response[i][result] * (turns[i] + bend[i] * turns[i] * turns[i]);
        }
        return sum;
    }

    private double worstAt(double[] turns) {
        double worst = 0;
        for (int j = 0; j < results.size(); j++) {
            worst = Math.max(
                    worst, Math.abs(found[j] + moved(j, turns)) / results.get(j).tolerance());
        }
        return worst;
    }

    private double bestWorst() {
        double least = Double.POSITIVE_INFINITY;
        int steps = 17;
        for (int k = 0; k < Math.pow(steps, at.length); k++) {
            double[] turns = new double[at.length];
            int rest = k;
            for (int i = 0; i < turns.length; i++) {
                turns[i] = -1 + 0.125 * (rest % steps);
                rest /= steps;
            }
            least = Math.min(least, worstAt(turns));
        }
        return least;
    }

    private void measure() {
        List<Double> measured = new ArrayList<>();
        for (int j = 0; j < results.size(); j++) {
            measured.add(found[j] + moved(j, meshed) + results.get(j).measureSd() * noise.nextGaussian());
        }
        List<Double> turns = new ArrayList<>();
        for (double one : at) {
            turns.add(one);
        }
        trials.add(new Trial(turns, measured));
    }

    /** Turns and measures: one cycle. What lies within the backlash moves nothing. */
    public void turnTo(List<Double> turns) {
        for (int i = 0; i < at.length; i++) {
            at[i] = turns.get(i);
            double behind = at[i] - meshed[i];
            if (Math.abs(behind) > backlash[i] / 2) {
                meshed[i] = at[i] - Math.signum(behind) * backlash[i] / 2;
            }
        }
        measure();
    }

    /** The case as it stands after all trials. */
    public AdjustCase asCase() {
        return new AdjustCase(adjusters, results, trials);
    }

    /** The same with what other cameras of the model taught, by the adjuster's number. */
    public AdjustCase asCase(LearnedResponses learned) {
        List<Adjuster> taught = adjusters.stream()
                .map(one -> new Adjuster(
                        one.name(),
                        one.stepTurns(),
                        one.minTurns(),
                        one.maxTurns(),
                        one.priorSign(),
                        one.relativeEffect(),
                        results.stream()
                                .map(result -> learned.of(one.name(), result.name())
                                        .map(all -> new Adjuster.Learned(all.perTurn(), all.sd())))
                                .toList()))
                .toList();
        return new AdjustCase(taught, results, trials);
    }

    /** What this camera taught of its adjusters. */
    public List<LearnedResponses.MetAdjuster> taught() {
        List<LearnedResponses.MetAdjuster> met = new ArrayList<>();
        for (int i = 0; i < adjusters.size(); i++) {
            Adjuster one = adjusters.get(i);
            met.add(new LearnedResponses.MetAdjuster(
                    new AdjustEntry.AdjusterDescribed(
                            one.name(),
                            TurnUnit.EIGHTHS,
                            one.minTurns(),
                            one.maxTurns(),
                            AdjusterLock.NONE,
                            "",
                            "",
                            0,
                            List.of()),
                    LearnedResponses.answers(asCase(), i)));
        }
        return met;
    }

    /** Cycles so far; the first measurement is none. */
    public int cycles() {
        return trials.size() - 1;
    }

    /** Whether all results are truly within tolerance, or within a tenth of it from the best compromise there is. */
    public boolean done() {
        return worstAt(meshed) <= Math.max(1, best + 0.1);
    }

    /** Whether a setting exists that brings all within tolerance. */
    public boolean reachable() {
        return best <= 1;
    }
}
