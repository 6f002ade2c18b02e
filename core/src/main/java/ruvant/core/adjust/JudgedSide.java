package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import ruvant.core.units.Named;

/** One adjuster and all results it moves that are only judged: where they come right together. */
final class JudgedSide {
    /** As sure as the advisor wants to be before it stops. */
    private static final double SURE = 0.8;

    /** A move has to be worth it: the right stretch is left alone for no more than this. */
    private static final double PER_STEP = 0.004;

    private final AdjustEntry.AdjusterDescribed adjuster;
    private final Adjuster settings;
    private final double now;
    private final int steps;
    private final List<AdjustEntry.ResultDescribed> results = new ArrayList<>();
    private final List<List<AdjustPlan.Trying>> tried = new ArrayList<>();
    private final List<Bracket> brackets = new ArrayList<>();
    private final List<Optional<AdjustEntry.Came>> cameNow = new ArrayList<>();

    private JudgedSide(AdjustEntry.AdjusterDescribed adjuster, double now) {
        this.adjuster = adjuster;
        this.now = now;
        this.settings = new Adjuster(
                adjuster.name(), adjuster.unit().size(), adjuster.least(), adjuster.most(), 0, List.of(), List.of());
        this.steps = 1 + (int) Math.round((at(Integer.MAX_VALUE) - at(0)) / settings.stepTurns());
    }

    /** What is judged of an adjuster; empty where nothing is. */
    static Optional<JudgedSide> of(AdjustPicture picture, AdjustEntry.AdjusterDescribed adjuster) {
        double now = picture.settings().getLast().of(adjuster.name());
        JudgedSide side = new JudgedSide(adjuster, now);
        for (AdjustEntry.ResultDescribed result : picture.results()) {
            if (result.judged() && moves(picture, adjuster, result)) {
                side.take(picture, result);
            }
        }
        return side.results.isEmpty() ? Optional.empty() : Optional.of(side);
    }

    /** What moves a result is known; where nobody said, whatever is turned that moves nothing else. */
    private static boolean moves(
            AdjustPicture picture, AdjustEntry.AdjusterDescribed adjuster, AdjustEntry.ResultDescribed result) {
        return way(adjuster, result) != 0
                || adjuster.moves().isEmpty()
                        && wasJudged(picture, result)
                        && picture.adjusters().stream().noneMatch(other -> way(other.what(), result) != 0);
    }

    private static boolean wasJudged(AdjustPicture picture, AdjustEntry.ResultDescribed result) {
        return picture.settings().stream()
                .flatMap(setting -> setting.shots().stream())
                .anyMatch(shot -> shot instanceof AdjustPicture.Judged
                        && AdjustPicture.key(shot.result()).equals(AdjustPicture.key(result.name())));
    }

    private static int way(AdjustEntry.AdjusterDescribed adjuster, AdjustEntry.ResultDescribed result) {
        return (int) adjuster.moves().stream()
                .filter(moves -> AdjustPicture.key(moves.result()).equals(AdjustPicture.key(result.name())))
                .mapToDouble(moves -> Math.signum(moves.effect()))
                .findFirst()
                .orElse(0);
    }

    private double at(int step) {
        double low = settings.nearest(adjuster.least());
        return step == Integer.MAX_VALUE ? settings.nearest(adjuster.most()) : low + step * settings.stepTurns();
    }

    private int step(double turns) {
        return (int) Math.clamp(Math.round((turns - at(0)) / settings.stepTurns()), 0, steps - 1);
    }

    private void take(AdjustPicture picture, AdjustEntry.ResultDescribed result) {
        List<AdjustPlan.Trying> trying = new ArrayList<>();
        Optional<AdjustEntry.Came> last = Optional.empty();
        Map<String, Double> others = others(picture.settings().getLast());
        for (AdjustPicture.Setting setting : picture.settings()) {
            if (setting.afterWork()) {
                trying.clear();
            }
            last = Optional.empty();
            // with another adjuster elsewhere it was another camera
            boolean same = others.equals(others(setting));
            for (AdjustPicture.Shot shot : setting.shots()) {
                if (same
                        && shot instanceof AdjustPicture.Judged judged
                        && AdjustPicture.key(judged.result()).equals(AdjustPicture.key(result.name()))) {
                    trying.add(new AdjustPlan.Trying(setting.of(adjuster.name()), judged.came()));
                    last = Optional.of(judged.came());
                }
            }
        }
        results.add(result);
        tried.add(List.copyOf(trying));
        cameNow.add(last);
        brackets.add(Bracket.of(
                steps,
                way(adjuster, result),
                !result.tooLow().isEmpty(),
                !result.tooHigh().isEmpty(),
                trying.stream()
                        .map(one -> new Bracket.Tried(step(one.at()), one.came()))
                        .toList()));
    }

