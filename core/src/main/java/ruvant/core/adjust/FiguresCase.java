package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Puts a job's settings and readings into a case for the advisor: the chosen adjusters and what they move. */
final class FiguresCase {
    private static final int MOST_TRIALS = 100;
    private static final int MOST_RESULTS = 16;

    private FiguresCase() {}

    /** Results with figures that the adjusters move, as far as they were measured; all of them where nobody knows. */
    static List<WantedResult> results(List<AdjustEntry.AdjusterDescribed> adjusters, Readings readings) {
        boolean unknown = adjusters.stream().anyMatch(one -> one.moves().isEmpty());
        return readings.measured().stream()
                .filter(result -> unknown || adjusters.stream().anyMatch(one -> effect(one, result) != 0))
                .limit(MOST_RESULTS)
                .toList();
    }

    static double effect(AdjustEntry.AdjusterDescribed adjuster, WantedResult result) {
        return adjuster.moves().stream()
                .filter(moves -> AdjustPicture.key(moves.result()).equals(AdjustPicture.key(result.name())))
                .mapToDouble(AdjustEntry.Moves::effect)
                .findFirst()
                .orElse(0);
    }

    /**
     * The case; empty where none of their results was measured.
     *
     * @param accepted narrower ranges by adjuster's key, where a judged result has to stay right
     */
    static Optional<AdjustCase> of(
            AdjustPicture picture,
            List<AdjustEntry.AdjusterDescribed> adjusters,
            Readings readings,
            LearnedResponses learned,
            Map<String, double[]> accepted) {
        List<WantedResult> results = results(adjusters, readings);
        List<Trial> trials = trials(picture, adjusters, readings, results);
        if (results.isEmpty() || adjusters.isEmpty() || trials.isEmpty()) {
            return Optional.empty();
        }
        List<Adjuster> turnable = adjusters.stream()
                .map(one -> adjuster(one, results, learned, accepted))
                .toList();
        return Optional.of(new AdjustCase(turnable, results, trials));
    }

    private static Adjuster adjuster(
            AdjustEntry.AdjusterDescribed what,
            List<WantedResult> results,
            LearnedResponses learned,
            Map<String, double[]> accepted) {
        double[] range =
                accepted.getOrDefault(AdjustPicture.key(what.name()), new double[] {what.least(), what.most()});
        return new Adjuster(
                what.name(),
                what.unit().size(),
                range[0],
                range[1],
                what.moves().isEmpty() ? 0 : 1,
                what.moves().isEmpty()
                        ? List.of()
                        : results.stream().map(result -> effect(what, result)).toList(),
                results.stream()
                        .map(result -> learned.of(what.name(), result.name())
                                .map(one -> new Adjuster.Learned(one.perTurn(), one.sd())))
                        .toList());
    }

    private static List<Trial> trials(
            AdjustPicture picture,
            List<AdjustEntry.AdjusterDescribed> adjusters,
            Readings readings,
            List<WantedResult> results) {
        List<Trial> trials = new ArrayList<>();
        Map<String, Double> othersBefore = Map.of();
        for (int s = 0; s < picture.settings().size(); s++) {
            AdjustPicture.Setting setting = picture.settings().get(s);
            Map<String, Double> others = new java.util.HashMap<>(setting.turns());
            adjusters.forEach(one -> others.remove(AdjustPicture.key(one.name())));
            List<Double> measured = new ArrayList<>();
            List<Double> sds = new ArrayList<>();
            for (WantedResult result : results) {
                Optional<Readings.Reading> reading = readings.at(s, result);
                measured.add(reading.map(Readings.Reading::error).orElse(Double.NaN));
                sds.add(reading.map(Readings.Reading::sd).orElse(result.measureSd()));
            }
            // an adjuster that is not looked at here moves things as any other work does
            trials.add(new Trial(
                    adjusters.stream().map(one -> setting.of(one.name())).toList(),
                    measured,
                    sds,
                    setting.afterWork() || s > 0 && !others.equals(othersBefore)));
            othersBefore = others;
        }
        return trials.size() <= MOST_TRIALS ? trials : trials.subList(trials.size() - MOST_TRIALS, trials.size());
    }

    /** How a camera's adjusters answered: what it teaches the next one. Each is looked at by itself. */
    static List<LearnedResponses.MetAdjuster> taughtBy(AdjustPicture picture, Readings readings) {
        return picture.turned().stream()
                .map(known -> new LearnedResponses.MetAdjuster(
                        known.what(),
                        of(picture, List.of(known.what()), readings, LearnedResponses.NONE, Map.of())
                                .map(wanted -> LearnedResponses.answers(wanted, 0))
                                .orElse(List.of())))
                .toList();
    }
}
