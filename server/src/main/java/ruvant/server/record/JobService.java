package ruvant.server.record;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import ruvant.core.job.BenchEntry;
import ruvant.core.job.Entry;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.JobLog;
import ruvant.core.job.Line;
import ruvant.core.job.PartsEntry;
import ruvant.core.job.ProveEntry;
import ruvant.core.job.RecordEntry;
import ruvant.core.job.RefitEntry;
import ruvant.core.picture.EntryWords;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.JobRules;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.RefitAnswers;
import ruvant.core.treat.Stations;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;
import ruvant.server.config.Database;
import ruvant.server.house.ShopService;

/** Adds lines to jobs, all of a batch or none, under the core's rules. */
@Service
public class JobService {
    /** A line typed while the server was away keeps its time, unless that is longer ago than anybody waits. */
    private static final Duration OLDEST_SAID = Duration.ofDays(7);

    private static final int LOGS_KEPT = 400;

    private final Database database;
    private final LogStore logs;
    private final SummaryStore summaries;
    private final EarStore ears;
    private final PartsStore parts;
    private final ShopService shop;
    private final Events events;
    private final Clock clock;
    private final ObjectProvider<LearnedModels> models;
    private final Function<JobPicture, LearnedChecks> learned;
    private final Cache<TagNumber, JobLog> recent =
            Caffeine.newBuilder().maximumSize(LOGS_KEPT).build();
    private final Cache<TagNumber, JobRules.Folded> folded =
            Caffeine.newBuilder().maximumSize(LOGS_KEPT).build();

    public JobService(
            Database database,
            LogStore logs,
            SummaryStore summaries,
            EarStore ears,
            PartsStore parts,
            ShopService shop,
            Events events,
            Clock clock,
            ObjectProvider<LearnedModels> models) {
        // what is learned is read from jobs, so the two know each other; it is asked for only when a part goes back
        this.models = models;
        this.learned = job -> models.getObject().checks(job);
        this.database = database;
        this.logs = logs;
        this.summaries = summaries;
        this.ears = ears;
        this.parts = parts;
        this.shop = shop;
        this.events = events;
        this.clock = clock;
    }

    /** Every wait of the cameras in the shop that nobody ended yet, the first to be over first. */
    public List<Stations.Held> waiting() {
        return summaries.open().stream()
                .flatMap(open -> picture(open.tag()).treat().waits().stream()
                        .filter(wait -> wait.endedAt().isEmpty())
                        .map(wait -> new Stations.Held(open.tag(), wait)))
                .sorted(Comparator.comparing(one -> one.running().endsAt()))
                .toList();
    }

    /** The jobs of all cameras in the shop. */
    public List<JobPicture> open() {
        return summaries.open().stream().map(one -> picture(one.tag())).toList();
    }

    /** Cautions that a person was shown at the cameras in the shop. */
    public List<TreatPicture.Shown> cautionsShown(String by) {
        return summaries.open().stream()
                .flatMap(open -> picture(open.tag()).treat().cautions().stream())
                .filter(one -> one.by().equals(by))
                .toList();
    }

    /** The log of a job. */
    public JobLog log(TagNumber tag) {
        JobLog known = recent.getIfPresent(tag);
        if (known != null) {
            return known;
        }
        JobLog read = logs.read(tag);
        if (read.lines().isEmpty()) {
            throw new NoSuchJobException(tag);
        }
        remember(read);
        return read;
    }

    /** Keeps the longer one where another thread was quicker. */
    private void remember(JobLog log) {
        recent.asMap().merge(log.tag(), log, (a, b) -> a.lastSequence() >= b.lastSequence() ? a : b);
    }

    /** What may go back in a job, also by what earlier jobs of its model looked at. */
    public RefitAnswers refit(JobPicture job, Instant now) {
        return job.refit(learned.apply(job), now);
    }

    private static boolean teachesAtOnce(Entry entry) {
        return entry instanceof RefitEntry.GateAdded || entry instanceof BenchEntry.Slipped;
    }

