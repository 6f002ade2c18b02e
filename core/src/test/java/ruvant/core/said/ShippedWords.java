package ruvant.core.said;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;

/** The reader with the words and frames that ship. */
public final class ShippedWords {
    static final LineReader READER = new LineReader(
            text("vocabulary.txt"),
            java.util.List.of(text("frames.txt")),
            text("english.txt").lines().collect(Collectors.toSet()));

    /** With the short commands of the bench. */
    public static final LineReader BENCH = new LineReader(
            text("vocabulary.txt") + text("bench-words.txt"),
            java.util.List.of(text("frames.txt"), text("bench.txt")),
            text("english.txt").lines().collect(Collectors.toSet()));

    private ShippedWords() {}

    private static String text(String name) {
        try (InputStream in = LineReader.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }
}
