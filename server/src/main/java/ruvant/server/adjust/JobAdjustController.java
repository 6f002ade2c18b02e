package ruvant.server.adjust;

import java.util.Arrays;
import java.util.List;
import org.springframework.beans.propertyeditors.StringArrayPropertyEditor;
import org.springframework.http.MediaType;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.adjust.AdjustEntry;
import ruvant.core.adjust.AdjustPlan;
import ruvant.core.adjust.Adjusting;
import ruvant.core.people.Right;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.Named;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.knowledge.LearnedModels;

/** What can be turned on a camera, and what to turn next. */
@RestController
@Needs(value = Right.LOOK, job = "tag")
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class JobAdjustController {
    private final JobService jobs;
    private final LearnedModels learned;
    private final ShopService shop;

    JobAdjustController(JobService jobs, LearnedModels learned, ShopService shop) {
        this.jobs = jobs;
        this.learned = learned;
        this.shop = shop;
    }

    /**
     * The adjusters of a camera.
     *
     * @param chosen those the plan is about
     * @param results those that are not marked speeds
     * @param introductions what is to be entered along with the first turn of each chosen one
     */
    record AdjustView(
            List<Adjusting.Offer> offers,
            List<Named> chosen,
            AdjustPlan plan,
            List<AdjustEntry> introductions,
            List<AdjustEntry.ResultDescribed> results,
            List<AdjustPlan.TriedSetting> history) {}

    /** An id may have a comma in it: each is a parameter of its own. */
    @InitBinder
    void namesWhole(WebDataBinder binder) {
        binder.registerCustomEditor(String[].class, new StringArrayPropertyEditor(null));
    }

    @GetMapping("/jobs/{tag}/adjusters")
    AdjustView adjusters(@PathVariable String tag, @RequestParam(defaultValue = "") String[] choose) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        Adjusting adjusting = new Adjusting(
                job.adjust(), job.received(), job.practice(), shop.shop().adjusters(), learned.responses(job));
        List<Named> named = Arrays.stream(choose)
                .filter(one -> !one.isBlank())
                .map(one -> new Named(one, ""))
                .toList();
        List<Named> chosen = named.isEmpty() ? adjusting.usualChoice() : named;
        AdjustPlan plan = adjusting.plan(chosen);
        return new AdjustView(
                adjusting.offers(),
                plan.chosen().stream().map(AdjustEntry.AdjusterDescribed::name).toList(),
                plan,
                plan.chosen().stream()
                        .flatMap(one -> adjusting.introduction(one.name()).stream())
                        .distinct()
                        .toList(),
                adjusting.results(plan),
                adjusting.history(plan));
    }
}
