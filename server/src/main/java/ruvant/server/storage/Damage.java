package ruvant.server.storage;

import java.util.List;
import java.util.Optional;

/**
 * Something that is damaged in the shop's file.
 *
 * @param what it is, as a sentence
 * @param remedy what to do about it
 */
public record Damage(String what, String remedy) {
    /** What looking through the file came to. */
    public static Optional<Damage> ofFile(List<String> said) {
        return said.isEmpty()
                ? Optional.empty()
                : Optional.of(new Damage(
                        "The shop's file is damaged: " + String.join("; ", said) + ".",
                        "Make a backup of what can be read, stop Ruvant, and restore the newest backup from before the damage. The disk"
                                + " may be failing."));
    }
}
