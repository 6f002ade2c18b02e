package ruvant.server.record;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Sentences and labels that are put differently now. The promise to older folders is about what was logged and what it
 * comes to; how a sentence puts it may improve. Each change is listed, so that no other difference passes for one.
 */
final class Reworded {
    private static final Map<String, String> SINCE = read();

    private Reworded() {}

    /** Whether a text that was shown then is the one that is shown now, or the listed better one. */
    static boolean same(String then, String now) {
        return then.equals(now) || now.equals(SINCE.get(then));
    }

    private static Map<String, String> read() {
        try (var in = Reworded.class.getResourceAsStream("/frozen/reworded.tsv");
                var lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines()
                    .map(line -> line.split("\t", 2))
                    .collect(Collectors.toMap(pair -> pair[0], pair -> pair[1]));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