    /** The job as it stands. */
    public JobPicture picture(TagNumber tag) {
        return JobPicture.of(log(tag), shop.shop().practice());
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
        TagNumber tag = database.transaction().execute(status -> {
            Optional<TagNumber> before = logs.openedBy(opening);
            if (before.isPresent()) {
                return before.get();
            }
            TagNumber fresh = logs.open(opening);
            begin(new JobLog(fresh, List.of()), List.of(new Line(opening, 1, at, by, null, received)), at);
            return fresh;
        });
        events.changed(tag, 1);
        return tag;
    }

    /**
     * Adds lines as one.
     *
     * @param basedOn the last sequence of the picture on which they were made; 0 where there was none
     * @throws RefusedException if they make no sense now; nothing is stored
     */
    public void append(TagNumber tag, String by, long basedOn, List<NewLine> added) {
        append(tag, by, basedOn, added, clock.instant());
    }

    /** Adds lines at a time other than now. */
    public void append(TagNumber tag, String by, long basedOn, List<NewLine> added, Instant now) {
        if (added.isEmpty() || added.size() > 200) {
            throw new FieldProblem("lines", added.size() + " lines came at once; 1 to 200 are taken.", "Send fewer.");
        }
        JobRules.Outcome stored = appendToKnown(tag, by, basedOn, added, now)
                .orElseGet(() -> database.transaction().execute(status -> {
                    List<NewLine> fresh = notYetThere(tag, added);
                    return add(current(tag), by, basedOn, fresh, now);
                }));
        remember(stored.log());
        stored.folded().ifPresent(fold -> folded.put(tag, fold));
        if (added.stream().anyMatch(line -> teachesAtOnce(line.entry()))) {
            stored.picture().ifPresent(picture -> models.getObject().forget(picture));
        }
        events.changed(tag, stored.log().lastSequence());
    }

    /**
     * The usual case: the log is known and the lines are new. That both are so is left to the file's own keys, which
     * spares two looks; where they object, nothing was stored and the careful way is taken.
     */
    private Optional<JobRules.Outcome> appendToKnown(
            TagNumber tag, String by, long basedOn, List<NewLine> added, Instant now) {
        JobLog known = recent.getIfPresent(tag);
        if (known == null
                || added.stream().anyMatch(line -> known.find(line.id()).isPresent())) {
            return Optional.empty();
        }
        try {
            return Optional.of(database.transaction().execute(status -> add(known, by, basedOn, added, now)));
        } catch (DataAccessException objection) {
            if (!LogStore.isTaken(objection)) {
                throw objection;
            }
            recent.invalidate(tag);
            return Optional.empty();
        } catch (RefusedException refused) {
            // a log that went on elsewhere may allow what this one refuses
            if (database.transaction().execute(status -> logs.lastSequence(tag)) == known.lastSequence()) {
                throw refused;
            }
            recent.invalidate(tag);
            return Optional.empty();
        }
    }

    private JobRules.Outcome add(JobLog log, String by, long basedOn, List<NewLine> fresh, Instant now) {
        if (fresh.isEmpty()) {
            return new JobRules.Outcome(Optional.empty(), log, Optional.empty(), Optional.empty());
        }
        List<Line> lines = numbered(log, by, fresh, now);
        // taken out: if anything fails from here on, the log is read anew next time
        Optional<JobRules.Folded> earlier = Optional.ofNullable(folded.asMap().remove(log.tag()));
        JobRules.Outcome outcome = new JobRules(shop.shop(), learned, this::waiting, now).added(log, lines, earlier);
        outcome.refusal().ifPresent(refusal -> refuse(refusal, log, lines, basedOn));
        store(outcome, lines);
        return outcome;
    }

    private JobLog current(TagNumber tag) {
        JobLog log = new JobLog(tag, logs.writtenAfter(tag, 0));
        if (log.lines().isEmpty()) {
            throw new NoSuchJobException(tag);
        }
        return log;
    }

