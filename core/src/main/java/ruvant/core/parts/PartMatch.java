package ruvant.core.parts;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.units.PartName;

/**
 * Finds what would serve a part, however it is called. Names are taken apart into words once, and looked up by them: a
 * shelf has thousands.
 */
final class PartMatch<T> {
    private static final Set<String> EMPTY_WORDS = Set.of("", "the", "a", "an", "of", "for", "and", "with", "in");
    private static final Pattern BETWEEN = Pattern.compile("[^\\p{L}\\p{N}]+");

    /** Told apart by its place: to compare the things themselves would take longer than to find them. */
    private static final class Named<T> {
        private final T thing;
        private final int place;
        private final Set<String> words;

        Named(T thing, int place, Set<String> words) {
            this.thing = thing;
            this.place = place;
            this.words = words;
        }
    }

    private final Map<String, List<Named<T>>> byWord;

    PartMatch(Stream<T> things, Function<T, String> name) {
        byWord = new HashMap<>();
        List<T> all = things.toList();
        for (int place = 0; place < all.size(); place++) {
            T thing = all.get(place);
            Named<T> named = new Named<>(thing, place, words(name.apply(thing)));
            named.words.forEach(word ->
                    byWord.computeIfAbsent(word, key -> new ArrayList<>()).add(named));
        }
    }

    /**
     * What speaks of a need, in the order it was given: a name that has all the words of the part, or none but words of the
     * part and of what was said of it.
     */
    List<T> speakingOf(PartName part, String what) {
        Set<String> need = words(part.text());
        Set<String> all = new HashSet<>(need);
        all.addAll(words(what));
        return all.stream()
                .flatMap(word -> byWord.getOrDefault(word, List.of()).stream())
                .distinct()
                .filter(named -> speaks(named.words, need, all))
                .sorted(Comparator.comparingInt(named -> named.place))
                .map(named -> named.thing)
                .toList();
    }

    private static boolean speaks(Set<String> shelf, Set<String> need, Set<String> all) {
        return shelf.containsAll(need) || all.containsAll(shelf);
    }

    private static Set<String> words(String text) {
        return Arrays.stream(BETWEEN.split(text.toLowerCase(Locale.ROOT)))
                .filter(word -> !EMPTY_WORDS.contains(word))
                .collect(Collectors.toSet());
    }
}
