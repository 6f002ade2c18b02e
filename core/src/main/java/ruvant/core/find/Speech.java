package ruvant.core.find;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/**
 * How people say things at a bench: ways of saying the same become one token, what is left is cut to its stem, and whether it
 * is denied, doubted or happens now and then is kept apart from what is said.
 */
final class Speech {
    private static final Map<Sayings, Speech> SPOKEN = new ConcurrentHashMap<>();
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}]+");
    private static final Pattern BETWEEN_CLAUSES =
            Pattern.compile("[;.]\\s+|[;]|,\\s*|\\s+(?:but|although|though|however|whereas)\\s+|\\s[–—-]\\s");

    /** Words that tell nothing by themselves. */
    private static final Set<String> SMALL = Set.of(
            "a", "an", "the", "or", "and", "of", "at", "by", "in", "on", "its", "with", "to", "does", "is", "it", "are",
            "be", "been", "being", "has", "have", "had", "very", "quite", "rather", "too", "bit", "little", "also",
            "still", "now", "all", "from", "when", "as", "for", "only", "seems", "seem", "again", "then", "this",
            "that", "there", "was", "were", "will", "just", "way");

    private static final int MOST_CLAUSES = 20_000;
    private static final int MOST_SAYINGS = 20;

    private final Sayings sayings;
    private final List<Pair> words;
    private final Map<String, Clause> clauses = new ConcurrentHashMap<>();

    private Speech(Sayings sayings) {
        this.sayings = sayings;
        words = sayings.words().stream()
                .map(word -> new Pair(
                        word.token(),
                        Pattern.compile(
                                "(?<![\\p{L}\\p{N}/])(?:" + String.join("|", word.said()) + ")(?![\\p{L}\\p{N}/])")))
                .toList();
    }

    /** How it is spoken by what is known; made once for the same sayings. */
    static Speech of(Sayings sayings) {
        if (SPOKEN.size() > MOST_SAYINGS) {
            SPOKEN.clear();
        }
        return SPOKEN.computeIfAbsent(sayings, Speech::new);
    }

    private record Pair(String token, Pattern pattern) {}

    /**
     * One clause.
     *
     * @param telling what it speaks of, in stems and tokens
     * @param not whether it is denied
     * @param fine whether something is said to be as it should
     * @param often "sometimes", "always" or nothing
     * @param open whether it is doubted, or no longer so: nothing follows from it
     */
    record Clause(String text, Set<String> telling, boolean not, boolean fine, String often, boolean open) {}

    /** Other ways to say a known symptom. */
    List<String> sayings(String symptom) {
        return sayings.symptoms().getOrDefault(symptom, List.of());
    }

    /** The clauses of what was said. */
    List<Clause> clauses(String text) {
        return Arrays.stream(BETWEEN_CLAUSES.split(text))
                .map(String::strip)
                .filter(one -> !one.isEmpty())
                .map(this::clause)
                .toList();
    }

    /** The same for sayings that come to the same. */
    Clause clause(String text) {
        if (clauses.size() > MOST_CLAUSES) {
            clauses.clear();
        }
        return clauses.computeIfAbsent(text, this::understood);
    }

    private Clause understood(String text) {
        String said = " "
                + text.toLowerCase(Locale.ROOT)
                        .replace('’', '\'')
                        .replace("can't", "can not")
                        .replace("won't", "will not")
                        .replace("n't", " not")
                        .replaceAll("\\s+", " ")
                + " ";
        Set<String> tokens = new TreeSet<>();
        boolean not = false;
        for (Pair pair : words) {
            var matcher = pair.pattern().matcher(said);
            StringBuilder rest = new StringBuilder();
            while (matcher.find()) {
                tokens.add(pair.token());
                not ^= pair.token().equals("not");
                matcher.appendReplacement(rest, " ");
            }
            said = matcher.appendTail(rest).toString();
        }
        for (String word : BETWEEN_WORDS.split(said)) {
            if (!word.isEmpty() && !SMALL.contains(word)) {
                tokens.add(stem(word));
            }
        }
        boolean fine = tokens.remove("fine");
        boolean open = tokens.remove("maybe") | tokens.remove("gone");
        String often = tokens.remove("sometimes") ? "sometimes" : tokens.remove("always") ? "always" : "";
        tokens.remove("not");
        tokens.remove("notonly");
        return new Clause(text, Set.copyOf(tokens), not, fine, often, open);
    }

    /** Without its ending; short words stay. */
    private static String stem(String word) {
        String stem = word;
        for (String ending : new String[] {"ing", "ed", "es", "ly", "s", "e"}) {
            if (stem.length() - ending.length() >= 3 && stem.endsWith(ending) && !stem.endsWith("ss")) {
                stem = stem.substring(0, stem.length() - ending.length());
                break;
            }
        }
        int last = stem.length() - 1;
        return last > 2 && stem.charAt(last) == stem.charAt(last - 1) && "bdgmnprt".indexOf(stem.charAt(last)) >= 0
                ? stem.substring(0, last)
                : stem;
    }
}
