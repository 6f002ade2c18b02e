package ruvant.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words of a line. Slips of spelling are put right only toward words that the trade knows, and never from one real word to another. */
final class Words {
    private static final String SIZE = "[mM]?\\d+(?:[.,]\\d+)?\\s?[xX×]\\s?\\d+(?:[.,]\\d+)?";

    private static final Pattern TOKEN =
            Pattern.compile("(?<times>(?<![\\p{L}\\d])\\d{1,2})\\s?[x×](?=\\s?" + SIZE + "|\\s*\\p{L})"
                    + "|(?<dim>(?<![\\p{L}\\d])" + SIZE + ")"
                    + "|(?<thread>(?<![\\p{L}\\d])[mM]\\d+(?:[.,]\\d+)?)"
                    + "|(?<frac>\\d+/\\d+)"
                    + "|(?<well>(?<![\\p{L}\\d])[1-9]?[A-L]\\d{1,2}(?![\\p{L}\\d])|(?<![\\p{L}\\d])[1-9]?[a-eg-l]\\d{1,2}(?![\\p{L}\\d]))"
                    + "|(?<num>\\d+(?:[.,]\\d+)?|[.,]\\d+)"
                    + "|(?<with>\\bw/(?:out|o)?(?![\\p{L}])|\\bw(?=\\s))"
                    + "|(?<let>[\\p{L}]+(?:['’][\\p{L}]+)*)"
                    + "|(?<mark>[^\\s])");

    private Words() {}

    static List<Word> of(String line, Vocabulary vocabulary) {
        List<Word> words = new ArrayList<>();
        Matcher matcher = TOKEN.matcher(written(line));
        int end = -1;
        while (matcher.find()) {
            String typed = matcher.group();
            boolean joined = matcher.start() == end;
            end = matcher.end();
            if (matcher.group("with") != null) {
                words.add(new Word(typed, typed.length() > 2 ? "without" : "with", Word.Type.LETTERS, joined, true));
            } else if (matcher.group("times") != null) {
                String count = matcher.group("times");
                words.add(new Word(typed, count, Word.Type.NUMBER, joined, false));
            } else if (matcher.group("let") != null) {
                words.add(letters(typed, joined, vocabulary));
            } else if (matcher.group("mark") != null) {
                // a hyphen within a word only joins its parts
                if (!joined || !typed.matches("[-‐‑]")) {
                    words.add(new Word(typed, typed, Word.Type.MARK, joined, false));
                }
            } else {
                words.add(figure(matcher, typed, joined));
            }
        }
        return List.copyOf(words);
    }

    /** Fractions that are one sign are written with a stroke, so that they are figures like the others. */
    private static String written(String line) {
        return line.replaceAll("(?<=\\d)(?=[½¼¾⅛⅜⅝⅞])", " ")
                .replace("½", "1/2")
                .replace("¼", "1/4")
                .replace("¾", "3/4")
                .replace("⅛", "1/8")
                .replace("⅜", "3/8")
                .replace("⅝", "5/8")
                .replace("⅞", "7/8");
    }

    private static Word figure(Matcher matcher, String typed, boolean joined) {
        if (matcher.group("dim") != null || matcher.group("thread") != null) {
            return new Word(
                    typed,
                    typed.toLowerCase(Locale.ROOT).replace('×', 'x').replaceAll("[ m]", ""),
                    Word.Type.DIMENSION,
                    joined,
                    false);
        }
        if (matcher.group("frac") != null) {
            return new Word(typed, typed, Word.Type.FRACTION, joined, false);
        }
        if (matcher.group("well") != null) {
            return new Word(typed, typed.toUpperCase(Locale.ROOT), Word.Type.WELL, joined, false);
        }
        return new Word(typed, typed.replace(',', '.'), Word.Type.NUMBER, joined, false);
    }

    private static Word letters(String typed, boolean joined, Vocabulary vocabulary) {
        String key = typed.toLowerCase(Locale.ROOT).replaceAll("['’]", "");
        if (vocabulary.knows(key) || vocabulary.common(key) || key.length() < typed.length()) {
            return new Word(typed, key, Word.Type.LETTERS, joined, false);
        }
        return vocabulary
                .nearest(key)
                .map(meant -> new Word(typed, meant, Word.Type.LETTERS, joined, true))
                .orElseGet(() -> new Word(typed, key, Word.Type.LETTERS, joined, false));
    }
}
