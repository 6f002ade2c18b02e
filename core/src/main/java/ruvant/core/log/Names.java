package ruvant.core.log;

import java.util.UUID;

/** What things are called now that an entry refers to by the line with which they began. */
@FunctionalInterface
public interface Names {
    /** Nothing is known by its line. */
    Names NONE = line -> "it";

    /** What it is called; a word that says so where it is gone. */
    String of(UUID line);
}
