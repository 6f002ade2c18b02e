package ruvant.core.logline;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import ruvant.core.units.Typing;

/** Forgives typing errors: words near a known one. */
final class Spelling {
    private Spelling() {}

    /** The known word nearest to this one, if it is near enough for its length. */
    static Optional<String> nearest(String word, Collection<String> known) {
        if (known.contains(word)) {
            return Optional.of(word);
        }
        int allowed = word.length() >= 8 ? 2 : word.length() >= 4 ? 1 : 0;
        return known.stream()
                .filter(one -> Math.abs(one.length() - word.length()) <= allowed)
                .filter(one -> Typing.distance(one, word) <= allowed)
                .min(Comparator.comparingInt((String one) -> Typing.distance(one, word))
                        .thenComparing(Comparator.naturalOrder()));
    }
}
