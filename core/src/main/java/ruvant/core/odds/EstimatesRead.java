package ruvant.core.odds;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.offer.OfferPicture;
import ruvant.core.offer.OptionStep;
import ruvant.core.offer.RepairOption;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.minutes.Work;
import ruvant.core.plan.tasks.Works;
import ruvant.core.sitting.SittingTime;

/** Reads from closed jobs what was estimated when an option was agreed to, and what it took. */
public final class EstimatesRead {
    private static final double SHORTEST = 0.5;

    private EstimatesRead() {}

    /**
     * What people estimated; steps whose minutes were read from the shop's history are not estimates of anybody.
     *
     * @param returned jobs that went home, in the order of time
     */
    public static List<EstimateKept> of(List<JobPicture> returned) {
        List<EstimateKept> all = new ArrayList<>();
        for (int at = 0; at < returned.size(); at++) {
            JobPicture job = returned.get(at);
            int number = at;
            agreed(job).ifPresent(one -> all.addAll(of(number, job, one)));
        }
        return List.copyOf(all);
    }

    /** What was agreed first, before the work: what was agreed on the way knew more. */
    private static Optional<OfferPicture.Agreement> agreed(JobPicture job) {
        return job.offer().agreements().stream()
                .filter(one -> one.option().isPresent())
                .findFirst();
    }

    private static List<EstimateKept> of(int number, JobPicture job, OfferPicture.Agreement agreed) {
        RepairOption option = agreed.option().orElseThrow();
        Map<Work, List<OptionStep>> steps = option.steps().stream()
                .filter(one -> one.minutes().high() > 0)
                .collect(Collectors.groupingBy(
                        one -> Works.at(one.stop()), () -> new EnumMap<>(Work.class), Collectors.toList()));
        Map<Work, Double> took = new EnumMap<>(Work.class);
        for (SittingTime.Sat sat : job.sitting().sittings()) {
            if (!sat.from().isBefore(agreed.at())) {
                took.merge(Works.at(sat.stop()), (double) sat.minutes(), Double::sum);
            }
        }
        List<EstimateKept> all = new ArrayList<>();
        steps.forEach((work, there) -> {
            boolean typed = there.stream().allMatch(one -> one.minutes().estimated());
            double minutes = took.getOrDefault(work, 0.0);
            if (typed && minutes >= SHORTEST) {
                all.add(sum(number, work, there, minutes));
            }
        });
        return all;
    }

    /** Several steps at one stop: their middles add, and their widths as far as they lean the same way. */
    private static EstimateKept sum(int number, Work work, List<OptionStep> steps, double took) {
        double middle = 0;
        double squares = 0;
        double sum = 0;
        for (OptionStep step : steps) {
            Stretch one = Stretch.of(step.minutes());
            double width = one.middle() * (one.below() + one.above()) / 2;
            middle += one.middle();
            squares += width * width;
            sum += width;
        }
        double together = EstimatesHere.TOGETHER_BEFORE;
        double spread = Math.sqrt((1 - together) * squares + together * sum * sum) / middle;
        double factor = Math.exp(spread * Stretch.ONE_IN_TEN);
        return new EstimateKept(number, work, middle / factor, middle, middle * factor, took);
    }
}
