package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.trade.TurnUnit;
import ruvant.core.units.Named;

/** What is drawn of a plan: each result over the turns of each adjuster, and the worst of all over two. */
final class PlanPictures {
    /** More settings than this are not told apart on a screen. */
    private static final int MOST_DRAWN = 33;

    /** So many steps of an adjuster are drawn beyond what was tried. */
    private static final int STEPS_BEYOND = 4;

    private final AdjustPicture picture;
    private final List<AdjustEntry.AdjusterDescribed> chosen;
    private final Readings readings;
    private final Optional<AdjustCase> figures;
    private final Optional<Advisor> advisor;

    PlanPictures(
            AdjustPicture picture,
            List<AdjustEntry.AdjusterDescribed> chosen,
            Readings readings,
            Optional<AdjustCase> figures,
            Optional<Advisor> advisor) {
        this.picture = picture;
        this.chosen = chosen;
        this.readings = readings;
        this.figures = figures;
        this.advisor = advisor;
    }

    List<AdjustPlan.Outlook> outlooks(List<AdjustPlan.Turn> turns) {
        if (figures.isEmpty()) {
            return List.of();
        }
        AdjustCase wanted = figures.get();
        double[] now = wanted.turnsNow();
        double[] then = then(wanted, turns);
        List<AdjustPlan.Outlook> outlooks = new ArrayList<>();
        for (int j = 0; j < wanted.results().size(); j++) {
            WantedResult result = wanted.results().get(j);
            double[] stands = advisor.orElseThrow().expected(j, now);
            double[] will = advisor.get().expected(j, then);
            outlooks.add(new AdjustPlan.Outlook(
                    result.name(),
                    picture.result(result.name())
                            .map(AdjustEntry.ResultDescribed::unit)
                            .orElse("EV"),
                    result.tolerance(),
                    stands[0],
                    stands[1],
                    will[0],
                    will[1],
                    readings.now(result).isPresent()));
        }
        return outlooks;
    }

    List<AdjustPlan.Slice> slices() {
        List<AdjustPlan.Slice> slices = new ArrayList<>();
        for (int i = 0; i < figures.map(one -> one.adjusters().size()).orElse(0); i++) {
            slices.add(slice(i));
        }
        return slices;
    }

    private AdjustPlan.Slice slice(int adjuster) {
        AdjustCase wanted = figures.orElseThrow();
        double[] drawn = drawn(wanted.adjusters().get(adjuster));
        List<AdjustPlan.Course> courses = new ArrayList<>();
        for (int j = 0; j < wanted.results().size(); j++) {
            double tolerance = wanted.results().get(j).tolerance();
            List<Double> expected = new ArrayList<>();
            List<Double> sd = new ArrayList<>();
            for (double at : drawn) {
                double[] turns = wanted.turnsNow();
                turns[adjuster] = at;
                double[] there = advisor.orElseThrow().expected(j, turns);
                expected.add(there[0] / tolerance);
                sd.add(there[1] / tolerance);
            }
            courses.add(
                    new AdjustPlan.Course(wanted.results().get(j).name(), expected, sd, points(wanted, adjuster, j)));
        }
        List<Double> worst = new ArrayList<>();
        for (double at : drawn) {
            double[] turns = wanted.turnsNow();
            turns[adjuster] = at;
            worst.add(advisor.orElseThrow().worstExpected(turns));
        }
        Named name = wanted.adjusters().get(adjuster).name();
        TurnUnit unit = chosen.stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow()
                .unit();
        return new AdjustPlan.Slice(
                name,
                wanted.turnsNow()[adjuster],
                boxed(drawn),
                java.util.Arrays.stream(drawn).mapToObj(unit::signed).toList(),
                worst,
                courses);
    }

