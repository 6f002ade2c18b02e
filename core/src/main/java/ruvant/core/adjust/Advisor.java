package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Says what to turn next. Cameras as they may be are drawn from what the trials leave open; the setting is taken that
 * makes the worst error, as a part of its tolerance, smallest over all of them. Where averaging over the doubt shows no
 * gain, one of them is believed for a trial, or one would stand still for ever.
 */
public final class Advisor {
    /** Drawn from what is believed: as many as can be asked before a hand notices. */
    private static final int CAMERAS = 160;

    /** Of those, so many are asked for their own best setting, which takes a search each. */
    private static final int LOOKED_INTO = 40;

    /** Sure enough to stop: right in 98 of 100 such cases. */
    private static final double STOP = 0.8;

    /**
     * An error of more tolerances than this is as bad as one of so many: a wild guess is not to outweigh all others.
     */
    private static final double WORST_COUNTED = 4;

    /** What turning through the whole range counts, in tolerances: of two settings alike the nearer is taken. */
    private static final double PER_RANGE = 0.05;

    /** What one more adjuster counts, in tolerances: one turn at a time can be told from what came of it. */
    private static final double PER_ADJUSTER = 0.02;

    /** A gain smaller than this, in tolerances, is not worth opening the camera for. */
    private static final double WORTH_A_TURN = 0.03;

    /** Where fewer of the drawn cameras than this could have all within tolerance, it is taken that none can. */
    private static final double UNREACHABLE = 0.07;

    /** A gain that nobody would see in the next measurement, in tolerances. */
    private static final double HARDLY = 0.04;

    /** Of its tolerance. */
    private static final double A_TENTH = 0.1;

    /**
     * As long as more of the drawn cameras than this could stand better, it is too soon to speak of the best there is.
     */
    private static final double DOUBTED = 0.15;

    /** After so many trials the doubt that is left is that of the model, and more trials do not lessen it. */
    private static final int MOST_TRIALS = 9;

    private final AdjustCase wanted;
    private final Belief belief;
    private final double[][] cameras;
    private final double[] now;
    private final boolean[] turnedBack;
    private final Settings settings;

    private Advisor(AdjustCase wanted) {
        this.wanted = wanted;
        this.belief = Belief.of(wanted);
        this.cameras = belief.draw(CAMERAS, 31L + wanted.trials().size());
        this.now = wanted.turnsNow();
        this.turnedBack = backNow(wanted);
        this.settings = new Settings(wanted.adjusters());
    }

    /** The advice for a case. */
    public static Advice advise(AdjustCase wanted) {
        return new Advisor(wanted).advice();
    }

    /** An advisor that can be asked more than once about a case. */
    static Advisor of(AdjustCase wanted) {
        return new Advisor(wanted);
    }

    /** Expected error of a result at a setting, and how sure that is, one standard deviation. */
    double[] expected(int result, double[] turns) {
        boolean[] back = back(turns);
        return new double[] {belief.expected(result, turns, back), belief.doubt(result, turns, back)};
    }

    /** The worst of what is expected at a setting, as a part of its tolerance, without the doubt about it. */
    double worstExpected(double[] turns) {
        double worst = 0;
        for (int j = 0; j < wanted.results().size(); j++) {
            worst = Math.max(
                    worst,
                    Math.abs(expected(j, turns)[0]) / wanted.results().get(j).tolerance());
        }
        return worst;
    }

    /** Response of a result to a turn as the trials tell it, and how sure that is, one standard deviation. */
    double[] response(int adjuster, int result) {
        return new double[] {belief.response(adjuster, result), belief.responseDoubt(adjuster, result)};
    }

    private static boolean[] backNow(AdjustCase wanted) {
        boolean[] back = new boolean[wanted.adjusters().size()];
        List<Trial> trials = wanted.trials();
        for (int t = 1; t < trials.size(); t++) {
            for (int i = 0; i < back.length; i++) {
                double before = trials.get(t - 1).turns().get(i);
                double turns = trials.get(t).turns().get(i);
                back[i] = turns == before ? back[i] : turns < before;
            }
        }
        return back;
    }

