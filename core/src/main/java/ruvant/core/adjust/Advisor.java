package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Says what to turn next. Cameras as they may be are drawn from what the trials leave open; of the settings that are best for
 * some of them the one is taken after which the fewest cycles are to be expected ({@link Lookahead}), so that a turn is also worth
 * what it teaches. It stops where nearly all of them are within tolerance, or where none could be brought there.
 */
public final class Advisor {
    /** Drawn from what is believed: as many as can be asked before a hand notices. */
    private static final int CAMERAS = 160;

    /** Of those, so many are asked for their own best setting, which takes a search each. */
    private static final int LOOKED_INTO = 40;

    /** Sure enough to stop: with that, 98 to 99 of 100 stops are right on cameras that nothing was chosen by. */
    private static final double STOP = 0.93;

    /**
     * An error of more tolerances than this is as bad as one of so many: a wild guess is not to outweigh all others.
     */
    private static final double WORST_COUNTED = 4;

    /** What turning through the whole range counts, in tolerances: of two settings alike the nearer is taken. */
    private static final double PER_RANGE = 0.05;

    /** What one more adjuster counts, in tolerances: one turn at a time can be told from what came of it. */
    private static final double PER_ADJUSTER = 0.02;

    /** Where fewer of the drawn cameras than this could have all within tolerance, it is taken that none can. */
    private static final double UNREACHABLE = 0.07;

    /** A gain that nobody would see in the next measurement, in tolerances. */
    private static final double HARDLY = 0.04;

    /**
     * As long as more of the drawn cameras than this could stand better, it is too soon to speak of the best there is.
     */
    private static final double DOUBTED = 0.06;

    /** After so many trials the doubt that is left is that of the model, and more trials do not lessen it. */
    private static final int MOST_TRIALS = 14;

    /** Once more than this in one place, measuring a result that is out teaches nothing; something has to be turned. */
    private static final int ENOUGH_OUT = 2;

    /** The same for a result of which nobody can tell whether it is in. */
    private static final int ENOUGH_DOUBTED = 5;

    /** What one tolerance more of the worst error counts against a cycle: of two that end it the truer one is taken. */
    private static final double CENTRED = 0.15;

    /** What turning through the whole range counts against a cycle: answers far from here say less of what is near. */
    private static final double FAR = 0.4;

    private final AdjustCase wanted;
    private final Belief belief;
    private final AnsweringCamera[] cameras;
    private final double[] now;
    private final Settings settings;
    private final Told told;
    private List<Settings.Costing> bestOfEach = List.of();

    private Advisor(AdjustCase wanted) {
        this.wanted = wanted;
        this.belief = new Belief(wanted, CAMERAS, 31L + wanted.trials().size());
        this.cameras = belief.cameras();
        this.now = wanted.turnsNow();
        this.settings = new Settings(wanted.adjusters());
        this.told = new Told(wanted);
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
        return belief.expected(result, turns);
    }

    /** The worst of what is expected at a setting, as a part of its tolerance, without the doubt about it. */
    double worstExpected(double[] turns) {
        double worst = 0;
        for (int j = 0; j < wanted.results().size(); j++) {
            worst = Math.max(worst, wanted.results().get(j).off(expected(j, turns)[0]));
        }
        return worst;
    }

    /** Response of a result to a turn as the trials tell it, and how sure that is, one standard deviation. */
    double[] response(int adjuster, int result) {
        return belief.response(adjuster, result);
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
        boolean reachable = reachable() >= UNREACHABLE;
        if (!reachable && wanted.trials().size() > wanted.adjusters().size()) {
            // with nothing within tolerance, the least worst is looked for, however far it is
            best = settings.best(turns -> worst(turns) + 0.2 * moving(turns), now, best.turns());
        }
        List<double[]> candidates = candidates(best.turns());
        double[] next = soonest(candidates, candidates);
        boolean stays = Arrays.equals(next, settings.allowed(now));
        if (!reachable && isLeastWorst(best.turns(), stays)) {
            return said(
                    Advice.Verdict.STOP_BEST_COMPROMISE,
                    now,
                    String.format(
                            Locale.ROOT,
                            "No setting brings everything within tolerance. The worst result is at %.1f × its tolerance, and no setting is much better.",
                            worst(now)));
        }
        return stays ? staying(in, candidates) : turn(next);
    }

