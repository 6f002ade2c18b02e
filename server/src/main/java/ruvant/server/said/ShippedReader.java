package ruvant.server.said;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import ruvant.core.said.LineReader;

/** The reader of lines with the words and frames that ship. */
public final class ShippedReader {
    private ShippedReader() {}

    /** Made anew each time. */
    public static LineReader read() {
        return new LineReader(
                text("vocabulary.txt"),
                List.of(text("frames.txt")),
                text("english.txt").lines().collect(Collectors.toSet()));
    }

    /** The same with the short commands of the bench, made anew each time. */
    public static LineReader atBench() {
        return new LineReader(
                text("vocabulary.txt") + text("bench-words.txt"),
                List.of(text("frames.txt"), text("bench.txt")),
                text("english.txt").lines().collect(Collectors.toSet()));
    }

    private static String text(String name) {
        try (InputStream in = Objects.requireNonNull(LineReader.class.getResourceAsStream(name))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }
}