    Advice advice() {
        double in = chance(now);
        if (in >= STOP) {
            return said(Advice.Verdict.STOP_IN_TOLERANCE, now, "All results are within tolerance now.");
        }
        int idle = idle();
        if (idle >= 0) {
            return said(
                    Advice.Verdict.RESPONSE_NOT_AS_EXPECTED,
                    now,
                    "Turning “" + wanted.adjusters().get(idle).name()
                            + "” changes nothing measurable: it slips, is at its limit, or is the wrong adjuster.");
        }
        Settings.Costing best = settings.best(this::cost, now, middle());
        double reachable = reachable();
        double worstNow = worst(now);
        if (reachable < UNREACHABLE
                && wanted.trials().size() > wanted.adjusters().size()) {
            // with nothing within tolerance, the least worst is looked for, however far it is
            best = settings.best(turns -> worst(turns) + 0.2 * moving(turns), now, best.turns());
        }
        if (reachable < UNREACHABLE
                && wanted.trials().size() > wanted.adjusters().size()
                && worstNow - worst(best.turns()) < HARDLY
                && (mayBeBetter() < DOUBTED || wanted.trials().size() > MOST_TRIALS)) {
            return said(
                    Advice.Verdict.STOP_BEST_COMPROMISE,
                    now,
                    String.format(
                            Locale.ROOT,
                            "No setting brings everything within tolerance. The worst result is at %.1f × its tolerance, and no setting is much better.",
                            worstNow));
        }
        boolean stay = Arrays.equals(best.turns(), settings.allowed(now))
                || reachable >= UNREACHABLE && cost(now) - best.cost() < WORTH_A_TURN;
        if (!stay) {
            return turn(best.turns(), "");
        }
        if (reachable >= UNREACHABLE && (tooScattered() || in > 0.45)) {
            return said(
                    Advice.Verdict.FIRE_MORE,
                    now,
                    "The measurements scatter too widely to tell whether they are within tolerance. Fire more without turning.");
        }
        double[] one = cameras[wanted.trials().size() % cameras.length];
        double[] there = settings.best(turns -> worst(one, turns) + moving(turns), now, best.turns())
                .turns();
        if (Arrays.equals(there, settings.allowed(now))) {
            return said(Advice.Verdict.FIRE_MORE, now, "No turn is certain to be better. Fire more without turning.");
        }
        return turn(there, " No setting is certain to be better yet; this one tells the most.");
    }

    private Advice turn(double[] to, String more) {
        List<String> turned = new ArrayList<>();
        for (int i = 0; i < to.length; i++) {
            double by = to[i] - now[i];
            if (Math.abs(by) > 1e-9) {
                turned.add(String.format(
                        Locale.ROOT,
                        "“%s” %+.3f turns",
                        wanted.adjusters().get(i).name(),
                        by));
            }
        }
        return said(
                Advice.Verdict.TURN,
                to,
                String.format(
                                        Locale.ROOT,
                                        "Turn %s: the worst result should go from %.1f to %.1f × its tolerance.",
                                        String.join(" and ", turned),
                                        worst(now),
                                        worst(to))
                                .replace("-", "−")
                        + more);
    }

    private Advice said(Advice.Verdict verdict, double[] turns, String why) {
        int results = wanted.results().size();
        boolean[] back = back(turns);
        return new Advice(
                verdict,
                Arrays.stream(turns).boxed().toList(),
                IntStream.range(0, results)
                        .mapToObj(j -> belief.expected(j, turns, back))
                        .toList(),
                IntStream.range(0, results)
                        .mapToObj(j -> belief.doubt(j, turns, back))
                        .toList(),
                chance(turns),
                worst(now),
                worst(turns),
                why);
    }

    private boolean[] back(double[] turns) {
        boolean[] back = new boolean[turns.length];
        for (int i = 0; i < turns.length; i++) {
            back[i] = turns[i] == now[i] ? turnedBack[i] : turns[i] < now[i];
        }
        return back;
    }

    private double worst(double[] camera, double[] turns) {
        return worst(camera, turns, back(turns));
    }

