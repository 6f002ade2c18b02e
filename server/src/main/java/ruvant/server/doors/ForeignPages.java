package ruvant.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** Turns away what comes under a name that is not this shop's, and what another page wants to change here. */
final class ForeignPages extends OncePerRequestFilter {
    private static final Set<String> ONLY_READ = Set.of("GET", "HEAD", "OPTIONS");
    private static final Set<String> OUR_PAGES = Set.of("same-origin", "none");

    private final OwnNames names;
    private final ObjectMapper json;

    ForeignPages(OwnNames names, ObjectMapper json) {
        this.names = names;
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getHeader("Host");
        if (!names.has(host)) {
            refuse(
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    "foreignName",
                    "Ruvant does not answer to that name.",
                    "Open it by the address it printed when it started.");
        } else if (!ONLY_READ.contains(request.getMethod()) && isFromElsewhere(request, host)) {
            refuse(
                    response,
                    HttpStatus.FORBIDDEN,
                    "foreignPage",
                    "Another web page tried to change something here. Nothing was changed.",
                    "If it was you, do it in Ruvant's own pages.");
        } else {
            chain.doFilter(request, response);
        }
    }

    /** Browsers say from which page something comes; programs on this machine say nothing. */
    private boolean isFromElsewhere(HttpServletRequest request, String host) {
        String origin = request.getHeader("Origin");
        String site = request.getHeader("Sec-Fetch-Site");
        return origin != null && !names.isSame(origin, host) || site != null && !OUR_PAGES.contains(site);
    }

    private void refuse(HttpServletResponse response, HttpStatus status, String code, String detail, String remedy)
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
