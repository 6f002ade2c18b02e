package ruvant.core.logline;

import java.util.List;
import java.util.Optional;

/** Counts as they are typed: in figures, with a times sign, or in words up to twelve. */
final class Numbers {
    private static final List<String> WORDS = List.of(
            "zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    private Numbers() {}

    static Optional<Integer> of(String word) {
        if (word.matches("[0-9]{1,2}x?")) {
            return Optional.of(Integer.parseInt(word.replace("x", "")));
        }
        int at = WORDS.indexOf(word);
        return at < 0 ? Optional.empty() : Optional.of(at);
    }
}
