package ruvant.server.plan.shop;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.UnaryOperator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import ruvant.core.log.LogName;
import ruvant.core.odds.OddsHere;
import ruvant.core.picture.JobNow;
import ruvant.core.plan.Effort;
import ruvant.core.plan.board.PlanAsk;
import ruvant.core.plan.board.PlanMaking;
import ruvant.core.plan.board.Planned;
import ruvant.core.plan.board.ShopPlan;
import ruvant.core.plan.board.WhatMoved;
import ruvant.core.plan.promise.Calibration;
import ruvant.core.plan.promise.Forecast;
import ruvant.core.plan.promise.Forecasts;
import ruvant.core.plan.promise.OpenTime;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.units.TagNumber;
import ruvant.server.record.Events;

/**
 * Keeps the plan of the shop. Whatever is logged is planned anew behind the back of who logged it: a second's work before the new plan
 * is shown, and more while nothing else happens.
 */
@Service
public class PlanService {
    private static final Logger LOG = LoggerFactory.getLogger(PlanService.class);

    private static final double FOR_A_QUESTION = 0.15;
    private static final double BEFORE_IT_IS_SHOWN = 1;
    private static final double WHILE_NOBODY_WAITS = 4;
    private static final int COURSES = 300;
    private static final long SEED = 1;
    private static final int TOLD_AT_MOST = 12;

    /** Where only time went by, a new plan is no hurry. */
    private static final Duration AT_MOST_EVERY = Duration.ofMinutes(5);

    private static final int CALIBRATED_FROM = 200;
    private static final int DAYS_AHEAD = 400;

