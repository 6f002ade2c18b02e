package ruvant.core.plan.tasks;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.find.FindPicture;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.intake.IntakePicture;
import ruvant.core.parts.PartsPicture;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.NextStep;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.plan.minutes.Work;
import ruvant.core.plan.tasks.BenchTask.Comes;
import ruvant.core.trade.Stop;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.ById;
import ruvant.core.wish.Wish;

/**
 * Reads from the picture of a job what is left to do: the attended tasks in the order of the work, what runs or will run by the clock,
 * and what comes from outside. No more is concluded than the log says: work on a fault that is not known yet is one task of
 * unknown length, not a list of guesses.
 */
public final class TasksLeft {
    /** Work on a fault that is not known yet mostly begins with cleaning. */
    private static final String CLEANING = "clean";

    private static final Guess SEARCH = new Guess(12, 0.6, 0);
    private static final Guess MEASURE = new Guess(12, 0.5, 0);

    private final JobNow job;
    private final JobPicture picture;
    private final IntakeEntry.Received in;
    private final KnownHere known;
    private final Instant now;
    private final RestsAfter rests;
    private final List<BenchTask> tasks = new ArrayList<>();
    private List<Comes> last = List.of();

    private TasksLeft(JobNow job, KnownHere known) {
        this.job = job;
        this.picture = job.picture();
        this.in = picture.received();
        this.known = known;
        this.now = job.now();
        this.rests = new RestsAfter(job.shop().lubrication(), one -> tasks.add(wished(one)));
    }

    /** What is left at a camera; no tasks for one that went home. */
    public static JobTasks of(JobNow job, KnownHere known) {
        JobPicture picture = job.picture();
        TasksLeft left = new TasksLeft(job, known);
        if (!picture.returned()) {
            left.all();
        }
        return new JobTasks(
                picture.tag(),
                left.in.camera().words(),
                picture.intake().receivedAt().orElse(job.now()),
                picture.promised(),
                picture.wishes().urgency(),
                Seated.now(left.tasks, picture, job.now()));
    }

    /** What is left at all cameras of the shop. */
    public static List<JobTasks> of(List<JobNow> jobs, KnownHere known) {
        return Seated.oneEach(jobs.stream()
                .map(job -> of(job, known))
                .filter(one -> !one.tasks().isEmpty())
                .toList());
    }

    private void all() {
        if (picture.intake().functions().isEmpty()) {
            then(task("intake", Work.INTAKE, Stop.INTAKE, "Finish intake", remaining(Work.INTAKE, "")));
        }
        boolean apart = !picture.valley().out().isEmpty();
        boolean opened = !picture.valley().parts().isEmpty();
        List<NextStep.Treat> untreated = job.next().stream()
                .filter(NextStep.Treat.class::isInstance)
                .map(NextStep.Treat.class::cast)
                .toList();
        boolean causeKnown = !picture.find().causes().isEmpty();
        boolean begun = treated();
        boolean toOpen = !opened && !begun;
        if (toOpen) {
            then(task("open", Work.WAY_IN, Stop.STRIP, "Open it", remaining(Work.WAY_IN, "")));
        }
        boolean unknown = !causeKnown && !begun && (toOpen || apart);
        if (unknown) {
            then(task("look", Work.LOOK, Stop.FIND, lookWords(), remaining(Work.LOOK, "")));
        }
        treat(untreated, unknown);
        List<Comes> worked = last;
        waits();
        arrivals();
        refit(toOpen, apart, worked);
        if (job.next().stream().anyMatch(NextStep.MeasureTurn.class::isInstance)) {
            then(task("adjust", Work.ADJUST, Stop.PROVE, "Measure after the turn", MEASURE));
        }
        if (!provedAlready()) {
            then(task("prove", Work.PROVE, Stop.PROVE, "Prove it", remaining(Work.PROVE, "")));
        }
        // it goes home when nothing is left, whatever the order in which that is done
        last = join(last, ends());
        then(task("return", Work.RETURN, Stop.RETURN, "Return it", remaining(Work.RETURN, "")));
    }

