package ruvant.core.anatomy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * The words of a part's name: what it is, and what it belongs to. "Spring of the wind lever" is a spring, and belongs to
 * the wind lever.
 *
 * @param what the words of the thing itself, in small letters and the singular
 * @param about the words of what it belongs to; none where nothing is said
 */
record PartWords(List<String> what, List<String> about) {
    private static final Set<String> BELONGS = Set.of(
            "of", "to", "under", "for", "from", "behind", "over", "in", "on", "at", "below", "beneath", "beside");
    private static final Set<String> SAYS_NOTHING = Set.of("the", "a", "an", "its", "and", "with", "whole");
    private static final Set<String> SINGULAR = Set.of("lens", "bellows");
    private static final List<String> NO_PLURAL = List.of("ss", "us", "is");
    private static final int SHORTEST_PLURAL = 4;

    static PartWords of(String name) {
        List<String> what = new ArrayList<>();
        List<String> about = new ArrayList<>();
        List<String> into = what;
        for (String word : words(name)) {
            if (BELONGS.contains(word) && !what.isEmpty()) {
                into = about;
            } else {
                into.add(word);
            }
        }
        return new PartWords(List.copyOf(what), List.copyOf(about));
    }

    /** A phrase as the data has it: small letters, the singular, single spaces. */
    static String plain(String phrase) {
        return String.join(" ", words(phrase));
    }

    private static List<String> words(String name) {
        String joined = name.toLowerCase(Locale.ROOT)
                .replace("re-wind", "rewind")
                .replace("’s", "")
                .replace("'s", "");
        return Arrays.stream(joined.split("[^\\p{L}]+"))
                .filter(word -> !word.isEmpty() && !SAYS_NOTHING.contains(word))
                .map(PartWords::singular)
                .toList();
    }

    private static String singular(String word) {
        boolean plural = word.length() >= SHORTEST_PLURAL
                && word.endsWith("s")
                && NO_PLURAL.stream().noneMatch(word::endsWith)
                && !SINGULAR.contains(word);
        return plural ? word.substring(0, word.length() - 1) : word;
    }

    /** The word at the end of the thing itself; empty for a name without words. */
    String noun() {
        return what.isEmpty() ? "" : what.getLast();
    }

    /** Where in some words a phrase ends, counted from 1; 0 where it is not there. */
    static int endOf(List<String> phrase, List<String> in) {
        for (int start = in.size() - phrase.size(); start >= 0; start--) {
            if (in.subList(start, start + phrase.size()).equals(phrase)) {
                return start + phrase.size();
            }
        }
        return 0;
    }
}
