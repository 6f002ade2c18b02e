package ruvant.core.find;

import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Whether two sayings name the same thing: "gummed retard train" is "retard train gummed". */
final class SameWords {
    /** Words that tell nothing by themselves. */
    private static final Set<String> SMALL = Set.of(
            "a", "an", "the", "or", "and", "of", "at", "by", "in", "on", "its", "with", "to", "not", "does", "is",
            "it");

    private SameWords() {}

    /** The same for sayings of the same telling words, in whatever order. */
    static String key(String text) {
        return String.join(" ", new TreeSet<>(telling(text)));
    }

    static Set<String> telling(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty() && !SMALL.contains(word))
                .collect(Collectors.toSet());
    }
}
