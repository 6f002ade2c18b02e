package ruvant.server.health;

import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Repository;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** Keeps what was found damaged until somebody has taken note of it. */
@Repository
class FindingStore {
    private final Database database;

    FindingStore(Database database) {
        this.database = database;
    }

    /** Keeps something that was found: the same thing once, and of one log not again after it was noted. */
    void add(Instant at, String log, String what, String remedy) {
        database.writes()
                .sql("""
                        insert into finding (found_at, log, what, remedy)
                        select ?, ?, ?, ? where not exists (
                            select 1 from finding where log = ? and what = ? and (noted_at is null or log <> ''))
                        """)
                .params(Times.text(at), log, what, remedy, log, what)
                .update();
    }

    /** What nobody has taken note of yet, the oldest first. */
    List<DamageFound> open() {
        return database.reads()
                .sql("select id, found_at, log, what, remedy from finding where noted_at is null order by id")
                .query((row, index) -> new DamageFound(
                        row.getLong("id"),
                        Times.time(row.getString("found_at")),
                        row.getString("log"),
                        row.getString("what"),
                        row.getString("remedy")))
                .list();
    }

    void noted(long id, Instant at) {
        database.writes()
                .sql("update finding set noted_at = ? where id = ?")
                .params(Times.text(at), id)
                .update();
    }
}
