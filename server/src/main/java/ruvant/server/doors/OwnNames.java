package ruvant.server.doors;

import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;

/**
 * The names under which this Ruvant is asked for. A browser that was sent here under any other name was led astray: that is how
 * foreign pages reach servers on a person's own machine.
 */
final class OwnNames {
    private final Set<String> names = new TreeSet<>(Set.of("localhost", "127.0.0.1", "[::1]"));

    /** @param more addresses and names besides this machine's own loopback, separated by commas */
    OwnNames(String more) {
        for (String name : more.split(",")) {
            if (!name.isBlank()) {
                names.add(plain(name));
            }
        }
    }

    /** Whether a {@code Host} is one of them, whatever the port; a request without one is from no browser. */
    boolean has(String host) {
        return host != null && names.contains(withoutPort(plain(host)));
    }

    /** Whether an {@code Origin} is the page of this very address, port and all. */
    boolean isSame(String origin, String host) {
        try {
            URI from = URI.create(origin);
            return from.getAuthority() != null
                    && host != null
                    && plain(from.getAuthority()).equals(plain(host));
        } catch (IllegalArgumentException unreadable) {
            return false;
        }
    }

    private static String plain(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    private static String withoutPort(String host) {
        int colon = host.lastIndexOf(':');
        return colon > host.lastIndexOf(']') ? host.substring(0, colon) : host;
    }
}