    /** The tasks that no other comes after. */
    private List<Comes> ends() {
        Set<String> followed = tasks.stream()
                .flatMap(one -> one.after().stream())
                .map(Comes::task)
                .collect(Collectors.toSet());
        return tasks.stream()
                .map(BenchTask::id)
                .filter(id -> !followed.contains(id))
                .map(Comes::after)
                .toList();
    }

    /** Whether anything was done to it beyond taking it apart. */
    private boolean treated() {
        TreatPicture treat = picture.treat();
        return treat.workedOn().findAny().isPresent()
                || !treat.waits().isEmpty()
                || !picture.parts().replacements().isEmpty();
    }

    private boolean provedAlready() {
        return picture.valley().out().isEmpty()
                && tasks.isEmpty()
                && job.next().stream().allMatch(step -> step.stop() == Stop.RETURN)
                && job.next().stream().anyMatch(NextStep.WriteSheet.class::isInstance);
    }

    private String lookWords() {
        return picture.find().suspects().stream()
                .filter(one -> one.state() == FindPicture.State.OPEN)
                .findFirst()
                .map(one -> "Look: " + one.what().words())
                .orElse("Find the fault");
    }

    private void treat(List<NextStep.Treat> untreated, boolean unknown) {
        List<Comes> before = last;
        List<BenchTask> answers = picture.offer().unanswered().stream()
                .map(one -> BenchTask.arrival(
                        "answer-" + shortly(one.id().toString()), known.delays().answer(one, now)))
                .toList();
        tasks.addAll(answers);
        List<Comes> held = answers.stream().map(one -> Comes.after(one.id())).toList();
        List<Comes> ends = new ArrayList<>();
        for (NextStep.Treat treat : untreated) {
            String cause = treat.cause().id();
            BenchTask one = task("treat-" + cause, Work.TREAT, treat.stop(), words(treat), remaining(Work.TREAT, cause))
                    .also(before)
                    .also(held);
            ends.add(rested(one, restOf(treat.calls(), cause)));
        }
        if (unknown) {
            BenchTask one = task("treat", Work.TREAT, Stop.CLEAN, treatWords(), remaining(Work.TREAT, ""))
                    .also(before)
                    .also(held);
            ends.add(rested(one, usuallyAfter(CLEANING)));
        }
        if (!ends.isEmpty()) {
            last = List.copyOf(ends);
        } else if (!held.isEmpty()) {
            last = join(last, held);
        }
    }

    private String treatWords() {
        List<IntakePicture.ScopeItem> agreed = picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                .toList();
        return agreed.isEmpty()
                ? "Treat what is found"
                : agreed.getFirst().what().words()
                        + (agreed.size() == 1 ? "" : " and " + (agreed.size() - 1) + " more");
    }

    private static String words(NextStep.Treat treat) {
        String what = treat.cause().words();
        return switch (treat.calls()) {
            case "clean" -> "Clean: " + what;
            case "mend" -> "Mend: " + what;
            case "adjust" -> "Adjust: " + what;
            case "part" -> "Replace: " + what;
            default -> "Treat: " + what;
        };
    }

    private String restOf(String calls, String cause) {
        return known.rests().getOrDefault(cause, usuallyAfter(calls));
    }

    private String usuallyAfter(String work) {
        return job.shop()
                .lubrication()
                .usuallyAfter(work)
                .map(Lubrication.WaitKind::id)
                .orElse("");
    }

    /** Adds a task with what rests after it; the last of them is what the next task comes after. */
    private Comes rested(BenchTask task, String usual) {
        Wish wish = picture.wishes().of(task.id());
        String kind = wish.rests().isEmpty() ? usual : wish.rests();
        tasks.add(task);
        return ById.find(job.shop().lubrication().waits(), kind)
                .map(rest -> Comes.after(rests.chain(task.id(), rest, task.skill())))
                .orElse(Comes.after(task.id()));
    }

