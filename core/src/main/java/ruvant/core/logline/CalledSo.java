package ruvant.core.logline;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;

/** Finds what a table holds by what people call it. */
final class CalledSo {
    private CalledSo() {}

    /**
     * By its id or its name, by its first word, or by all the words said where only one has them; empty where none or several
     * could be meant.
     */
    static <T extends Identified & Labelled> Optional<T> in(List<T> table, String said) {
        String key = said.strip().toLowerCase(Locale.ROOT);
        if (key.isEmpty()) {
            return Optional.empty();
        }
        List<String> words = List.of(key.split("[^\\p{L}\\p{N}]+"));
        return table.stream()
                .filter(one -> one.id().equalsIgnoreCase(key) || one.label().equalsIgnoreCase(key))
                .findFirst()
                .or(() -> only(table, one -> words(one).getFirst().equals(key)))
                .or(() -> only(table, one -> words(one).containsAll(words)));
    }

    private static List<String> words(Labelled one) {
        return List.of(one.label().toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"));
    }

    private static <T> Optional<T> only(List<T> table, Predicate<T> meant) {
        List<T> all = table.stream().filter(meant).toList();
        return all.size() == 1 ? Optional.of(all.getFirst()) : Optional.empty();
    }
}
