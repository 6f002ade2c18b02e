package ruvant.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * One device can have no more than so many requests answered at once. A device on a slow network, or one that means harm, keeps a
 * place for each request it does not finish; the places of the others are not its to take.
 */
final class CrowdLimit extends OncePerRequestFilter {
    /** A browser has six at once to one address; the server has places for six devices that use all of theirs. */
    static final int AT_ONCE = 32;

    private final Refusals refusals;
    private final Map<String, Integer> now = new ConcurrentHashMap<>();

    CrowdLimit(Refusals refusals) {
        this.refusals = refusals;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String from = request.getRemoteAddr();
        int count = now.merge(from, 1, Integer::sum);
        try {
            if (count > AT_ONCE) {
                response.setHeader("Retry-After", "1");
                response.setHeader("Connection", "close");
                refusals.write(
                        response,
                        HttpStatus.TOO_MANY_REQUESTS,
                        "tooManyAtOnce",
                        "This device asks for too much at once.",
                        "Wait a moment and try again.");
            } else {
                chain.doFilter(request, response);
            }
        } finally {
            now.computeIfPresent(from, (address, left) -> left == 1 ? null : left - 1);
        }
    }
}