    /** Whether hardly anything can stand better than it does now, and the trials can tell. */
    private boolean isLeastWorst(double[] best, boolean stays) {
        return wanted.trials().size() > wanted.adjusters().size() + 2
                && told.apart() == now.length
                && worst(now) - worst(best) < HARDLY
                && (stays && mayBeBetter() < DOUBTED || wanted.trials().size() > MOST_TRIALS);
    }

    /**
     * Where no turn promises anything: measured once more, until measuring alone says nothing new. Then the turn is taken that
     * teaches most.
     */
    private Advice staying(double in, List<double[]> candidates) {
        if (tooScattered()) {
            return said(
                    Advice.Verdict.FIRE_MORE,
                    now,
                    "The measurements scatter too widely to tell whether they are within tolerance. Fire more without turning.");
        }
        List<double[]> others =
                told.timesHere() > (in < 0.5 ? ENOUGH_OUT : ENOUGH_DOUBTED) ? elsewhere(candidates) : List.of();
        return others.isEmpty()
                ? said(Advice.Verdict.FIRE_MORE, now, "No turn is certain to be better. Fire more without turning.")
                : turn(soonest(others, candidates));
    }

    /** Other settings than this one; where trials do not tell adjusters apart yet, those that do. */
    private List<double[]> elsewhere(List<double[]> candidates) {
        List<double[]> others = new ArrayList<>(candidates);
        for (int i = 0; i < now.length; i++) {
            Adjuster one = wanted.adjusters().get(i);
            for (double by : new double[] {one.stepTurns(), one.range() / 8, one.range() / 4}) {
                for (int way : new int[] {1, -1}) {
                    double[] there = now.clone();
                    there[i] += way * by;
                    others.add(settings.allowed(there));
                }
            }
        }
        double[] here = settings.allowed(now);
        int known = told.apart();
        return others.stream()
                .filter(one -> !Arrays.equals(one, here))
                .filter(one -> known == now.length || told.apartWith(one) > known)
                .toList();
    }

    private List<double[]> candidates(double[] best) {
        List<double[]> candidates = new ArrayList<>();
        bestOfEach().forEach(one -> candidates.add(one.turns()));
        candidates.add(best);
        candidates.add(settings.allowed(now));
        return candidates;
    }

    /**
     * The setting after which the fewest further cycles are to be expected.
     *
     * @param ones from which it is chosen
     * @param candidates what may be turned to afterwards
     */
    private double[] soonest(List<double[]> ones, List<double[]> candidates) {
        Lookahead ahead = new Lookahead(wanted, cameras, LOOKED_INTO, candidates);
        double[] soonest = null;
        double least = Double.POSITIVE_INFINITY;
        for (double[] one : ones) {
            double costs = ahead.further(one) + FAR * far(one) + CENTRED * Math.min(WORST_COUNTED, worst(one));
            if (costs < least - 1e-12) {
                least = costs;
                soonest = one;
            }
        }
        return soonest;
    }

    private Advice turn(double[] to) {
        List<String> turned = new ArrayList<>();
        for (int i = 0; i < to.length; i++) {
            double by = to[i] - now[i];
            if (Math.abs(by) > 1e-9) {
                turned.add("“" + wanted.adjusters().get(i).name() + "” "
                        + String.format(Locale.ROOT, "%+.3f turns", by).replace("-", "−"));
            }
        }
        String turns = "Turn " + String.join(" and ", turned);
        String why = worst(to) < worst(now)
                ? String.format(
                        Locale.ROOT,
                        "%s: the worst result should go from %.1f to %.1f × its tolerance.",
                        turns,
                        worst(now),
                        worst(to))
                : turns + " to find out how much " + (turned.size() == 1 ? "it moves" : "they move")
                        + ". No setting is certain to be better yet.";
        return said(Advice.Verdict.TURN, to, why);
    }

