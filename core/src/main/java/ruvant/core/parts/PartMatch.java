package ruvant.core.parts;

import java.util.Arrays;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.units.PartName;

/** Names on the shelf that would serve a part, however it is called. */
final class PartMatch {
    private static final Set<String> EMPTY_WORDS = Set.of("", "the", "a", "an", "of", "for", "and", "with", "in");

    private PartMatch() {}

    /**
     * Whether a name on the shelf speaks of what is needed: it has all the words of the part, or none but words of the
     * part and of what was said of it.
     */
    static boolean speaksOf(String name, PartName part, String what) {
        Set<String> shelf = words(name);
        Set<String> need = words(part.text());
        if (shelf.containsAll(need)) {
            return true;
        }
        Set<String> all = new HashSet<>(need);
        all.addAll(words(what));
        return all.containsAll(shelf);
    }

    private static Set<String> words(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !EMPTY_WORDS.contains(word))
                .collect(Collectors.toSet());
    }
}
