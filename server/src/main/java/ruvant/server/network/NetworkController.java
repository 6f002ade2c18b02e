package ruvant.server.network;

import java.security.cert.CertificateEncodingException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.server.access.Open;

/** How other devices reach this Ruvant, and what they install first. It says nothing of the shop, so nobody has to be signed in. */
@RestController
@Open
class NetworkController {
    private final SecureDoor door;

    NetworkController(SecureDoor door) {
        this.door = door;
    }

    /**
     * How other devices get in.
     *
     * @param addresses to type there, the likeliest first; none where they cannot reach it
     * @param fingerprint SHA-256 of the authority, as devices show it
     */
    record NetworkAddresses(List<String> addresses, Optional<String> fingerprint, Optional<Instant> until) {}

    @GetMapping(path = "/api/network", produces = MediaType.APPLICATION_JSON_VALUE)
    NetworkAddresses wayIn() {
        return door.port() == 0
                ? new NetworkAddresses(List.of(), Optional.empty(), Optional.empty())
                : new NetworkAddresses(
                        door.addresses(),
                        Optional.of(door.fingerprint()),
                        Optional.of(door.authority().getNotAfter().toInstant()));
    }

    /** The authority, as devices install it. */
    @GetMapping(path = "/api/network/authority.crt", produces = "application/x-x509-ca-cert")
    ResponseEntity<byte[]> authority() throws CertificateEncodingException {
        return door.port() == 0
                ? ResponseEntity.notFound().build()
                : ResponseEntity.ok()
                        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"ruvant-authority.crt\"")
                        .body(door.authority().getEncoded());
    }
}
