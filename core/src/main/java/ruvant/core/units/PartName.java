package ruvant.core.units;

import java.util.Locale;

/**
 * What a part is called within one job. Two spellings that differ only in case, spaces or a leading article are the
 * same part. A class and not a record, since what equal names share is asked for at every look-up in every fold and is
 * worked out once.
 */
public final class PartName {
    private static final String[] ARTICLES = {"the ", "a ", "an "};

    private final String text;
    private final String key;

    /** @param text the name as it was typed */
    public PartName(String text) {
        this.text = Check.name("part", text);
        this.key = withoutArticle(this.text.toLowerCase(Locale.ROOT));
    }

    /** Shorthand for the constructor. */
    public static PartName of(String text) {
        return new PartName(text);
    }

    /** The name as it was first typed. */
    public String text() {
        return text;
    }

    /** What equal names share. */
    public String key() {
        return key;
    }

    private static String withoutArticle(String lower) {
        for (String article : ARTICLES) {
            if (lower.startsWith(article)) {
                return lower.substring(article.length());
            }
        }
        return lower;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PartName that && key.equals(that.key);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }

    @Override
    public String toString() {
        return text;
    }
}
