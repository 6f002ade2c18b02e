package ruvant.core.plan.tasks;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import ruvant.core.offer.OptionPart;
import ruvant.core.offer.OptionStep;
import ruvant.core.offer.RepairOption;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.plan.tasks.BenchTask.Comes;
import ruvant.core.trade.Stop;
import ruvant.core.treat.Lubrication;

/**
 * The steps of an option as tasks for the plan, as if it were agreed to now and all of it succeeded: one after another, with what
 * usually soaks or dries after such work, and the parts before the first step that needs them.
 */
public final class OptionTasks {
    /** A price list names a day, and mostly keeps to it. */
    private static final double PART_SPREAD = 0.4;

    private OptionTasks() {}

    /**
     * What would be left to do.
     *
     * @param left what is left of the job as it is
     * @param minutes how long each step takes
     */
    public static JobTasks of(
            JobTasks left, RepairOption option, Function<OptionStep, Guess> minutes, Lubrication waits, Instant now) {
        List<BenchTask> tasks = new ArrayList<>();
        RestsAfter rests = new RestsAfter(waits, tasks::add);
        Optional<OptionPart> lastPart = option.parts().stream().max(Comparator.comparing(OptionPart::days));
        boolean here = lastPart.isEmpty() || lastPart.get().days() == 0;
        List<Comes> last = List.of();
        int number = 0;
        for (OptionStep step : option.steps()) {
            if (step.minutes().high() == 0) {
                continue;
            }
            if (!here && step.stop().compareTo(Stop.MEND) >= 0) {
                OptionPart part = lastPart.get();
                BenchTask comes = BenchTask.arrival(
                        "option-part",
                        new BenchTask.Coming(now.plus(Duration.ofDays(part.days())), PART_SPREAD, true, part.words()));
                tasks.add(comes);
                last = java.util.stream.Stream.concat(
                                last.stream(), java.util.stream.Stream.of(Comes.after(comes.id())))
                        .toList();
                here = true;
            }
            number++;
            BenchTask task = BenchTask.work(
                            "option-" + number, Works.at(step.stop()), step.stop(), step.words(), minutes.apply(step))
                    .also(last);
            tasks.add(task);
            last = List.of(Comes.after(waits.usuallyAfter(kind(step.stop()))
                    .map(wait -> rests.chain(task.id(), wait, task.skill()))
                    .orElse(task.id())));
        }
        return left.with(tasks);
    }

    private static String kind(Stop stop) {
        return switch (stop) {
            case CLEAN -> "clean";
            case MEND -> "mend";
            case INTAKE, STRIP, FIND, OIL, REFIT, PROVE, RETURN -> "";
        };
    }
}
