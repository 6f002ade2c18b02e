package ruvant.core.plan.promise;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.SplittableRandom;
import ruvant.core.hours.WorkingHours;
import ruvant.core.house.Station;
import ruvant.core.plan.PlanCase;
import ruvant.core.plan.board.PlanAsk;
import ruvant.core.plan.board.Planned;
import ruvant.core.plan.board.ShopPlan;
import ruvant.core.plan.minutes.Work;
import ruvant.core.plan.shop.ShopTime;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.units.TagNumber;

/**
 * Lets the work go as it may, many times over: minutes drawn from what is known of them, arrivals from what is expected, now and then a
 * camera that has to be opened once more after it failed its proof. Each time the hands follow the order of the plan.
 */
public final class Forecasts {
    /** Of how a task goes, this much is common to all tasks of its camera: a hard camera is hard throughout. */
    private static final double COMMON = 0.3;

    /** How often a camera fails its proof and is opened again. */
    private static final double AGAIN = 0.12;

    /** What that costs, in parts of the work from treating to proving. */
    private static final double AGAIN_LEAST = 0.4;

    private static final double AGAIN_MORE = 0.8;

    private static final int DAYS = 200;

    private final PlanAsk ask;
    private final ShopTime time;
    private final List<BenchTask> tasks = new ArrayList<>();
    private final List<Integer> jobOf = new ArrayList<>();
    private final List<JobTasks> jobs;
    private final Course course;

    /** @param plan in whose order the work goes */
    public Forecasts(PlanAsk ask, ShopPlan plan) {
        this.ask = ask;
        this.time = new ShopTime(ask.zone(), ask.now(), DAYS);
        this.jobs = ask.jobs();
        List<List<PlanCase.Span>> windows = ask.hours().hours().stream()
                .map(one -> time.windows(one, ask.hours().off()))
                .toList();
        List<Course.Piece> pieces = pieces(plan);
        this.course = new Course(
                pieces,
                windows,
                ShopTime.anybody(windows),
                ask.stations().stream().mapToInt(Station::capacity).toArray());
    }

    private List<Course.Piece> pieces(ShopPlan plan) {
        Map<TagNumber, Integer> job = new HashMap<>();
        jobs.forEach(one -> job.put(one.tag(), job.size()));
        Map<String, Integer> number = new LinkedHashMap<>();
        List<Planned> order = plan.tasks().stream()
                .filter(one -> one.piece() == 1 && job.containsKey(one.tag()))
                .toList();
        for (Planned one : order) {
            number.put(one.tag() + "/" + one.task().id(), tasks.size());
            tasks.add(one.task());
            jobOf.add(job.get(one.tag()));
        }
        List<Course.Piece> pieces = new ArrayList<>();
        for (int at = 0; at < tasks.size(); at++) {
            BenchTask task = tasks.get(at);
            TagNumber tag = jobs.get(jobOf.get(at)).tag();
            int[] after = task.after().stream()
                    .map(comes -> number.get(tag + "/" + comes.task()))
                    .filter(Objects::nonNull)
                    .mapToInt(Integer::intValue)
                    .toArray();
            pieces.add(new Course.Piece(
                    task.byHand(),
                    after,
                    able(task),
                    station(task),
                    task.kind() == BenchTask.Kind.WAIT && task.runs().isEmpty()));
        }
        return pieces;
    }

    private boolean[] able(BenchTask task) {
        List<WorkingHours> hours = ask.hours().hours();
        boolean[] able = new boolean[hours.size()];
        for (int at = 0; at < able.length; at++) {
            String person = task.wish().person();
            able[at] = hours.get(at).can(task.skill())
                    && (person.isEmpty() || hours.get(at).person().equalsIgnoreCase(person));
        }
        return able;
    }

    private int station(BenchTask task) {
        for (int at = 0; at < ask.stations().size(); at++) {
            if (task.kind() == BenchTask.Kind.WAIT
                    && ask.stations().get(at).name().equalsIgnoreCase(task.station())) {
                return at;
            }
        }
        return -1;
    }

    /**
     * What comes of so many courses, for each camera that is in the plan to its end.
     *
     * @param seed of all chances
     */
    public Map<TagNumber, Forecast> draw(int courses, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Instant[][] done = new Instant[jobs.size()][courses];
        for (int at = 0; at < courses; at++) {
            int[] ends = once(random.split());
            for (int job = 0; job < jobs.size(); job++) {
                done[job][at] = time.at(0);
            }
            for (int task = 0; task < ends.length; task++) {
                int job = jobOf.get(task);
                Instant end = ends[task] >= time.horizon() ? Forecast.NEVER : time.at(ends[task]);
                if (end.isAfter(done[job][at])) {
                    done[job][at] = end;
                }
            }
        }
        Map<TagNumber, Forecast> all = new LinkedHashMap<>();
        for (int job = 0; job < jobs.size(); job++) {
            int its = job;
            long there = jobOf.stream().filter(one -> one == its).count();
            if (there > 0 && there == jobs.get(job).tasks().size()) {
                all.put(jobs.get(job).tag(), new Forecast(ask.zone(), done[job]));
            }
        }
        return all;
    }

    private int[] once(SplittableRandom random) {
        double[] hard = new double[jobs.size()];
        double[] more = new double[jobs.size()];
        for (int job = 0; job < hard.length; job++) {
            hard[job] = random.nextGaussian();
            more[job] = random.nextDouble() < AGAIN ? AGAIN_LEAST + random.nextDouble() * AGAIN_MORE : 0;
        }
        int[] minutes = new int[tasks.size()];
        int[] mayStart = new int[tasks.size()];
        double[] work = new double[jobs.size()];
        for (int at = 0; at < minutes.length; at++) {
            BenchTask task = tasks.get(at);
            int job = jobOf.get(at);
            double chance = Math.sqrt(COMMON) * hard[job] + Math.sqrt(1 - COMMON) * random.nextGaussian();
            minutes[at] = minutes(task, chance);
            mayStart[at] = mayStart(task, random.nextGaussian());
            if (task.byHand() && again(task)) {
                work[job] += minutes[at];
            }
        }
        for (int at = 0; at < minutes.length; at++) {
            if (tasks.get(at).work() == Work.PROVE) {
                minutes[at] += (int) Math.round(more[jobOf.get(at)] * work[jobOf.get(at)]);
            }
        }
        return course.ends(minutes, mayStart);
    }

    private static boolean again(BenchTask task) {
        return task.work() != null
                && switch (task.work()) {
                    case TREAT, REFIT, PROVE -> true;
                    default -> false;
                };
    }

    private int minutes(BenchTask task, double chance) {
        Optional<BenchTask.Running> runs = task.runs();
        if (!task.byHand() && runs.isPresent()) {
            return Math.max(1, time.minuteFrom(runs.get().ends()));
        }
        double drawn = task.minutes().median() * Math.exp(task.minutes().spread() * chance);
        return (int) Math.clamp(Math.round(drawn), 1, 60 * 24 * 30);
    }

    private int mayStart(BenchTask task, double chance) {
        int least = 0;
        if (task.wish().notBefore() != null) {
            least = Math.max(least, time.minuteFrom(task.wish().notBefore()));
        }
        if (task.wish().at() != null) {
            least = Math.max(least, time.minuteFrom(task.wish().at()));
        }
        if (task.mayStart().isPresent()) {
            BenchTask.Coming coming = task.mayStart().get();
            int median = Math.max(1, time.minuteFrom(coming.expected()));
            double drawn = median * Math.exp(coming.spread() * chance);
            least = Math.max(least, (int) Math.min(drawn, Course.NEVER));
        }
        return least;
    }
}
