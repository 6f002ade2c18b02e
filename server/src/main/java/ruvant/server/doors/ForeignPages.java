package ruvant.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/** Turns away what comes under a name that is not this shop's, and what another page wants to change here. */
final class ForeignPages extends OncePerRequestFilter {
    private static final Set<String> ONLY_READ = Set.of("GET", "HEAD", "OPTIONS");
    private static final Set<String> OUR_PAGES = Set.of("same-origin", "none");

    private final OwnNames names;
    private final Refusals refusals;

    ForeignPages(OwnNames names, Refusals refusals) {
        this.names = names;
        this.refusals = refusals;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getHeader("Host");
        if (!names.has(host)) {
            refusals.write(
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    "foreignName",
                    "Ruvant does not answer to that name.",
                    "Open it by the address it printed when it started.");
        } else if (!ONLY_READ.contains(request.getMethod()) && isFromElsewhere(request, host)) {
            refusals.write(
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
}
