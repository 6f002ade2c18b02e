package ruvant.server.record;

import org.springframework.stereotype.Repository;
import ruvant.server.storage.Database;

/** Which version of itself each projection was written by. */
@Repository
public class ProjectionStore {
    private final Database database;

    public ProjectionStore(Database database) {
        this.database = database;
    }

    /** The version that wrote it last, 0 where none did. */
    public int version(String name) {
        return database.writes()
                .sql("select version from projection where name = ?")
                .param(name)
                .query(Integer.class)
                .optional()
                .orElse(0);
    }

    /** Says that it is written by this version now. */
    public void put(String name, int version) {
        database.writes()
                .sql(
                        "insert into projection (name, version) values (?, ?) on conflict (name) do update set version = excluded.version")
                .params(name, version)
                .update();
    }
}
