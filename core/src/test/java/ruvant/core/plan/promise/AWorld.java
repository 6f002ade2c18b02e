package ruvant.core.plan.promise;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import ruvant.core.hours.ShopHours;
import ruvant.core.hours.WorkingHours;
import ruvant.core.plan.board.PlanAsk;
import ruvant.core.plan.board.PlanMaking;
import ruvant.core.plan.board.ShopPlan;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.plan.minutes.MinutesKnown;
import ruvant.core.plan.minutes.Took;
import ruvant.core.plan.minutes.Work;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.trade.Family;
import ruvant.core.trade.Stop;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Urgency;
import ruvant.core.wish.Wish;

/**
 * A shop that lives by itself, day by day, without anything that Ruvant assumes: minutes are of a skewed kind that is no log-normal, some
 * models are far harder than others, people are quick or slow and sometimes ill, parts come late or not at all for weeks, a quarter of
 * the cameras turn out to need more than was thought, and new ones come in all the time. Its work follows the plan of the morning. What
 * was said of a camera on its first morning is held against the day on which it went home.
 */
final class AWorld {
    private static final ZoneId ZONE = ZoneId.of("Europe/Lisbon");
    private static final LocalDate FIRST = LocalDate.of(2031, 1, 6);
    private static final int LEARNT_FROM = 350;
    private static final int DAY_MINUTES = 450;
    private static final Work[] STEPS = {
        Work.INTAKE, Work.WAY_IN, Work.LOOK, Work.TREAT, Work.REFIT, Work.PROVE, Work.RETURN
    };

    /** A camera as the world has it; the plan sees none of its true minutes. */
    private static final class Camera {
        private final int tag;
        private final int model;
        private final int here;
        private final Map<Integer, Double> left = new HashMap<>();
        private final Map<Integer, Double> spent = new HashMap<>();
        private int step;
        private double waitsUntil;
        private Optional<Forecast> raw = Optional.empty();
        private Optional<Forecast> said = Optional.empty();

        private Camera(int tag, int model, int here) {
            this.tag = tag;
            this.model = model;
            this.here = here;
        }
    }

    private final Random random;
    private final int people;
    private final double[] hardness = new double[12];
    private final double[] pace;
    private final double load;
    private final List<Camera> open = new ArrayList<>();
    private final List<Took> took = new ArrayList<>();
    private final List<Calibration.Came> came = new ArrayList<>();
    private final List<Outcome> outcomes = new ArrayList<>();
    private MinutesKnown known = new MinutesKnown(List.of());
    private OpenTime time;
    private int tags;

    AWorld(long seed) {
        random = new Random(seed);
        people = 1 + random.nextInt(3);
        pace = new double[people];
        for (int at = 0; at < people; at++) {
            pace[at] = 0.75 + random.nextDouble() * 0.6;
        }
        for (int at = 0; at < hardness.length; at++) {
            hardness[at] = 0.5 + random.nextDouble() * random.nextDouble() * 2.5;
        }
        load = 0.5 + random.nextDouble() * 0.4;
    }

    /** What was said of a camera on its first morning, and when it went home. */
    record Outcome(Forecast said, Instant done) {}

    /** Cameras that went home, in the order in which they did. */
    List<Outcome> outcomes() {
        return outcomes;
    }

    void live(int weeks, int quiet) {
        time = OpenTime.of(hours(), ZONE, at(0, 0), weeks * 7 + 300);
        for (int week = 0; week < weeks; week++) {
            known = new MinutesKnown(took.subList(Math.max(0, took.size() - LEARNT_FROM), took.size()));
            for (int day = 0; day < 5; day++) {
                day(week * 7 + day, week >= quiet);
            }
        }
    }

    private void day(int day, boolean counts) {
        double perDay = load * people * DAY_MINUTES / 275.0;
        int fresh = (int) perDay + (random.nextDouble() < perDay - (int) perDay ? 1 : 0);
        for (int at = 0; at < fresh; at++) {
            arrive(day);
        }
        Instant morning = at(day, 0);
        PlanAsk ask = ask(morning);
        ShopPlan plan = new PlanMaking(ask, day).plan();
        Calibration calibration = new Calibration(came, time);
        Map<TagNumber, Forecast> forecasts = new Forecasts(ask, plan).draw(100, day);
        for (Camera camera : open) {
            if (camera.here == day) {
                camera.raw = Optional.ofNullable(forecasts.get(new TagNumber(camera.tag)));
                camera.said = camera.raw.map(one -> calibration.corrected(one, morning));
            }
        }
        work(day, plan, counts);
    }

    private void arrive(int day) {
        Camera camera = new Camera(++tags, random.nextInt(hardness.length), day);
        double knack = 0.7 + random.nextDouble() * 0.7;
        for (int step = 0; step < STEPS.length; step++) {
            // a gamma of shape 4 is skewed, but has no tail like that of a log-normal
            double skewed = 0;
            for (int at = 0; at < 4; at++) {
                skewed -= Math.log(1 - random.nextDouble()) / 4;
            }
            double base = STEPS[step].usualMinutes() * 1.2 * hardness[camera.model] * knack * skewed;
            camera.left.put(step, Math.clamp(base, 2, 380));
        }
        open.add(camera);
    }

