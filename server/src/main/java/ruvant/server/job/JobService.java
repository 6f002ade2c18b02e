package ruvant.server.job;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleConsumer;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import ruvant.core.house.HousePractice;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEffect;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Effect;
import ruvant.core.log.Entry;
import ruvant.core.log.Folds;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.LogName;
import ruvant.core.log.NewLine;
import ruvant.core.log.RecordEntry;
import ruvant.core.log.Rooms;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.JobRooms;
import ruvant.core.picture.JobRules;
import ruvant.core.plan.tasks.Newcomer;
import ruvant.core.privacy.Blanking;
import ruvant.core.strip.Taught;
import ruvant.core.treat.Stations;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;
import ruvant.server.house.ShopService;
import ruvant.server.record.Events;
import ruvant.server.record.LineStore;
import ruvant.server.record.LineView;
import ruvant.server.record.LogDoor;
import ruvant.server.record.LogKeeper;
import ruvant.server.record.LogKind;
import ruvant.server.record.Projection;
import ruvant.server.storage.Database;

/** The logs of all jobs, and what each comes to. */
@Service
public class JobService implements LogDoor {
    private static final int PICTURES_KEPT = 400;

    /** Signs what is only asked about and never stored. */
    private static final String NOBODY = "nobody";

    private final Database database;
    private final LineStore lines;
    private final JobNumberStore numbers;
    private final SummaryStore summaries;
    private final List<Projection<JobPicture>> projections;
    private final ShopService shop;
    private final Events events;
    private final Clock clock;
    private final ObjectProvider<Learned> learned;
    private final Set<TagNumber> coming = ConcurrentHashMap.newKeySet();
    private final Jobs kind = new Jobs();
    private final LogKeeper<JobEntry> keeper;
    private final Cache<TagNumber, JobPicture> pictures =
            Caffeine.newBuilder().maximumSize(PICTURES_KEPT).build();

    /** @param learned is read from jobs, so the two know each other; it is asked for only when a part goes back */
    public JobService(
            Database database,
            LineStore lines,
            JobNumberStore numbers,
            SummaryStore summaries,
            List<Projection<JobPicture>> projections,
            ShopService shop,
            Events events,
            Clock clock,
            ObjectProvider<Learned> learned) {
        this.database = database;
        this.lines = lines;
        this.numbers = numbers;
        this.summaries = summaries;
        this.projections = projections;
        this.shop = shop;
        this.events = events;
        this.clock = clock;
        this.learned = learned;
        this.keeper = new LogKeeper<>(database, lines, kind);
        numbers.halfCome().forEach(this::giveUp);
    }

    /** What the keeper asks of jobs. */
    private final class Jobs implements LogKind<JobEntry> {
        /** What is stored is told of right after, so the picture made for the one serves the other. */
        private volatile Made last = new Made(null, null);

        private record Made(Log<JobEntry> log, JobPicture picture) {}

        @Override
        public Rooms rooms() {
            return JobRooms.ALL;
        }

        @Override
        public Kernel kernel(LogName log, Instant now) {
            return new JobRules(shop.shop(), job -> learned.getObject().checks(job), JobService.this::waiting, now)
                    .kernel(TagNumber.parse(log.text()));
        }

        @Override
        public void project(Log<JobEntry> after, Folds folds, List<Line> added) {
            JobPicture picture = picture(after, folds);
            boolean struck = added.stream().anyMatch(line -> line.entry() instanceof RecordEntry);
            List<Effect> effects = effects(added);
            projections.stream()
                    .filter(projection -> struck || projection.concerns(effects))
                    .forEach(projection -> projection.put(picture));
        }

        @Override
        public void tell(Log<JobEntry> after, Folds folds, List<Line> added) {
            JobPicture picture = picture(after, folds);
            pictures.put(picture.tag(), picture);
            if (effects(added).contains(JobEffect.Plain.MODEL_TAUGHT)) {
                learned.getObject().forget(picture);
            }
            events.changed(after.name(), after.lastSequence());
        }

