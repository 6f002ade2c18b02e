package ruvant.core.said;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/** Common English words: what is one of them is never taken for a slip of another. */
final class English {
    private static final Set<String> WORDS = load();

    private English() {}

    private static Set<String> load() {
        try (InputStream file =
                Objects.requireNonNull(English.class.getResourceAsStream("/ruvant/core/said/english.txt"))) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .collect(Collectors.toUnmodifiableSet());
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    static boolean has(String word) {
        return WORDS.contains(word);
    }
}
