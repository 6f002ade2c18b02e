package ruvant.core.plan.board;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.hours.WorkingHours;
import ruvant.core.house.Station;
import ruvant.core.plan.CaseCheck;
import ruvant.core.plan.PlanCase;
import ruvant.core.plan.shop.ShopTime;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.units.FieldProblem;

/**
 * Turns the shop into a case of the solver, and remembers which task is which. What cannot be planned is taken out first, with what
 * comes after it, so that one impossible task does not hold up the plan of all others.
 */
final class CaseOfShop {
    /** Days ahead that are planned at least. */
    private static final int LEAST_DAYS = 60;

    /** A promise further off than this does not lengthen the plan any more. */
    private static final int MOST_DAYS = 400;

    /** What is to start within two hours stays if it can. */
    private static final PlanCase.Stability STEADY = new PlanCase.Stability(120, 45);

    /** A camera that nobody promised is not to wait for ever behind those that somebody did. */
    private static final int UNPROMISED_DAYS = 42;

    /** A place that stands for the mornings: something lies in it all the rest of the day. */
    private static final String MORNINGS = "\u0001mornings";

    private static final String AFTERNOONS = "\u0001afternoons";

    /** One task of the case. */
    record Piece(JobTasks job, BenchTask task, int piece, int pieces) {}

    private final PlanAsk ask;
    private final ShopTime time;
    private final List<PlanCase.Hand> people = new ArrayList<>();
    private final Map<String, List<PlanCase.Span>> windows = new LinkedHashMap<>();
    private final List<NotPlanned> left = new ArrayList<>();
    private final Map<String, Piece> pieces = new HashMap<>();
    private final Map<String, Set<String>> skills = new HashMap<>();
    private final Map<String, PlanCase.Placed> fixed = new HashMap<>();
    private boolean mornings;
    private PlanCase made;

    CaseOfShop(PlanAsk ask) {
        this.ask = ask;
        this.time = new ShopTime(ask.zone(), ask.now(), days());
        for (WorkingHours one : ask.hours().hours()) {
            windows.put(one.person(), time.windows(one, ask.hours().off()));
            skills.put(one.person(), new LinkedHashSet<>());
        }
        make();
    }

    private int days() {
        long furthest = ask.jobs().stream()
                .flatMap(one -> one.promised().stream())
                .mapToLong(day -> Duration.between(
                                ask.now(), day.atStartOfDay(ask.zone()).toInstant())
                        .toDays())
                .max()
                .orElse(0);
        return (int) Math.clamp(furthest + LEAST_DAYS / 2, LEAST_DAYS, MOST_DAYS);
    }

    private void make() {
        Set<String> out = new LinkedHashSet<>();
        while (true) {
            pieces.clear();
            fixed.clear();
            left.removeIf(one -> !(one.why() instanceof NotPlanned.Why.NoRoom));
            mornings = false;
            List<PlanCase.Job> jobs = new ArrayList<>();
            for (JobTasks job : ask.jobs()) {
                jobs.add(job(job, out));
            }
            PlanCase all = whole(jobs);
            try {
                made = CaseCheck.sound(all);
                return;
            } catch (FieldProblem impossible) {
                Piece piece = pieces.get(impossible.field());
                if (piece == null || !out.add(whole(piece.job(), piece.task()))) {
                    throw impossible;
                }
                left.add(new NotPlanned(piece.job(), piece.task(), new NotPlanned.Why.NoRoom()));
            }
        }
    }

    private PlanCase whole(List<PlanCase.Job> jobs) {
        people.clear();
        windows.forEach((person, its) -> people.add(new PlanCase.Hand(person, skills.get(person), its)));
        List<PlanCase.Station> stations = new ArrayList<>();
        ask.stations().forEach(one -> stations.add(new PlanCase.Station(key(one.name()), one.capacity())));
        List<PlanCase.Job> all = new ArrayList<>(jobs);
        if (mornings) {
            stations.add(new PlanCase.Station(MORNINGS, Math.max(1, people.size())));
            all.add(restOfDays());
        }
        return new PlanCase(
                0,
                time.horizon(),
                people,
                stations,
                ShopTime.anybody(List.copyOf(windows.values())),
                all,
                fixed,
                previous(),
                STEADY,
                PlanCase.Objective.LATENESS);
    }