    /** People take what the plan of the morning puts first, of what can be done. */
    private void work(int day, ShopPlan plan, boolean counts) {
        Map<Integer, Integer> order = new HashMap<>();
        plan.tasks().forEach(one -> order.merge(one.tag().number(), order.size(), Math::min));
        double[] free = new double[people];
        for (int at = 0; at < people; at++) {
            free[at] = random.nextDouble() < 0.03 ? DAY_MINUTES : 0;
        }
        while (true) {
            int who = 0;
            for (int at = 1; at < people; at++) {
                who = free[at] < free[who] ? at : who;
            }
            if (free[who] >= DAY_MINUTES) {
                return;
            }
            double now = free[who];
            double absolute = day * 1440.0 + now;
            Optional<Camera> next = open.stream()
                    .filter(one -> one.waitsUntil <= absolute)
                    .min(Comparator.comparing(one -> order.getOrDefault(one.tag, Integer.MAX_VALUE)));
            if (next.isEmpty()) {
                free[who] = Math.min(DAY_MINUTES, now + 15);
                continue;
            }
            Camera camera = next.get();
            double needs = camera.left.get(camera.step) * pace[who];
            double does = Math.min(needs, DAY_MINUTES - now);
            camera.left.merge(camera.step, -does / pace[who], Double::sum);
            camera.spent.merge(camera.step, does, Double::sum);
            free[who] = now + does;
            camera.waitsUntil = absolute + does;
            if (camera.left.get(camera.step) < 0.01) {
                stepDone(camera, day, free[who], who, counts);
            }
        }
    }

    private void stepDone(Camera camera, int day, double minute, int who, boolean counts) {
        int step = camera.step;
        took.add(new Took(task(camera, STEPS[step]), "P" + who, Math.clamp(camera.spent.get(step), 0.5, 1_000)));
        double absolute = day * 1440.0 + minute;
        if (STEPS[step] == Work.LOOK && random.nextDouble() < 0.2) {
            // a part has to come, which nobody knew in the beginning
            camera.waitsUntil = absolute + 1440 * (2 + 10 * random.nextDouble() * random.nextDouble());
        }
        if (STEPS[step] == Work.TREAT) {
            camera.waitsUntil = absolute + 30;
        }
        if (STEPS[step] == Work.PROVE && random.nextDouble() < 0.18) {
            for (int again = 3; again <= 5; again++) {
                camera.left.put(again, STEPS[again].usualMinutes() * hardness[camera.model] * random.nextDouble());
                camera.spent.remove(again);
            }
            camera.step = 3;
            return;
        }
        camera.step++;
        if (camera.step == STEPS.length) {
            open.remove(camera);
            home(camera, at(day, minute), counts);
        }
    }

    private void home(Camera camera, Instant done, boolean counts) {
        if (counts) {
            camera.said.ifPresent(said -> outcomes.add(new Outcome(said, done)));
        }
        camera.raw.ifPresent(raw -> came.add(new Calibration.Came(raw, at(camera.here, 0), done)));
    }

    private PlanAsk ask(Instant morning) {
        List<JobTasks> jobs =
                open.stream().map(camera -> tasks(camera, morning)).toList();
        return new PlanAsk(morning, ZONE, jobs, hours(), List.of(), Map.of());
    }

    private ShopHours hours() {
        List<WorkingHours> hours = new ArrayList<>();
        for (int at = 0; at < people; at++) {
            Map<DayOfWeek, List<WorkingHours.WorkStretch>> week = new HashMap<>();
            for (DayOfWeek one : DayOfWeek.values()) {
                if (one.getValue() <= 5) {
                    week.put(one, List.of(new WorkingHours.WorkStretch(LocalTime.of(9, 0), LocalTime.of(16, 30))));
                }
            }
            hours.add(new WorkingHours("P" + at, week, Set.of()));
        }
        return new ShopHours(hours, List.of(), 0);
    }

    private JobTasks tasks(Camera camera, Instant morning) {
        List<BenchTask> tasks = new ArrayList<>();
        String last = "";
        for (int step = camera.step; step < STEPS.length; step++) {
            Guess guess = known.guess(task(camera, STEPS[step]), "");
            double spent = camera.spent.getOrDefault(step, 0.0);
            Optional<BenchTask.Coming> coming = step == camera.step && camera.waitsUntil > minutes(morning)
                    ? Optional.of(new BenchTask.Coming(
                            morning.plus(Duration.ofMinutes((long) (camera.waitsUntil - minutes(morning)))),
                            0.3,
                            true,
                            ""))
                    : Optional.empty();
            String id = STEPS[step].name();
            tasks.add(new BenchTask(
                    id,
                    BenchTask.Kind.HANDS,
                    STEPS[step],
                    Stop.CLEAN,
                    id,
                    spent > 0 ? guess.after(spent) : guess,
                    BenchTask.GENERAL,
                    "",
                    coming,
                    Optional.empty(),
                    "",
                    last.isEmpty() ? List.of() : List.of(BenchTask.Comes.after(last)),
                    Wish.NONE));
            last = id;
        }
        return new JobTasks(
                new TagNumber(camera.tag), "camera", at(camera.here, 0), Optional.empty(), Urgency.USUAL, tasks);
    }

    private Took.Task task(Camera camera, Work work) {
        return new Took.Task(work, Family.values()[camera.model % 3], "M" + camera.model, "");
    }

    private static Instant at(int day, double minute) {
        return FIRST.plusDays(day).atTime(9, 0).atZone(ZONE).toInstant().plus(Duration.ofMinutes(Math.round(minute)));
    }

    private static double minutes(Instant moment) {
        return Duration.between(at(0, 0), moment).toMinutes();
    }
}
