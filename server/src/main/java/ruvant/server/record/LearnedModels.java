package ruvant.server.record;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import ruvant.core.job.Family;
import ruvant.core.job.IntakeEntry;
import ruvant.core.knowledge.KnownPart;
import ruvant.core.knowledge.Met;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.picture.JobPicture;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.TagNumber;

/**
 * What the shop's jobs taught of a model. Learning reads many whole logs, so it is kept, and made anew behind the
 * scenes: what another camera of the model taught a minute ago may be missing.
 */
@Service
public class LearnedModels {
    private static final Duration FRESH = Duration.ofMinutes(2);
    private static final Duration KEPT = Duration.ofMinutes(30);

    private final JobService jobs;
    private final ModelStore models;
    private final LoadingCache<Asked, ModelKnowledge> learned = Caffeine.newBuilder()
            .maximumSize(200)
            .refreshAfterWrite(FRESH)
            .expireAfterAccess(KEPT)
            .build(this::learn);
    private final LoadingCache<Asked, ModelKnowledge> shown = Caffeine.newBuilder()
            .maximumSize(200)
            .refreshAfterWrite(FRESH)
            .expireAfterAccess(KEPT)
            .build(this::learn);
    private final LoadingCache<Kind, ModelKnowledge> families = Caffeine.newBuilder()
            .maximumSize(50)
            .refreshAfterWrite(FRESH)
            .expireAfterAccess(KEPT)
            .build(this::learn);

    public LearnedModels(JobService jobs, ModelStore models) {
        this.jobs = jobs;
        this.models = models;
    }

    private record Asked(String maker, String model, Optional<TagNumber> without) {
        static Asked of(String maker, String model, Optional<TagNumber> without) {
            return new Asked(maker.toLowerCase(Locale.ROOT), model.toLowerCase(Locale.ROOT), without);
        }
    }

    /** A family, without the model that asks. */
    private record Kind(Family family, String maker, String model) {}

    /** What all jobs of a model taught. */
    public ModelKnowledge of(String maker, String model) {
        return learned.get(Asked.of(maker, model, Optional.empty()));
    }

    /**
     * What other jobs teach about this one.
     *
     * @param ofFamily whether it comes from other models of the same family, this model being new here
     */
    public record Beside(ModelKnowledge knowledge, boolean ofFamily) {}

    /** What the other jobs of its model teach about this one; where there are none, those of its family. */
    public Beside beside(JobPicture job) {
        ModelKnowledge own = ofItsModel(job);
        return own.jobs() > 0
                ? new Beside(own, false)
                : new Beside(ofFamily(job.received().camera()), true);
    }

    /**
     * What all jobs of its very model taught, this one among them: it is asked for whenever a job is shown, and one
     * answer serves them all.
     */
    public ModelKnowledge ofModelOf(JobPicture job) {
        return shown.get(keyOf(job));
    }

    private static Asked keyOf(JobPicture job) {
        IntakeEntry.Camera camera = job.received().camera();
        return Asked.of(camera.maker(), camera.model(), Optional.empty());
    }

    /** What jobs of its very model looked at before parts went on; those of its family are not asked. */
    public LearnedChecks checks(JobPicture job) {
        return ofModelOf(job).checks();
    }

    /** A job of the model has just taught something that the next one is to know at once. */
    void forget(JobPicture job) {
        shown.invalidate(keyOf(job));
    }

    private ModelKnowledge ofItsModel(JobPicture job) {
        IntakeEntry.Camera camera = job.received().camera();
        return learned.get(Asked.of(camera.maker(), camera.model(), Optional.of(job.tag())));
    }

    private ModelKnowledge ofFamily(IntakeEntry.Camera camera) {
        return families.get(new Kind(
                camera.family(),
                camera.maker().toLowerCase(Locale.ROOT),
                camera.model().toLowerCase(Locale.ROOT)));
    }

    /** What usually comes off next in this job, most usual first. */
    public List<KnownPart> usualNext(JobPicture job) {
        return beside(job).knowledge().next(keys(job, ValleyPart::out));
    }

    /** What the others say of each part, as seen from this job. */
    public List<Met> seenFrom(JobPicture job) {
        return beside(job).knowledge().seenFrom(keys(job, part -> true));
    }

    private static Set<String> keys(JobPicture job, Predicate<ValleyPart> which) {
        return job.valley().parts().stream()
                .filter(which)
                .map(part -> part.name().key())
                .collect(Collectors.toSet());
    }

    private ModelKnowledge learn(Asked asked) {
        return ModelKnowledge.of(taught(models.tags(asked.maker(), asked.model()).stream()
                .filter(tag -> asked.without().filter(tag::equals).isEmpty())));
    }

    private ModelKnowledge learn(Kind kind) {
        return ModelKnowledge.ofFamily(taught(models.family(kind.family(), kind.maker(), kind.model()).stream()));
    }

    private List<JobPicture> taught(Stream<TagNumber> tags) {
        return tags.map(jobs::picture)
                .filter(picture -> !picture.valley().parts().isEmpty())
                .toList();
    }
}
