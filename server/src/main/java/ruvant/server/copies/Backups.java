package ruvant.server.copies;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import ruvant.core.units.FieldProblem;
import ruvant.server.storage.DurableFile;
import ruvant.server.storage.StorageTrouble;
import ruvant.server.storage.Times;
import ruvant.server.storage.copy.Backup;
import ruvant.server.storage.copy.ShopCheck;

/** Makes backups when they are due, checks each by opening it, and deletes what is older than wanted. */
@Service
class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private final BackupStore store;
    private final Clock clock;
    private final boolean demo;

    Backups(BackupStore store, Clock clock, @Value("${ruvant.demo}") boolean demo) {
        this.store = store;
        this.clock = clock;
        this.demo = demo;
    }

    /**
     * How it stands with backups.
     *
     * @param folder where they go, in full
     * @param last the newest one, good or not
     */
    record BackupsNow(
            BackupPlan plan,
            String folder,
            Optional<BackupStore.BackupMade> lastGood,
            Optional<BackupStore.BackupMade> last) {}

    BackupsNow standing() {
        BackupPlan plan = store.plan();
        List<BackupStore.BackupMade> all = store.all();
        return new BackupsNow(
                plan,
                plan.in(store.data()).toAbsolutePath().toString(),
                store.lastGood(),
                all.stream().findFirst());
    }

    /** Changes when they are made; a folder that cannot be written to is refused. */
    void plan(BackupPlan plan) {
        try {
            Path folder = plan.in(store.data());
            Files.createDirectories(folder);
            Files.delete(Files.createTempFile(folder, "try", DurableFile.HALF));
        } catch (IOException | InvalidPathException problem) {
            throw new FieldProblem(
                    "folder",
                    "Nothing can be written to “" + plan.folder() + "”.",
                    "Give the full path of a folder on this machine or on a disk connected to it.");
        }
        store.plan(plan);
    }

    @Scheduled(initialDelay = 120_000, fixedDelay = 300_000)
    void makeIfDue() {
        int every = store.plan().everyHours();
        Instant now = clock.instant();
        boolean due = store.all().stream()
                .findFirst()
                .map(last -> !last.madeAt().plus(Duration.ofHours(every)).isAfter(now))
                .orElse(true);
        if (!demo && every > 0 && due) {
            make();
        }
    }

    /** Makes one now; what came of it is kept whether it is good or not. */
    synchronized void make() {
        Instant now = clock.instant();
        BackupPlan plan = store.plan();
        Path target = plan.in(store.data()).resolve("ruvant-" + Times.stamp(now) + ".zip");
        try {
            Files.createDirectories(target.getParent());
            ShopCheck found = Backup.make(store.data(), target);
            store.made(now, target.toString(), Files.size(target), found.lines(), String.join(" ", found.problems()));
            deleteOlder(plan.keep());
        } catch (IOException | RuntimeException problem) {
            String why =
                    StorageTrouble.of(problem).map(StorageTrouble::what).orElse(String.valueOf(problem.getMessage()));
            LOG.error("The backup {} was not made: {}", target, why);
            store.made(now, target.toString(), 0, 0, "It was not made: " + why);
        }
    }

    /** The good ones beyond those to keep, and as many of the others: of a damaged shop there are no good ones. */
    private void deleteOlder(int keep) throws IOException {
        int good = 0;
        int others = 0;
        for (BackupStore.BackupMade one : store.all()) {
            boolean tooMany = one.isGood() ? ++good > keep : ++others > keep;
            if (tooMany) {
                Files.deleteIfExists(Path.of(one.file()));
                store.forget(one.id());
            }
        }
    }
}
