package ruvant.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Access;
import ruvant.core.people.Right;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Open;
import ruvant.server.access.SignedIn;
import ruvant.server.network.Network;

/** The door: who is signed in here, and the ways in and out. */
@RestController
@Open
@RequestMapping(path = "/api/enter", produces = MediaType.APPLICATION_JSON_VALUE)
class EnterController {
    private final Entering entering;
    private final Sessions sessions;
    private final FirstCode first;
    private final Network network;

    EnterController(Entering entering, Sessions sessions, FirstCode first, Network network) {
        this.entering = entering;
        this.sessions = sessions;
        this.first = first;
        this.network = network;
    }

    /**
     * Who is signed in in this browser.
     *
     * @param wanted whether people have to sign in at all
     * @param codeTaken whether the code of the first start would make an owner now
     * @param name as lines are signed; empty where nobody is signed in, or nobody has to be
     * @param bench what this bench is called where it is trusted
     * @param byPin who can sign in here with a PIN
     */
    record WhoIsHere(
            boolean wanted,
            boolean owned,
            boolean codeTaken,
            boolean signedIn,
            Optional<String> name,
            Set<Right> rights,
            Optional<TagNumber> onlyJob,
            boolean phone,
            Optional<String> bench,
            List<String> byPin) {}

    /** @param bench what this bench is to be called, where it is trusted from now on; empty where it is not */
    record ByPassphrase(String name, String passphrase, String bench) {}

    record ByPin(String name, String pin) {}

    record ByCode(String code, String name, String passphrase) {}

    @GetMapping
    WhoIsHere whoIsHere(HttpServletRequest request) {
        return here(SignedInCookies.session(request), SignedInCookies.device(request));
    }

    private WhoIsHere here(Optional<String> session, Optional<String> device) {
        Optional<SignedIn> signedIn = sessions.of(session);
        Optional<Access> access = signedIn.map(SignedIn::access);
        boolean phone =
                signedIn.map(one -> sessions.phone(one.session()).isPresent()).orElse(false);
        return new WhoIsHere(
                network.isOpen(),
                first.isOwned(),
                first.isOpen(),
                access.isPresent(),
                access.map(Access::name).filter(name -> !name.isEmpty()),
                access.map(Access::rights).orElse(EnumSet.noneOf(Right.class)),
                access.flatMap(Access::onlyJob),
                phone,
                entering.benchHere(device),
                network.isOpen() ? entering.byPinHere(device) : List.of());
    }

    @PostMapping("/passphrase")
    WhoIsHere enterByPassphrase(
            @RequestBody ByPassphrase by, HttpServletRequest request, HttpServletResponse response) {
        return entered(
                entering.byPassphrase(
                        by.name(),
                        by.passphrase(),
                        by.bench(),
                        SignedInCookies.device(request),
                        request.getRemoteAddr()),
                request,
                response);
    }

    @PostMapping("/pin")
    WhoIsHere enterByPin(@RequestBody ByPin by, HttpServletRequest request, HttpServletResponse response) {
        return entered(
                entering.byPin(by.name(), by.pin(), SignedInCookies.device(request), request.getRemoteAddr()),
                request,
                response);
    }

    @PostMapping("/code")
    WhoIsHere enterByCode(@RequestBody ByCode by, HttpServletRequest request, HttpServletResponse response) {
        return entered(
                entering.byFirstCode(by.code(), by.name(), by.passphrase(), request.getRemoteAddr()),
                request,
                response);
    }

    private WhoIsHere entered(Entering.Entered entered, HttpServletRequest request, HttpServletResponse response) {
        leaveHere(request);
        SignedInCookies.keep(entered, request, response);
        return here(Optional.of(entered.session()), entered.device().or(() -> SignedInCookies.device(request)));
    }

    @PostMapping("/leave")
    WhoIsHere leave(HttpServletRequest request, HttpServletResponse response) {
        leaveHere(request);
        SignedInCookies.forgetSession(request, response);
        return here(Optional.empty(), SignedInCookies.device(request));
    }

    private void leaveHere(HttpServletRequest request) {
        sessions.of(SignedInCookies.session(request))
                .map(SignedIn::session)
                .filter(one -> !one.isEmpty())
                .ifPresent(one -> sessions.end(UUID.fromString(one)));
    }
}