        @Override
        public void begun(Log<JobEntry> log) {
            if (log.lines().isEmpty()) {
                throw new NoSuchJobException(JobLog.tag(log));
            }
        }

        private List<Effect> effects(List<Line> added) {
            return added.stream()
                    .flatMap(line -> JobRooms.ALL.effects(line.entry()).stream())
                    .toList();
        }

        private JobPicture picture(Log<JobEntry> log, Folds folds) {
            Made made = last;
            HousePractice practice = shop.shop().practice();
            if (made.log == log && made.picture.practice().equals(practice)) {
                return made.picture;
            }
            JobPicture picture = JobPicture.of(folds, JobLog.tag(log), log.lastSequence(), practice);
            last = new Made(log, picture);
            return picture;
        }
    }

    @Override
    public boolean has(LogName log) {
        return TagNumber.isTag(log.text());
    }

    @Override
    public long append(LogName log, String by, long basedOn, List<NewLine> lines) {
        append(TagNumber.parse(log.text()), by, basedOn, lines);
        return keeper.log(log).lastSequence();
    }

    @Override
    public List<LineView> lines(LogName log) {
        isHere(TagNumber.parse(log.text()));
        return keeper.lines(log);
    }

    /** Every wait of the cameras in the shop that nobody ended yet, the first to be over first. */
    public List<Stations.Held> waiting() {
        return open().stream()
                .flatMap(job -> job.treat().waits().stream()
                        .filter(wait -> wait.endedAt().isEmpty())
                        .map(wait -> new Stations.Held(job.tag(), wait)))
                .sorted(Comparator.comparing(one -> one.running().endsAt()))
                .toList();
    }

    /** The jobs of all cameras in the shop. */
    public List<JobPicture> open() {
        return summaries.open().stream().map(one -> picture(one.tag())).toList();
    }

    /** Cautions that a person was shown at the cameras in the shop. */
    public List<TreatPicture.Shown> cautionsShown(String by) {
        return open().stream()
                .flatMap(job -> job.treat().cautions().stream())
                .filter(one -> one.by().equals(by))
                .toList();
    }

    /** Forgets what was read: the file was changed beside this service. */
    public void readAgain() {
        keeper.readAgain();
        pictures.invalidateAll();
    }

    /** A job whose lines are still coming in is none yet. */
    private void isHere(TagNumber tag) {
        if (coming.contains(tag)) {
            throw new NoSuchJobException(tag);
        }
    }

    /** The log of a job. */
    public Log<JobEntry> log(TagNumber tag) {
        isHere(tag);
        Log<JobEntry> log = keeper.log(JobLog.name(tag));
        kind.begun(log);
        return log;
    }

    /** The job as it stands. It is kept until its log goes on or the shop works otherwise. */
    public JobPicture picture(TagNumber tag) {
        Log<JobEntry> log = log(tag);
        JobPicture known = pictures.getIfPresent(tag);
        if (known != null
                && known.lastSequence() == log.lastSequence()
                && known.practice().equals(shop.shop().practice())) {
            return known;
        }
        JobPicture read =
                JobPicture.of(Recovered.of(log, summaries), shop.shop().practice());
        pictures.put(tag, read);
        return read;
    }

    /** Whether some of a job cannot be read; what lists know of it is from before and is left as it is. */
    public boolean isDamaged(TagNumber tag) {
        return !log(tag).unreadable().isEmpty();
    }

    /** The job with its parts ordered by how such cameras are built, but without what others taught. */
    public JobPicture built(TagNumber tag) {
        return picture(tag)
                .ordered(Taught.NOTHING, shop.shop().plans(), shop.shop().adjusters());
    }

    /** A job as it stands now; the one place where it is put together. */
    public JobNow now(TagNumber tag) {
        return at(tag, clock.instant());
    }

    /** A job as it stands at a moment, for generated ones. */
    public JobNow at(TagNumber tag, Instant moment) {
        JobPicture picture = picture(tag);
        Learned taught = learned.getObject();
        return new JobNow(picture, shop.shop(), taught.checks(picture), taught.refitPace(), moment);
    }

