package ruvant.server.doors;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import ruvant.server.people.Sessions;
import ruvant.server.people.SignedInCookies;

/** Whoever is signed in is found by the secret in the browser's cookie; sessions begin and end elsewhere. */
final class CookieSessions implements SecurityContextRepository {
    private final Sessions sessions;

    CookieSessions(Sessions sessions) {
        this.sessions = sessions;
    }

    private SecurityContext context(HttpServletRequest request) {
        return sessions.of(SignedInCookies.session(request))
                .map(SecurityContextImpl::new)
                .orElseGet(SecurityContextImpl::new);
    }

    @Override
    public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
        return new DeferredSecurityContext() {
            private SecurityContext found;

            @Override
            public SecurityContext get() {
                if (found == null) {
                    found = context(request);
                }
                return found;
            }

            @Override
            public boolean isGenerated() {
                return get().getAuthentication() == null;
            }
        };
    }

    @Override
    @SuppressWarnings("deprecation")
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        return context(holder.getRequest());
    }

    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
        // nothing to do: a session is kept where somebody comes in
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return SignedInCookies.session(request).isPresent();
    }
}
