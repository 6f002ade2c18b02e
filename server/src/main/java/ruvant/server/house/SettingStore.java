package ruvant.server.house;

import java.util.Optional;
import org.springframework.stereotype.Repository;
import ruvant.server.storage.Database;

/** Keeps the shop's settings. */
@Repository
public class SettingStore {
    private final Database database;

    public SettingStore(Database database) {
        this.database = database;
    }

    /** What is set under a name; empty for nothing yet. */
    public Optional<String> get(String name) {
        return database.writes()
                .sql("select value from setting where name = ?")
                .param(name)
                .query(String.class)
                .optional();
    }

    /** Forgets it. */
    public void drop(String name) {
        database.writes().sql("delete from setting where name = ?").param(name).update();
    }

    /** Sets it. */
    public void put(String name, String value) {
        database.writes()
                .sql(
                        "insert into setting (name, value) values (?, ?) on conflict (name) do update set value = excluded.value")
                .params(name, value)
                .update();
    }
}