    private List<NewLine> notYetThere(TagNumber tag, List<NewLine> added) {
        List<NewLine> fresh = new ArrayList<>();
        for (NewLine line : added) {
            Optional<LogStore.Place> place = logs.place(line.id());
            if (place.isEmpty()) {
                fresh.add(line);
            } else if (!place.get().tag().equals(tag)) {
                throw new FieldProblem(
                        "id",
                        "That line stands in " + place.get().tag() + " already.",
                        "Reload the page and enter it again.");
            }
        }
        return fresh;
    }

    private static List<Line> numbered(JobLog log, String by, List<NewLine> fresh, Instant now) {
        List<Line> lines = new ArrayList<>();
        long sequence = log.lastSequence();
        for (NewLine line : fresh) {
            Instant said = line.saidAt();
            boolean keep = said != null && !said.isAfter(now) && said.isAfter(now.minus(OLDEST_SAID));
            lines.add(new Line(line.id(), ++sequence, keep ? said : now, by, line.before(), line.entry()));
        }
        return lines;
    }

    private static void refuse(Refusal refusal, JobLog log, List<Line> lines, long basedOn) {
        List<String> since = log.lines().stream()
                .filter(line -> basedOn > 0 && line.sequence() > basedOn)
                .map(line -> line.by() + ": " + EntryWords.of(line.entry()))
                .toList();
        boolean strikes = lines.stream().anyMatch(line -> line.entry() instanceof RecordEntry.Struck);
        List<UUID> resting = strikes
                ? JobRules.resting(log.plus(lines)).stream().map(Line::id).toList()
                : List.of();
        throw new RefusedException(refusal, since, resting);
    }

    private void begin(JobLog empty, List<Line> lines, Instant now) {
        JobRules.Outcome outcome = new JobRules(shop.shop(), now).added(empty, lines, Optional.empty());
        outcome.refusal().ifPresent(refusal -> refuse(refusal, empty, lines, 0));
        store(outcome, lines);
    }

    private void store(JobRules.Outcome outcome, List<Line> lines) {
        JobPicture picture = outcome.picture().orElseThrow();
        lines.forEach(line -> logs.add(picture.tag(), line));
        summaries.put(picture);
        if (lines.stream().anyMatch(JobService::tellsOfEars)) {
            ears.put(picture);
        }
        if (lines.stream().anyMatch(JobService::tellsOfParts)) {
            parts.put(picture);
        }
        boolean wordsChanged = lines.stream()
                .anyMatch(line -> line.entry() instanceof IntakeEntry.Received || line.entry() instanceof RecordEntry);
        if (wordsChanged) {
            summaries.putWords(picture);
        }
    }

    private static boolean tellsOfParts(Line line) {
        return line.entry() instanceof PartsEntry || line.entry() instanceof RecordEntry;
    }

    private static boolean tellsOfEars(Line line) {
        return line.entry() instanceof ProveEntry || line.entry() instanceof RecordEntry;
    }

    /** Takes in a whole job from elsewhere under its own lines and times, at the next free tag or its own. */
    public TagNumber take(JobLog foreign, boolean keepTag) {
        TagNumber tag = database.transaction().execute(status -> {
            UUID opening = foreign.lines().getFirst().id();
            TagNumber target = foreign.tag();
            if (keepTag) {
                logs.open(target, opening);
            } else {
                target = logs.open(opening);
            }
            JobLog here = new JobLog(target, foreign.lines());
            JobPicture picture = JobPicture.of(here, shop.shop().practice());
            // its order was checked when it was read; gates and harm were settled where it comes from
            store(new JobRules.Outcome(Optional.empty(), here, Optional.of(picture), Optional.empty()), here.lines());
            return target;
        });
        events.changed(tag, foreign.lastSequence());
        return tag;
    }

    /** Makes all summaries anew from the log. */
    public void rebuildSummaries() {
        database.transaction().executeWithoutResult(status -> {
            summaries.clear();
            for (TagNumber tag : logs.tags()) {
                JobPicture picture = JobPicture.of(logs.read(tag), shop.shop().practice());
                summaries.put(picture);
                summaries.putWords(picture);
                ears.put(picture);
                parts.put(picture);
            }
        });
    }
}