    private final ShopNow now;
    private final ForecastStore said;
    private final Events events;
    private final ExecutorService planner = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("planner").factory());
    private final AtomicLong wanted = new AtomicLong(1);
    private final AtomicBoolean queued = new AtomicBoolean();
    private final AtomicLong number = new AtomicLong();
    private volatile Cause cause = Cause.NONE;
    private volatile Shown shown;

    PlanService(ShopNow now, ForecastStore said, Events events) {
        this.now = now;
        this.said = said;
        this.events = events;
        events.also(this::changed);
    }

    /**
     * Why a plan was made.
     *
     * @param log what was logged in; empty where only time went by
     */
    record Cause(Optional<LogName> log, Instant at) {
        static final Cause NONE = new Cause(Optional.empty(), Instant.MIN);
    }

    /** What a change of the plan came from, and what moved. */
    record Told(Instant at, Cause cause, WhatMoved moved) {}

    /**
     * A plan as it is shown.
     *
     * @param version which state of the shop it is of
     * @param improving whether it is still being made better
     */
    record Shown(
            long number,
            long version,
            PlanAsk ask,
            ShopPlan plan,
            Map<TagNumber, Forecast> forecasts,
            Calibration calibration,
            List<Told> told,
            boolean improving) {}

    private void changed(LogName log) {
        cause = new Cause(Optional.of(log), now.clock().instant());
        wanted.incrementAndGet();
        if (shown != null) {
            queue();
        }
    }

    private void queue() {
        if (queued.compareAndSet(false, true)) {
            planner.execute(this::replan);
        }
    }

    /** The plan that holds. */
    public ShopPlan plan() {
        return shown().plan();
    }

    /** How good estimates were, and which repairs worked. */
    public OddsHere odds() {
        return now.odds();
    }

    /** What is left to do at one camera. */
    public JobTasks left(JobNow job) {
        return now.left(job);
    }

    /** Until a part usually comes that is still to be found. */
    public Duration partDelay() {
        return now.partDelay();
    }

    /** When a camera would be done if something else were left to do at it; empty where the plan has no place for that. */
    public Optional<Forecast> when(TagNumber tag, UnaryOperator<JobTasks> otherwise) {
        Shown is = shown();
        PlanAsk ask = now.askReplacing(is.plan().byId(), tag, otherwise);
        PlanMaking making = new PlanMaking(ask, SEED);
        making.improve(Effort.seconds(FOR_A_QUESTION, () -> true));
        return Optional.ofNullable(
                        new Forecasts(ask, making.plan()).draw(COURSES, SEED).get(tag))
                .map(one -> is.calibration().corrected(one, ask.now()));
    }

    /** The plan that holds, with all that is shown of it; made at once where there is none yet. */
    Shown shown() {
        Shown is = shown;
        return is == null ? first() : is;
    }

    private synchronized Shown first() {
        if (shown == null) {
            long version = wanted.get();
            PlanAsk ask = now.ask(Map.of());
            ShopPlan plan = new PlanMaking(ask, SEED).plan();
            shown = new Shown(
                    number.incrementAndGet(), version, ask, plan, Map.of(), calibration(ask), List.of(), true);
            queue();
        }
        return shown;
    }

    /** Where a task did not start or end when it was to, the plan no longer holds. */
    @Scheduled(initialDelay = 30, fixedDelay = 30, timeUnit = java.util.concurrent.TimeUnit.SECONDS)
    void timeGoesBy() {
        Shown is = shown;
        Instant moment = now.now();
        if (is == null || queued.get() || moment.isBefore(is.plan().from().plus(AT_MOST_EVERY))) {
            return;
        }
        boolean missed = is.plan().tasks().stream()
                .anyMatch(one -> one.runs()
                        ? !one.end().isAfter(moment)
                        : one.task().byHand() && one.start().isBefore(moment));
        if (missed) {
            cause = new Cause(Optional.empty(), now.clock().instant());
            wanted.incrementAndGet();
            queue();
        }
    }

    private void replan() {
        queued.set(false);
        long version = wanted.get();
        try {
            make(version);
        } catch (RuntimeException problem) {
            // the plan before stays: a plan that is a little old serves better than none
            LOG.warn("The shop could not be planned", problem);
        }
    }

    private void make(long version) {
        Shown before = shown;
        Cause why = cause;
        now.learn();
        Map<String, Planned> was = before == null ? Map.of() : before.plan().byId();
        PlanAsk ask = now.ask(was);
        PlanMaking making = new PlanMaking(ask, SEED);
        making.improve(Effort.seconds(BEFORE_IT_IS_SHOWN, () -> wanted.get() == version));
        publish(version, ask, making.plan(), before, why, wanted.get() == version);
        if (wanted.get() != version) {
            return;
        }
        long cost = making.lateness();
        making.improve(Effort.seconds(why.log().isEmpty() ? 0 : WHILE_NOBODY_WAITS, () -> wanted.get() == version));
        if (making.lateness() < cost) {
            publish(version, ask, making.plan(), before, why, false);
        } else {
            shown = with(shown, false);
            events.planned(shown.number());
        }
    }

    private static Shown with(Shown is, boolean improving) {
        return new Shown(
                is.number(), is.version(), is.ask(), is.plan(), is.forecasts(), is.calibration(), is.told(), improving);
    }

    private void publish(long version, PlanAsk ask, ShopPlan plan, Shown before, Cause why, boolean improving) {
        Map<TagNumber, Forecast> drawn = new Forecasts(ask, plan).draw(COURSES, SEED);
        keep(ask.now(), drawn);
        Calibration calibration = calibration(ask);
        Map<TagNumber, Forecast> forecasts = new HashMap<>();
        drawn.forEach((tag, one) -> forecasts.put(tag, calibration.corrected(one, ask.now())));
        shown = new Shown(
                number.incrementAndGet(),
                version,
                ask,
                plan,
                Map.copyOf(forecasts),
                calibration,
                told(before, plan, why),
                improving);
        events.planned(shown.number());
    }

    private static List<Told> told(Shown before, ShopPlan plan, Cause why) {
        if (before == null || before.forecasts().isEmpty()) {
            return List.of();
        }
        WhatMoved moved = WhatMoved.between(before.plan(), plan);
        List<Told> told = new ArrayList<>();
        if (!moved.nothing()) {
            told.add(new Told(plan.from(), why, moved));
        }
        told.addAll(before.told());
        return List.copyOf(told.subList(0, Math.min(TOLD_AT_MOST, told.size())));
    }

    private void keep(Instant at, Map<TagNumber, Forecast> forecasts) {
        Set<Integer> kept = new HashSet<>(said.kept());
        forecasts.forEach((tag, forecast) -> {
            if (!kept.contains(tag.number())) {
                said.keep(tag, at, forecast);
            }
        });
    }

    private Calibration calibration(PlanAsk ask) {
        List<Calibration.Came> came = said.came(CALIBRATED_FROM, ask.zone());
        Instant first = came.stream()
                .map(Calibration.Came::at)
                .min(Comparator.naturalOrder())
                .orElse(ask.now());
        int days = (int) Duration.between(first, ask.now()).toDays() + DAYS_AHEAD;
        return new Calibration(came, OpenTime.of(ask.hours(), ask.zone(), first, days));
    }

    @PreDestroy
    void stop() {
        planner.shutdownNow();
    }
}
