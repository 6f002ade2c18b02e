package ruvant.core.find;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.units.Named;

/** Whether two sayings name the same thing: "gummed retard train" is "retard train gummed". */
final class SameWords {
    /** Words that tell nothing by themselves. */
    private static final Set<String> SMALL = Set.of(
            "a", "an", "the", "or", "and", "of", "at", "by", "in", "on", "its", "with", "to", "does", "is", "it");

    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}]+");

    /** The names of all causes and symptoms are asked for with every camera: their keys are made once. */
    private static final Map<String, String> KEYS = new ConcurrentHashMap<>();

    private static final int MOST_KEYS = 20_000;

    private SameWords() {}

    /** The same for sayings of the same telling words, in whatever order. */
    static String key(String text) {
        if (KEYS.size() > MOST_KEYS) {
            KEYS.clear();
        }
        return KEYS.computeIfAbsent(text, one -> String.join(" ", new TreeSet<>(telling(one))));
    }

    /** Whether something said is what is called so, or was. */
    static boolean called(Named said, String words, List<String> formerly) {
        String key = key(said.words());
        return key(words).equals(key)
                || formerly.stream().anyMatch(former -> key(former).equals(key) || said.is(Named.idOf(former)));
    }

    /**
     * Former names with those that were known before and what it was called then; not what it is called now.
     *
     * @param known former names that were known before
     * @param before what it was called before
     */
    static List<String> withFormer(List<String> formerly, String words, List<String> known, String before) {
        return Stream.of(known.stream(), formerly.stream(), Stream.of(before))
                .flatMap(one -> one)
                .filter(one -> !one.equals(words))
                .distinct()
                .toList();
    }

    static Set<String> telling(String text) {
        return Arrays.stream(BETWEEN_WORDS.split(text.toLowerCase(Locale.ROOT)))
                .filter(word -> !word.isEmpty() && !SMALL.contains(word))
                .collect(Collectors.toSet());
    }
}
