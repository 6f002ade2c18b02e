package ruvant.core.odds;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Function;
import ruvant.core.offer.IfNot;
import ruvant.core.offer.OfferEntry;
import ruvant.core.offer.OptionKind;
import ruvant.core.offer.OptionPart;
import ruvant.core.offer.OptionStep;
import ruvant.core.offer.RepairOption;
import ruvant.core.trade.Stop;

/**
 * Works out what an option comes to. Steps are done one after another; where one fails the repair stops, the camera is closed again
 * and goes back as it came, or it is lost. Parts are got before the first step that mends, oils or closes; where one cannot
 * be had the repair stops there. Chances, averages and the worth afterwards follow from that exactly. What is not exceeded
 * in nine of ten cases is exact where nothing or one thing is uncertain; else the work is gone through many times, the minutes
 * of all steps leaning the same way as far as this shop's did.
 */
public final class OptionReckoning {
    private static final int COURSES = 20_000;
    private static final double NINE_OF_TEN = 0.9;

    /** Two standard errors on each side, for the interval from which the standard error of a quantile is read. */
    private static final double APART = 2;

    private static final double MINUTES_IN_HOUR = 60;
    private static final double PERCENT = 100;

    private final long hourMinor;
    private final double together;
    private final Function<OptionStep, Correction> corrections;
    private final long seed;

    /**
     * @param hourMinor what an hour is charged at
     * @param together how much of how a step goes is common to all steps of its camera, 0 to 1
     * @param corrections what is made of the minutes of a step
     * @param seed of all chances
     */
    public OptionReckoning(long hourMinor, double together, Function<OptionStep, Correction> corrections, long seed) {
        this.hourMinor = hourMinor;
        this.together = together;
        this.corrections = corrections;
        this.seed = seed;
    }

    /** All options of a sheet, in its order. */
    public List<OptionFigures> of(OfferEntry.OptionsDrawn sheet) {
        return sheet.options().stream()
                .map(one -> of(one, sheet.asIsMinor(), sheet.partsMinor()))
                .toList();
    }

    /**
     * One option.
     *
     * @param asIsMinor what the camera fetches as it is; null where nobody said
     * @param partsMinor what it fetches where it is lost; null where nobody said
     */
    public OptionFigures of(RepairOption option, Long asIsMinor, Long partsMinor) {
        Way way = new Way(option);
        double expected = 0;
        double minutes = 0;
        double reached = 1;
        double lost = 0;
        for (int at = 0; at < way.steps.size(); at++) {
            OptionStep step = way.steps.get(at);
            if (at == way.partsBefore) {
                reached *= way.partsChance;
                expected += reached * way.partsMinor;
            }
            // closing is done however it ended, unless the camera was lost
            double done = step.closing() ? 1 - lost : reached;
            minutes += done * way.stretches.get(at).mean();
            double fails = 1 - step.chance() / PERCENT;
            lost += step.ifNot() == IfNot.LOST ? reached * fails : 0;
            reached *= 1 - fails;
        }
        if (way.partsBefore == way.steps.size()) {
            reached *= way.partsChance;
            expected += reached * way.partsMinor;
        }
        expected += minutes * hourMinor / MINUTES_IN_HOUR;
        double works = option.kind() == OptionKind.LEAVE ? 0 : reached;
        Optional<Long> worth = worth(option, works, lost, asIsMinor, partsMinor);
        InBoth outer = outer(way);
        return new OptionFigures(
                works,
                lost,
                Math.round(expected),
                outer.cost,
                minutes,
                outer.minutes,
                worth,
                worth.map(after -> after - asIsMinor));
    }

    /** Only what can happen has to be known. */
    private static Optional<Long> worth(RepairOption option, double works, double lost, Long asIs, Long parts) {
        boolean known = asIs != null && (works == 0 || option.worthMinor() != null) && (lost == 0 || parts != null);
        if (!known) {
            return Optional.empty();
        }
        double worth = (1 - works - lost) * asIs;
        worth += works == 0 ? 0 : works * option.worthMinor();
        worth += lost == 0 ? 0 : lost * parts;
        return Optional.of(Math.round(worth));
    }

