package ruvant.server.parts;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import ruvant.core.parts.shelf.ShelfEntry;
import ruvant.core.parts.shelf.ShelfLine;
import ruvant.server.config.Database;
import ruvant.server.record.Times;

/** Keeps the lines of the shelf. */
@Repository
class ShelfStore {
    private final Database database;
    private final ObjectMapper json;

    ShelfStore(Database database, ObjectMapper json) {
        this.database = database;
        this.json = json;
    }

    /** All lines, oldest first, as the writing connection sees them. */
    List<ShelfLine> lines() {
        return database.writes()
                .sql("select sequence, id, at, signer, body from shelf_entry order by sequence")
                .query(this::line)
                .list();
    }

    /** Adds one line; its id and its sequence must be free. */
    void add(ShelfLine line) {
        database.writes()
                .sql("insert into shelf_entry (sequence, id, at, signer, body) values (?, ?, ?, ?, ?)")
                .params(line.sequence(), line.id().toString(), Times.text(line.at()), line.by(), body(line.entry()))
                .update();
    }

    private String body(ShelfEntry entry) {
        try {
            return json.writerFor(ShelfEntry.class).writeValueAsString(entry);
        } catch (JsonProcessingException problem) {
            throw new IllegalStateException("A line of the shelf cannot be written: " + entry, problem);
        }
    }

    private ShelfLine line(ResultSet row, int index) throws SQLException {
        String body = row.getString("body");
        try {
            return new ShelfLine(
                    UUID.fromString(row.getString("id")),
                    row.getLong("sequence"),
                    Times.time(row.getString("at")),
                    row.getString("signer"),
                    json.readValue(body, ShelfEntry.class));
        } catch (JsonProcessingException problem) {
            throw new IllegalStateException("A line of the shelf cannot be read: " + body, problem);
        }
    }
}