    /** Trials since other work was done, moved to where the other adjusters stand now. */
    private List<AdjustPlan.Point> points(AdjustCase wanted, int adjuster, int result) {
        List<AdjustPlan.Point> points = new ArrayList<>();
        double tolerance = wanted.results().get(result).tolerance();
        for (Trial trial : wanted.trials()) {
            if (trial.afterWork()) {
                points.clear();
            }
            double error = trial.measured().get(result);
            if (Double.isFinite(error)) {
                for (int k = 0; k < wanted.adjusters().size(); k++) {
                    double moved = wanted.turnsNow()[k] - trial.turns().get(k);
                    error += k == adjuster ? 0 : moved * advisor.orElseThrow().response(k, result)[0];
                }
                points.add(new AdjustPlan.Point(
                        trial.turns().get(adjuster), error / tolerance, wanted.sd(trial, result) / tolerance));
            }
        }
        return points;
    }

    /** The worst over two adjusters, around where the turns lead. */
    Optional<AdjustPlan.Field> map(List<AdjustPlan.Turn> turns) {
        if (figures.map(one -> one.adjusters().size()).orElse(0) != 2) {
            return Optional.empty();
        }
        AdjustCase wanted = figures.get();
        Advisor knows = advisor.orElseThrow();
        double[] then = then(wanted, turns);
        double[] across = around(wanted, 0, then[0]);
        double[] up = around(wanted, 1, then[1]);
        List<List<Double>> worst = new ArrayList<>();
        for (double second : up) {
            List<Double> row = new ArrayList<>();
            for (double first : across) {
                row.add(knows.worst(new double[] {first, second}));
            }
            worst.add(row);
        }
        return Optional.of(new AdjustPlan.Field(
                wanted.adjusters().get(0).name(),
                wanted.adjusters().get(1).name(),
                boxed(across),
                boxed(up),
                worst,
                wanted.trials().stream().map(Trial::turns).toList(),
                knows.worst(wanted.turnsNow()),
                knows.worst(then),
                range(wanted.adjusters().get(0)),
                range(wanted.adjusters().get(1))));
    }

    private static double[] then(AdjustCase wanted, List<AdjustPlan.Turn> turns) {
        double[] then = wanted.turnsNow();
        for (int i = 0; i < then.length; i++) {
            Named name = wanted.adjusters().get(i).name();
            for (AdjustPlan.Turn turn : turns) {
                then[i] = turn.adjuster().equals(name) ? turn.to() : then[i];
            }
        }
        return then;
    }

    private static List<Double> range(Adjuster adjuster) {
        return List.of(adjuster.nearest(adjuster.minTurns()), adjuster.nearest(adjuster.maxTurns()));
    }

    /** Settings as far to either side of the middle as the path so far lies from it, and some steps more. */
    private static double[] around(AdjustCase wanted, int adjuster, double middle) {
        double step = wanted.adjusters().get(adjuster).stepTurns();
        double farthest = wanted.trials().stream()
                .mapToDouble(trial -> Math.abs(trial.turns().get(adjuster) - middle))
                .max()
                .orElse(0);
        int steps = (int) Math.ceil(farthest / step - 1e-9) + STEPS_BEYOND;
        int each = Math.max(1, (int) Math.ceil(2 * steps / (MOST_DRAWN - 1.0)));
        int side = (int) Math.ceil((double) steps / each);
        double[] settings = new double[2 * side + 1];
        for (int k = 0; k < settings.length; k++) {
            settings[k] = middle + (k - side) * each * step;
        }
        return settings;
    }

    /** Allowed settings, thinned where there are too many. */
    private static double[] drawn(Adjuster adjuster) {
        double low = adjuster.nearest(adjuster.minTurns());
        int steps = (int) Math.round((adjuster.nearest(adjuster.maxTurns()) - low) / adjuster.stepTurns());
        int each = Math.max(1, (int) Math.ceil(steps / (MOST_DRAWN - 1.0)));
        double[] drawn = new double[steps / each + 1];
        for (int k = 0; k < drawn.length; k++) {
            drawn[k] = low + k * each * adjuster.stepTurns();
        }
        return drawn;
    }

    private static List<Double> boxed(double[] values) {
        return java.util.Arrays.stream(values).boxed().toList();
    }
}