    /** What fills the place of the mornings from noon to midnight. */
    private PlanCase.Job restOfDays() {
        List<PlanCase.Task> tasks = new ArrayList<>();
        var first = ask.now().atZone(ask.zone()).toLocalDate();
        for (int day = 0; day < time.days(); day++) {
            int from = time.minute(first.plusDays(day)
                    .atTime(LocalTime.NOON)
                    .atZone(ask.zone())
                    .toInstant());
            int to = time.minute(
                    first.plusDays(day + 1L).atStartOfDay(ask.zone()).toInstant());
            for (int at = 0; at < Math.max(1, people.size()); at++) {
                String id = AFTERNOONS + day + "/" + at;
                tasks.add(new PlanCase.Task(
                        id, "", false, Math.max(1, to - Math.max(0, from)), "", MORNINGS, false, 0, List.of()));
                fixed.put(id, new PlanCase.Placed(Math.max(0, from), Math.max(1, to), Optional.empty()));
            }
        }
        return new PlanCase.Job(AFTERNOONS, 0, time.horizon(), 0, tasks);
    }

    private PlanCase.Job job(JobTasks job, Set<String> out) {
        Map<String, List<String>> ends = new HashMap<>();
        Map<String, BenchTask> gone = new HashMap<>();
        List<PlanCase.Task> tasks = new ArrayList<>();
        for (BenchTask task : job.tasks()) {
            Optional<NotPlanned.Why> why = why(task, gone);
            if (why.isPresent() || out.contains(whole(job, task))) {
                gone.put(task.id(), task);
                why.ifPresent(one -> left.add(new NotPlanned(job, task, one)));
            } else {
                add(job, task, ends, tasks);
            }
        }
        int due = job.promised()
                .map(day -> time.minute(day.plusDays(1).atStartOfDay(ask.zone()).toInstant()))
                .orElseGet(() -> time.minute(job.here().plus(Duration.ofDays(UNPROMISED_DAYS))));
        int weight = job.promised().isPresent() ? job.urgency().weight() : 1;
        return new PlanCase.Job(job.tag().toString(), 0, due, weight, tasks);
    }

    private Optional<NotPlanned.Why> why(BenchTask task, Map<String, BenchTask> gone) {
        Optional<BenchTask> before = task.after().stream()
                .flatMap(one -> Optional.ofNullable(gone.get(one.task())).stream())
                .findFirst();
        if (before.isPresent()) {
            return Optional.of(new NotPlanned.Why.AfterOther(before.get()));
        }
        if (task.runs().isPresent()) {
            return Optional.empty();
        }
        if (task.wish().aside()) {
            return Optional.of(new NotPlanned.Why.Aside());
        }
        if (task.byHand()) {
            return nobody(task);
        }
        boolean noStation = !task.station().isEmpty()
                && ask.stations().stream().noneMatch(one -> key(one.name()).equals(key(task.station())));
        return noStation ? Optional.of(new NotPlanned.Why.NoStation(task.station())) : Optional.empty();
    }

    private Optional<NotPlanned.Why> nobody(BenchTask task) {
        String person = task.wish().person();
        if (!person.isEmpty() && ask.hours().of(person).isEmpty()) {
            return Optional.of(new NotPlanned.Why.NotHere(person));
        }
        if (windows.values().stream().allMatch(List::isEmpty)) {
            return Optional.of(new NotPlanned.Why.NobodyWorks());
        }
        return ask.hours().hours().stream()
                        .noneMatch(one ->
                                able(one, task) && !windows.get(one.person()).isEmpty())
                ? Optional.of(new NotPlanned.Why.NobodyCan(task.skill()))
                : Optional.empty();
    }

    private static boolean able(WorkingHours one, BenchTask task) {
        String person = task.wish().person();
        return (person.isEmpty() || one.person().equalsIgnoreCase(person)) && one.can(task.skill());
    }

    private void add(JobTasks job, BenchTask task, Map<String, List<String>> ends, List<PlanCase.Task> tasks) {
        int minutes = Math.max(1, (int) Math.ceil(task.minutes().median()));
        int count = task.byHand() && task.runs().isEmpty() ? count(task, minutes) : 1;
        String skill = task.byHand() ? skill(task) : "";
        List<String> its = new ArrayList<>();
        for (int piece = 1; piece <= count; piece++) {
            String id = count == 1 ? whole(job, task) : whole(job, task) + "#" + piece;
            int length = Math.max(1, minutes * piece / count - minutes * (piece - 1) / count);
            List<PlanCase.After> after = new ArrayList<>();
            if (piece == 1) {
                task.after()
                        .forEach(one -> ends.getOrDefault(one.task(), List.of())
                                .forEach(end -> after.add(new PlanCase.After(end, lag(job, one)))));
            } else {
                after.add(new PlanCase.After(its.getLast(), null));
            }
            tasks.add(new PlanCase.Task(
                    id,
                    task.words(),
                    task.byHand(),
                    length,
                    skill,
                    station(task),
                    task.kind() == BenchTask.Kind.WAIT,
                    notBefore(task),
                    piece == 1 ? notAfter(job, task) : null,
                    after));
            pieces.put(id, new Piece(job, task, piece, count));
            its.add(id);
        }
        task.runs().ifPresent(runs -> fix(its.getFirst(), task, runs));
        ends.put(task.id(), List.of(its.getLast()));
    }

