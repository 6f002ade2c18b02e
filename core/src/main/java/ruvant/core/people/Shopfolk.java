package ruvant.core.people;

import java.util.List;
import ruvant.core.units.FieldProblem;

/** What holds for all accounts of a shop together, and for the secrets by which people sign in. */
public final class Shopfolk {
    /** Characters; long enough that guessing it over the network takes longer than anybody waits. */
    public static final int SHORTEST_PASSPHRASE = 10;

    private static final int LONGEST_PASSPHRASE = 200;

    private Shopfolk() {}

    /**
     * Holds an account against the others, before it is added or takes the place of the one with its id.
     *
     * @throws FieldProblem if its name is taken, or if nobody would own the shop any more
     */
    public static void check(List<Person> all, Person changed) {
        List<Person> others =
                all.stream().filter(one -> !one.id().equals(changed.id())).toList();
        if (others.stream().anyMatch(one -> one.name().equalsIgnoreCase(changed.name()))) {
            throw new FieldProblem(
                    "name",
                    "There is an account for " + changed.name() + " already.",
                    "Add an initial, so that every line shows who signed it.");
        }
        if (changed.role() != Role.OWNER) {
            ownerStays(all, others);
        }
    }

    /**
     * Holds the end of an account against the others.
     *
     * @throws FieldProblem if nobody would own the shop any more
     */
    public static void checkEnd(List<Person> all, Person ended) {
        ownerStays(all, all.stream().filter(one -> !one.id().equals(ended.id())).toList());
    }

    private static void ownerStays(List<Person> before, List<Person> after) {
        if (before.stream().anyMatch(one -> one.role() == Role.OWNER)
                && after.stream().noneMatch(one -> one.role() == Role.OWNER)) {
            throw new FieldProblem(
                    "role", "Then nobody could change the settings.", "Make somebody else an owner first.");
        }
    }

    /**
     * A passphrase as it will be asked for.
     *
     * @throws FieldProblem if it is too short, or is the name itself
     */
    public static String passphrase(String typed, String name) {
        String kept = typed == null ? "" : typed.strip();
        int length = kept.codePointCount(0, kept.length());
        if (length < SHORTEST_PASSPHRASE || length > LONGEST_PASSPHRASE) {
            throw new FieldProblem(
                    "passphrase",
                    "The passphrase has " + length + " characters. It needs at least " + SHORTEST_PASSPHRASE
                            + ", and can have " + LONGEST_PASSPHRASE + ".",
                    "Use a few words that only you would put together.");
        }
        if (kept.codePoints().distinct().count() < 4 || kept.equalsIgnoreCase(name)) {
            throw new FieldProblem(
                    "passphrase",
                    "That passphrase is easy to guess.",
                    "Use a few words that only you would put together.");
        }
        return kept;
    }

    /**
     * A PIN as it is typed at a bench: 4 to 8 figures.
     *
     * @throws FieldProblem if it is something else, or one that everybody tries first
     */
    public static String pin(String typed) {
        String kept = typed == null ? "" : typed.strip();
        if (!kept.matches("[0-9]{4,8}")) {
            throw new FieldProblem("pin", "A PIN has 4 to 8 figures.", "Enter figures only.");
        }
        if (kept.chars().distinct().count() < 2 || "0123456789876543210".contains(kept)) {
            throw new FieldProblem("pin", "That PIN is easy to guess.", "Choose figures that are not in a row.");
        }
        return kept;
    }
}
