package ruvant.server.doors;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes why somebody was turned away at the door, as all other problems are written. */
final class Refusals {
    private final ObjectMapper json;

    Refusals(ObjectMapper json) {
        this.json = json;
    }

    void write(HttpServletResponse response, HttpStatus status, String code, String detail, String remedy)
            throws IOException {
        ObjectNode problem = json.createObjectNode()
                .put("status", status.value())
                .put("code", code)
                .put("detail", detail)
                .put("remedy", remedy);
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter().write(json.writeValueAsString(problem));
    }
}
