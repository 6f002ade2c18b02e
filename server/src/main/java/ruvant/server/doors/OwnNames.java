package ruvant.server.doors;

import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Supplier;

/**
 * The names under which this Ruvant is asked for. A browser that was sent here under any other name was led astray: that is how
 * foreign pages reach servers on a person's own machine.
 */
final class OwnNames {
    private final Set<String> names = new TreeSet<>(Set.of("localhost", "127.0.0.1", "[::1]"));
    private final Supplier<Set<String>> ofMachine;

    /**
     * @param ofMachine names and addresses of this machine as they are when somebody asks
     * @param more names besides those and its own loopback, separated by commas
     */
    OwnNames(Supplier<Set<String>> ofMachine, String more) {
        this.ofMachine = ofMachine;
        for (String name : more.split(",")) {
            if (!name.isBlank()) {
                names.add(plain(name));
            }
        }
    }

    /** Whether a {@code Host} is one of them, whatever the port; a request without one is from no browser. */
    boolean has(String host) {
        if (host == null) {
            return false;
        }
        String name = withoutPort(plain(host));
        return names.contains(name)
                || ofMachine.get().stream().anyMatch(one -> plain(one).equals(name));
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
