package ruvant.server.record;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import ruvant.core.log.Entry;
import ruvant.core.log.Line;
import ruvant.core.log.LogName;
import ruvant.core.units.TagNumber;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.ObjectWriter;

/** Keeps the lines of every log, whatever it is about. */
@Repository
public class LineStore {
    /** The shop's own logs stand beside the jobs' in one table; a job's key is its number, which is above 0. */
    private static final Map<String, Integer> OWN =
            Map.of("shelf", -1, "house", -2, "knowledge", -3, "accounts", -4, "customers", -5);

    private static final Map<Integer, String> NAMES =
            OWN.entrySet().stream().collect(Collectors.toMap(Map.Entry::getValue, Map.Entry::getKey));

    private final Database database;
    private final ObjectWriter writer;
    private final ObjectReader reader;

    public LineStore(Database database, ObjectMapper json) {
        this.database = database;
        this.writer = json.writerFor(Entry.class);
        this.reader = json.readerFor(Entry.class);
    }

    private static int key(LogName log) {
        Integer own = OWN.get(log.text());
        return own == null ? TagNumber.parse(log.text()).number() : own;
    }

    private static LogName name(int key) {
        return new LogName(key < 0 ? NAMES.get(key) : new TagNumber(key).toString());
    }

    /** All lines of a log, oldest first; none for a log that has not begun. */
    public List<Line> read(LogName log) {
        return lines(database.reads(), log);
    }

    /** The same as the writing connection sees them. */
    public List<Line> written(LogName log) {
        return lines(database.writes(), log);
    }

    private List<Line> lines(JdbcClient client, LogName log) {
        return client.sql("select id, sequence, at, signer, before, body from line where log = ? order by sequence")
                .param(key(log))
                .query(this::line)
                .list();
    }

    /** Sequence of a log's last line as the writing connection sees it, 0 for none. */
    public long lastSequence(LogName log) {
        return database.writes()
                .sql("select coalesce(max(sequence), 0) from line where log = ?")
                .param(key(log))
                .query(Long.class)
                .single();
    }

    /** The log in which the line with this id stands. */
    public Optional<LogName> logOf(UUID id) {
        return database.writes()
                .sql("select log from line where id = ?")
                .param(id.toString())
                .query(Integer.class)
                .optional()
                .map(LineStore::name);
    }

    /** Whether a line was not added because its id, or its place in the log, is taken. */
    static boolean isTaken(DataAccessException objection) {
        return objection.getMostSpecificCause() instanceof SQLiteException problem
                && (problem.getResultCode() == SQLiteErrorCode.SQLITE_CONSTRAINT_PRIMARYKEY
                        || problem.getResultCode() == SQLiteErrorCode.SQLITE_CONSTRAINT_UNIQUE);
    }

    /** Adds one line; its id and its sequence in the log must be free. */
    public void add(LogName log, Line line) {
        database.writes()
                .sql("insert into line (log, sequence, id, at, signer, before, body) values (?, ?, ?, ?, ?, ?, ?)")
                .param(key(log))
                .param(line.sequence())
                .param(line.id().toString())
                .param(Times.text(line.at()))
                .param(line.by())
                .param(line.before() == null ? null : line.before().toString())
                .param(body(line.entry()))
                .update();
    }

    /** Puts another entry in the place of one, to blank a person; nothing else is ever written over. */
    public void blank(LogName log, long sequence, Entry entry) {
        database.writes()
                .sql("update line set body = ? where log = ? and sequence = ?")
                .param(body(entry))
                .param(key(log))
                .param(sequence)
                .update();
    }

    private String body(Entry entry) {
        try {
            return writer.writeValueAsString(entry);
        } catch (JacksonException problem) {
            throw new IllegalStateException("An entry cannot be saved: " + entry, problem);
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
                    reader.readValue(body));
        } catch (JacksonException problem) {
            throw new IllegalStateException(
                    "Line " + row.getString("id") + " of the file cannot be read: " + body, problem);
        }
    }
}
