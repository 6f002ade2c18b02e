package ruvant.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What is done with a shop's file before anybody works in it: a newer one is refused, an older one copied and brought up to date. */
final class Opening {
    /** Larger files are looked through while the shop works already. */
    static final long SOON_LOOKED_THROUGH_BYTES = 64L << 20;

    private Opening() {}

    /**
     * Brings the tables up to date.
     *
     * @throws CannotStartException where the file is from a newer Ruvant, damaged at its root, or cannot be written
     */
    static void upToDate(Path file, DataSource writer, boolean wasThere) {
        Flyway flyway = Flyway.configure()
                .dataSource(writer)
                .locations("classpath:db/migration")
                .load();
        try {
            boolean newer = Arrays.stream(flyway.info().applied())
                    .anyMatch(
                            one -> one.getState().isApplied() && !one.getState().isResolved());
            if (newer) {
                throw new CannotStartException(
                        "The shop's file " + file.toAbsolutePath()
                                + " was written by a newer Ruvant. This one does not know all that is in it.",
                        "Start it with the newer Ruvant. Nothing was changed.");
            }
            MigrationInfo now = flyway.info().current();
            if (wasThere && now != null && flyway.info().pending().length > 0) {
                copy(file, writer, now.getVersion().getVersion());
            }
            flyway.migrate();
        } catch (RuntimeException problem) {
            if (problem instanceof CannotStartException known) {
                throw known;
            }
            throw StorageTrouble.of(problem)
                    .map(trouble -> new CannotStartException(
                            "The shop's file " + file.toAbsolutePath() + " cannot be opened: " + trouble.what(),
                            trouble.remedy()))
                    .orElseThrow(() -> problem);
        }
    }

    /** What an older Ruvant wrote stays as it was, in case the newer one is not wanted after all. */
    private static void copy(Path file, DataSource writer, String version) {
        Path copies = file.toAbsolutePath().getParent().resolve("before");
        try {
            Files.createDirectories(copies);
        } catch (IOException problem) {
            throw CannotStartException.of(copies, problem);
        }
        Path copy = copies.resolve("ruvant-version-%s-%s.db".formatted(version, Times.stamp(Instant.now())));
        JdbcClient.create(writer).sql("vacuum into ?").param(copy.toString()).update();
    }

    /** What SQLite itself finds wrong with the order of the file, at most a few sentences. */
    static List<String> lookedThrough(JdbcClient reads) {
        return reads.sql("pragma quick_check(5)").query(String.class).list().stream()
                .filter(one -> !one.equals("ok"))
                .map(one -> one.replaceAll("\\s+", " ").strip())
                .toList();
    }

    /** What is wrong with a file that has just been opened; a large one is looked through later. */
    static List<Damage> damage(Path file, JdbcClient reads) {
        List<Damage> found = new ArrayList<>();
        long missing = Tally.missing(file.toAbsolutePath().getParent(), reads);
        if (missing > 0) {
            found.add(new Damage(
                    Damage.Kind.JOURNAL,
                    (missing == 1 ? "The last line" : "The last " + missing + " lines")
                            + " written to this shop's file are missing: its journal, " + file.getFileName()
                            + "-wal, was cut or taken away.",
                    "If you still have that journal, stop Ruvant and put it back before anything else is written. Else look through"
                            + " what was done last, and log what is missing again."));
        }
        if (isSmall(file)) {
            Damage.ofFile(lookedThrough(reads)).ifPresent(found::add);
        }
        return found;
    }

    static boolean isSmall(Path file) {
        try {
            return Files.size(file) <= SOON_LOOKED_THROUGH_BYTES;
        } catch (IOException unknown) {
            return false;
        }
    }
}
