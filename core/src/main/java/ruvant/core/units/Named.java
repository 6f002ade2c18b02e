package ruvant.core.units;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A thing referred to by its id, with the words that stood for it on the day it was said. Two are the same when their ids
 * are; the words are for reading only, and may change at any time without changing an answer. A class and not a record,
 * since the words have no part in what is equal.
 */
public final class Named {
    /** What ids that ship with Ruvant look like: {@code opticalCleaner}. */
    private static final Pattern WRITTEN_TOGETHER = Pattern.compile("[a-z][a-z0-9]*([A-Z][a-z0-9]*)+");

    private static final Pattern NOT_IN_IDS = Pattern.compile("[^\\p{L}\\p{N}/.]+");

    private final String id;
    private final String words;

    /**
     * @param id what it is told by; made from the words where it is empty
     * @param words what people call it, 1 to {@value Check#REMARK_LENGTH} characters; taken from the id where empty
     */
    public Named(String id, String words) {
        String said = Check.optionalRemark("words", words);
        String told = id == null ? "" : id.strip();
        if (said.isEmpty() && told.isEmpty()) {
            throw new FieldProblem("words", "Nothing is named.", "Type what it is called.");
        }
        this.id = told.isEmpty() ? idOf(said) : Check.remark("id", told);
        this.words = said.isEmpty() ? readable(told) : said;
    }

    /** A thing that was only named; an id that ships with Ruvant is known as such. */
    public static Named of(String words) {
        String said = Check.remark("words", words);
        return WRITTEN_TOGETHER.matcher(said).matches() ? new Named(said, "") : new Named("", said);
    }

    /** The same under a field's name, so that an empty one says which it is, and not longer than a name may be. */
    public static Named in(String field, Named value) {
        Check.chosen(field, value);
        Check.name(field, value.words);
        return value;
    }

    /** The id that words get when nothing else is known of the thing: small letters and figures, joined by hyphens. */
    public static String idOf(String words) {
        String plain =
                NOT_IN_IDS.matcher(words.strip().toLowerCase(Locale.ROOT)).replaceAll("-");
        String trimmed = plain.replaceAll("^-+|-+$", "");
        return trimmed.isEmpty() ? "x" + Integer.toHexString(words.strip().hashCode()) : trimmed;
    }

    private static String readable(String id) {
        return id.replaceAll("([a-z0-9])([A-Z])", "$1 $2").replace('-', ' ').toLowerCase(Locale.ROOT);
    }

    /** What it is told by. */
    public String id() {
        return id;
    }

    /** What it was called when this was said. */
    public String words() {
        return words;
    }

    /** Whether it is the thing with this id. */
    public boolean is(String otherId) {
        return id.equals(otherId);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Named that && id.equals(that.id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return words;
    }
}
