package ruvant.server.access;

import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import ruvant.core.people.Access;

/** Somebody who is signed in, as the framework carries it through a request. */
public final class SignedIn extends AbstractAuthenticationToken {
    private final transient Access access;
    private final String session;

    /** @param session the id by which the session is listed and ended; empty where none is needed */
    public SignedIn(Access access, String session) {
        super(AuthorityUtils.createAuthorityList(
                access.rights().stream().map(Enum::name).toList()));
        this.access = access;
        this.session = session;
        setAuthenticated(true);
    }

    /** Who asks now; empty where the shop itself is at work and nobody asked. */
    public static Optional<Access> now() {
        return of().map(one -> one.access);
    }

    /** Which session asks now; empty where there is none. */
    public static Optional<String> sessionNow() {
        return of().map(one -> one.session).filter(one -> !one.isEmpty());
    }

    private static Optional<SignedIn> of() {
        return SecurityContextHolder.getContext().getAuthentication() instanceof SignedIn one
                ? Optional.of(one)
                : Optional.empty();
    }

    /** The id of the session; empty where none is needed. */
    public String session() {
        return session;
    }

    public Access access() {
        return access;
    }

    @Override
    public List<Object> getCredentials() {
        return List.of();
    }

    @Override
    public String getPrincipal() {
        return access.name();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof SignedIn one && access.equals(one.access) && session.equals(one.session);
    }

    @Override
    public int hashCode() {
        return access.hashCode();
    }
}
