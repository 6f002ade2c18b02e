package ruvant.core.plan.board;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ruvant.core.hours.DaysOff;
import ruvant.core.hours.ShopHours;
import ruvant.core.hours.WorkingHours;
import ruvant.core.house.Station;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.plan.minutes.Work;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.trade.Stop;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Urgency;
import ruvant.core.wish.Wish;

/** A shop put together by hand for a test: Tuesday at nine, people, stations and cameras. */
public final class AShop {
    public static final ZoneId ZONE = ZoneId.of("Europe/Lisbon");
    public static final Instant NINE = Instant.parse("2031-03-04T09:00:00Z");
    public static final LocalDate TODAY = LocalDate.of(2031, 3, 4);

    private final List<WorkingHours> hours = new ArrayList<>();
    private final List<DaysOff> off = new ArrayList<>();
    private final List<Station> stations = new ArrayList<>();
    private final Map<Integer, JobTasks> jobs = new LinkedHashMap<>();
    private Map<String, Planned> before = Map.of();
    private Instant now = NINE;

    /** Somebody who works from nine to noon and from one to five on weekdays. */
    public AShop person(String name, String... skills) {
        List<WorkingHours.WorkStretch> day = List.of(
                new WorkingHours.WorkStretch(LocalTime.of(9, 0), LocalTime.NOON),
                new WorkingHours.WorkStretch(LocalTime.of(13, 0), LocalTime.of(17, 0)));
        Map<DayOfWeek, List<WorkingHours.WorkStretch>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek one : DayOfWeek.values()) {
            if (one.getValue() <= 5) {
                week.put(one, day);
            }
        }
        hours.add(new WorkingHours(name, week, Set.of(skills)));
        return this;
    }

    public AShop off(String person, int days) {
        off.add(new DaysOff(person, TODAY, TODAY.plusDays(days - 1L), ""));
        return this;
    }

    public AShop station(String name, int capacity) {
        stations.add(new Station(name, capacity));
        return this;
    }

    /** A camera. */
    public AShop camera(int tag, LocalDate promised, BenchTask... tasks) {
        return camera(tag, promised, Urgency.USUAL, tasks);
    }

    public AShop camera(int tag, LocalDate promised, Urgency urgency, BenchTask... tasks) {
        jobs.put(
                tag,
                new JobTasks(
                        new TagNumber(tag),
                        "Camera " + tag,
                        NINE.minusSeconds(86_400),
                        Optional.ofNullable(promised),
                        urgency,
                        List.of(tasks)));
        return this;
    }

    public AShop after(ShopPlan plan) {
        before = plan.byId();
        return this;
    }

    public AShop at(Instant moment) {
        now = moment;
        return this;
    }

    public static BenchTask work(String id, int minutes, String... after) {
        return BenchTask.work(id, Work.TREAT, Stop.CLEAN, "do " + id, new Guess(minutes, 0.3, 0))
                .also(after(after));
    }

    public static BenchTask rest(String id, int minutes, String station, String... after) {
        return BenchTask.rest(id, "rest " + id, minutes, station).also(after(after));
    }

    public static BenchTask arrival(String id, Instant expected, boolean told) {
        return BenchTask.arrival(id, new BenchTask.Coming(expected, 0.5, told, "part " + id));
    }

    /** The same, to be started within so many minutes after another. */
    public static BenchTask within(BenchTask task, String after, int minutes) {
        return task.also(List.of(new BenchTask.Comes(after, minutes)));
    }

    /** The same, running. */
    public static BenchTask running(BenchTask task, Instant since, Instant until, String by) {
        return task.running(new BenchTask.Running(since, until), by);
    }

    public static Wish pinned(Instant at) {
        return new Wish(null, "", "", "", null, at, false, false, false);
    }

    public static Wish by(String person) {
        return new Wish(null, person, "", "", null, null, false, false, false);
    }

    private static List<BenchTask.Comes> after(String... ids) {
        return Stream.of(ids).map(BenchTask.Comes::after).toList();
    }

    public ShopHours hours() {
        return new ShopHours(hours, off, 15);
    }

    public List<Station> stations() {
        return stations;
    }

    public PlanAsk ask() {
        return new PlanAsk(now, ZONE, List.copyOf(jobs.values()), hours(), stations, before);
    }

    public ShopPlan plan() {
        return new PlanMaking(ask(), 1).plan();
    }

    public Reasons reasons(ShopPlan plan) {
        return new Reasons(plan, hours(), stations);
    }

    public static Instant time(int hour, int minute) {
        return TODAY.atTime(hour, minute).atZone(ZONE).toInstant();
    }

    public static Instant tomorrow(int hour, int minute) {
        return TODAY.plusDays(1).atTime(hour, minute).atZone(ZONE).toInstant();
    }
}