    private Map<String, Double> others(AdjustPicture.Setting setting) {
        Map<String, Double> others = new java.util.HashMap<>(setting.turns());
        others.remove(AdjustPicture.key(adjuster.name()));
        others.values().removeIf(turns -> turns == 0);
        return others;
    }

    /** Chance that all are right at a setting. */
    private double right(int step) {
        double right = 1;
        for (Bracket bracket : brackets) {
            right *= bracket.right(step);
        }
        return right;
    }

    AdjustEntry.AdjusterDescribed adjuster() {
        return adjuster;
    }

    double now() {
        return now;
    }

    /** Names of those that nobody judged since the last turn. */
    List<String> notJudged() {
        return IntStream.range(0, results.size())
                .filter(i -> cameNow.get(i).isEmpty())
                .mapToObj(i -> results.get(i).name() + " ("
                        + String.join(", ", results.get(i).sides()) + ")")
                .toList();
    }

    boolean settled() {
        return right(step(now)) >= SURE
                && cameNow.stream().allMatch(came -> came.equals(Optional.of(AdjustEntry.Came.RIGHT)));
    }

    /** The stretch in which all are right as far as was tried; empty before there is one. */
    Optional<double[]> accepted() {
        int from = 0;
        int to = steps - 1;
        for (Bracket bracket : brackets) {
            Optional<int[]> one = bracket.accepted();
            if (one.isEmpty()) {
                return Optional.empty();
            }
            from = Math.max(from, one.get()[0]);
            to = Math.min(to, one.get()[1]);
        }
        return from <= to ? Optional.of(new double[] {at(from), at(to)}) : Optional.empty();
    }

    /** The setting most likely to be right, and how likely. */
    record Best(double at, double right) {}

    Best best() {
        int here = step(now);
        int best = here;
        for (int s = 0; s < steps; s++) {
            if (right(s) - PER_STEP * Math.abs(s - here) > right(best) - PER_STEP * Math.abs(best - here) + 1e-12) {
                best = s;
            }
        }
        return new Best(at(best), right(best));
    }

    /** Results of which no setting seems to be right. */
    List<Named> nowhere() {
        return IntStream.range(0, results.size())
                .filter(i -> brackets.get(i).never() > 0.5)
                .mapToObj(i -> results.get(i).name())
                .toList();
    }

    double rightNow() {
        return right(step(now));
    }

    boolean cameBothWays() {
        return brackets.stream().anyMatch(bracket -> bracket.bothWays(step(now)));
    }

    /** All of it, to be drawn. */
    List<AdjustPlan.JudgedCourse> shown() {
        List<Double> at = IntStream.range(0, steps).mapToObj(this::at).toList();
        return IntStream.range(0, results.size())
                .mapToObj(i -> new AdjustPlan.JudgedCourse(
                        results.get(i).name(),
                        adjuster.name(),
                        results.get(i).tooLow(),
                        results.get(i).tooHigh(),
                        at,
                        at.stream().map(adjuster.unit()::signed).toList(),
                        IntStream.range(0, steps)
                                .mapToObj(s -> brackets.get(i).right(s))
                                .toList(),
                        tried.get(i),
                        margin(brackets.get(i))))
                .toList();
    }

    private String margin(Bracket bracket) {
        Optional<int[]> accepted = bracket.accepted();
        if (accepted.isEmpty()) {
            return "";
        }
        String from = adjuster.unit().signed(at(accepted.get()[0]));
        String to = adjuster.unit().signed(at(accepted.get()[1]));
        int room = bracket.nearestWrong(step(now));
        String edge = room < 0
                ? "no wrong setting found yet"
                : "the nearest wrong setting is "
                        + adjuster.unit().words(room * adjuster.unit().size()) + " away"
                        + (room <= 1 ? ": a slim margin" : "");
        return (from.equals(to) ? "right at " + from : "right from " + from + " to " + to) + "; " + edge;
    }
}
