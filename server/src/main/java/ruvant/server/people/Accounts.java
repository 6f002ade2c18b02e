package ruvant.server.people;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruvant.core.people.Person;
import ruvant.core.people.Role;
import ruvant.core.people.Shopfolk;
import ruvant.core.units.FieldProblem;
import ruvant.server.access.NotAllowedException;
import ruvant.server.people.Guesses.Guess;

/** The accounts of a shop, as owners and their holders change them. */
@Component
class Accounts {
    private final PersonStore store;
    private final Sessions sessions;
    private final Secrets secrets;
    private final Guesses guesses;
    private final Clock clock;

    Accounts(PersonStore store, Sessions sessions, Secrets secrets, Guesses guesses, Clock clock) {
        this.store = store;
        this.sessions = sessions;
        this.secrets = secrets;
        this.guesses = guesses;
        this.clock = clock;
    }

    List<PersonStore.Kept> all() {
        return store.all();
    }

    /**
     * Adds an account, or changes the one with its id.
     *
     * @param passphrase a new one; empty to leave it as it is
     */
    synchronized void save(Person person, String passphrase) {
        List<Person> all = store.all().stream().map(PersonStore.Kept::person).toList();
        Shopfolk.check(all, person);
        boolean isNew = all.stream().noneMatch(one -> one.id().equals(person.id()));
        if (isNew || !passphrase.isBlank()) {
            String kept = secrets.kept(Shopfolk.passphrase(passphrase, person.name()));
            store.save(person, clock.instant());
            store.passphrase(person.id(), kept);
        } else {
            store.save(person, clock.instant());
        }
        if (!isNew && !passphrase.isBlank()) {
            sessions.endOf(person.id());
        }
        sessions.forget();
    }

    synchronized void end(UUID id) {
        PersonStore.Kept ended = of(id);
        Shopfolk.checkEnd(store.all().stream().map(PersonStore.Kept::person).toList(), ended.person());
        store.end(id, clock.instant());
        sessions.endOf(id);
    }

    private PersonStore.Kept of(UUID id) {
        return store.of(id)
                .orElseThrow(() -> new FieldProblem(
                        "id", "There is no such account any more.", "Reload the page to see who has one."));
    }

    /** Somebody sets the own PIN, with the own passphrase; an empty PIN takes it away. */
    void pin(String name, String passphrase, String pin, String from) {
        PersonStore.Kept own = proven(name, passphrase, from);
        if (own.person().role() == Role.GUEST) {
            throw new FieldProblem("pin", "A guest has no PIN.", "Sign in with the passphrase.");
        }
        store.pin(own.person().id(), pin.isBlank() ? "" : secrets.kept(Shopfolk.pin(pin)));
    }

    /** Somebody changes the own passphrase; whoever signed in with the old one has to sign in again. */
    void passphrase(String name, String old, String next, String from) {
        PersonStore.Kept own = proven(name, old, from);
        store.passphrase(
                own.person().id(),
                secrets.kept(Shopfolk.passphrase(next, own.person().name())));
        sessions.endOf(own.person().id());
    }

    private PersonStore.Kept proven(String name, String passphrase, String from) {
        Guess guess = new Guess("own passphrase of " + name, from);
        guesses.mayTry(guess);
        PersonStore.Kept own =
                store.named(name).orElseThrow(() -> new FieldProblem("name", "Nobody is signed in.", "Sign in first."));
        if (!secrets.matches(passphrase.strip(), own.passphrase())) {
            guesses.wrong(guess);
            throw new NotAllowedException(
                    "wrongPassphrase", "That is not your passphrase.", "Enter the one you sign in with.");
        }
        guesses.right(guess);
        return own;
    }
}
