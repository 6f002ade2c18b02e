package ruvant.core.plan.minutes;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What this shop's minutes really are, and how well they were known beforehand. The later half of the history is held against what was
 * learnt from the earlier half alone, so that no piece of work speaks for itself.
 *
 * @param works by kind of work, in the order of a job
 * @param models by model, those with most minutes first
 */
public record MinutesHere(List<OfWork> works, List<OfModel> models) {
    private static final int FEW = 8;

    /**
     * One kind of work.
     *
     * @param count how often it was timed
     * @param median minutes that half of them took
     * @param least minutes that nine in ten exceeded
     * @param most minutes that one in ten exceeded
     * @param all minutes of all of them
     * @param held how well it was known beforehand; empty while there is too little to say
     */
    public record OfWork(
            Work work, int count, double median, double least, double most, double all, Optional<HeldAgainst> held) {}

    /**
     * Later work held against what was expected.
     *
     * @param count how many pieces
     * @param within the part that lay between what nine in ten and one in ten were to exceed; 0.8 is right
     * @param ratio in the middle, minutes taken over minutes expected
     */
    public record HeldAgainst(int count, double within, double ratio) {}

    /**
     * One model.
     *
     * @param jobs pieces of work that were timed at it
     * @param minutes of all of them
     * @param ratio minutes taken over what work of its kind takes here in the middle
     */
    public record OfModel(String model, int jobs, double minutes, double ratio) {}

    /** @param took in the order of time */
    public static MinutesHere of(List<Took> took) {
        Map<Work, List<Took>> byWork = new TreeMap<>();
        took.forEach(one -> byWork.computeIfAbsent(one.task().work(), work -> new ArrayList<>())
                .add(one));
        Map<Work, Double> middle = new TreeMap<>();
        List<OfWork> works = new ArrayList<>();
        byWork.forEach((work, all) -> {
            double[] minutes = all.stream().mapToDouble(Took::minutes).sorted().toArray();
            middle.put(work, at(minutes, 0.5));
            works.add(new OfWork(
                    work,
                    minutes.length,
                    at(minutes, 0.5),
                    at(minutes, 0.1),
                    at(minutes, 0.9),
                    all.stream().mapToDouble(Took::minutes).sum(),
                    held(all)));
        });
        return new MinutesHere(works, models(took, middle));
    }

    private static double at(double[] sorted, double place) {
        return sorted[(int) Math.round(place * (sorted.length - 1))];
    }

    private static Optional<HeldAgainst> held(List<Took> all) {
        if (all.size() < FEW) {
            return Optional.empty();
        }
        List<Took> earlier = all.subList(0, all.size() / 2);
        List<Took> later = all.subList(all.size() / 2, all.size());
        MinutesKnown known = new MinutesKnown(earlier);
        int within = 0;
        double[] ratios = new double[later.size()];
        for (int at = 0; at < ratios.length; at++) {
            Took one = later.get(at);
            Guess guess = known.guess(one.task(), one.person());
            boolean so = one.minutes() >= guess.within(0.1) && one.minutes() <= guess.within(0.9);
            within += so ? 1 : 0;
            ratios[at] = one.minutes() / guess.median();
        }
        Arrays.sort(ratios);
        return Optional.of(new HeldAgainst(later.size(), within / (double) later.size(), at(ratios, 0.5)));
    }

    private static List<OfModel> models(List<Took> took, Map<Work, Double> middle) {
        Map<String, List<Took>> byModel = new LinkedHashMap<>();
        took.stream()
                .filter(one -> !one.task().model().isEmpty())
                .forEach(one -> byModel.computeIfAbsent(one.task().model(), model -> new ArrayList<>())
                        .add(one));
        List<OfModel> models = new ArrayList<>();
        byModel.forEach((model, all) -> {
            double minutes = all.stream().mapToDouble(Took::minutes).sum();
            double usual = all.stream()
                    .mapToDouble(one -> middle.get(one.task().work()))
                    .sum();
            models.add(new OfModel(model, all.size(), minutes, minutes / usual));
        });
        models.sort(Comparator.comparing(OfModel::minutes).reversed());
        return List.copyOf(models);
    }
}