    private double worst(double[] camera, double[] turns, boolean[] back) {
        double worst = 0;
        for (int j = 0; j < wanted.results().size(); j++) {
            worst = Math.max(
                    worst,
                    Math.abs(belief.in(camera, j, turns, back))
                            / wanted.results().get(j).tolerance());
        }
        return worst;
    }

    /** The worst error to be expected at a setting, as a part of its tolerance: averaged over the cameras it may be. */
    double worst(double[] turns) {
        boolean[] back = back(turns);
        double sum = 0;
        for (double[] camera : cameras) {
            sum += worst(camera, turns, back);
        }
        return sum / cameras.length;
    }

    private double cost(double[] turns) {
        boolean[] back = back(turns);
        double sum = 0;
        for (double[] camera : cameras) {
            double worst = worst(camera, turns, back);
            sum += Math.min(WORST_COUNTED, worst) + (worst > 1 ? 0.25 : 0);
        }
        return sum / cameras.length + moving(turns);
    }

    private double moving(double[] turns) {
        double cost = 0;
        for (int i = 0; i < turns.length; i++) {
            double by = Math.abs(turns[i] - now[i]);
            cost += by > 1e-9
                    ? PER_ADJUSTER + PER_RANGE * by / wanted.adjusters().get(i).range()
                    : 0;
        }
        return cost;
    }

    private double chance(double[] turns) {
        boolean[] back = back(turns);
        int in = 0;
        for (double[] camera : cameras) {
            in += worst(camera, turns, back) <= 1 ? 1 : 0;
        }
        return in / (double) cameras.length;
    }

    private double[] middle() {
        return wanted.adjusters().stream()
                .mapToDouble(one -> (one.minTurns() + one.maxTurns()) / 2)
                .toArray();
    }

    private double[] bestOfEach;

    /** The least worst error that each of some drawn cameras could have. */
    private double[] bestOfEach() {
        if (bestOfEach == null) {
            bestOfEach = new double[LOOKED_INTO];
            for (int n = 0; n < LOOKED_INTO; n++) {
                double[] camera = cameras[n];
                bestOfEach[n] = settings.best(turns -> worst(camera, turns), now, middle())
                        .cost();
            }
        }
        return bestOfEach;
    }

    private double reachable() {
        return Arrays.stream(bestOfEach()).filter(worst -> worst <= 1).count() / (double) LOOKED_INTO;
    }

    /** Part of the drawn cameras that could stand better than they do now. */
    private double mayBeBetter() {
        int better = 0;
        for (int n = 0; n < LOOKED_INTO; n++) {
            better += worst(cameras[n], now) - bestOfEach()[n] > A_TENTH ? 1 : 0;
        }
        return better / (double) LOOKED_INTO;
    }

    /** An adjuster that was turned and moves nothing by anything that counts over its whole range; -1 for none. */
    private int idle() {
        for (int i = 0; i < wanted.adjusters().size(); i++) {
            double range = wanted.adjusters().get(i).range();
            boolean moves = false;
            double low = 0;
            double high = 0;
            for (Trial trial : wanted.trials()) {
                low = Math.min(low, trial.turns().get(i));
                high = Math.max(high, trial.turns().get(i));
            }
            for (int j = 0; j < wanted.results().size(); j++) {
                double most = Math.abs(belief.response(i, j)) + 1.6 * belief.responseDoubt(i, j);
                double matters = Math.min(
                        0.15 * belief.supposed(i, j), wanted.results().get(j).tolerance() / range);
                moves |= belief.supposed(i, j) > 0 && most > matters;
            }
            if (!moves && high - low > 0.1 * range) {
                return i;
            }
        }
        return -1;
    }

    /** Whether even errors of nothing could not be told to be within tolerance. */
    private boolean tooScattered() {
        double in = 1;
        NormalDistribution normal = new NormalDistribution();
        boolean[] back = back(now);
        for (int j = 0; j < wanted.results().size(); j++) {
            double doubt = belief.doubt(j, now, back);
            in *= doubt == 0
                    ? 1
                    : 2 * normal.cumulativeProbability(wanted.results().get(j).tolerance() / doubt) - 1;
        }
        return in < STOP;
    }
}
