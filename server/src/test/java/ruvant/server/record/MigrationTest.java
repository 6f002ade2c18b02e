package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.core.house.TrayShape;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.log.LogName;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.units.TagNumber;
import ruvant.server.house.OldPractice;
import ruvant.server.job.JobNumberStore;
import ruvant.server.storage.Database;

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
                new SittingEntry.Noted("kept"));
        try (Database database = Database.open(file, "FULL")) {
            LineStore logs = new LineStore(database, HardKillTest.json());
            logs.add(JobLog.name(new TagNumber(1)), line);
        }
        try (Database database = Database.open(file, "FULL")) {
            LineStore logs = new LineStore(database, HardKillTest.json());
            assertThat(logs.read(JobLog.name(new TagNumber(1)))).isEqualTo(List.of(line));
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
            LineStore logs = new LineStore(database, HardKillTest.json());
            JobNumberStore numbers = new JobNumberStore(database);
            LogName tag = JobLog.name(new TagNumber(1));
            numbers.take(new TagNumber(1), UUID.randomUUID());
            Line line = new Line(UUID.randomUUID(), 1, Instant.EPOCH, "Ada", null, new SittingEntry.Noted("x"));
            logs.add(tag, line);
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> logs.add(tag, line))
                    .hasMessageContaining("UNIQUE");
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> numbers.take(new TagNumber(1), UUID.randomUUID()))
                    .hasMessageContaining("UNIQUE");
        }
    }

    @Test
    void theOneTrayOfAnOlderShopBecomesTheFirstOfSeveral() throws Exception {
        Path file = folder.resolve("older.db");
        Database.open(file, "FULL").close();
        try (var connection = java.sql.DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate(
                    "delete from flyway_schema_history where version in ('3', '4', '5', '6', '7', '8', '9', '10', '11', '12', '13')");
            statement.executeUpdate("drop table line");
            for (String people : java.util.List.of("coming", "guess", "session", "device", "person")) {
                statement.executeUpdate("drop table " + people);
            }
            statement.executeUpdate("drop table tally");
            statement.executeUpdate("drop table finding");
            statement.executeUpdate("drop table backup");
            statement.executeUpdate("alter table job drop column taken_in");
            statement.executeUpdate("drop table projection");
            statement.executeUpdate("drop table forecast");
            statement.executeUpdate(
                    "create table entry (job integer not null references job (number), sequence integer not null,"
                            + " id text not null unique, at text not null, signer text not null, before text, body text not null,"
                            + " primary key (job, sequence)) strict, without rowid");
            statement.executeUpdate("drop table work_done");
            statement.executeUpdate("drop table came_back");
            statement.executeUpdate("drop index job_summary_serial");
            statement.executeUpdate("drop index job_summary_owner");
            statement.executeUpdate("drop index job_summary_customer");
            statement.executeUpdate("alter table job_summary drop column customer");
            statement.executeUpdate("drop table part_need");
            statement.executeUpdate("drop table part_fit");
            statement.executeUpdate("drop table ear");
            statement.executeUpdate("drop index job_summary_family");
            statement.executeUpdate("alter table job_summary drop column trays");
            statement.executeUpdate("alter table job_summary drop column features");
            statement.executeUpdate("insert into setting (name, value) values ('practice', "
                    + "'{\"school\":\"DRY\",\"trayRows\":3,\"trayColumns\":5,\"streakLength\":20,\"lookAlikeMm\":0.5,"
                    + "\"people\":[\"Ada\"],\"shopName\":\"Bench\",\"guaranteeMonths\":6}')");
        }
        try (Database database = Database.open(file, "FULL")) {
            String practice = database.reads()
                    .sql("select value from setting where name = 'practice'")
                    .query(String.class)
                    .single();
            OldPractice read = HardKillTest.json().readValue(practice, OldPractice.class);
            assertThat(read.trays()).containsExactly(new TrayShape("", 3, 5));
            assertThat(read.ownerAgreesFirst()).isTrue();
            assertThat(read.streakLength()).isEqualTo(20);
        }
    }
}
