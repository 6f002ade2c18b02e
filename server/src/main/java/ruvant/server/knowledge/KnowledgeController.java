package ruvant.server.knowledge;

import java.util.Comparator;
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
import ruvant.core.job.IntakeEntry;
import ruvant.core.knowledge.KnownPart;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.knowledge.PatternRanges;
import ruvant.core.knowledge.WayIn;
import ruvant.core.picture.JobPicture;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.TagNumber;
import ruvant.server.record.JobService;
import ruvant.server.record.ModelStore;

/** What is known of a model. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class KnowledgeController {
    private final JobService jobs;
    private final ModelStore models;

    KnowledgeController(JobService jobs, ModelStore models) {
        this.jobs = jobs;
        this.models = models;
    }

    /** What earlier jobs of its model say to the camera at hand. */
    record Known(int jobs, List<KnownPart> next, List<KnownPart> parts) {}

    /** Everything known of one model. */
    record Model(ModelStore.Counted model, ModelKnowledge knowledge, List<WayIn> ways) {}

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
        List<JobPicture> earlier =
                models.tags(maker, model).stream().map(jobs::picture).toList();
        PatternRanges ranges = PatternRanges.of(earlier.stream()
                .map(picture -> picture.received().camera())
                .map(camera -> new PatternRanges.Seen(camera.pattern(), camera.serial()))
                .toList());
        return new Identified(
                earlier.size(),
                earlier.stream().findFirst().map(JobPicture::received),
                ranges.guess(serial),
                ModelKnowledge.of(earlier).parts().stream()
                        .filter(KnownPart::wantsCare)
                        .toList());
    }

    @GetMapping("/jobs/{tag}/known")
    Known known(@PathVariable String tag) {
        JobPicture picture = jobs.picture(TagNumber.parse(tag));
        IntakeEntry.Camera camera = picture.received().camera();
        ModelKnowledge knowledge = learned(camera.maker(), camera.model(), picture.tag());
        Set<String> off = picture.valley().parts().stream()
                .filter(ValleyPart::out)
                .map(part -> part.name().key())
                .collect(Collectors.toSet());
        return new Known(knowledge.jobs(), knowledge.next(off), knowledge.parts());
    }

    @GetMapping("/models")
    List<ModelStore.Counted> models() {
        return models.all();
    }

    @GetMapping("/models/one")
    Model model(@RequestParam String maker, @RequestParam String model) {
        ModelKnowledge knowledge = learned(maker, model, null);
        ModelStore.Counted counted = models.all().stream()
                .filter(one ->
                        one.maker().equalsIgnoreCase(maker) && one.model().equalsIgnoreCase(model))
                .max(Comparator.comparingInt(ModelStore.Counted::jobs))
                .orElse(new ModelStore.Counted(maker, model, 0, 0));
        return new Model(counted, knowledge, knowledge.ways());
    }

    private ModelKnowledge learned(String maker, String model, TagNumber without) {
        return ModelKnowledge.of(models.tags(maker, model).stream()
                .filter(tag -> !tag.equals(without))
                .map(jobs::picture)
                .filter(picture -> !picture.valley().parts().isEmpty())
                .toList());
    }
}
