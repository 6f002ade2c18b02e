package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.units.Named;

/**
 * How adjusters answered on other cameras: those of the model first, those of the family behind them. Cameras of a model
 * differ, so what one taught is expected of the next only within the spread between them.
 *
 * @param model adjusters as met on other cameras of the very model
 * @param family as met on other models of the family
 */
public record LearnedResponses(List<MetAdjuster> model, List<MetAdjuster> family) {
    /** Nothing learned yet. */
    public static final LearnedResponses NONE = new LearnedResponses(List.of(), List.of());

    /** Cameras of one model differ in a response by about this part of it, bends of the response counted in. */
    private static final double BETWEEN_CAMERAS = 0.25;

    /** Models of one family by about this. */
    private static final double BETWEEN_MODELS = 0.5;

    /** Told by the trials: the doubt is less than this part of what it was before any. */
    private static final double TOLD = 0.2;

    /** Where nothing is supposed, a response may be so many times the likely one. */
    private static final double UNSUPPOSED = 1.3;

    /** Cameras as it may be; the mean over them is as good as needed. */
    private static final int DRAWN = 400;

    /**
     * An adjuster as cameras met it.
     *
     * @param what as it was described last
     * @param answers one for each camera and result
     */
    public record MetAdjuster(AdjustEntry.AdjusterDescribed what, List<Answer> answers) {}

    /**
     * How a result of one camera answered.
     *
     * @param perTurn change for a turn or a place, in the result's unit
     * @param sd how well that was told, one standard deviation
     */
    public record Answer(Named result, double perTurn, double sd) {}

    /** Cameras that taught something of an adjuster's response, and of which model. */
    public record Expected(double perTurn, double sd, int cameras, boolean ofModel) {}

    /** What is to be expected of a response; empty where nothing was learned. */
    public Optional<Expected> of(Named adjuster, Named result) {
        Optional<Expected> here = mean(answers(model, adjuster, result), BETWEEN_CAMERAS, true);
        Optional<Expected> kin = mean(answers(family, adjuster, result), BETWEEN_MODELS, false);
        if (here.isEmpty() || kin.isEmpty()) {
            return here.or(() -> kin);
        }
        double own = 1 / square(here.get().sd());
        double others = 1 / square(kin.get().sd());
        return Optional.of(new Expected(
                (own * here.get().perTurn() + others * kin.get().perTurn()) / (own + others),
                // what a camera strays from its model does not shrink by knowing the family
                Math.max(
                        Math.sqrt(1 / (own + others)),
                        BETWEEN_CAMERAS * Math.abs(here.get().perTurn())),
                here.get().cameras(),
                true));
    }

    /**
     * What was learned of one response, as a hand turns.
     *
     * @param step the smallest turn in words
     * @param perStep change of the result for that
     * @param sd how far the next camera may be from it, one standard deviation
     * @param cameras that taught it
     */
    public record Taught(Named adjuster, String step, Named result, double perStep, double sd, int cameras) {}

    /** All that cameras of the model taught, by adjuster and result. */
    public List<Taught> table() {
        List<Taught> table = new ArrayList<>();
        for (MetAdjuster met : model) {
            double size = met.what().unit().size();
            met.answers().stream()
                    .map(Answer::result)
                    .distinct()
                    .forEach(result -> of(met.what().name(), result)
                            .ifPresent(one -> table.add(new Taught(
                                    met.what().name(),
                                    met.what().unit().words(size),
                                    result,
                                    size * one.perTurn(),
                                    size * one.sd(),
                                    one.cameras()))));
        }
        return table;
    }

    /** An adjuster as it was described on other cameras of the model. */
    public Optional<AdjustEntry.AdjusterDescribed> described(Named adjuster) {
        return model.stream()
                .map(MetAdjuster::what)
                .filter(what -> AdjustPicture.key(what.name()).equals(AdjustPicture.key(adjuster)))
                .findFirst();
    }

    private static List<Answer> answers(List<MetAdjuster> met, Named adjuster, Named result) {
        return met.stream()
                .filter(one -> AdjustPicture.key(one.what().name()).equals(AdjustPicture.key(adjuster)))
                .flatMap(one -> one.answers().stream())
                .filter(one -> AdjustPicture.key(one.result()).equals(AdjustPicture.key(result)))
                .toList();
    }

    /** Random-effects mean: what they differ by among each other, and no less than cameras usually do. */
    private static Optional<Expected> mean(List<Answer> answers, double between, boolean ofModel) {
        if (answers.isEmpty()) {
            return Optional.empty();
        }
        double plain = weighted(answers, 0);
        double spread = square(between * plain);
        double excess = 0;
        double weights = 0;
        double squares = 0;
        for (Answer one : answers) {
            double weight = 1 / square(one.sd());
            excess += weight * square(one.perTurn() - plain);
            weights += weight;
            squares += weight * weight;
        }
        if (answers.size() > 1) {
            double denominator = weights - squares / weights;
            spread = Math.max(spread, (excess - (answers.size() - 1)) / Math.max(1e-12, denominator));
        }
        double mean = weighted(answers, spread);
        double sum = 0;
        for (Answer one : answers) {
            sum += 1 / (spread + square(one.sd()));
        }
        return Optional.of(new Expected(mean, Math.sqrt(spread + 1 / sum) + 1e-9, answers.size(), ofModel));
    }

    private static double weighted(List<Answer> answers, double spread) {
        double sum = 0;
        double weights = 0;
        for (Answer one : answers) {
            double weight = 1 / (spread + square(one.sd()));
            sum += weight * one.perTurn();
            weights += weight;
        }
        return sum / weights;
    }

    /**
     * How an adjuster answered by nothing but the trials of a case: nothing is supposed of it, or it would teach what was
     * supposed. What the trials hardly told is left away.
     */
    public static List<Answer> answers(AdjustCase wanted, int adjuster) {
        List<Adjuster> unsupposed = new ArrayList<>();
        for (Adjuster one : wanted.adjusters()) {
            unsupposed.add(
                    new Adjuster(one.name(), one.stepTurns(), one.minTurns(), one.maxTurns(), 0, List.of(), List.of()));
        }
        Belief belief = new Belief(new AdjustCase(unsupposed, wanted.results(), wanted.trials()), DRAWN, 1);
        List<Answer> answers = new ArrayList<>();
        for (int j = 0; j < wanted.results().size(); j++) {
            double[] response = belief.response(adjuster, j);
            double doubt = response[1];
            if (doubt < TOLD * UNSUPPOSED * belief.supposed(adjuster, j)) {
                answers.add(new Answer(wanted.results().get(j).name(), response[0], doubt));
            }
        }
        return answers;
    }

    /** Puts together what several cameras met, by adjuster; the first describes it. */
    public static List<MetAdjuster> together(List<MetAdjuster> met) {
        Map<String, MetAdjuster> all = new HashMap<>();
        List<String> order = new ArrayList<>();
        for (MetAdjuster one : met) {
            String key = AdjustPicture.key(one.what().name());
            if (!all.containsKey(key)) {
                order.add(key);
            }
            all.merge(key, one, (first, next) -> {
                List<Answer> answers = new ArrayList<>(first.answers());
                answers.addAll(next.answers());
                return new MetAdjuster(first.what(), List.copyOf(answers));
            });
        }
        return order.stream().map(all::get).toList();
    }

    private static double square(double value) {
        return value * value;
    }
}