    /** Waits that run, or are over and were not ended. */
    private void waits() {
        List<Comes> ends = new ArrayList<>();
        for (TreatPicture.Wait wait : picture.treat().waits()) {
            if (wait.endedAt().isPresent()) {
                continue;
            }
            String id = "wait-" + shortly(wait.id().toString());
            String words = wait.what().words() + (wait.part() == null ? "" : ", " + wait.part());
            tasks.add(BenchTask.rest(id, words, Math.max(1, minutes(wait.startedAt(), wait.endsAt())), wait.station())
                    .running(new BenchTask.Running(wait.startedAt(), wait.endsAt()), ""));
            Integer within = wait.latestAt()
                    .map(latest -> (int) minutes(wait.endsAt(), latest))
                    .orElse(null);
            BenchTask out = task(id + "/out", Work.TREAT, Stop.CLEAN, "Go on after: " + words, RestsAfter.TAKE_OUT)
                    .also(List.of(new Comes(id, within)));
            tasks.add(out);
            String end = job.shop()
                    .lubrication()
                    .after(wait.what())
                    .map(then -> rests.chain(out.id(), then, out.skill()))
                    .orElse(out.id());
            ends.add(Comes.after(end));
        }
        last = join(last, ends);
    }

    private void arrivals() {
        List<Comes> ends = new ArrayList<>();
        Set<String> asked = new HashSet<>();
        for (PartsPicture.Need need : picture.parts().openNeeds()) {
            String key = need.part().key()
                    + (need.piece().isEmpty() ? "" : "-" + need.wanted().key());
            Optional<Delays.Supply> found = known.delays().orders().of(picture.tag(), need);
            boolean here = found.filter(Delays.Supply::here).isPresent();
            if (here || !asked.add(key)) {
                continue;
            }
            BenchTask comes = BenchTask.arrival(
                    "part-" + key,
                    found.map(one -> Delays.parcel(one, need, now))
                            .orElseGet(() -> known.delays().search(need, now)));
            if (found.isEmpty()) {
                BenchTask search = task("find-" + key, null, Stop.MEND, "Find a part: " + need.wanted(), SEARCH);
                tasks.add(search);
                comes = comes.also(List.of(Comes.after(search.id())));
            }
            tasks.add(comes);
            ends.add(Comes.after(comes.id()));
        }
        last = join(last, ends);
    }

    /** @param treated what everything comes after that goes back; the rest only where its parts wait for something */
    private void refit(boolean toOpen, boolean apart, List<Comes> treated) {
        if (toOpen) {
            then(task("refit-1", Work.REFIT, Stop.REFIT, "Put it back together", remaining(Work.REFIT, "")));
            return;
        }
        if (apart) {
            List<Comes> all = last;
            last = treated;
            boolean held = false;
            double spread =
                    known.minutes().guess(Works.task(Work.REFIT, in, ""), "").spread();
            for (RefitLeft one : RefitLeft.of(job, spread)) {
                if (one.held() && !held) {
                    last = join(last, all);
                    held = true;
                }
                then(task(one.id(), Work.REFIT, Stop.REFIT, one.words(), one.minutes()));
            }
            if (!held) {
                last = join(last, all);
            }
        }
    }

    private void then(BenchTask task) {
        BenchTask after = task.also(last);
        tasks.add(after);
        last = List.of(Comes.after(after.id()));
    }

    private BenchTask task(String id, Work work, Stop stop, String words, Guess minutes) {
        return wished(BenchTask.work(id, work, stop, words, minutes));
    }

    private BenchTask wished(BenchTask task) {
        return task.wished(picture.wishes().of(task.id()));
    }

    /** What is left of a kind of work, once what was sat at it is taken off. */
    private Guess remaining(Work work, String part) {
        Guess whole = known.minutes().guess(Works.task(work, in, part), "");
        Map<Work, Long> spent = picture.sitting().minutesByStop().entrySet().stream()
                .collect(Collectors.groupingBy(
                        one -> Works.at(one.getKey()), Collectors.summingLong(Map.Entry::getValue)));
        long sitting = picture.sitting()
                .seated()
                .filter(down -> Works.at(down.stop()) == work)
                .map(down ->
                        picture.sitting().minutesAt(now) - picture.sitting().minutes())
                .orElse(0L);
        return whole.after(spent.getOrDefault(work, 0L) + sitting);
    }

    private static List<Comes> join(List<Comes> one, List<Comes> other) {
        List<Comes> all = new ArrayList<>(one);
        all.addAll(other);
        return List.copyOf(all);
    }

    private static long minutes(Instant from, Instant to) {
        return Duration.between(from, to).plusSeconds(59).toMinutes();
    }

    private static String shortly(String id) {
        return id.substring(0, 8);
    }
}
