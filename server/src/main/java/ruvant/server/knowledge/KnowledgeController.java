package ruvant.server.knowledge;

import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.job.IntakeEntry;
import ruvant.core.knowledge.KnownPart;
import ruvant.core.knowledge.Met;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.knowledge.PatternRanges;
import ruvant.core.knowledge.WayIn;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.TagNumber;
import ruvant.server.record.JobService;
import ruvant.server.record.LearnedModels;
import ruvant.server.record.ModelStore;

/** What is known of a model. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class KnowledgeController {
    private final JobService jobs;
    private final ModelStore models;
    private final LearnedModels learned;

    KnowledgeController(JobService jobs, ModelStore models, LearnedModels learned) {
        this.jobs = jobs;
        this.models = models;
        this.learned = learned;
    }

    /**
     * What earlier jobs of its model say to the camera at hand.
     *
     * @param next names of what usually comes off next
     */
    record Known(int jobs, List<String> next, List<Met> parts) {}

    /** Everything known of one model. */
    record Model(ModelKnowledge knowledge, List<WayIn> ways) {}

    /**
     * What is known of a camera that just came over the counter.
     *
     * @param usual how the last one of its model was described; empty for a model that is new here
     */
    record Identified(
            int jobs, Optional<IntakeEntry.Received> usual, PatternRanges.NumberSays pattern, List<KnownPart> care) {}

    @GetMapping("/identify")
    Identified identify(
            @RequestParam String maker, @RequestParam String model, @RequestParam(defaultValue = "") String serial) {
        List<PatternRanges.Seen> seen = models.seen(maker, model);
        return new Identified(
                seen.size(),
                models.tags(maker, model).stream()
                        .findFirst()
                        .map(jobs::picture)
                        .map(JobPicture::received),
                PatternRanges.of(seen).guess(serial),
                learned.of(maker, model).parts().stream()
                        .filter(KnownPart::wantsCare)
                        .toList());
    }

    @GetMapping("/jobs/{tag}/known")
    Known known(@PathVariable String tag) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        return new Known(learned.beside(job).jobs(), learned.usualNext(job), learned.seenFrom(job));
    }

    @GetMapping("/models")
    List<ModelStore.Counted> models() {
        return models.all();
    }

    @GetMapping("/models/one")
    Model model(@RequestParam String maker, @RequestParam String model) {
        ModelKnowledge knowledge = learned.of(maker, model);
        return new Model(knowledge, knowledge.ways());
    }
}
