package ruvant.server.copies;

import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;
import tools.jackson.databind.ObjectMapper;

/** Keeps when backups are to be made, and which were. */
@Repository
class BackupStore {
    private static final String PLAN = "backups";
    private static final String COLUMNS = "select id, made_at, file, bytes, lines, problem from backup ";

    private final Database database;
    private final ObjectMapper json;

    BackupStore(Database database, ObjectMapper json) {
        this.database = database;
        this.json = json;
    }

    /**
     * One that was made, or tried.
     *
     * @param problem what is wrong with it; empty for a good one
     */
    record BackupMade(long id, Instant madeAt, String file, long bytes, long lines, String problem) {
        boolean isGood() {
            return problem.isEmpty();
        }
    }

    Path data() {
        return database.file().toAbsolutePath().getParent();
    }

    BackupPlan plan() {
        return database.reads()
                .sql("select value from setting where name = ?")
                .param(PLAN)
                .query(String.class)
                .optional()
                .map(text -> json.readValue(text, BackupPlan.class))
                .orElse(BackupPlan.USUAL);
    }

    void plan(BackupPlan plan) {
        database.writes()
                .sql("insert or replace into setting (name, value) values (?, ?)")
                .params(PLAN, json.writeValueAsString(plan))
                .update();
    }

    void made(Instant at, String file, long bytes, long lines, String problem) {
        database.writes()
                .sql("insert into backup (made_at, file, bytes, lines, problem) values (?, ?, ?, ?, ?)")
                .params(Times.text(at), file, bytes, lines, problem)
                .update();
    }

    void forget(long id) {
        database.writes().sql("delete from backup where id = ?").param(id).update();
    }

    /** The newest first. */
    List<BackupMade> all() {
        return database.reads()
                .sql(COLUMNS + "order by id desc")
                .query((row, index) -> made(row))
                .list();
    }

    Optional<BackupMade> lastGood() {
        return database.reads()
                .sql(COLUMNS + "where problem = '' order by id desc limit 1")
                .query((row, index) -> made(row))
                .optional();
    }

    private static BackupMade made(ResultSet row) throws SQLException {
        return new BackupMade(
                row.getLong("id"),
                Times.time(row.getString("made_at")),
                row.getString("file"),
                row.getLong("bytes"),
                row.getLong("lines"),
                row.getString("problem"));
    }
}
