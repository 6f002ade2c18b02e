package ruvant.server.plan.shop;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.Effort;
import ruvant.core.plan.board.PlanAsk;
import ruvant.core.plan.board.PlanMaking;
import ruvant.core.plan.board.ShopPlan;
import ruvant.core.plan.board.WhatMoved;
import ruvant.core.plan.promise.Forecast;
import ruvant.core.plan.promise.Forecasts;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.WayBack;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.Owner;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Wish;
import ruvant.server.house.ShopService;

/** What a change of the plan would cost, and when a camera that comes in now would be done. Nothing of it is stored. */
@RestController
@RequestMapping(path = "/api/plan", produces = MediaType.APPLICATION_JSON_VALUE)
class TrialController {
    private static final double SECONDS = 0.4;
    private static final int COURSES = 300;
    private static final long SEED = 1;

    /** Tags count up from 1; no shop comes this far. */
    private static final TagNumber NEWCOMER = new TagNumber(9_999_999);

    private final PlanService plans;
    private final ShopNow now;
    private final ShopService shop;

    TrialController(PlanService plans, ShopNow now, ShopService shop) {
        this.plans = plans;
        this.now = now;
        this.shop = shop;
    }

    /** Another wish for a task. */
    record TrialWish(TagNumber tag, String task, Wish wish) {}

    /** Wishes to be tried together. */
    record TrialAsk(List<TrialWish> wishes) {}

    /**
     * What would come of it.
     *
     * @param start when the first of these tasks would start; empty where it would have no place
     * @param moved against the plan as it is
     * @param conflicts wishes that could not all be met
     */
    record TrialPage(Optional<Instant> start, WhatMoved moved, List<PlanViews.PlanConflict> conflicts) {}

    /**
     * By when a camera would be done that comes in now.
     *
     * @param done when the plan would have it done
     * @param forecast by when with what chance
     * @param hands minutes of work
     * @param late cameras that would miss their day because of it
     */
    record NewcomerPage(
            Optional<Instant> done, Optional<PlanViews.PlanForecast> forecast, double hands, List<String> late) {}

    @PostMapping(path = "/trial", consumes = MediaType.APPLICATION_JSON_VALUE)
    TrialPage trial(@RequestBody TrialAsk trial) {
        if (trial.wishes() == null || trial.wishes().isEmpty()) {
            throw new FieldProblem("wishes", "Nothing is to be tried.", "Name a task and what is wished of it.");
        }
        PlanService.Shown shown = plans.shown();
        PlanAsk ask = shown.ask();
        List<JobTasks> jobs = new ArrayList<>(ask.jobs());
        for (TrialWish one : trial.wishes()) {
            jobs.replaceAll(job -> job.tag().equals(one.tag()) ? wished(job, one) : job);
        }
        PlanAsk tried = new PlanAsk(
                now.now(),
                ask.zone(),
                jobs,
                ask.hours(),
                ask.stations(),
                shown.plan().byId());
        PlanMaking making = new PlanMaking(tried, SEED);
        making.improve(Effort.seconds(SECONDS, () -> true));
        ShopPlan plan = making.plan();
        TrialWish first = trial.wishes().getFirst();
        return new TrialPage(
                plan.of(first.tag()).stream()
                        .filter(one -> one.task().id().equals(first.task()))
                        .findFirst()
                        .map(one -> one.start()),
                WhatMoved.between(shown.plan(), plan),
                PlanViews.conflicts(tried, plan));
    }

    private static JobTasks wished(JobTasks job, TrialWish one) {
        if (job.task(one.task()).isEmpty()) {
            throw new FieldProblem(
                    "task",
                    "“" + one.task() + "” is not left to do at " + one.tag() + ".",
                    "Look at the plan again: it has changed meanwhile.");
        }
        return job.with(job.tasks().stream()
                .map(task -> task.id().equals(one.task()) ? task.with(one.wish()) : task)
                .toList());
    }

    @GetMapping("/newcomer")
    NewcomerPage newcomer(
            @RequestParam String maker,
            @RequestParam String model,
            @RequestParam Family family,
            @RequestParam BodyType bodyType,
            @RequestParam(required = false) LocalDate promised) {
        PlanService.Shown shown = plans.shown();
        PlanAsk ask = shown.ask();
        JobTasks job = now.left(standIn(new Camera(maker, model, "", "", bodyType, family), promised));
        List<JobTasks> jobs = new ArrayList<>(ask.jobs());
        jobs.add(job);
        PlanAsk with = new PlanAsk(
                now.now(),
                ask.zone(),
                jobs,
                ask.hours(),
                ask.stations(),
                shown.plan().byId());
        PlanMaking making = new PlanMaking(with, SEED);
        making.improve(Effort.seconds(SECONDS, () -> true));
        ShopPlan plan = making.plan();
        Optional<Forecast> forecast = Optional.ofNullable(
                new Forecasts(with, plan).draw(COURSES, SEED).get(NEWCOMER));
        return new NewcomerPage(
                plan.done(NEWCOMER),
                forecast.map(one -> PlanViews.PlanForecast.of(
                        shown.calibration().corrected(one, with.now()), Optional.ofNullable(promised))),
                job.tasks().stream()
                        .filter(one -> one.byHand())
                        .mapToDouble(one -> one.minutes().median())
                        .sum(),
                plan.late().stream()
                        .filter(one -> !one.tag().equals(NEWCOMER))
                        .filter(one -> shown.plan().late().stream()
                                .noneMatch(other -> other.tag().equals(one.tag())))
                        .map(one -> one.tag() + " " + one.camera())
                        .toList());
    }

    /** A job of which nothing is logged yet but that the camera came in. */
    private JobNow standIn(Camera camera, LocalDate promised) {
        Instant moment = now.clock().instant();
        IntakeEntry.Received received = new IntakeEntry.Received(
                camera,
                new Owner("", "", true, null, null),
                "",
                List.of(),
                "as it comes in",
                SpeedSeries.DOUBLING,
                List.of(),
                promised);
        Line line = new Line(UUID.randomUUID(), 1, moment, "Ruvant", null, received);
        JobPicture picture =
                JobPicture.of(JobLog.of(NEWCOMER, List.of(line)), shop.shop().practice());
        return new JobNow(picture, shop.shop(), LearnedChecks.NONE, WayBack.USUAL_PACE, moment);
    }
}
