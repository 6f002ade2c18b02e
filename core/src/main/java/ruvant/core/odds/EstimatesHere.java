package ruvant.core.odds;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.plan.minutes.Work;

/**
 * How good this shop's estimates were, and what is made of them therefore. How many times as long work took as was estimated is
 * log-normal: a factor of the shop, from which each kind of work may differ, both drawn toward 1 while little is known; and a
 * width, drawn toward the one that was estimated. All by kind are normal with known spread, so each step below is the mean of
 * a normal posterior; the width is found by going round a few times.
 */
public final class EstimatesHere {
    /** How far shops in general are off, as a standard deviation of the logarithm of the factor. */
    private static final double SHOPS = 0.35;

    /** How far a kind of work differs from the rest of its shop. */
    private static final double KINDS = 0.2;

    /** An estimate narrower than this claims more than anybody knows. */
    private static final double NARROWEST = 0.1;

    /** So many estimates of right width are thought to have been seen before any was. */
    private static final double WIDTHS_BEFORE = 8;

    /** So many pairs of steps of one camera are thought to have been seen before any was. */
    private static final double PAIRS_BEFORE = 30;

    /** How much the steps of one camera have in common before this shop has a history. */
    public static final double TOGETHER_BEFORE = 0.3;

    private static final double MOST_TOGETHER = 0.9;
    private static final double NARROWEST_WIDTH = 0.5;
    private static final double WIDEST_WIDTH = 3;
    private static final int ROUNDS = 4;
    private static final int FEW = 8;

    private final List<EstimateKept> kept;
    private final Map<Work, Double> shifts = new EnumMap<>(Work.class);
    private final double shift;
    private final double width;
    private final double together;

    /** @param kept in the order of time */
    public EstimatesHere(List<EstimateKept> kept) {
        this.kept = List.copyOf(kept);
        double wide = 1;
        double common = 0;
        for (int round = 0; round < ROUNDS; round++) {
            common = 0;
            double weights = 1 / (SHOPS * SHOPS);
            double sum = 0;
            for (EstimateKept one : kept) {
                double weight = weight(one, wide);
                weights += weight;
                sum += weight * one.off();
            }
            common = sum / weights;
            for (Work work : Work.values()) {
                shifts.put(work, shift(work, common, wide));
            }
            wide = width();
        }
        this.shift = common;
        this.width = wide;
        this.together = together();
    }

    private static double weight(EstimateKept one, double wide) {
        double spread = wide * Math.max(NARROWEST, one.spread());
        return 1 / (spread * spread);
    }

    private double shift(Work work, double common, double wide) {
        double weights = 1 / (KINDS * KINDS);
        double sum = weights * common;
        for (EstimateKept one : kept) {
            if (one.work() == work) {
                double weight = weight(one, wide);
                weights += weight;
                sum += weight * one.off();
            }
        }
        return sum / weights;
    }

    private double width() {
        double sum = WIDTHS_BEFORE;
        for (EstimateKept one : kept) {
            double place = place(one, 1);
            sum += place * place;
        }
        return Math.clamp(Math.sqrt(sum / (WIDTHS_BEFORE + kept.size())), NARROWEST_WIDTH, WIDEST_WIDTH);
    }

    /** Where it came out within the corrected estimate, in standard deviations. */
    private double place(EstimateKept one, double wide) {
        return (one.off() - shifts.get(one.work())) / (wide * Math.max(NARROWEST, one.spread()));
    }

    /** How much the steps of a camera have in common: the mean product of where two of them came out. */
    private double together() {
        Map<Integer, List<Double>> byJob = new LinkedHashMap<>();
        kept.forEach(one ->
                byJob.computeIfAbsent(one.job(), job -> new ArrayList<>()).add(place(one, width)));
        double products = 0;
        double pairs = 0;
        for (List<Double> places : byJob.values()) {
            for (int one = 0; one < places.size(); one++) {
                for (int other = 0; other < one; other++) {
                    products += Math.clamp(places.get(one) * places.get(other), -4, 4);
                    pairs++;
                }
            }
        }
        return Math.clamp((PAIRS_BEFORE * TOGETHER_BEFORE + products) / (PAIRS_BEFORE + pairs), 0, MOST_TOGETHER);
    }

    /** What is made of an estimate of such work. */
    public Correction of(Work work) {
        return new Correction(Math.exp(shifts.get(work)), width);
    }

    /** The factor of the whole shop. */
    public double factor() {
        return Math.exp(shift);
    }

    /** How much of how a step goes is common to all steps of its camera, 0 to 0.9. */
    public double howMuchTogether() {
        return together;
    }

    /**
     * Estimates of one kind of work.
     *
     * @param count how many
     * @param ratio minutes taken over minutes estimated, in the middle
     * @param factor that is put on such estimates now
     * @param within part that took no less than the low and no more than the high figure; 0.8 is right
     */
    public record OfKind(Work work, int count, double ratio, double factor, double within) {}

    /** By kind of work, in the order of a job; kinds that were never estimated are left out. */
    public List<OfKind> byKind() {
        List<OfKind> all = new ArrayList<>();
        for (Work work : Work.values()) {
            List<EstimateKept> its =
                    kept.stream().filter(one -> one.work() == work).toList();
            if (!its.isEmpty()) {
                double[] ratios = its.stream()
                        .mapToDouble(one -> one.took() / one.likely())
                        .sorted()
                        .toArray();
                all.add(new OfKind(work, its.size(), ratios[ratios.length / 2], of(work).factor(), share(its)));
            }
        }
        return List.copyOf(all);
    }

    private static double share(List<EstimateKept> some) {
        return some.stream().filter(EstimateKept::within).count() / (double) some.size();
    }

    /**
     * Later estimates held against what was learnt from the earlier ones alone.
     *
     * @param count how many later ones
     * @param withinAsSaid part of them within what was estimated; 0.8 is right
     * @param within part of them within what was made of it
     * @param ratioAsSaid minutes taken over minutes estimated, in the middle; 1 is right
     * @param ratio minutes taken over what was made of the estimate, in the middle
     */
    public record EstimatesHeld(int count, double withinAsSaid, double within, double ratioAsSaid, double ratio) {}

    /** Whether correcting helps: the later half as corrected by the earlier half. Empty while there is too little. */
    public Optional<EstimatesHeld> held() {
        if (kept.size() < 2 * FEW) {
            return Optional.empty();
        }
        List<EstimateKept> later = kept.subList(kept.size() / 2, kept.size());
        EstimatesHere earlier = new EstimatesHere(kept.subList(0, kept.size() / 2));
        int within = 0;
        double[] said = new double[later.size()];
        double[] corrected = new double[later.size()];
        for (int at = 0; at < said.length; at++) {
            EstimateKept one = later.get(at);
            Correction by = earlier.of(one.work());
            within += Math.abs(earlier.place(one, by.width())) <= Stretch.ONE_IN_TEN ? 1 : 0;
            said[at] = one.took() / one.likely();
            corrected[at] = said[at] / by.factor();
        }
        Arrays.sort(said);
        Arrays.sort(corrected);
        return Optional.of(new EstimatesHeld(
                later.size(),
                share(later),
                within / (double) later.size(),
                said[said.length / 2],
                corrected[corrected.length / 2]));
    }
}