    private record InBoth(OptionFigures.InNineOfTen cost, OptionFigures.InNineOfTen minutes) {}

    private InBoth outer(Way way) {
        boolean sure = way.partsChance == 1 && way.steps.stream().allMatch(one -> one.chance() == 100);
        long uncertain = way.stretches.stream().filter(one -> !one.exact()).count();
        if (sure && uncertain <= 1) {
            double minutes = way.stretches.stream()
                    .mapToDouble(one -> one.at(Stretch.ONE_IN_TEN))
                    .sum();
            return new InBoth(
                    new OptionFigures.InNineOfTen(cost(minutes, way.partsMinor), 0),
                    new OptionFigures.InNineOfTen(minutes, 0));
        }
        SplittableRandom random = new SplittableRandom(seed);
        double[] costs = new double[COURSES];
        double[] minutes = new double[COURSES];
        for (int at = 0; at < COURSES; at++) {
            Course one = way.course(random);
            costs[at] = cost(one.minutes, one.partsMinor);
            minutes[at] = one.minutes;
        }
        return new InBoth(quantile(costs), quantile(minutes));
    }

    private double cost(double minutes, long partsMinor) {
        return minutes * hourMinor / MINUTES_IN_HOUR + partsMinor;
    }

    /** The quantile and its standard error, from how many of so many draws lie below it: binomial. */
    private static OptionFigures.InNineOfTen quantile(double[] drawn) {
        Arrays.sort(drawn);
        double off = APART * Math.sqrt(drawn.length * NINE_OF_TEN * (1 - NINE_OF_TEN));
        double place = NINE_OF_TEN * drawn.length;
        double low = drawn[(int) Math.floor(place - off)];
        double high = drawn[(int) Math.ceil(place + off)];
        double error = (high - low) / (2 * APART);
        // where many draws are the same the interval has no width, though it was simulated
        return new OptionFigures.InNineOfTen(drawn[(int) Math.ceil(place) - 1], Math.max(error, Double.MIN_NORMAL));
    }

    private record Course(double minutes, long partsMinor) {}

    /** The steps of an option in the order in which they are done, and where parts come in. */
    private final class Way {
        private final List<OptionStep> steps;
        private final List<Stretch> stretches = new ArrayList<>();
        private final int partsBefore;
        private final double partsChance;
        private final long partsMinor;

        private Way(RepairOption option) {
            this.steps = option.steps();
            steps.forEach(one -> stretches.add(Stretch.of(one.minutes()).corrected(corrections.apply(one))));
            int first = 0;
            while (first < steps.size() && steps.get(first).stop().compareTo(Stop.MEND) < 0) {
                first++;
            }
            this.partsBefore = first;
            this.partsChance = option.parts().stream()
                    .mapToDouble(one -> one.chance() / PERCENT)
                    .reduce(1, (one, other) -> one * other);
            this.partsMinor =
                    option.parts().stream().mapToLong(OptionPart::priceMinor).sum();
        }

        private Course course(SplittableRandom random) {
            double common = random.nextGaussian();
            double minutes = 0;
            boolean going = true;
            boolean lost = false;
            long parts = 0;
            for (int at = 0; at < steps.size(); at++) {
                OptionStep step = steps.get(at);
                if (at == partsBefore && going) {
                    going = random.nextDouble() < partsChance;
                    parts = going ? partsMinor : 0;
                }
                double place = Math.sqrt(together) * common + Math.sqrt(1 - together) * random.nextGaussian();
                if (going || step.closing() && !lost) {
                    minutes += stretches.get(at).at(place);
                }
                if (going && random.nextDouble() * PERCENT >= step.chance()) {
                    going = false;
                    lost = step.ifNot() == IfNot.LOST;
                }
            }
            if (partsBefore == steps.size() && going && random.nextDouble() < partsChance) {
                parts = partsMinor;
            }
            return new Course(minutes, parts);
        }
    }
}
