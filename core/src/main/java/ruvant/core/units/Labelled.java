package ruvant.core.units;

import java.util.List;
import java.util.stream.Stream;

/** A choice with the word people see for it. */
public interface Labelled {
    /** The word on screen and on paper, in lower case unless it is a name. */
    String label();

    /** The words of all of some lists, in their order. */
    @SafeVarargs
    static List<String> all(List<? extends Labelled>... lists) {
        return Stream.of(lists).flatMap(List::stream).map(Labelled::label).toList();
    }

    /** The word made from a constant's name: {@code LENS_FRONT} reads "lens front". */
    static String wordsOf(Enum<?> constant) {
        return constant.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }
}