    private int count(BenchTask task, int minutes) {
        int longest = ask.hours().hours().stream()
                .filter(one -> able(one, task))
                .flatMap(one -> windows.get(one.person()).stream())
                .mapToInt(window -> window.end() - window.start())
                .max()
                .orElse(minutes);
        return Math.max(1, (int) Math.ceil(minutes / (double) longest));
    }

    /** What follows a wait that runs is bound by its own latest moment and not by a length. */
    private Integer lag(JobTasks job, BenchTask.Comes comes) {
        boolean runs = job.task(comes.task()).flatMap(BenchTask::runs).isPresent();
        return runs ? null : comes.withinMinutes();
    }

    private int notBefore(BenchTask task) {
        int least = task.mayStart().map(one -> time.minuteFrom(one.expected())).orElse(0);
        if (task.wish().notBefore() != null) {
            least = Math.max(least, time.minuteFrom(task.wish().notBefore()));
        }
        if (task.wish().at() != null) {
            least = Math.max(least, time.minuteFrom(task.wish().at()));
        }
        return Math.max(0, Math.min(least, time.horizon()));
    }

    private Integer notAfter(JobTasks job, BenchTask task) {
        Integer latest = null;
        for (BenchTask.Comes comes : task.after()) {
            Optional<BenchTask.Running> runs = job.task(comes.task()).flatMap(BenchTask::runs);
            if (runs.isPresent() && comes.withinMinutes() != null) {
                int until = time.minute(runs.get().ends()) + comes.withinMinutes();
                latest = latest == null ? until : Math.min(latest, until);
            }
        }
        if (task.wish().first()) {
            latest = 0;
        }
        if (task.wish().at() != null) {
            int pinned = Math.max(0, time.minuteFrom(task.wish().at()));
            latest = latest == null ? pinned : Math.min(latest, pinned);
        }
        return latest;
    }

    private String station(BenchTask task) {
        if (task.byHand()) {
            mornings |= task.wish().mornings();
            return task.wish().mornings() ? MORNINGS : "";
        }
        return ask.stations().stream().map(Station::name).anyMatch(one -> key(one).equals(key(task.station())))
                ? key(task.station())
                : "";
    }

    private void fix(String id, BenchTask task, BenchTask.Running runs) {
        int end = Math.max(task.byHand() ? 1 : 0, time.minuteFrom(runs.ends()));
        Optional<String> hand = windows.keySet().stream()
                .filter(one -> one.equalsIgnoreCase(task.by()))
                .findFirst();
        fixed.put(id, new PlanCase.Placed(0, end, task.byHand() ? hand : Optional.empty()));
    }

    private Map<String, PlanCase.Placed> previous() {
        Map<String, PlanCase.Placed> previous = new HashMap<>();
        ask.before().forEach((id, was) -> {
            if (pieces.containsKey(id) && !fixed.containsKey(id)) {
                previous.put(id, new PlanCase.Placed(time.minute(was.start()), time.minute(was.end()), was.person()));
            }
        });
        return previous;
    }

    /** One word for what a hand must be able to do and who it must be. */
    private String skill(BenchTask task) {
        String word = task.skill().toLowerCase(Locale.ROOT) + "|"
                + task.wish().person().toLowerCase(Locale.ROOT);
        ask.hours().hours().stream()
                .filter(one -> able(one, task))
                .forEach(one -> skills.get(one.person()).add(word));
        return word;
    }

    private static String key(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /** The id of a task in the whole shop. */
    static String whole(JobTasks job, BenchTask task) {
        return job.tag() + "/" + task.id();
    }

    PlanCase made() {
        return made;
    }

    ShopTime time() {
        return time;
    }

    /** When each person works, in minutes from now. */
    Map<String, List<PlanCase.Span>> windows() {
        return windows;
    }

    List<NotPlanned> left() {
        return left;
    }

    /** Every task in the place that a plan gives it; those that found none by the horizon are left over. */
    List<Planned> placed(Map<String, PlanCase.Placed> plan, List<NotPlanned> over) {
        List<Planned> all = new ArrayList<>();
        plan.forEach((id, at) -> {
            Piece piece = pieces.get(id);
            if (piece == null) {
                return;
            }
            if (at.end() > time.horizon()) {
                over.add(new NotPlanned(piece.job(), piece.task(), new NotPlanned.Why.NoRoom()));
                return;
            }
            Instant start = piece.task().runs().map(BenchTask.Running::started).orElse(time.at(at.start()));
            all.add(new Planned(
                    id, piece.job(), piece.task(), piece.piece(), piece.pieces(), start, time.at(at.end()), at.hand()));
        });
        return all;
    }
}
