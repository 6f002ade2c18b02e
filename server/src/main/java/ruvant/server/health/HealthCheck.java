package ruvant.server.health;

import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import ruvant.core.log.Line;
import ruvant.core.log.LogName;
import ruvant.core.log.RecordEntry;
import ruvant.server.record.LineStore;
import ruvant.server.storage.Damage;
import ruvant.server.storage.Database;
import ruvant.server.storage.StorageTrouble;

/** Looks through the whole file once after each start, while the shop works already. */
@Service
public class HealthCheck {
    private static final Logger LOG = LoggerFactory.getLogger(HealthCheck.class);
    private static final int AT_A_TIME = 2_000;

    private final Database database;
    private final LineStore lines;
    private final FindingStore findings;
    private final Clock clock;
    private final boolean inBackground;

    HealthCheck(
            Database database,
            LineStore lines,
            FindingStore findings,
            Clock clock,
            @Value("${ruvant.rehearsal:false}") boolean rehearsal) {
        this.database = database;
        this.lines = lines;
        this.findings = findings;
        this.clock = clock;
        this.inBackground = !rehearsal;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (inBackground) {
            Thread.ofPlatform().daemon().name("health").start(this::look);
        }
    }

    /** Looks through everything and keeps what is damaged. */
    public void look() {
        try {
            database.damage().forEach(this::found);
            database.lookThrough().ifPresent(this::found);
            lines.lookThrough(AT_A_TIME, this::unreadable);
        } catch (RuntimeException problem) {
            String what = StorageTrouble.of(problem)
                    .map(trouble -> "The shop's file could not be looked through: " + trouble.what())
                    .orElse("The shop's file could not be looked through.");
            LOG.error(what, problem);
        }
    }

    private void unreadable(LogName log, Line line) {
        String why = line.entry() instanceof RecordEntry.Unreadable damaged ? damaged.why() : "";
        findings.add(
                clock.instant(),
                log,
                line.sequence(),
                "Line " + line.sequence() + " of " + log.text() + " cannot be read. " + why,
                "What can be read is shown, and nothing can be added to this record. Restore the newest backup that still has the line,"
                        + " or begin a new job.");
    }

    private void found(Damage damage) {
        findings.add(clock.instant(), damage);
        LOG.error("{} {}", damage.what(), damage.remedy());
    }
}
