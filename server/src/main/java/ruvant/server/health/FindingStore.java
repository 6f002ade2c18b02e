package ruvant.server.health;

import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Repository;
import ruvant.core.log.LogName;
import ruvant.server.storage.Damage;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** Keeps what was found damaged until somebody has taken note of it. */
@Repository
class FindingStore {
    private final Database database;

    FindingStore(Database database) {
        this.database = database;
    }

    /** Keeps damage to the whole file; what was noted is told again where it is found again. */
    void add(Instant at, Damage damage) {
        database.writes()
                .sql("""
                        insert into finding (found_at, kind, log, sequence, what, remedy)
                        select ?, ?, '', 0, ?, ?
                         where not exists (select 1 from finding where kind = ? and noted_at is null)
                        """)
                .params(
                        Times.text(at),
                        damage.kind().name(),
                        damage.what(),
                        damage.remedy(),
                        damage.kind().name())
                .update();
    }

    /** Keeps a line that cannot be read; each once, for its job goes on saying so. */
    void add(Instant at, LogName log, long sequence, String what, String remedy) {
        database.writes()
                .sql("""
                        insert into finding (found_at, kind, log, sequence, what, remedy)
                        select ?, 'LINE', ?, ?, ?, ?
                         where not exists (select 1 from finding where kind = 'LINE' and log = ? and sequence = ?)
                        """)
                .params(Times.text(at), log.text(), sequence, what, remedy, log.text(), sequence)
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
