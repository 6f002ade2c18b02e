package ruvant.server.record;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectReader;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import ruvant.core.job.Entry;
import ruvant.core.job.JobLog;
import ruvant.core.job.Line;
import ruvant.core.units.TagNumber;
import ruvant.server.config.Database;

/** Keeps the lines of all jobs. */
@Repository
public class LogStore {
    private final Database database;
    private final ObjectMapper json;
    private final ObjectReader entries;

    public LogStore(Database database, ObjectMapper json) {
        this.database = database;
        this.json = json;
        this.entries = json.readerFor(Entry.class);
    }

    /** Makes the next job, or finds the one that this opening made before. */
    public TagNumber open(UUID opening) {
        return openedBy(opening).orElseGet(() -> {
            int number = database.writes()
                    .sql(
                            "insert into job (number, opened_by) select coalesce(max(number), 0) + 1, ? from job returning number")
                    .param(opening.toString())
                    .query(Integer.class)
                    .single();
            return new TagNumber(number);
        });
    }

    /** Makes a job under a number of its own; the number must be free. */
    public void open(TagNumber tag, UUID opening) {
        database.writes()
                .sql("insert into job (number, opened_by) values (?, ?)")
                .params(tag.number(), opening.toString())
                .update();
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
                .sql("select 1 from job where number = ?")
                .param(tag.number())
                .query(Integer.class)
                .list()
                .isEmpty();
    }

    /** All tags, lowest first. */
    public List<TagNumber> tags() {
        return database.reads().sql("select number from job order by number").query(Integer.class).list().stream()
                .map(TagNumber::new)
                .toList();
    }

    /** A job's whole log. */
    public JobLog read(TagNumber tag) {
        return new JobLog(tag, lines(database.reads(), tag, 0));
    }

    /** Lines after a sequence, as the writing connection sees them. */
    public List<Line> writtenAfter(TagNumber tag, long sequence) {
        return lines(database.writes(), tag, sequence);
    }

    private List<Line> lines(JdbcClient client, TagNumber tag, long after) {
        return client.sql("""
                        select id, sequence, at, signer, before, body
                          from entry
                         where job = ? and sequence > ?
                         order by sequence
                        """).params(tag.number(), after).query(this::line).list();
    }

    /** Sequence of a job's last line as the writing connection sees it, 0 for none. */
    public long lastSequence(TagNumber tag) {
        return database.writes()
                .sql("select coalesce(max(sequence), 0) from entry where job = ?")
                .param(tag.number())
                .query(Long.class)
                .single();
    }

    /** The job and line that carry this id, whichever job it is. */
    public Optional<Place> place(UUID id) {
        return database.writes()
                .sql("select job, sequence from entry where id = ?")
                .param(id.toString())
                .query((row, index) -> new Place(new TagNumber(row.getInt(1)), row.getLong(2)))
                .optional();
    }

    /** Where a line stands. */
    public record Place(TagNumber tag, long sequence) {}

    /** Whether a line was not added because its id, or its place in the job, is taken. */
    static boolean isTaken(DataAccessException objection) {
        return objection.getMostSpecificCause() instanceof SQLiteException problem
                && (problem.getResultCode() == SQLiteErrorCode.SQLITE_CONSTRAINT_PRIMARYKEY
                        || problem.getResultCode() == SQLiteErrorCode.SQLITE_CONSTRAINT_UNIQUE);
    }

    /** Adds one line; its id and its sequence in the job must be free. */
    public void add(TagNumber tag, Line line) {
        database.writes()
                .sql("insert into entry (job, sequence, id, at, signer, before, body) values (?, ?, ?, ?, ?, ?, ?)")
                .param(tag.number())
                .param(line.sequence())
                .param(line.id().toString())
                .param(Times.text(line.at()))
                .param(line.by())
                .param(line.before() == null ? null : line.before().toString())
                .param(body(line.entry()))
                .update();
    }

    private String body(Entry entry) {
        try {
            return json.writerFor(Entry.class).writeValueAsString(entry);
        } catch (JsonProcessingException problem) {
            throw new IllegalStateException("An entry cannot be written: " + entry, problem);
        }
    }

    private Line line(ResultSet row, int index) throws SQLException {
        String before = row.getString("before");
        String body = row.getString("body");
        try {
            return new Line(
                    UUID.fromString(row.getString("id")),
                    row.getLong("sequence"),
                    Times.time(row.getString("at")),
                    row.getString("signer"),
                    before == null ? null : UUID.fromString(before),
                    entries.readValue(body));
        } catch (JsonProcessingException problem) {
            throw new IllegalStateException(
                    "Line " + row.getString("id") + " of the file cannot be read: " + body, problem);
        }
    }
}
