package ruvant.server.phone;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Access;
import ruvant.core.people.Right;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.access.SignedIn;
import ruvant.server.access.Signing;
import ruvant.server.network.SecureDoor;
import ruvant.server.people.Pairing;
import ruvant.server.people.Sessions;
import ruvant.server.record.Events;

/** Phones, as the bench sees them: it shows the code, says what it has open, and ends the pairing. */
@RestController
@Needs(Right.BENCH)
@RequestMapping(path = "/api/phones", produces = MediaType.APPLICATION_JSON_VALUE)
class PhonesController {
    private static final String LOOPBACK = "(localhost|127\\..*|\\[.*:1])(:\\d+)?";

    private final Pairing pairing;
    private final Sessions sessions;
    private final Benches benches;
    private final SecureDoor door;
    private final Events events;

    PhonesController(Pairing pairing, Sessions sessions, Benches benches, SecureDoor door, Events events) {
        this.pairing = pairing;
        this.sessions = sessions;
        this.benches = benches;
        this.door = door;
        this.events = events;
    }

    /**
     * A phone that is wanted.
     *
     * @param by who signs what it logs
     * @param onlyJob the job it is for; missing where it follows the bench
     * @param bench by which the window that asks is known
     */
    record PhoneWanted(String by, @MayBeNull TagNumber onlyJob, String bench) {}

    /**
     * The code to scan.
     *
     * @param address what the code says
     * @param reachable whether a phone can reach that address; not where Ruvant answers to this machine alone
     */
    record CodeShown(String address, boolean reachable, QrPath drawing, Instant until) {}

    /** A phone that is paired. */
    record PhoneRow(UUID id, String signer, Optional<TagNumber> onlyJob, String bench, Instant begun, Instant endsAt) {}

    @PostMapping("/codes")
    CodeShown showCode(@RequestBody PhoneWanted wanted, HttpServletRequest request) {
        String own = SignedIn.now().map(Access::name).orElse("");
        Pairing.Code code = pairing.code(
                own.isEmpty() ? Check.name("by", wanted.by()) : own,
                Optional.ofNullable(wanted.onlyJob()),
                Check.name("bench", wanted.bench()));
        String base = door.port() == 0
                ? "http://" + request.getHeader("Host")
                : reached(request).orElseGet(() -> door.addresses().getFirst());
        String address = base + "/phone#" + code.code();
        return new CodeShown(address, door.port() != 0, QrPath.of(address), code.until());
    }

    /** Where the bench itself came in by the network, the phone gets in the same way. */
    private Optional<String> reached(HttpServletRequest request) {
        String host = request.getHeader("Host");
        return request.isSecure() && !host.matches(LOOPBACK) ? Optional.of("https://" + host) : Optional.empty();
    }

    @GetMapping
    List<PhoneRow> paired() {
        return sessions.phones().stream()
                .filter(PhonesController::isMine)
                .map(one -> new PhoneRow(one.id(), one.signer(), one.onlyJob(), one.bench(), one.begun(), one.endsAt()))
                .toList();
    }

    private static boolean isMine(Sessions.Phone phone) {
        return SignedIn.now()
                .map(access -> access.may(Right.HOUSE) || access.name().equals(phone.signer()))
                .orElse(false);
    }

    @DeleteMapping("/{id}")
    List<PhoneRow> endPhone(@PathVariable UUID id) {
        if (sessions.phone(id.toString()).filter(one -> !isMine(one)).isPresent()) {
            throw Signing.notAllowed();
        }
        sessions.end(id);
        events.phones();
        return paired();
    }

    /** What a bench has open now. */
    @PutMapping("/benches/{bench}")
    Benches.Focus benchShows(@PathVariable String bench, @RequestBody Benches.Focus focus) {
        benches.shows(bench, focus);
        events.phones();
        return focus;
    }
}
