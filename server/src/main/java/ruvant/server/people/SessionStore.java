package ruvant.server.people;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import ruvant.core.people.SignedBy;
import ruvant.core.units.TagNumber;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** Keeps sessions, and the benches that are trusted. */
@Repository
class SessionStore {
    private final Database database;

    SessionStore(Database database) {
        this.database = database;
    }

    /**
     * Somebody who is signed in somewhere.
     *
     * @param person empty where nobody needs an account
     * @param signer as lines are signed
     * @param device the trusted bench it is at
     * @param onlyJob the one job that a phone was paired for
     * @param bench the bench whose camera a phone follows; empty where it follows none
     */
    record Session(
            UUID id,
            Optional<UUID> person,
            String signer,
            SignedBy signedBy,
            Optional<UUID> device,
            Optional<TagNumber> onlyJob,
            String bench,
            Instant begun,
            Instant seen) {
        /** When it ends if nothing more is heard. */
        Instant endsAt() {
            return signedBy.endsAt(begun, seen);
        }
    }

    /** A bench at which a PIN is enough. */
    record Device(UUID id, String name, String trustedBy, Instant made, Instant seen) {}

    void add(Session session, String fingerprint) {
        database.writes()
                .sql("""
                        insert into session (id, secret, person, signer, signed_by, device, only_job, bench, begun_at, seen_at)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                        """)
                .params(
                        session.id().toString(),
                        fingerprint,
                        session.person().map(UUID::toString).orElse(null),
                        session.signer(),
                        session.signedBy().name(),
                        session.device().map(UUID::toString).orElse(null),
                        session.onlyJob().map(TagNumber::number).orElse(null),
                        session.bench(),
                        Times.text(session.begun()),
                        Times.text(session.seen()))
                .update();
    }

    /** The session of a secret, unless it was ended. */
    Optional<Session> withSecret(String fingerprint) {
        return database.reads()
                .sql("select * from session where secret = ? and ended_at is null")
                .params(fingerprint)
                .query((row, index) -> session(row))
                .optional();
    }

    /** All that were not ended, the last used first. */
    List<Session> open() {
        return database.reads()
                .sql("select * from session where ended_at is null order by seen_at desc limit 500")
                .query((row, index) -> session(row))
                .list();
    }

    private static Session session(ResultSet row) throws SQLException {
        int job = row.getInt("only_job");
        return new Session(
                UUID.fromString(row.getString("id")),
                Optional.ofNullable(row.getString("person")).map(UUID::fromString),
                row.getString("signer"),
                SignedBy.valueOf(row.getString("signed_by")),
                Optional.ofNullable(row.getString("device")).map(UUID::fromString),
                job == 0 ? Optional.empty() : Optional.of(new TagNumber(job)),
                row.getString("bench"),
                Times.time(row.getString("begun_at")),
                Times.time(row.getString("seen_at")));
    }

    void seen(UUID id, Instant at) {
        database.writes()
                .sql("update session set seen_at = ? where id = ?")
                .params(Times.text(at), id.toString())
                .update();
    }

    void end(UUID id, Instant at) {
        database.writes()
                .sql("update session set ended_at = ? where id = ? and ended_at is null")
                .params(Times.text(at), id.toString())
                .update();
    }

    void endOf(UUID person, Instant at) {
        database.writes()
                .sql("update session set ended_at = ? where person = ? and ended_at is null")
                .params(Times.text(at), person.toString())
                .update();
    }

    void endAt(UUID device, Instant at) {
        database.writes()
                .sql("update session set ended_at = ? where device = ? and ended_at is null")
                .params(Times.text(at), device.toString())
                .update();
    }

    void addDevice(Device device, UUID trustedBy, String fingerprint) {
        database.writes()
                .sql("""
                        insert into device (id, secret, name, trusted_by, made_at, seen_at) values (?, ?, ?, ?, ?, ?)
                        """)
                .params(
                        device.id().toString(),
                        fingerprint,
                        device.name(),
                        trustedBy.toString(),
                        Times.text(device.made()),
                        Times.text(device.seen()))
                .update();
    }

    Optional<Device> deviceWithSecret(String fingerprint) {
        return database.reads()
                .sql("""
                        select device.*, person.name as by from device join person on person.id = device.trusted_by
                         where secret = ? and device.ended_at is null
                        """)
                .params(fingerprint)
                .query((row, index) -> device(row))
                .optional();
    }

    List<Device> devices() {
        return database.reads().sql("""
                        select device.*, person.name as by from device join person on person.id = device.trusted_by
                         where device.ended_at is null order by device.name
                        """).query((row, index) -> device(row)).list();
    }

    private static Device device(ResultSet row) throws SQLException {
        return new Device(
                UUID.fromString(row.getString("id")),
                row.getString("name"),
                row.getString("by"),
                Times.time(row.getString("made_at")),
                Times.time(row.getString("seen_at")));
    }

    void deviceSeen(UUID id, Instant at) {
        database.writes()
                .sql("update device set seen_at = ? where id = ?")
                .params(Times.text(at), id.toString())
                .update();
    }

    void endDevice(UUID id, Instant at) {
        database.writes()
                .sql("update device set ended_at = ? where id = ? and ended_at is null")
                .params(Times.text(at), id.toString())
                .update();
    }
}
