package ruvant.server.doors;

import org.springframework.http.HttpStatus;
import org.springframework.web.server.ResponseStatusException;

/** What was sent came in too slowly to wait for. */
final class SlowBodyException extends ResponseStatusException {
    SlowBodyException() {
        super(HttpStatus.REQUEST_TIMEOUT, "What was sent came in too slowly. Nothing was changed.");
    }
}
