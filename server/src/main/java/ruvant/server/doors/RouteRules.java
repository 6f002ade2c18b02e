package ruvant.server.doors;

import jakarta.servlet.http.HttpServletRequest;
import java.lang.annotation.Annotation;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExecutionChain;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.ServletRequestPathUtils;
import ruvant.core.people.Access;
import ruvant.core.people.Right;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.access.Open;
import ruvant.server.access.SignedIn;

/** Asks each route what it needs. A route that says nothing is closed. */
final class RouteRules implements AuthorizationManager<RequestAuthorizationContext> {
    private static final AuthorizationDecision YES = new AuthorizationDecision(true);
    private static final AuthorizationDecision NO = new AuthorizationDecision(false);

    private final RequestMappingHandlerMapping routes;

    RouteRules(RequestMappingHandlerMapping routes) {
        this.routes = routes;
    }

    @Override
    public AuthorizationDecision authorize(
            Supplier<? extends Authentication> who, RequestAuthorizationContext context) {
        HttpServletRequest request = context.getRequest();
        Optional<HandlerMethod> route = route(request);
        if (route.isEmpty()) {
            // pages, and addresses that are none: what the pages show comes through routes
            return request.getRequestURI().startsWith("/api/") ? signedIn(who) : YES;
        }
        if (of(route.get(), Open.class).isPresent()) {
            return YES;
        }
        Optional<Needs> needs = of(route.get(), Needs.class);
        Access access = who.get() instanceof SignedIn signedIn ? signedIn.access() : null;
        return access != null
                        && needs.map(said -> allows(access, said, request))
                                .orElseGet(() -> isForeign(route.get(), access))
                ? YES
                : NO;
    }

    /** What a library brings along is for whoever owns the shop. */
    private static boolean isForeign(HandlerMethod route, Access access) {
        return !route.getBeanType().getName().startsWith("ruvant.") && access.may(Right.HOUSE);
    }

    private static AuthorizationDecision signedIn(Supplier<? extends Authentication> who) {
        return who.get() instanceof SignedIn ? YES : NO;
    }

    private Optional<HandlerMethod> route(HttpServletRequest request) {
        try {
            ServletRequestPathUtils.parseAndCache(request);
            HandlerExecutionChain chain = routes.getHandler(request);
            return chain != null && chain.getHandler() instanceof HandlerMethod method
                    ? Optional.of(method)
                    : Optional.empty();
        } catch (Exception wrongWay) {
            // the wrong method or type for an address: whoever is signed in is told so by what comes after
            return Optional.empty();
        }
    }

    /** What is said at the method counts before what is said at its class. */
    private static <A extends Annotation> Optional<A> of(HandlerMethod route, Class<A> rule) {
        boolean own = AnnotatedElementUtils.hasAnnotation(route.getMethod(), Needs.class)
                || AnnotatedElementUtils.hasAnnotation(route.getMethod(), Open.class);
        return Optional.ofNullable(
                own
                        ? AnnotatedElementUtils.findMergedAnnotation(route.getMethod(), rule)
                        : AnnotatedElementUtils.findMergedAnnotation(route.getBeanType(), rule));
    }

    private static boolean allows(Access access, Needs needs, HttpServletRequest request) {
        return Arrays.stream(needs.value()).allMatch(right -> may(access, right, needs, request))
                && (needs.oneOf().length == 0
                        || Arrays.stream(needs.oneOf()).anyMatch(right -> may(access, right, needs, request)));
    }

    private static boolean may(Access access, Right right, Needs needs, HttpServletRequest request) {
        if (needs.ofNoJob()) {
            return access.sees(right);
        }
        return needs.job().isEmpty()
                ? access.may(right)
                : job(request, needs.job()).map(job -> access.may(right, job)).orElseGet(() -> access.may(right));
    }

    @SuppressWarnings("unchecked")
    private static Optional<TagNumber> job(HttpServletRequest request, String variable) {
        Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        String written = variables instanceof Map<?, ?> all ? ((Map<String, String>) all).get(variable) : null;
        try {
            return Optional.ofNullable(written).map(TagNumber::parse);
        } catch (ruvant.core.units.FieldProblem noTag) {
            return Optional.empty();
        }
    }
}
