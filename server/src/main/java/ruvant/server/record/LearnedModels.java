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
import org.springframework.stereotype.Service;
import ruvant.core.job.IntakeEntry;
import ruvant.core.knowledge.KnownPart;
import ruvant.core.knowledge.Met;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.picture.JobPicture;
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

    public LearnedModels(JobService jobs, ModelStore models) {
        this.jobs = jobs;
        this.models = models;
    }

    private record Asked(String maker, String model, Optional<TagNumber> without) {
        static Asked of(String maker, String model, Optional<TagNumber> without) {
            return new Asked(maker.toLowerCase(Locale.ROOT), model.toLowerCase(Locale.ROOT), without);
        }
    }

    /** What all jobs of a model taught. */
    public ModelKnowledge of(String maker, String model) {
        return learned.get(Asked.of(maker, model, Optional.empty()));
    }

    /** What the other jobs of its model teach about this one. */
    public ModelKnowledge beside(JobPicture job) {
        IntakeEntry.Camera camera = job.received().camera();
        return learned.get(Asked.of(camera.maker(), camera.model(), Optional.of(job.tag())));
    }

    /** Names of what usually comes off next in this job. */
    public List<String> usualNext(JobPicture job) {
        return beside(job).next(keys(job, ValleyPart::out)).stream()
                .map(KnownPart::name)
                .toList();
    }

    /** What the others say of each part of the model, as seen from this job. */
    public List<Met> seenFrom(JobPicture job) {
        return beside(job).seenFrom(keys(job, part -> true));
    }

    private static Set<String> keys(JobPicture job, Predicate<ValleyPart> which) {
        return job.valley().parts().stream()
                .filter(which)
                .map(part -> part.name().key())
                .collect(Collectors.toSet());
    }

    private ModelKnowledge learn(Asked asked) {
        return ModelKnowledge.of(models.tags(asked.maker(), asked.model()).stream()
                .filter(tag -> asked.without().filter(tag::equals).isEmpty())
                .map(jobs::picture)
                .filter(picture -> !picture.valley().parts().isEmpty())
                .toList());
    }
}
