package ruvant.server.record;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import ruvant.core.log.Entry;
import ruvant.core.log.Line;
import ruvant.core.log.LogName;
import ruvant.core.log.RecordEntry;
import ruvant.core.units.TagNumber;
import ruvant.server.storage.Database;
import ruvant.server.storage.StorageTrouble;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;
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
    private final LineReading reading;

    public LineStore(Database database, ObjectMapper json) {
        this.database = database;
        this.writer = json.writerFor(Entry.class);
        this.reading = new LineReading(json.readerFor(Entry.class));
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

    /** Row by row, so that of a damaged file what comes before the damage is there. */
    private List<Line> lines(JdbcClient client, LogName log) {
        List<Line> lines = new ArrayList<>();
        try {
            client.sql("""
                            select log, id, sequence, at, signer, before, body, seal
                              from line where log = ? order by sequence
                            """).param(key(log)).query((ResultSet row) -> {
                lines.add(reading.line(stored(row), seal(row)));
            });
        } catch (DataAccessException problem) {
            StorageTrouble trouble = StorageTrouble.of(problem).orElseThrow(() -> problem);
            lines.add(StoredLine.missing(lines.size() + 1, trouble));
        }
        return lines;
    }

    private static StoredLine stored(ResultSet row) throws SQLException {
        return new StoredLine(
                row.getInt("log"),
                row.getLong("sequence"),
                row.getString("id"),
                row.getString("at"),
                row.getString("signer"),
                row.getString("before"),
                row.getString("body"));
    }

    private static Long seal(ResultSet row) throws SQLException {
        long seal = row.getLong("seal");
        return row.wasNull() ? null : seal;
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
        StoredLine stored = StoredLine.of(key(log), line, body(line.entry()));
        database.writes()
                .sql("""
                        insert into line (log, sequence, id, at, signer, before, body, seal)
                        values (?, ?, ?, ?, ?, ?, ?, ?)
                        """)
                .params(
                        stored.log(),
                        stored.sequence(),
                        stored.id(),
                        stored.at(),
                        stored.signer(),
                        stored.before(),
                        stored.body(),
                        stored.seal())
                .update();
        database.tally().oneMore();
    }

    /** Lines made ready to be written, which takes longer than writing them. */
    List<Object[]> ready(LogName log, List<Line> lines) {
        return lines.stream()
                .map(line -> StoredLine.of(key(log), line, body(line.entry())))
                .map(one -> new Object[] {
                    one.log(), one.sequence(), one.id(), one.at(), one.signer(), one.before(), one.body(), one.seal()
                })
                .toList();
    }

    /** Writes them as one. */
    void addReady(List<Object[]> ready) {
        database.batch("""
                insert into line (log, sequence, id, at, signer, before, body, seal)
                values (?, ?, ?, ?, ?, ?, ?, ?)
                """, ready);
        database.tally().more(ready.size());
    }

    /** Takes out the lines of a log that never came to be. */
    void forget(LogName log) {
        database.writes().sql("delete from line where log = ?").param(key(log)).update();
    }

    /** Puts another entry in the place of one, to blank a person; nothing else is ever written over. */
    public void blank(LogName log, Line line, Entry entry) {
        StoredLine stored = StoredLine.of(key(log), line, body(entry));
        database.writes()
                .sql("update line set body = ?, seal = ? where log = ? and sequence = ?")
                .params(stored.body(), stored.seal(), stored.log(), stored.sequence())
                .update();
    }

    /**
     * Reads every line there is, so many at a time, and seals those from before there were seals.
     *
     * @param unreadable told of each that cannot be read
     */
    public void lookThrough(int atATime, BiConsumer<LogName, Line> unreadable) {
        Place last = new Place(Integer.MIN_VALUE, 0);
        while (last != null) {
            last = lookThrough(last, atATime, unreadable);
        }
    }

    private record Place(int log, long sequence) {}

    /** The last place read; null where there was nothing more. */
    private Place lookThrough(Place after, int most, BiConsumer<LogName, Line> unreadable) {
        Place[] last = new Place[1];
        List<StoredLine> bare = new ArrayList<>();
        database.reads().sql("""
                        select log, id, sequence, at, signer, before, body, seal
                          from line where (log, sequence) > (?, ?) order by log, sequence limit ?
                        """).params(after.log, after.sequence, most).query((ResultSet row) -> {
            StoredLine stored = stored(row);
            Line line = reading.line(stored, seal(row));
            last[0] = new Place(stored.log(), stored.sequence());
            if (line.entry() instanceof RecordEntry.Unreadable) {
                unreadable.accept(name(last[0].log), line);
            } else if (seal(row) == null) {
                bare.add(stored);
            }
        });
        seal(bare);
        return last[0];
    }

    private void seal(List<StoredLine> bare) {
        if (!bare.isEmpty()) {
            // a line that was blanked in the meantime has a seal of its own by now
            database.transaction()
                    .executeWithoutResult(status -> bare.forEach(line -> database.writes()
                            .sql("update line set seal = ? where log = ? and sequence = ? and seal is null")
                            .params(line.seal(), line.log(), line.sequence())
                            .update()));
        }
    }

    private String body(Entry entry) {
        try {
            return writer.writeValueAsString(entry);
        } catch (JacksonException problem) {
            throw new IllegalStateException("An entry cannot be saved: " + entry, problem);
        }
    }
}
