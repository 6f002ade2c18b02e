package ruvant.core.units;

import java.util.Locale;

/**
 * What a part is called within one job. Two spellings that differ only in case, spaces or a leading article are the
 * same part.
 *
 * @param text as it was first typed
 */
public record PartName(String text) {
    private static final String[] ARTICLES = {"the ", "a ", "an "};

    public PartName {
        text = Check.name("part", text);
    }

    /** Shorthand for the constructor. */
    public static PartName of(String text) {
        return new PartName(text);
    }

    /** What equal names share. */
    public String key() {
        // asked for at every look-up in every fold, so without a pattern
        String lower = text.toLowerCase(Locale.ROOT);
        for (String article : ARTICLES) {
            if (lower.startsWith(article)) {
                return lower.substring(article.length());
            }
        }
        return lower;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PartName that && (text.equals(that.text) || key().equals(that.key()));
    }

    @Override
    public int hashCode() {
        return key().hashCode();
    }

    @Override
    public String toString() {
        return text;
    }
}
