package ruvant.server.plan.shop;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ruvant.core.log.LogName;
import ruvant.core.plan.board.NotPlanned;
import ruvant.core.plan.board.PlanAsk;
import ruvant.core.plan.board.Planned;
import ruvant.core.plan.board.Reason;
import ruvant.core.plan.board.Reasons;
import ruvant.core.plan.board.ShopPlan;
import ruvant.core.plan.board.WhatMoved;
import ruvant.core.plan.board.WishConflicts;
import ruvant.core.plan.promise.Forecast;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.trade.Stop;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Urgency;
import ruvant.core.wish.Wish;

/** What screens see of a plan. */
final class PlanViews {
    private PlanViews() {}

    /**
     * A task in the plan.
     *
     * @param id in the whole shop
     * @param task its id within the job
     * @param piece which of so many pieces this is
     * @param runs whether somebody is at it, or it lies somewhere already
     * @param usually minutes, as many as not
     * @param least minutes that nine in ten exceed
     * @param most minutes that one in ten exceeds
     * @param seen how many such pieces of work the minutes rest on
     * @param first why it comes before others
     * @param notEarlier why it does not start earlier; empty where it starts at once
     */
    record PlanTask(
            String id,
            TagNumber tag,
            String camera,
            String task,
            BenchTask.Kind kind,
            Stop stop,
            String words,
            int piece,
            int pieces,
            Instant start,
            Instant end,
            Optional<String> person,
            boolean runs,
            String station,
            Wish wish,
            double usually,
            double least,
            double most,
            int seen,
            Reason first,
            Optional<Reason> notEarlier) {
        static PlanTask of(Planned one, Reasons reasons) {
            BenchTask task = one.task();
            return new PlanTask(
                    one.id(),
                    one.tag(),
                    one.job().camera(),
                    task.id(),
                    task.kind(),
                    task.stop(),
                    task.words(),
                    one.piece(),
                    one.pieces(),
                    one.start(),
                    one.end(),
                    one.person(),
                    one.runs(),
                    task.station(),
                    task.wish(),
                    task.minutes().median(),
                    task.minutes().within(0.1),
                    task.minutes().within(0.9),
                    task.minutes().seen(),
                    reasons.first(one),
                    reasons.notEarlier(one));
        }
    }

    /** Why something has no place. */
    enum NoPlace {
        ASIDE,
        AFTER_OTHER,
        NOBODY_WORKS,
        NOBODY_CAN,
        NOT_HERE,
        NO_STATION,
        NO_ROOM
    }

    /**
     * A task that has no place in the plan.
     *
     * @param about what the reason speaks of: a skill, a person, a station, another task; empty for nothing
     */
    record PlanLeft(
            TagNumber tag, String camera, String task, Stop stop, String words, Wish wish, NoPlace why, String about) {
        static PlanLeft of(NotPlanned one) {
            NoPlace why = switch (one.why()) {
                case NotPlanned.Why.Aside aside -> NoPlace.ASIDE;
                case NotPlanned.Why.AfterOther other -> NoPlace.AFTER_OTHER;
                case NotPlanned.Why.NobodyWorks nobody -> NoPlace.NOBODY_WORKS;
                case NotPlanned.Why.NobodyCan nobody -> NoPlace.NOBODY_CAN;
                case NotPlanned.Why.NotHere person -> NoPlace.NOT_HERE;
                case NotPlanned.Why.NoStation station -> NoPlace.NO_STATION;
                case NotPlanned.Why.NoRoom room -> NoPlace.NO_ROOM;
            };
            String about = switch (one.why()) {
                case NotPlanned.Why.AfterOther other -> other.other().words();
                case NotPlanned.Why.NobodyCan nobody -> nobody.skill();
                case NotPlanned.Why.NotHere person -> person.person();
                case NotPlanned.Why.NoStation station -> station.station();
                default -> "";
            };
            return new PlanLeft(
                    one.job().tag(),
                    one.job().camera(),
                    one.task().id(),
                    one.task().stop(),
                    one.task().words(),
                    one.task().wish(),
                    why,
                    about);
        }
    }

    /**
     * By when a camera is done.
     *
     * @param by50 the day by which it is done with 50 %; empty for later than what is planned
     * @param chance that the promised day is kept, 0 to 1; empty where none was promised
     */
    record PlanForecast(
            Optional<LocalDate> by50, Optional<LocalDate> by80, Optional<LocalDate> by95, Optional<Double> chance) {
        static PlanForecast of(Forecast forecast, Optional<LocalDate> promised) {
            return new PlanForecast(
                    forecast.by(0.5), forecast.by(0.8), forecast.by(0.95), promised.map(forecast::chance));
        }
    }

    /**
     * A camera in the plan.
     *
     * @param done when the plan has it done; empty where something of it has no place
     * @param late whether that is after the promised day
     * @param hands minutes of work left
     * @param forecast empty until it was reckoned
     */
    record PlanCamera(
            TagNumber tag,
            String camera,
            Instant here,
            Optional<LocalDate> promised,
            Urgency urgency,
            Optional<Instant> done,
            boolean late,
            double hands,
            Optional<PlanForecast> forecast) {
        static PlanCamera of(JobTasks job, PlanService.Shown shown) {
            ShopPlan plan = shown.plan();
            return new PlanCamera(
                    job.tag(),
                    job.camera(),
                    job.here(),
                    job.promised(),
                    job.urgency(),
                    plan.done(job.tag()),
                    plan.late(job),
                    job.handMinutes(),
                    Optional.ofNullable(shown.forecasts().get(job.tag()))
                            .map(one -> PlanForecast.of(one, job.promised())));
        }
    }

    /** A task of which something is wished. */
    record WishedTask(TagNumber tag, String camera, String task, String words, Wish wish) {
        static WishedTask of(WishConflicts.Wished one) {
            return new WishedTask(
                    one.job().tag(),
                    one.job().camera(),
                    one.task().id(),
                    one.task().words(),
                    one.task().wish());
        }
    }

    /**
     * Wishes that cannot all be met.
     *
     * @param wishes the smallest set of them; the first is a time that is not kept
     * @param start when that task would be started instead
     * @param why what holds it back
     */
    record PlanConflict(List<WishedTask> wishes, Instant start, Optional<Reason> why) {}

    /** All conflicts of a plan. */
    static List<PlanConflict> conflicts(PlanAsk ask, ShopPlan plan) {
        Reasons reasons = new Reasons(plan, ask.hours(), ask.stations());
        return WishConflicts.of(ask, plan, reasons).stream()
                .map(one -> new PlanConflict(
                        one.wishes().stream().map(WishedTask::of).toList(),
                        one.planned().start(),
                        one.why()))
                .toList();
    }

    /**
     * What moved, and from what that came.
     *
     * @param log in which something was logged; empty where time went by
     */
    record PlanTold(Instant at, Optional<String> log, WhatMoved moved) {
        static PlanTold of(PlanService.Told told) {
            return new PlanTold(told.at(), told.cause().log().map(LogName::text), told.moved());
        }
    }

    /** Somebody who works. */
    record PlanPerson(String name, List<ShopPlan.WorkWindow> windows) {}

    /** A place in which things wait. */
    record PlanStation(String name, int capacity) {}
}
