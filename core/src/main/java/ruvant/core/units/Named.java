package ruvant.core.units;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A thing referred to by its id, with the words that stood for it on the day it was said. Two are the same when their ids
 * are; the words are for reading only, and may change at any time without changing an answer. A class and not a record,
 * since the words have no part in what is equal.
 */
public final class Named {
    /** What ids look like that are no words as they stand: {@code opticalCleaner}. */
    private static final Pattern WRITTEN_TOGETHER = Pattern.compile("[a-z][a-z0-9]*[A-Z][A-Za-z0-9-]*");

    private static final Pattern NOT_IN_IDS = Pattern.compile("[^\\p{L}\\p{N}/.]+");

    private final String id;
    private final String words;

    /**
     * @param id what it is told by; made from the words where it is empty
     * @param words what people call it, up to {@value Check#REMARK_LENGTH} characters; taken from the id where empty
     */
    public Named(String id, String words) {
        String said = Check.optionalRemark("words", words);
        String told = id == null ? "" : id.strip();
        this.id = told.isEmpty() && !said.isEmpty() ? idOf(said) : Check.optionalRemark("id", told);
        this.words = said.isEmpty() ? readable(told) : said;
    }

    /** A thing that was only named, by its words or, where they look like one, by its id. */
    public static Named of(String words) {
        String said = words == null ? "" : words.strip();
        return WRITTEN_TOGETHER.matcher(said).matches() ? new Named(said, "") : new Named("", said);
    }

    /**
     * A thing with words that may be as long as a name: tidied, and refused under the field's own name.
     *
     * @throws FieldProblem if it is missing, empty or too long
     */
    public static Named in(String field, Named value) {
        String words = Check.name(field, value == null ? "" : value.words);
        return words.equals(value.words) ? value : new Named(value.id, words);
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

    /**
     * Whether both stand for one thing as far as can be told: the ids are the same, or one of the two was told by its words
     * alone and the words are the same.
     */
    public boolean means(Named other) {
        return equals(other) || id.equals(idOf(other.words)) || other.id.equals(idOf(words));
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
