package ruvant.server.config;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;

/** What ships with Ruvant that others wrote, with the licences under which they gave it. */
public final class Libraries {
    private static final String OUR_OWN = "(ruvant:";

    private Libraries() {}

    /** Prints all of it. */
    public static void main(String[] arguments) throws IOException {
        System.out.print(notice());
    }

    /**
     * The notice that has to go along with what ships.
     *
     * @throws IOException where it is not there, since then the build was not whole
     */
    public static String notice() throws IOException {
        String server = read("/ruvant/server/libraries.txt")
                .lines()
                .filter(line -> line.startsWith("     (") && !line.contains(OUR_OWN))
                .collect(Collectors.joining("\n"));
        return "On the server:\n\n%s\n\nIn the pages:\n\n%s\n".formatted(server, read("/static/libraries.txt"));
    }

    private static String read(String name) throws IOException {
        try (InputStream in = Libraries.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IOException("The list " + name + " is missing: build Ruvant again.");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
