package ruvant.server.knowledge;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.adjust.LearnedResponses;
import ruvant.core.house.HousePractice;
import ruvant.core.house.ModelSheet;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.knowledge.KnownPart;
import ruvant.core.knowledge.Met;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.knowledge.PatternSigns;
import ruvant.core.knowledge.WayIn;
import ruvant.core.logline.UsualLine;
import ruvant.core.people.Right;
import ruvant.core.picture.JobPicture;
import ruvant.core.strip.Trays;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.job.SummaryStore;

/** What is known of a model. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class KnowledgeController {
    private final JobService jobs;
    private final ModelStore models;
    private final LearnedModels learned;
    private final ShopService shop;
    private final SummaryStore summaries;

    KnowledgeController(
            JobService jobs, ModelStore models, LearnedModels learned, ShopService shop, SummaryStore summaries) {
        this.shop = shop;
        this.summaries = summaries;
        this.jobs = jobs;
        this.models = models;
        this.learned = learned;
    }

    /**
     * What earlier jobs say to the camera at hand.
     *
     * @param ofFamily whether they were of other models of its family, since this model is new here
     * @param next what usually comes off next
     * @param needless names of what came off seldom, with nothing done to it
     * @param leaveAlone what is better left alone
     * @param ofTheModel what is true of every such camera
     */
    record Known(
            int jobs,
            boolean ofFamily,
            List<Usual> next,
            List<Met> parts,
            List<String> needless,
            List<ModelKnowledge.Tally> leaveAlone,
            List<ModelKnowledge.Tally> ofTheModel) {}

    /** A part that usually comes off next, and the line that says so. */
    record Usual(String part, String line) {}

    /**
     * Everything known of one model.
     *
     * @param lastSequence up to which line of the log of what is known it goes
     * @param sheet what its maker says of its speeds
     * @param responses how its adjusters answered
     */
    record Model(
            long lastSequence,
            ModelKnowledge knowledge,
            List<WayIn> ways,
            PatternSigns signs,
            Optional<ModelSheet> sheet,
            List<LearnedResponses.Taught> responses) {}

    /**
     * What is known of a camera that just came over the counter.
     *
     * @param usual how the last one of its model was described; empty for a model that is new here
     * @param features what was noted of its cameras, to be looked for on this one
     * @param batteries cells that were found in them
     */
    record Identified(
            int jobs,
            Optional<IntakeEntry.Received> usual,
            PatternSigns.PatternSays pattern,
            List<PatternSigns.Feature> features,
            List<KnownPart> care,
            List<ModelKnowledge.Tally> batteries,
            List<ModelKnowledge.Tally> leaveAlone,
            List<ModelKnowledge.Tally> ofTheModel) {}

    @GetMapping("/identify")
    Identified identify(
            @RequestParam String maker,
            @RequestParam String model,
            @RequestParam(defaultValue = "") String serial,
            @RequestParam(defaultValue = "") List<String> features) {
        List<PatternSigns.Seen> seen = models.seen(maker, model);
        PatternSigns signs = PatternSigns.of(seen);
        ModelKnowledge knowledge = learned.of(maker, model);
        return new Identified(
                seen.size(),
                models.tags(maker, model).stream()
                        .findFirst()
                        .map(jobs::picture)
                        .map(JobPicture::received),
                signs.guess(serial, features),
                signs.features(),
                knowledge.parts().stream().filter(KnownPart::wantsCare).toList(),
                knowledge.batteries(),
                knowledge.leaveAlone(),
                knowledge.ofTheModel());
    }

    @Needs(value = Right.LOOK, job = "tag")
    @GetMapping("/jobs/{tag}/known")
    Known known(@PathVariable String tag) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        LearnedModels.Beside beside = learned.beside(job);
        ModelKnowledge known = beside.knowledge();
        return new Known(
                known.jobs(),
                beside.ofFamily(),
                usual(known.next(job.valley()), job),
                known.seenFrom(job.valley()),
                known.parts().stream()
                        .filter(KnownPart::needless)
                        .map(KnownPart::name)
                        .toList(),
                known.leaveAlone(),
                known.ofTheModel());
    }

    @GetMapping("/models")
    List<ModelStore.Counted> models() {
        return models.all();
    }

    @GetMapping("/models/one")
    Model model(@RequestParam String maker, @RequestParam String model) {
        ModelKnowledge knowledge = learned.of(maker, model);
        return new Model(
                shop.knowledgeSequence(),
                knowledge,
                knowledge.ways(),
                PatternSigns.of(models.seen(maker, model)),
                shop.shop().practice().speeds().sheetOf(maker, model),
                new LearnedResponses(knowledge.adjusters(), List.of()).table());
    }

    private List<Usual> usual(List<KnownPart> next, JobPicture job) {
        HousePractice practice = shop.shop().practice();
        Trays trays = Trays.of(job.valley(), practice);
        Set<Integer> othersUse = summaries.inTraysBeside(job.tag()).stream()
                .flatMap(one -> one.trays().stream())
                .collect(Collectors.toSet());
        return next.stream()
                .map(part -> new Usual(
                        part.name(),
                        UsualLine.of(
                                part,
                                trays.suggestion(
                                        part.held().fasteners(),
                                        practice.standards().lookAlikeMm(),
                                        othersUse))))
                .toList();
    }
}
