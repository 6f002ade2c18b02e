package ruvant.server.job;

import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.TagNumber;
import ruvant.server.record.Projection;
import ruvant.server.record.ProjectionStore;
import ruvant.server.storage.Database;

/**
 * Makes projections of jobs again where another version of them wrote what is there. Pages are served meanwhile: the rows
 * of each job stay as they are until its new ones take their place.
 */
@Service
public class Projecting {
    private static final Logger LOG = LoggerFactory.getLogger(Projecting.class);
    private static final int BATCH = 100;
    private static final int SAID_EVERY = 1_000;

    private final Database database;
    private final JobNumberStore numbers;
    private final JobService jobs;
    private final List<Projection<JobPicture>> projections;
    private final ProjectionStore versions;
    private final boolean inBackground;
    private volatile Progress progress = Progress.NONE;

    public Projecting(
            Database database,
            JobNumberStore numbers,
            JobService jobs,
            List<Projection<JobPicture>> projections,
            ProjectionStore versions,
            @Value("${ruvant.rehearsal:false}") boolean rehearsal) {
        this.database = database;
        this.numbers = numbers;
        this.jobs = jobs;
        this.projections = projections;
        this.versions = versions;
        this.inBackground = !rehearsal;
    }

    /**
     * How many of the jobs that are to be read again were read.
     *
     * @param of 0 while nothing is to be done
     */
    public record Progress(int done, int of) {
        static final Progress NONE = new Progress(0, 0);
    }

    /** How far it is. */
    public Progress progress() {
        return progress;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (inBackground) {
            Thread.ofVirtual().name("projections").start(this::bringUpToDate);
        } else {
            bringUpToDate();
        }
    }

    /** Reads all jobs again for the projections whose version differs; none where all are as they should be. */
    public synchronized void bringUpToDate() {
        List<Projection<JobPicture>> stale = projections.stream()
                .filter(one -> versions.version(one.name()) != one.version())
                .toList();
        if (!stale.isEmpty()) {
            rebuild(stale);
        }
    }

    /** Reads all jobs again for every projection. */
    public synchronized void rebuildAll() {
        rebuild(projections);
    }

    private void rebuild(List<Projection<JobPicture>> stale) {
        // the newest first: those are the cameras in the shop
        List<TagNumber> tags = numbers.all().reversed();
        if (!tags.isEmpty()) {
            LOG.info(
                    "Updating lists ({}): {} jobs",
                    String.join(", ", stale.stream().map(Projection::name).toList()),
                    tags.size());
        }
        for (int from = 0; from < tags.size(); from += BATCH) {
            progress = new Progress(from, tags.size());
            List<TagNumber> batch = tags.subList(from, Math.min(from + BATCH, tags.size()));
            database.transaction()
                    .executeWithoutResult(status -> batch.stream()
                            .filter(tag -> !jobs.isDamaged(tag))
                            .map(jobs::picture)
                            .forEach(picture -> stale.forEach(one -> one.put(picture))));
            if (from > 0 && from % SAID_EVERY == 0) {
                LOG.info("{} of {} jobs read", from, tags.size());
            }
        }
        database.transaction()
                .executeWithoutResult(status -> stale.forEach(one -> versions.put(one.name(), one.version())));
        progress = Progress.NONE;
    }
}
