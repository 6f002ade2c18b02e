package ruvant.core.odds;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.offer.IfNot;
import ruvant.core.offer.OfferEntry;
import ruvant.core.offer.OptionKind;
import ruvant.core.offer.OptionPart;
import ruvant.core.offer.OptionStep;
import ruvant.core.offer.RepairOption;
import ruvant.core.offer.StepMinutes;
import ruvant.core.parts.PartsPicture;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.StuckNow;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.plan.minutes.Work;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.trade.Stop;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.Money;

/**
 * A first sheet of options for a camera as it stands, to be changed by whoever knows it: what is left to do by the plan with the
 * minutes that such work took here, with more added for the fuller options; at a fork, what can be tried there.
 */
public final class OptionSuggest {
    private static final StepMinutes THROUGHOUT = StepMinutes.estimated(40, 70, 140);
    private static final StepMinutes LOOKS = StepMinutes.estimated(45, 90, 200);
    private static final StepMinutes A_RUNG = StepMinutes.estimated(10, 25, 70);
    private static final StepMinutes A_SEARCH = StepMinutes.estimated(10, 20, 60);

    /** What nobody has a count of is as likely as not, or a little more. */
    private static final int UNCOUNTED = 60;

    private static final int PERCENT = 100;

    private final JobNow job;
    private final JobTasks left;
    private final RepairsHere repairs;
    private final int partDays;

    /**
     * @param left what is left to do by the plan
     * @param partDays until a part usually comes that is still to be found
     */
    public OptionSuggest(JobNow job, JobTasks left, RepairsHere repairs, int partDays) {
        this.job = job;
        this.left = left;
        this.repairs = repairs;
        this.partDays = partDays;
    }

    /** The sheet. */
    public OfferEntry.OptionsDrawn sheet() {
        List<RepairOption> options = new ArrayList<>();
        options.add(option(OptionKind.LEAVE, "", closing(), List.of()));
        Optional<StuckNow> stuck = stuck();
        Optional<PartsPicture.Need> need =
                job.picture().parts().openNeeds().stream().findFirst();
        String fork = "";
        if (stuck.isPresent()) {
            TradeLists.Rung rung = stuck.get().next().orElseThrow();
            fork = stuck.get().what().fastener() + " at " + stuck.get().what().part() + " is stuck; the next step, "
                    + rung.label().toLowerCase(java.util.Locale.ROOT) + ", cannot be undone";
            options.add(forced(stuck.get(), rung));
        } else if (need.isPresent()) {
            fork = need.get().wanted() + " is needed";
            options.add(bought(need.get()));
            options.add(made(need.get()));
        } else {
            options.add(option(OptionKind.MINIMAL, "", steps(), List.of()));
            options.add(option(OptionKind.FULL, "", fuller(false), List.of()));
            options.add(option(OptionKind.ALL_OUT, "", fuller(true), List.of()));
        }
        return new OfferEntry.OptionsDrawn(
                options,
                fork,
                null,
                null,
                job.shop().practice().reckoning().money().currency());
    }

    private RepairOption option(OptionKind kind, String name, List<OptionStep> steps, List<OptionPart> parts) {
        String id = kind == OptionKind.OWN
                ? ruvant.core.units.Named.idOf(name)
                : kind.name().toLowerCase(java.util.Locale.ROOT);
        Money worth = job.picture().received().owner().worth();
        return new RepairOption(
                id,
                kind,
                name.isEmpty() ? kind.label() : name,
                steps,
                parts,
                worth == null || kind == OptionKind.LEAVE ? null : worth.minor());
    }

    private Optional<StuckNow> stuck() {
        return job.stuck().stream()
                .filter(one -> one.next().filter(TradeLists.Rung::irreversible).isPresent())
                .findFirst();
    }

