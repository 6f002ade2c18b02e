package ruvant.server.plan.shop;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.picture.JobNow;
import ruvant.core.plan.Effort;
import ruvant.core.plan.board.PlanAsk;
import ruvant.core.plan.board.PlanMaking;
import ruvant.core.plan.board.Planned;
import ruvant.core.plan.board.ShopPlan;
import ruvant.core.plan.board.WhatMoved;
import ruvant.core.plan.promise.Forecast;
import ruvant.core.plan.promise.Forecasts;
import ruvant.core.plan.tasks.Newcomer;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Wish;
import ruvant.server.access.Needs;

/** What a change of the plan would cost, and when a camera that comes in now would be done. Nothing of it is stored. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api/plan", produces = MediaType.APPLICATION_JSON_VALUE)
class TrialController {
    private static final double SECONDS = 0.4;
    private static final int COURSES = 300;
    private static final long SEED = 1;

    private final PlanService plans;
    private final ShopNow now;

    TrialController(PlanService plans, ShopNow now) {
        this.plans = plans;
        this.now = now;
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
        ShopPlan shown = plans.plan();
        trial.wishes().forEach(one -> mustBeLeft(one, shown));
        PlanAsk ask = now.ask(shown.byId(), job -> wishing(job, trial.wishes()));
        ShopPlan plan = planned(ask);
        TrialWish first = trial.wishes().getFirst();
        return new TrialPage(
                plan.of(first.tag()).stream()
                        .filter(one -> one.task().id().equals(first.task()))
                        .findFirst()
                        .map(Planned::start),
                WhatMoved.between(shown, plan),
                PlanViews.conflicts(ask, plan));
    }

    private static JobNow wishing(JobNow job, List<TrialWish> wishes) {
        JobNow seen = job;
        for (TrialWish one : wishes) {
            if (one.tag().equals(job.picture().tag())) {
                seen = seen.wishing(one.task(), one.wish());
            }
        }
        return seen;
    }

    private static void mustBeLeft(TrialWish one, ShopPlan plan) {
        boolean left = plan.jobs().stream()
                .anyMatch(job ->
                        job.tag().equals(one.tag()) && job.task(one.task()).isPresent());
        if (!left) {
            throw new FieldProblem(
                    "task",
                    "“" + one.task() + "” is not left to do at " + one.tag() + ".",
                    "Look at the plan again: it has changed meanwhile.");
        }
    }

    private static ShopPlan planned(PlanAsk ask) {
        PlanMaking making = new PlanMaking(ask, SEED);
        making.improve(Effort.seconds(SECONDS, () -> true));
        return making.plan();
    }

    @GetMapping("/newcomer")
    NewcomerPage newcomer(
            @RequestParam String maker,
            @RequestParam String model,
            @RequestParam Family family,
            @RequestParam BodyType bodyType,
            @RequestParam(required = false) LocalDate promised) {
        PlanService.Shown shown = plans.shown();
        PlanAsk ask = now.askWith(shown.plan().byId(), new Camera(maker, model, "", "", bodyType, family), promised);
        ShopPlan plan = planned(ask);
        Optional<Forecast> forecast =
                Optional.ofNullable(new Forecasts(ask, plan).draw(COURSES, SEED).get(Newcomer.TAG));
        return new NewcomerPage(
                plan.done(Newcomer.TAG),
                forecast.map(one -> PlanViews.PlanForecast.of(
                        shown.calibration().corrected(one, ask.now()), Optional.ofNullable(promised))),
                ask.jobs().getLast().handMinutes(),
                WhatMoved.between(shown.plan(), plan).done().stream()
                        .filter(WhatMoved.MovedEnd::late)
                        .map(one -> one.tag() + " " + one.camera())
                        .toList());
    }
}
