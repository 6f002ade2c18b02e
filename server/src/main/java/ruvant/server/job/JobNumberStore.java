package ruvant.server.job;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import ruvant.core.units.TagNumber;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** Which tags there are, and which opening made each. */
@Repository
public class JobNumberStore {
    private final Database database;

    public JobNumberStore(Database database) {
        this.database = database;
    }

    /** Gives the next free tag after the shop's own, in the transaction of whoever asks; tags of jobs that were taken in are stepped over. */
    TagNumber next(UUID opening) {
        TagNumber free = free();
        database.writes()
                .sql("insert into job (number, opened_by) values (?, ?)")
                .params(free.number(), opening.toString())
                .update();
        return free;
    }

    /** The next that neither a job has nor one that is still coming in. */
    private TagNumber free() {
        return new TagNumber(database.writes().sql("""
                        with recursive taken (number) as (select number from job union all select number from coming),
                          candidate (number) as (
                            select coalesce(max(number), 0) + 1 from job where taken_in = 0
                            union all
                            select number + 1 from candidate where number in (select number from taken))
                        select number from candidate where number not in (select number from taken) limit 1
                        """).query(Integer.class).single());
    }

    /** Takes in a job under the tag it had elsewhere, which must be free here. */
    public void take(TagNumber tag, UUID opening) {
        database.writes()
                .sql("insert into job (number, opened_by, taken_in) values (?, ?, 1)")
                .params(tag.number(), opening.toString())
                .update();
    }

    /** Keeps a tag for a job from elsewhere while its lines come in: the one it had there where that is free, else the next. */
    TagNumber keep(TagNumber wanted, boolean mayHave, UUID opening, Instant at) {
        boolean own = mayHave && !exists(wanted);
        TagNumber kept = own ? wanted : free();
        database.writes()
                .sql("insert into coming (number, opened_by, taken_in, begun_at) values (?, ?, ?, ?)")
                .params(kept.number(), opening.toString(), own ? 1 : 0, Times.text(at))
                .update();
        return kept;
    }

    /** All of its lines are there: it is a job like any other. */
    void came(TagNumber kept) {
        database.writes()
                .sql(
                        "insert into job (number, opened_by, taken_in) select number, opened_by, taken_in from coming where number = ?")
                .param(kept.number())
                .update();
        gaveUp(kept);
    }

    void gaveUp(TagNumber kept) {
        database.writes()
                .sql("delete from coming where number = ?")
                .param(kept.number())
                .update();
    }

    /** Those whose lines did not all come in before Ruvant ended. */
    List<TagNumber> halfCome() {
        return database.reads().sql("select number from coming").query(Integer.class).list().stream()
                .map(TagNumber::new)
                .toList();
    }

    /** The job that this opening made. */
    public Optional<TagNumber> openedBy(UUID opening) {
        return database.writes()
                .sql("select number from job where opened_by = ?")
                .param(opening.toString())
                .query(Integer.class)
                .optional()
                .map(TagNumber::new);
    }

    /** Whether there is such a job. */
    public boolean exists(TagNumber tag) {
        return !database.reads()
                .sql("select 1 from job where number = ? union all select 1 from coming where number = ?")
                .params(tag.number(), tag.number())
                .query(Integer.class)
                .list()
                .isEmpty();
    }

    /** All tags, lowest first. */
    public List<TagNumber> all() {
        return database.reads().sql("select number from job order by number").query(Integer.class).list().stream()
                .map(TagNumber::new)
                .toList();
    }
}