    /**
     * Opens a job for a camera that came in. Sending the same opening again gives the same tag.
     *
     * @param opening id made where the form was filled in; it becomes the id of the first line
     */
    public TagNumber open(UUID opening, String by, IntakeEntry.Received received) {
        return open(opening, by, received, clock.instant());
    }

    /** Opens a job at a time other than now, for generated and imported ones. */
    public TagNumber open(UUID opening, String by, IntakeEntry.Received received, Instant at) {
        Optional<TagNumber> before = numbers.openedBy(opening);
        if (before.isPresent()) {
            return before.get();
        }
        NewLine first = new NewLine(opening, null, null, received);
        LogKeeper.Stored<JobEntry> stored = database.transaction()
                .execute(status -> keeper.begin(JobLog.name(numbers.next(opening)), by, first, at));
        keeper.stored(stored);
        return JobLog.tag(stored.log());
    }

    /** Adds lines as one; see {@link LogKeeper#append}. */
    public void append(TagNumber tag, String by, long basedOn, List<NewLine> added) {
        append(tag, by, basedOn, added, clock.instant());
    }

    /** Adds lines at a time other than now. */
    public void append(TagNumber tag, String by, long basedOn, List<NewLine> added, Instant now) {
        log(tag);
        keeper.append(JobLog.name(tag), by, basedOn, added, now);
    }

    /** Why these entries could not be logged just now; empty where they could. Nothing is stored. */
    public Optional<Refusal> refusal(TagNumber tag, List<JobEntry> entries) {
        Log<JobEntry> log = log(tag);
        Instant now = clock.instant();
        List<NewLine> lines = entries.stream()
                .map(entry -> new NewLine(UUID.randomUUID(), null, null, entry))
                .toList();
        try {
            return kind.kernel(log.name(), now)
                    .refusal(log, Kernel.numbered(log, NOBODY, lines, now, Optional.empty()));
        } catch (FieldProblem problem) {
            return Optional.of(new Refusal(problem.field(), problem.getMessage(), problem.remedy()));
        }
    }

    /**
     * Takes out of a job what tells whose it was. The lines stay where they are, with their ids and times; this is the one change
     * that is made to what was logged.
     */
    public void blank(TagNumber tag) {
        LogName name = JobLog.name(tag);
        database.transaction().executeWithoutResult(status -> {
            for (Line line : lines.written(name)) {
                Entry blank = Blanking.of(line.entry());
                if (!blank.equals(line.entry())) {
                    lines.blank(name, line, blank);
                }
            }
            JobPicture picture = JobPicture.of(
                    JobLog.of(tag, lines.written(name)), shop.shop().practice());
            projections.forEach(projection -> projection.put(picture));
        });
        readAgain();
        events.changed(name, 0);
    }

    /**
     * Takes in a whole job from elsewhere under its own lines and times, at its own tag where that is free, else at the next.
     *
     * @param done told parts of the whole, 0 to 1
     */
    public TagNumber take(Log<JobEntry> foreign, DoubleConsumer done) {
        UUID opening = foreign.lines().getFirst().id();
        // the plan tries out cameras to come under a tag that no camera may have
        boolean mayKeep = !JobLog.tag(foreign).equals(Newcomer.TAG);
        TagNumber target = database.transaction()
                .execute(status -> numbers.keep(JobLog.tag(foreign), mayKeep, opening, clock.instant()));
        coming.add(target);
        Log<JobEntry> here = JobLog.of(target, foreign.lines());
        try {
            keeper.takeInSlices(here, () -> numbers.came(target), done);
        } catch (RuntimeException cut) {
            giveUp(target);
            throw cut;
        } finally {
            coming.remove(target);
        }
        keeper.tell(here);
        return target;
    }

    private void giveUp(TagNumber halfCome) {
        database.transaction().executeWithoutResult(status -> {
            keeper.forget(JobLog.name(halfCome));
            numbers.gaveUp(halfCome);
        });
    }
}
