package ruvant.server.config;

import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.server.access.Open;

/** Hands out the document that describes the interface, which a test holds to be true, and the notice of what ships. */
@Hidden
@RestController
@Open
class DocumentController {
    @GetMapping(value = "/api/openapi", produces = MediaType.APPLICATION_JSON_VALUE)
    Resource document() {
        return new ClassPathResource("/ruvant/server/openapi.json");
    }

    /** Ruvant passes on what others wrote, and says so. */
    @GetMapping(value = "/notice.txt", produces = "text/plain;charset=UTF-8")
    String notice() throws IOException {
        return Libraries.notice();
    }
}
