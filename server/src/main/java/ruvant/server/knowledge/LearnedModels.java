package ruvant.server.knowledge;

import com.github.benmanes.caffeine.cache.CacheLoader;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import ruvant.core.adjust.LearnedResponses;
import ruvant.core.house.ModelTruth;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.picture.JobPicture;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.units.TagNumber;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.job.Learned;

/**
 * What this shop has learned about each model. Learning reads many whole logs, so the result is cached and refreshed in
 * the background: what another camera of the model taught a minute ago may still be missing.
 */
@Service
public class LearnedModels implements Learned {
    private static final Duration FRESH = Duration.ofMinutes(2);
    private static final Duration KEPT = Duration.ofMinutes(30);

    private final JobService jobs;
    private final ModelStore models;
    private final RefitPace pace;
    private final LoadingCache<Model, ModelKnowledge> shown = kept(this::learn);
    private final LoadingCache<Others, ModelKnowledge> besides = kept(this::learn);
    private final LoadingCache<Kin, ModelKnowledge> families = kept(this::learn);

    private final ShopService shop;

    public LearnedModels(JobService jobs, ShopService shop, ModelStore models, RefitPace pace) {
        this.jobs = jobs;
        this.shop = shop;
        this.models = models;
        this.pace = pace;
    }

    private static <K> LoadingCache<K, ModelKnowledge> kept(CacheLoader<K, ModelKnowledge> learn) {
        return Caffeine.newBuilder()
                .maximumSize(200)
                .refreshAfterWrite(FRESH)
                .expireAfterAccess(KEPT)
                .build(learn);
    }

    /** A model, however its name is written. */
    private record Model(String maker, String model) {
        static Model of(JobPicture job) {
            Camera camera = job.received().camera();
            return new Model(
                    camera.maker().toLowerCase(Locale.ROOT), camera.model().toLowerCase(Locale.ROOT));
        }
    }

    /** The jobs of a model but the one that asks. */
    private record Others(Model model, TagNumber asking) {}

    /** The jobs of a family but those of the model that asks. */
    private record Kin(Family family, Model asking) {}

    /** What all jobs of a model taught up to now; asked for seldom, at the counter and by its page, so never kept. */
    public ModelKnowledge of(String maker, String model) {
        return ModelKnowledge.of(taught(models.tags(maker, model).stream()))
                .with(shop.truths().of(maker, model));
    }

    /**
     * What other jobs teach about this one.
     *
     * @param ofFamily whether it comes from other models of the same family, this model being new here
     */
    public record Beside(ModelKnowledge knowledge, boolean ofFamily) {}

    /** What the other jobs of its model teach about this one; where there are none, those of its family. */
    public Beside beside(JobPicture job) {
        Model model = Model.of(job);
        ModelKnowledge own = besides.get(new Others(model, job.tag()));
        List<ModelTruth> truths = shop.truths().of(model.maker(), model.model());
        return own.jobs() > 0
                ? new Beside(own.with(truths), false)
                : new Beside(
                        families.get(new Kin(job.received().camera().family(), model))
                                .with(truths),
                        true);
    }

    /** How adjusters answered on the other cameras of its model, and behind them on other models of its family. */
    public LearnedResponses responses(JobPicture job) {
        Model model = Model.of(job);
        return new LearnedResponses(
                besides.get(new Others(model, job.tag())).adjusters(),
                families.get(new Kin(job.received().camera().family(), model)).adjusters());
    }

    /**
     * What all jobs of its very model taught, this one among them: it is asked for whenever a job is shown, and one
     * answer serves them all.
     */
    public ModelKnowledge ofModelOf(JobPicture job) {
        return shown.get(Model.of(job));
    }

    /** What jobs of its very model looked at before parts went on; those of its family are not asked. */
    @Override
    public LearnedChecks checks(JobPicture job) {
        return ofModelOf(job).checks();
    }

    @Override
    public double refitPace() {
        return pace.now();
    }

    @Override
    public void forget(JobPicture job) {
        shown.invalidate(Model.of(job));
    }

    private ModelKnowledge learn(Model model) {
        return of(model.maker(), model.model());
    }

    private ModelKnowledge learn(Others others) {
        Model model = others.model();
        return ModelKnowledge.of(
                taught(models.tags(model.maker(), model.model()).stream().filter(tag -> !tag.equals(others.asking()))));
    }

    private ModelKnowledge learn(Kin kin) {
        Model model = kin.asking();
        return ModelKnowledge.ofFamily(taught(models.family(kin.family(), model.maker(), model.model()).stream()));
    }

    private List<JobPicture> taught(Stream<TagNumber> tags) {
        return tags.map(jobs::built).filter(LearnedModels::teaches).toList();
    }

    private static boolean teaches(JobPicture picture) {
        return !picture.valley().parts().isEmpty()
                || !picture.find().causes().isEmpty()
                || !picture.adjust().turned().isEmpty();
    }
}
