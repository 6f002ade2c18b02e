package ruvant.server.people;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruvant.core.people.GuessLimit;
import ruvant.core.people.Person;
import ruvant.core.people.Role;
import ruvant.core.people.Shopfolk;
import ruvant.core.people.SignedBy;
import ruvant.core.units.Check;
import ruvant.server.access.NotAllowedException;
import ruvant.server.people.Guesses.Guess;
import ruvant.server.people.SessionStore.Device;

/** The ways in: by passphrase, by PIN at a bench that is trusted, and by the code of the first start. */
@Component
class Entering {
    /** Letters; nobody's name or passphrase is longer, and what is compared and counted must have an end. */
    private static final int LONGEST = 200;

    private static String cut(String typed) {
        String plain = typed.strip();
        return plain.length() <= LONGEST ? plain : plain.substring(0, LONGEST);
    }

    private final PersonStore people;
    private final SessionStore store;
    private final Sessions sessions;
    private final Secrets secrets;
    private final Guesses guesses;
    private final FirstCode first;
    private final Clock clock;

    Entering(
            PersonStore people,
            SessionStore store,
            Sessions sessions,
            Secrets secrets,
            Guesses guesses,
            FirstCode first,
            Clock clock) {
        this.people = people;
        this.store = store;
        this.sessions = sessions;
        this.secrets = secrets;
        this.guesses = guesses;
        this.first = first;
        this.clock = clock;
    }

    /**
     * What the browser is to keep.
     *
     * @param device the secret of a bench that is trusted from now on
     */
    record Entered(String session, Optional<String> device) {}

    /**
     * By name and passphrase.
     *
     * @param bench what this bench is called, where it is to be trusted from now on; blank where it is not
     * @param from the address somebody tries from
     * @throws NotAllowedException if they do not match, or after too many that did not
     */
    Entered byPassphrase(String name, String passphrase, String bench, Optional<String> device, String from) {
        Guess guess = new Guess("passphrase of " + cut(name).toLowerCase(Locale.ROOT), from);
        guesses.mayTry(guess);
        Optional<PersonStore.Kept> account = people.named(name);
        if (!secrets.matches(
                cut(passphrase), account.map(PersonStore.Kept::passphrase).orElse(""))) {
            guesses.wrong(guess);
            throw new NotAllowedException(
                    "wrongPassphrase", "That name and passphrase do not match.", "Check both and try again.");
        }
        guesses.right(guess);
        Person person = account.orElseThrow().person();
        Optional<Device> at = device.map(Secrets::fingerprint).flatMap(store::deviceWithSecret);
        at.ifPresent(one -> guesses.right(new Guess(pinOf(person, one), from)));
        if (bench.isBlank() || person.role() == Role.GUEST) {
            return new Entered(sessions.begin(person, SignedBy.PASSPHRASE, at.map(Device::id)), Optional.empty());
        }
        String secret = secrets.drawn();
        Device trusted = new Device(
                UUID.randomUUID(), Check.name("bench", bench), person.name(), clock.instant(), clock.instant());
        store.addDevice(trusted, person.id(), Secrets.fingerprint(secret));
        at.ifPresent(one -> sessions.endAt(one.id()));
        return new Entered(sessions.begin(person, SignedBy.PASSPHRASE, Optional.of(trusted.id())), Optional.of(secret));
    }

    /**
     * By PIN, at a bench that is trusted.
     *
     * @throws NotAllowedException if it is not trusted, if the PIN is wrong, or after too many wrong ones
     */
    Entered byPin(String name, String pin, Optional<String> device, String from) {
        Device at = device.map(Secrets::fingerprint)
                .flatMap(store::deviceWithSecret)
                .orElseThrow(() -> new NotAllowedException(
                        "notTrusted",
                        "A PIN is only enough at a bench that is trusted.",
                        "Sign in with your passphrase, and tick that this is a bench of the shop."));
        Optional<PersonStore.Kept> account = people.named(name);
        String about = account.map(one -> pinOf(one.person(), at)).orElse("pin of nobody");
        Guess guess = new Guess(about, from);
        if (guesses.wrongAt(about) >= GuessLimit.PINS) {
            throw new NotAllowedException(
                    "pinLocked", "The PIN was wrong too often at this bench.", "Sign in with your passphrase.");
        }
        guesses.mayTry(guess);
        if (!secrets.matches(cut(pin), account.map(PersonStore.Kept::pin).orElse(""))) {
            guesses.wrong(guess);
            throw new NotAllowedException(
                    "wrongPin", "That PIN is wrong.", "Try again, or sign in with your passphrase.");
        }
        guesses.right(guess);
        store.deviceSeen(at.id(), clock.instant());
        return new Entered(
                sessions.begin(account.orElseThrow().person(), SignedBy.PIN, Optional.of(at.id())), Optional.empty());
    }

    private static String pinOf(Person person, Device device) {
        return "pin of " + person.id() + " at " + device.id();
    }

    /**
     * By the code that the start printed: makes the owner, or gives one a new passphrase.
     *
     * @throws NotAllowedException if it is not the code
     */
    Entered byFirstCode(String code, String name, String passphrase, String from) {
        String kept = Shopfolk.passphrase(passphrase, name);
        Person owner = people.named(name)
                .map(PersonStore.Kept::person)
                .filter(one -> one.role() == Role.OWNER)
                .orElseGet(() -> new Person(UUID.randomUUID(), name, Role.OWNER, null, true, true));
        Shopfolk.check(people.all().stream().map(PersonStore.Kept::person).toList(), owner);
        Guess guess = new Guess("first code", from);
        guesses.mayTry(guess);
        if (!first.take(code)) {
            guesses.wrong(guess);
            throw new NotAllowedException(
                    "wrongCode",
                    "That is not the code.",
                    "It is in the window in which Ruvant was started, and another one each time.");
        }
        guesses.right(guess);
        people.save(owner, clock.instant());
        people.passphrase(owner.id(), secrets.kept(kept));
        sessions.endOf(owner.id());
        return new Entered(sessions.begin(owner, SignedBy.PASSPHRASE, Optional.empty()), Optional.empty());
    }

    /** Names that can sign in here with a PIN: none at a bench that is not trusted. */
    List<String> byPinHere(Optional<String> device) {
        return device.map(Secrets::fingerprint).flatMap(store::deviceWithSecret).isEmpty()
                ? List.of()
                : people.all().stream()
                        .filter(one -> !one.pin().isEmpty())
                        .map(one -> one.person().name())
                        .toList();
    }

    /** What a bench that is trusted is called; empty where it is not. */
    Optional<String> benchHere(Optional<String> device) {
        return device.map(Secrets::fingerprint).flatMap(store::deviceWithSecret).map(Device::name);
    }
}
