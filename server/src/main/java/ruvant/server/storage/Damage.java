package ruvant.server.storage;

import java.util.List;
import java.util.Optional;

/**
 * Something that is damaged in the shop's file.
 *
 * @param kind which of the looks found it
 * @param what it is, as a sentence
 * @param remedy what to do about it
 */
public record Damage(Kind kind, String what, String remedy) {
    /** What can be wrong with a whole file. */
    public enum Kind {
        /** Lines that were written are missing at its end. */
        JOURNAL,
        /** Its pages do not fit together. */
        ORDER
    }

    /** What looking through the file came to. */
    public static Optional<Damage> ofFile(List<String> said) {
        return said.isEmpty()
                ? Optional.empty()
                : Optional.of(new Damage(
                        Kind.ORDER,
                        "The shop's file is damaged: " + String.join("; ", said) + ".",
                        "Make a backup of what can be read, stop Ruvant, and restore the newest backup from before the damage. The disk"
                                + " may be failing."));
    }
}
