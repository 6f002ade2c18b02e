package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** Remembers when the demo was furnished, and moves all its times on, so that it always looks like today. */
@Repository
public class DemoStore {
    private static final String MADE_AT = "demoMadeAt";

    private final Database database;

    public DemoStore(Database database) {
        this.database = database;
    }

    Optional<Instant> madeAt() {
        return database.reads()
                .sql("select value from setting where name = ?")
                .param(MADE_AT)
                .query(String.class)
                .optional()
                .map(Times::time);
    }

    void made(Instant at) {
        database.writes()
                .sql("insert or replace into setting (name, value) values (?, ?)")
                .params(MADE_AT, Times.text(at))
                .update();
    }

    /** The demo is no shop's record: its times may be moved, which nothing else in Ruvant does. */
    void moveOn(Instant madeAt, Instant now) {
        Duration later = Duration.between(madeAt, now);
        String seconds = "+" + later.toSeconds() + " seconds";
        String days = "+" + later.toDays() + " days";
        database.transaction().executeWithoutResult(status -> {
            database.writes().sql("""
                            update line
                               set at = strftime('%Y-%m-%dT%H:%M:%fZ', at, ?),
                                   seal = null,
                                   body = case when json_extract(body, '$.promised') is null then body
                                          else json_set(body, '$.promised', date(json_extract(body, '$.promised'), ?)) end
                            """).params(seconds, days).update();
            database.writes().sql("""
                            update line
                               set body = json_set(body, '$.by', date(json_extract(body, '$.by'), ?))
                             where json_extract(body, '$.kind') = 'promised'
                            """).param(days).update();
            for (String moment : List.of("$.wish.at", "$.wish.notBefore")) {
                database.writes().sql("""
                                update line
                                   set body = json_set(body, ?,
                                       strftime('%Y-%m-%dT%H:%M:%SZ', json_extract(body, ?), ?))
                                 where json_extract(body, ?) is not null
                                """).params(moment, moment, days, moment).update();
            }
            database.writes().sql("""
                            update line
                               set body = json_set(body, '$.daysOff', json((
                                   select json_group_array(json_set(one.value,
                                          '$.first', date(json_extract(one.value, '$.first'), ?),
                                          '$.last', date(json_extract(one.value, '$.last'), ?)))
                                     from json_each(body, '$.daysOff') as one)))
                             where json_extract(body, '$.kind') = 'daysOffSet'
                            """).params(days, days).update();
            for (String day : List.of("$.paper.day", "$.paper.until", "$.day")) {
                database.writes().sql("""
                                update line
                                   set body = json_set(body, ?, date(json_extract(body, ?), ?))
                                 where json_extract(body, '$.kind') in ('issued', 'paid', 'deposited', 'paidBack', 'optionAgreed', 'consented', 'toldReady')
                                   and json_extract(body, ?) is not null
                                """).params(day, day, days, day).update();
            }
            // what was said of the days before says nothing of these
            database.writes().sql("delete from forecast").update();
            made(now);
        });
    }
}