    private RepairOption forced(StuckNow stuck, TradeLists.Rung rung) {
        List<OptionStep> steps = new ArrayList<>();
        steps.add(new OptionStep(
                Stop.STRIP,
                rung.label() + ": " + stuck.what().part(),
                stuck.what().part().key(),
                A_RUNG,
                UNCOUNTED,
                IfNot.STOPS));
        steps.addAll(steps());
        return option(OptionKind.OWN, rung.label(), steps, List.of());
    }

    private RepairOption bought(PartsPicture.Need need) {
        String name = "Find " + need.wanted();
        List<OptionStep> steps = new ArrayList<>();
        steps.add(OptionStep.sure(Stop.FIND, name, A_SEARCH));
        steps.addAll(withoutSearch());
        return option(
                OptionKind.OWN,
                name,
                steps,
                List.of(new OptionPart(need.wanted().text(), 1, 0, UNCOUNTED, partDays)));
    }

    private RepairOption made(PartsPicture.Need need) {
        String name = "Make " + need.wanted();
        int minutes = job.shop().practice().reckoning().rates().makeMinutes();
        List<OptionStep> steps = new ArrayList<>();
        steps.add(new OptionStep(
                Stop.MEND,
                name,
                need.part().key(),
                StepMinutes.estimated(Math.max(1, minutes * 6 / 10), minutes, minutes * 2),
                UNCOUNTED,
                IfNot.STOPS));
        steps.addAll(withoutSearch());
        return option(OptionKind.OWN, name, steps, List.of());
    }

    private List<OptionStep> withoutSearch() {
        return steps(left.tasks().stream()
                .filter(one -> !one.id().startsWith("find-"))
                .toList());
    }

    private List<OptionStep> steps() {
        return steps(left.tasks());
    }

    private List<OptionStep> steps(List<BenchTask> tasks) {
        return tasks.stream()
                .filter(BenchTask::byHand)
                .map(this::step)
                .sorted(java.util.Comparator.comparing(OptionStep::stop))
                .toList();
    }

    private OptionStep step(BenchTask task) {
        boolean treats = task.work() == Work.TREAT && !task.id().contains("/");
        String cause = task.id().startsWith("treat-") ? task.id().substring("treat-".length()) : "";
        int chance = treats ? chance(cause) : PERCENT;
        return new OptionStep(task.stop(), task.words(), cause, minutes(task.minutes()), chance, IfNot.STOPS);
    }

    private int chance(String cause) {
        var camera = job.picture().received().camera();
        double chance = repairs.like(camera.maker() + " " + camera.model(), camera.family(), cause)
                .chance();
        return (int) Math.clamp(Math.round(chance * PERCENT), 1, 99);
    }

    private static StepMinutes minutes(Guess guess) {
        int likely = (int) Math.max(1, Math.round(guess.median()));
        int low = (int) Math.clamp(Math.round(guess.within(0.1)), 1, likely);
        int high = (int) Math.max(likely, Math.round(guess.within(0.9)));
        return new StepMinutes(low, likely, high, guess.seen());
    }

    private List<OptionStep> closing() {
        return steps(left.tasks().stream()
                .filter(one -> one.stop() == Stop.REFIT || one.stop() == Stop.RETURN)
                .filter(one -> !one.id().equals("refit-1") || apart())
                .toList());
    }

    private boolean apart() {
        return !job.picture().valley().out().isEmpty();
    }

    private List<OptionStep> fuller(boolean looksToo) {
        List<OptionStep> steps = new ArrayList<>(steps());
        add(steps, OptionStep.sure(Stop.OIL, "Clean, oil and adjust throughout", THROUGHOUT));
        if (looksToo) {
            add(steps, OptionStep.sure(Stop.MEND, "Glass, covering and looks", LOOKS));
        }
        return steps;
    }

    /** In its place in the order of the work. */
    private static void add(List<OptionStep> steps, OptionStep step) {
        int at = 0;
        while (at < steps.size() && steps.get(at).stop().compareTo(step.stop()) <= 0) {
            at++;
        }
        steps.add(at, step);
    }
}
