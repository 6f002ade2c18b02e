package ruvant.core.find;

import java.util.List;
import java.util.Map;

/**
 * How people say what a camera does wrong.
 *
 * @param words ways of saying the same, in the order in which they are looked for
 * @param symptoms other ways to say a known symptom, in plain words, by its id
 */
public record Sayings(List<Word> words, Map<String, List<String>> symptoms) {
    /** None known: words mean themselves. */
    public static final Sayings NONE = new Sayings(List.of(), Map.of());

    public Sayings {
        words = List.copyOf(words);
        symptoms = Map.copyOf(symptoms);
    }

    /**
     * Ways to say one thing.
     *
     * @param said patterns (regular expressions) of whole words
     */
    public record Word(String token, List<String> said) {
        public Word {
            said = List.copyOf(said);
        }
    }
}
