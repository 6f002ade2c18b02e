package ruvant.server.people;

import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** Keeps how often somebody guessed wrong in a row, so that starting Ruvant again does not begin it anew. */
@Repository
class GuessStore {
    private final Database database;

    GuessStore(Database database) {
        this.database = database;
    }

    /** Wrong guesses in a row, and when the last one was. */
    record Wrong(int times, Instant last) {}

    Optional<Wrong> of(String about) {
        return database.reads()
                .sql("select wrong, last_at from guess where about = ?")
                .params(about)
                .query((row, index) -> new Wrong(row.getInt("wrong"), Times.time(row.getString("last_at"))))
                .optional();
    }

    void wrong(String about, Instant at) {
        database.writes().sql("""
                        insert into guess (about, wrong, last_at) values (?, 1, ?)
                        on conflict (about) do update set wrong = wrong + 1, last_at = excluded.last_at
                        """).params(about, Times.text(at)).update();
    }

    void forget(String about) {
        database.writes().sql("delete from guess where about = ?").params(about).update();
    }

    /** What nobody guessed at for long is forgotten. */
    void forgetBefore(Instant time) {
        database.writes()
                .sql("delete from guess where last_at < ?")
                .params(Times.text(time))
                .update();
    }
}
