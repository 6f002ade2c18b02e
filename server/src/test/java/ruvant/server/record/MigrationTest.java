package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.core.job.BenchEntry;
import ruvant.core.job.Line;
import ruvant.core.units.TagNumber;
import ruvant.server.config.Database;

class MigrationTest {
    @TempDir
    Path folder;

    @Test
    void anEmptyFolderGetsItsTablesAndOpeningAgainKeepsWhatIsThere() {
        Path file = folder.resolve("deep").resolve("ruvant.db");
        Line line = new Line(
                UUID.randomUUID(),
                1,
                Instant.parse("2031-03-04T09:00:00.123Z"),
                "Ada",
                null,
                new BenchEntry.Noted("kept"));
        try (Database database = Database.open(file, "FULL")) {
            LogStore logs = new LogStore(database, HardKillTest.json());
            TagNumber tag = logs.open(UUID.randomUUID());
            logs.add(tag, line);
        }
        try (Database database = Database.open(file, "FULL")) {
            LogStore logs = new LogStore(database, HardKillTest.json());
            assertThat(logs.read(new TagNumber(1)).lines()).isEqualTo(List.of(line));
            assertThat(database.writes()
                            .sql("pragma journal_mode")
                            .query(String.class)
                            .single())
                    .isEqualTo("wal");
            assertThat(database.writes()
                            .sql("pragma synchronous")
                            .query(Integer.class)
                            .single())
                    .isEqualTo(2);
            assertThat(database.writes()
                            .sql("pragma foreign_keys")
                            .query(Integer.class)
                            .single())
                    .isEqualTo(1);
        }
    }

    @Test
    void aJobsNumberAndALinesPlaceAreUnique() {
        try (Database database = Database.open(folder.resolve("ruvant.db"), "FULL")) {
            LogStore logs = new LogStore(database, HardKillTest.json());
            TagNumber tag = logs.open(UUID.randomUUID());
            Line line = new Line(UUID.randomUUID(), 1, Instant.EPOCH, "Ada", null, new BenchEntry.Noted("x"));
            logs.add(tag, line);
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> logs.add(tag, line))
                    .hasMessageContaining("UNIQUE");
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> logs.open(tag, UUID.randomUUID()))
                    .hasMessageContaining("UNIQUE");
        }
    }
}