    private Advice said(Advice.Verdict verdict, double[] turns, String why) {
        List<double[]> there = IntStream.range(0, wanted.results().size())
                .mapToObj(j -> belief.expected(j, turns))
                .toList();
        return new Advice(
                verdict,
                Arrays.stream(turns).boxed().toList(),
                there.stream().map(one -> one[0]).toList(),
                there.stream().map(one -> one[1]).toList(),
                chance(turns),
                worst(now),
                worst(turns),
                why);
    }

    /** The worst error to be expected at a setting, as a part of its tolerance: averaged over the cameras it may be. */
    double worst(double[] turns) {
        double sum = 0;
        for (AnsweringCamera camera : cameras) {
            sum += camera.worst(wanted.results(), turns);
        }
        return sum / cameras.length;
    }

    private double cost(double[] turns) {
        double sum = 0;
        for (AnsweringCamera camera : cameras) {
            double worst = camera.worst(wanted.results(), turns);
            sum += Math.min(WORST_COUNTED, worst) + (worst > 1 ? 0.25 : 0);
        }
        return sum / cameras.length + moving(turns);
    }

    /** How far a setting is from here, in ranges of the adjusters, summed. */
    private double far(double[] turns) {
        double far = 0;
        for (int i = 0; i < turns.length; i++) {
            far += Math.abs(turns[i] - now[i]) / wanted.adjusters().get(i).range();
        }
        return far;
    }

    private double moving(double[] turns) {
        double cost = PER_RANGE * far(turns);
        for (int i = 0; i < turns.length; i++) {
            cost += Math.abs(turns[i] - now[i]) > 1e-9 ? PER_ADJUSTER : 0;
        }
        return cost;
    }

    private double chance(double[] turns) {
        int in = 0;
        for (AnsweringCamera camera : cameras) {
            in += camera.worst(wanted.results(), turns) <= 1 ? 1 : 0;
        }
        return in / (double) cameras.length;
    }

    private double[] middle() {
        return wanted.adjusters().stream()
                .mapToDouble(one -> (one.minTurns() + one.maxTurns()) / 2)
                .toArray();
    }

    /** For some of the drawn cameras the setting at which each would stand best, and its worst error there. */
    private List<Settings.Costing> bestOfEach() {
        if (bestOfEach.isEmpty()) {
            bestOfEach =
                    Arrays.stream(cameras, 0, LOOKED_INTO).map(this::bestOf).toList();
        }
        return bestOfEach;
    }

    private Settings.Costing bestOf(AnsweringCamera camera) {
        return settings.best(turns -> camera.worst(wanted.results(), turns), now, middle());
    }

    private double reachable() {
        return bestOfEach().stream().filter(one -> one.cost() <= 1).count() / (double) LOOKED_INTO;
    }

    /** Part of the drawn cameras that could stand better than they do now. */
    private double mayBeBetter() {
        long better = Arrays.stream(cameras)
                .filter(camera ->
                        camera.worst(wanted.results(), now) - bestOf(camera).cost() > Lookahead.A_TENTH)
                .count();
        return better / (double) cameras.length;
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
                double[] response = belief.response(i, j);
                double most = Math.abs(response[0]) + 1.6 * response[1];
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
        for (int j = 0; j < wanted.results().size(); j++) {
            double doubt = belief.expected(j, now)[1];
            in *= doubt == 0
                    ? 1
                    : 2 * normal.cumulativeProbability(wanted.results().get(j).tolerance() / doubt) - 1;
        }
        return in < STOP;
    }
}
