package ruvant.server.people;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Access;
import ruvant.core.people.Person;
import ruvant.core.people.Right;
import ruvant.core.people.SignedBy;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.access.SignedIn;
import ruvant.server.access.Signing;

/** Who has an account, and where people are signed in. */
@RestController
@RequestMapping(path = "/api/people", produces = MediaType.APPLICATION_JSON_VALUE)
class PeopleController {
    private final Accounts accounts;
    private final SessionStore store;
    private final Sessions sessions;

    PeopleController(Accounts accounts, SessionStore store, Sessions sessions) {
        this.accounts = accounts;
        this.store = store;
        this.sessions = sessions;
    }

    /** Somebody with an account. */
    record AccountRow(Person person, boolean hasPin) {}

    /** @param passphrase a new one; empty to leave it as it is, which a new account cannot */
    record Saving(Person person, String passphrase) {}

    record PinSet(String passphrase, String pin) {}

    record PassphraseSet(String old, String next) {}

    /**
     * Where somebody is signed in.
     *
     * @param bench the trusted bench it is at
     * @param here whether it is the one that asks
     */
    record SessionRow(
            UUID id,
            String person,
            SignedBy signedBy,
            Optional<String> bench,
            Optional<TagNumber> onlyJob,
            Instant begun,
            Instant seen,
            Instant endsAt,
            boolean here) {}

    /** A bench at which a PIN is enough. */
    record TrustedBench(UUID id, String name, String trustedBy, Instant made, Instant seen) {}

    @Needs(Right.HOUSE)
    @GetMapping
    List<AccountRow> accounts() {
        return accounts.all().stream()
                .map(one -> new AccountRow(one.person(), !one.pin().isEmpty()))
                .toList();
    }

    @Needs(Right.HOUSE)
    @PostMapping
    List<AccountRow> saveAccount(@RequestBody Saving saving) {
        accounts.save(saving.person(), saving.passphrase());
        return accounts();
    }

    @Needs(Right.HOUSE)
    @DeleteMapping("/{id}")
    List<AccountRow> endAccount(@PathVariable UUID id) {
        accounts.end(id);
        return accounts();
    }

    @Needs(Right.LOOK)
    @PostMapping("/own/pin")
    void ownPin(@RequestBody PinSet set, HttpServletRequest request) {
        accounts.pin(own(), set.passphrase(), set.pin(), request.getRemoteAddr());
    }

    @Needs(Right.LOOK)
    @PostMapping("/own/passphrase")
    void ownPassphrase(@RequestBody PassphraseSet set, HttpServletRequest request) {
        accounts.passphrase(own(), set.old(), set.next(), request.getRemoteAddr());
    }

    private static String own() {
        return SignedIn.now().map(Access::name).orElse("");
    }

    /** Everybody's for owners, and one's own for everybody else. */
    @Needs(Right.LOOK)
    @GetMapping("/sessions")
    List<SessionRow> sessions() {
        var benches =
                store.devices().stream().collect(Collectors.toMap(SessionStore.Device::id, SessionStore.Device::name));
        return sessions.open().stream()
                .filter(PeopleController::isForMe)
                .map(one -> new SessionRow(
                        one.id(),
                        one.signer(),
                        one.signedBy(),
                        one.device().map(benches::get),
                        one.onlyJob(),
                        one.begun(),
                        one.seen(),
                        one.endsAt(),
                        SignedIn.sessionNow().equals(Optional.of(one.id().toString()))))
                .toList();
    }

    private static boolean isForMe(SessionStore.Session session) {
        return SignedIn.now()
                .map(access -> access.may(Right.HOUSE) || access.name().equals(session.signer()))
                .orElse(false);
    }

    @Needs(Right.LOOK)
    @DeleteMapping("/sessions/{id}")
    List<SessionRow> endSession(@PathVariable UUID id) {
        if (sessions.open().stream().anyMatch(one -> one.id().equals(id) && !isForMe(one))) {
            throw Signing.notAllowed();
        }
        sessions.end(id);
        return sessions();
    }

    @Needs(Right.HOUSE)
    @GetMapping("/benches")
    List<TrustedBench> trustedBenches() {
        return store.devices().stream()
                .map(one -> new TrustedBench(one.id(), one.name(), one.trustedBy(), one.made(), one.seen()))
                .toList();
    }

    @Needs(Right.HOUSE)
    @DeleteMapping("/benches/{id}")
    List<TrustedBench> endBench(@PathVariable UUID id) {
        sessions.endAt(id);
        return trustedBenches();
    }
}
