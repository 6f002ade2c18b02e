package ruvant.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruvant.core.people.Access;
import ruvant.core.people.Person;
import ruvant.core.people.SignedBy;
import ruvant.core.units.TagNumber;
import ruvant.server.access.SignedIn;
import ruvant.server.network.Network;
import ruvant.server.people.SessionStore.Session;

/** Who is signed in with which secret, and for how long that holds. */
@Component
public class Sessions {
    /** How exactly it is kept when a session was last used; each request would be a write otherwise. */
    private static final Duration SEEN = Duration.ofMinutes(1);

    private final SessionStore store;
    private final PersonStore people;
    private final Secrets secrets;
    private final Network network;
    private final BenchFocus benches;
    private final Clock clock;
    private final Cache<String, Session> known =
            Caffeine.newBuilder().maximumSize(1_000).build();
    private final Cache<UUID, Person> persons =
            Caffeine.newBuilder().maximumSize(1_000).build();

    Sessions(
            SessionStore store, PersonStore people, Secrets secrets, Network network, BenchFocus benches, Clock clock) {
        this.store = store;
        this.people = people;
        this.secrets = secrets;
        this.network = network;
        this.benches = benches;
        this.clock = clock;
    }

    /** Who asks with this secret; empty where it is none, or its time is over. */
    public Optional<SignedIn> of(Optional<String> secret) {
        Optional<SignedIn> signedIn = secret.map(Secrets::fingerprint)
                .flatMap(this::open)
                .flatMap(session -> access(session)
                        .map(access -> new SignedIn(access, session.id().toString())));
        // where nobody else can reach it, whoever sits here is the shop
        return signedIn.isPresent() || network.isOpen() ? signedIn : Optional.of(new SignedIn(Access.OF_THE_HOUSE, ""));
    }

    private Optional<Session> open(String fingerprint) {
        Session session =
                known.get(fingerprint, print -> store.withSecret(print).orElse(null));
        if (session == null) {
            return Optional.empty();
        }
        Instant now = clock.instant();
        if (now.isAfter(session.endsAt())) {
            end(session.id());
            return Optional.empty();
        }
        if (session.seen().plus(SEEN).isBefore(now)) {
            store.seen(session.id(), now);
            known.invalidate(fingerprint);
        }
        return Optional.of(session);
    }

    private Optional<Access> access(Session session) {
        Optional<Person> person = session.person()
                .map(id -> persons.get(
                        id, of -> people.of(of).map(PersonStore.Kept::person).orElse(null)));
        if (session.person().isPresent() && person.isEmpty()) {
            return Optional.empty();
        }
        if (session.signedBy() != SignedBy.PHONE) {
            return person.map(Person::access);
        }
        return Optional.of(Access.ofPhone(
                session.signer(),
                person.map(one -> one.access().rights()).orElse(Access.OF_THE_HOUSE.rights()),
                session.bench().isEmpty() ? session.onlyJob() : benches.jobAt(session.bench())));
    }

    /** Somebody signs in; the secret to be kept in the browser. */
    String begin(Person person, SignedBy how, Optional<UUID> device) {
        return begin(Optional.of(person.id()), person.name(), how, device, Optional.empty(), "");
    }

    /**
     * A phone is paired for whoever is signed in.
     *
     * @param signer as its lines are signed
     * @param bench the bench whose camera it follows; empty for one job alone
     */
    public String beginPhone(String signer, Optional<TagNumber> onlyJob, String bench) {
        return begin(
                people.named(signer).map(one -> one.person().id()).filter(id -> network.isOpen()),
                signer,
                SignedBy.PHONE,
                Optional.empty(),
                onlyJob,
                bench);
    }

    private String begin(
            Optional<UUID> person,
            String signer,
            SignedBy how,
            Optional<UUID> device,
            Optional<TagNumber> onlyJob,
            String bench) {
        String secret = secrets.drawn();
        Instant now = clock.instant();
        store.add(
                new Session(UUID.randomUUID(), person, signer, how, device, onlyJob, bench, now, now),
                Secrets.fingerprint(secret));
        return secret;
    }

    /** Those that go on now, the last used first. */
    List<Session> open() {
        Instant now = clock.instant();
        return store.open().stream().filter(one -> now.isBefore(one.endsAt())).toList();
    }

    /** The session with this id, while it goes on. */
    public Optional<Phone> phone(String id) {
        return open().stream()
                .filter(one -> one.id().toString().equals(id) && one.signedBy() == SignedBy.PHONE)
                .map(Sessions::phone)
                .findFirst();
    }

    /**
     * A phone that is paired.
     *
     * @param onlyJob the job it is for; empty where it follows a bench
     */
    public record Phone(
            UUID id, String signer, Optional<TagNumber> onlyJob, String bench, Instant begun, Instant endsAt) {}

    /** Phones that are paired now. */
    public List<Phone> phones() {
        return open().stream()
                .filter(one -> one.signedBy() == SignedBy.PHONE)
                .map(Sessions::phone)
                .toList();
    }

    private static Phone phone(Session one) {
        return new Phone(one.id(), one.signer(), one.onlyJob(), one.bench(), one.begun(), one.endsAt());
    }

    /** It holds no longer. */
    public void end(UUID id) {
        store.end(id, clock.instant());
        known.invalidateAll();
    }

    /** Nothing somebody signed in with holds any longer. */
    void endOf(UUID person) {
        store.endOf(person, clock.instant());
        forget();
    }

    /** A bench is trusted no longer, and everybody who is signed in there has to sign in again. */
    void endAt(UUID device) {
        store.endDevice(device, clock.instant());
        store.endAt(device, clock.instant());
        known.invalidateAll();
    }

    /** Accounts have changed. */
    void forget() {
        known.invalidateAll();
        persons.invalidateAll();
    }
}
