package ruvant.server.phone;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;
import ruvant.server.access.NotAllowedException;
import ruvant.server.access.Open;
import ruvant.server.access.SignedIn;
import ruvant.server.people.Pairing;
import ruvant.server.people.Sessions;
import ruvant.server.people.SignedInCookies;
import ruvant.server.record.Events;

/** The phone's own page: it comes in by a code, and asks what the bench has open. */
@RestController
@RequestMapping(path = "/api/phone", produces = MediaType.APPLICATION_JSON_VALUE)
class PhoneController {
    private final Pairing pairing;
    private final Sessions sessions;
    private final Benches benches;
    private final Events events;

    PhoneController(Pairing pairing, Sessions sessions, Benches benches, Events events) {
        this.pairing = pairing;
        this.sessions = sessions;
        this.benches = benches;
        this.events = events;
    }

    record PhoneCode(String code) {}

    /** What the phone asks the bench to do. */
    enum Press {
        NEXT_SPEED
    }

    record Pressed(Press press) {}

    /**
     * What a phone is for now.
     *
     * @param signer who signs what it logs
     * @param focus the camera, and what of it is at hand; without a camera where the bench shows none
     */
    record PhoneNow(String signer, Benches.Focus focus, Instant endsAt) {}

    @Open
    @PostMapping("/pair")
    PhoneNow pair(@RequestBody PhoneCode code, HttpServletRequest request, HttpServletResponse response) {
        String secret = pairing.take(code.code(), request.getRemoteAddr());
        SignedInCookies.keepSession(secret, request, response);
        events.phones();
        return now(sessions.of(Optional.of(secret)).map(SignedIn::session).orElse(""));
    }

    @Needs(
            value = {},
            ofNoJob = true)
    @GetMapping
    PhoneNow phoneNow() {
        return now(SignedIn.sessionNow().orElse(""));
    }

    private PhoneNow now(String session) {
        Sessions.Phone phone = phone(session);
        Benches.Focus focus = phone.onlyJob()
                .map(tag -> new Benches.Focus(tag, null, "", "", ""))
                .or(() -> benches.at(phone.bench()))
                .orElseGet(() -> new Benches.Focus(null, null, "", "", ""));
        return new PhoneNow(phone.signer(), focus, phone.endsAt());
    }

    private Sessions.Phone phone(String session) {
        return sessions.phone(session)
                .orElseThrow(() -> new NotAllowedException(
                        "notPaired", "This phone is not paired with a bench.", "Scan the code on the bench's screen."));
    }

    /** Does something at the bench as if its key was pressed there. */
    @Needs(value = Right.BENCH, ofNoJob = true)
    @PostMapping("/press")
    PhoneNow press(@RequestBody Pressed pressed) {
        Sessions.Phone phone = phone(SignedIn.sessionNow().orElse(""));
        if (!phone.bench().isEmpty()) {
            events.pressed(phone.bench(), pressed.press().name());
        }
        return phoneNow();
    }
}
