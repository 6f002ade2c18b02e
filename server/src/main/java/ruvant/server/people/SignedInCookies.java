package ruvant.server.people;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/** What a browser keeps: a secret for whoever is signed in, and one for a bench that is trusted. No page's script can read them. */
public final class SignedInCookies {
    private static final String SESSION = "ruvant-session";
    private static final String DEVICE = "ruvant-bench";
    private static final Duration LONG = Duration.ofDays(400);

    private SignedInCookies() {}

    /** The secret of whoever is signed in. */
    public static Optional<String> session(HttpServletRequest request) {
        return of(request, SESSION);
    }

    static Optional<String> device(HttpServletRequest request) {
        return of(request, DEVICE);
    }

    private static Optional<String> of(HttpServletRequest request, String name) {
        return Stream.ofNullable(request.getCookies())
                .flatMap(Stream::of)
                .filter(cookie -> cookie.getName().equals(name))
                .map(Cookie::getValue)
                .filter(value -> !value.isEmpty())
                .findFirst();
    }

    static void keep(Entering.Entered entered, HttpServletRequest request, HttpServletResponse response) {
        keepSession(entered.session(), request, response);
        entered.device().ifPresent(secret -> set(DEVICE, secret, LONG, request, response));
    }

    /** The server ends it long before the browser would. */
    public static void keepSession(String secret, HttpServletRequest request, HttpServletResponse response) {
        set(SESSION, secret, LONG, request, response);
    }

    static void forgetSession(HttpServletRequest request, HttpServletResponse response) {
        set(SESSION, "", Duration.ZERO, request, response);
    }

    private static void set(
            String name, String value, Duration age, HttpServletRequest request, HttpServletResponse response) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(name, value)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Strict")
                        .path("/")
                        .maxAge(age)
                        .build()
                        .toString());
    }
}
