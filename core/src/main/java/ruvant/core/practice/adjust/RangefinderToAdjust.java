package ruvant.core.practice.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import ruvant.core.adjust.AdjustCase;
import ruvant.core.adjust.Adjuster;
import ruvant.core.adjust.Trial;
import ruvant.core.adjust.WantedResult;

/**
 * A rangefinder worked out from its mirror, not from the responses that are supposed of it: a side screw tilts the movable
 * image across, a height screw lifts it along a slant, and the arm's length multiplies what the lens's travel adds at the
 * near end. Errors are seen in minutes of arc. The same seed makes the same camera.
 */
public final class RangefinderToAdjust {
    private static final double PER_TURN = 9;

    private final List<Adjuster> adjusters = List.of(
            new Adjuster("side screw", 0.0625, -0.5, 0.5, 1, List.of(8.0, 7.0, 1.0)),
            new Adjuster("height screw", 0.0625, -0.5, 0.5, 1, List.of(2.5, 2.5, 8.0)),
            new Adjuster("arm", 1.0 / 36, -0.5, 0.5, 1, List.of(1.5, 10.0, 0.01)));
    private final List<WantedResult> results = List.of(
            new WantedResult("infinity", 1, 0.3), new WantedResult("near", 2, 0.5), new WantedResult("height", 1, 0.3));
    private final List<Trial> trials = new ArrayList<>();
    private final Random random;
    private final double sideGain;
    private final double heightGain;
    private final double slant;
    private final double lean;
    private final double armGain;
    private final double side;
    private final double height;
    private final double arm;
    private final double[] turns = new double[3];

    public RangefinderToAdjust(long seed) {
        random = new Random(new SplittableRandom(seed * 31).nextLong());
        sideGain = PER_TURN * (1 + 0.25 * random.nextGaussian());
        heightGain = PER_TURN * (1 + 0.25 * random.nextGaussian());
        slant = 0.3 + 0.15 * random.nextGaussian();
        lean = 0.12 * random.nextGaussian();
        armGain = 10 * (1 + 0.2 * random.nextGaussian());
        side = 5 * (random.nextDouble() - 0.5);
        height = 5 * (random.nextDouble() - 0.5);
        arm = 0.5 * (random.nextDouble() - 0.5);
        measure();
    }

    private double[] truth() {
        double across = sideGain * Math.sin(turns[0]) + side;
        double up = heightGain * Math.sin(turns[1]) + height;
        double infinity = across + slant * up;
        double near = infinity * 0.95 + armGain * (turns[2] + arm) * (1 + 0.3 * (turns[2] + arm));
        return new double[] {infinity + 0.15 * armGain * (turns[2] + arm), near, up + lean * across};
    }

    private void measure() {
        double[] seen = truth();
        List<Double> measured = new ArrayList<>();
        for (int j = 0; j < seen.length; j++) {
            measured.add(seen[j] + results.get(j).measureSd() * random.nextGaussian());
        }
        trials.add(new Trial(List.of(turns[0], turns[1], turns[2]), measured));
    }

    /** Turns and looks again: one cycle. */
    public void turnTo(List<Double> to) {
        for (int i = 0; i < turns.length; i++) {
            turns[i] = to.get(i);
        }
        measure();
    }

    /** Whether all three truly coincide within what is allowed. */
    public boolean done() {
        double[] truth = truth();
        boolean done = true;
        for (int j = 0; j < truth.length; j++) {
            done &= Math.abs(truth[j]) <= results.get(j).tolerance();
        }
        return done;
    }

    /** The case as it stands. */
    public AdjustCase asCase() {
        return new AdjustCase(adjusters, results, trials);
    }

    /** Cycles so far. */
    public int cycles() {
        return trials.size() - 1;
    }

    /** One screw at a time, the worst first, by what it is supposed to do. */
    public void goOnByHand() {
        List<Double> last = trials.getLast().measured();
        int worst = 0;
        for (int j = 1; j < last.size(); j++) {
            worst = Math.abs(last.get(j)) / results.get(j).tolerance()
                            > Math.abs(last.get(worst)) / results.get(worst).tolerance()
                    ? j
                    : worst;
        }
        int screw = worst == 0 ? 0 : worst == 1 ? 2 : 1;
        Adjuster one = adjusters.get(screw);
        List<Double> to = new ArrayList<>(List.of(turns[0], turns[1], turns[2]));
        to.set(
                screw,
                one.nearest(
                        turns[screw] - last.get(worst) / one.relativeEffect().get(worst)));
        turnTo(to);
    }
}
