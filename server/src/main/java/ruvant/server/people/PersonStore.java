package ruvant.server.people;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import ruvant.core.people.Person;
import ruvant.core.people.Role;
import ruvant.core.units.TagNumber;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** Keeps accounts. */
@Repository
class PersonStore {
    private final Database database;

    PersonStore(Database database) {
        this.database = database;
    }

    /** An account with how its secrets are kept; each is empty where there is none. */
    record Kept(Person person, String passphrase, String pin) {}

    /** Everybody with an account that goes on, by name. */
    List<Kept> all() {
        return database.reads().sql("""
                        select id, name, role, only_job, money, customers, passphrase, pin
                          from person where ended_at is null order by name
                        """).query((row, index) -> kept(row)).list();
    }

    Optional<Kept> named(String name) {
        return all().stream()
                .filter(one -> one.person().name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    Optional<Kept> of(UUID id) {
        return all().stream().filter(one -> one.person().id().equals(id)).findFirst();
    }

    private static Kept kept(ResultSet row) throws SQLException {
        int job = row.getInt("only_job");
        return new Kept(
                new Person(
                        UUID.fromString(row.getString("id")),
                        row.getString("name"),
                        Role.valueOf(row.getString("role")),
                        job == 0 ? null : new TagNumber(job),
                        row.getBoolean("money"),
                        row.getBoolean("customers")),
                row.getString("passphrase"),
                row.getString("pin"));
    }

    /** Adds an account, or changes the one with its id; its secrets stay. */
    void save(Person person, Instant at) {
        database.writes()
                .sql("""
                        insert into person (id, name, role, only_job, money, customers, passphrase, pin, made_at)
                        values (?, ?, ?, ?, ?, ?, '', '', ?)
                        on conflict (id) do update set name = excluded.name, role = excluded.role, only_job = excluded.only_job,
                          money = excluded.money, customers = excluded.customers
                        """)
                .params(
                        person.id().toString(),
                        person.name(),
                        person.role().name(),
                        person.onlyJob() == null ? null : person.onlyJob().number(),
                        person.money() ? 1 : 0,
                        person.customers() ? 1 : 0,
                        Times.text(at))
                .update();
    }

    void passphrase(UUID id, String kept) {
        database.writes()
                .sql("update person set passphrase = ? where id = ?")
                .params(kept, id.toString())
                .update();
    }

    void pin(UUID id, String kept) {
        database.writes()
                .sql("update person set pin = ? where id = ?")
                .params(kept, id.toString())
                .update();
    }

    void end(UUID id, Instant at) {
        database.writes()
                .sql("update person set ended_at = ?, passphrase = '', pin = '' where id = ? and ended_at is null")
                .params(Times.text(at), id.toString())
                .update();
    }
}
