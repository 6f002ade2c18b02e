package ruvant.core.logline;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;

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
                .filter(one -> distance(one, word) <= allowed)
                .min(Comparator.comparingInt((String one) -> distance(one, word))
                        .thenComparing(Comparator.naturalOrder()));
    }

    /** Edits (insert, delete, replace, swap neighbours) between two words. */
    static int distance(String a, String b) {
        int[][] d = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            d[i][0] = i;
        }
        for (int j = 0; j <= b.length(); j++) {
            d[0][j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            for (int j = 1; j <= b.length(); j++) {
                int same = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                d[i][j] = Math.min(Math.min(d[i - 1][j] + 1, d[i][j - 1] + 1), d[i - 1][j - 1] + same);
                boolean swapped =
                        i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
                if (swapped) {
                    d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
                }
            }
        }
        return d[a.length()][b.length()];
    }
}
