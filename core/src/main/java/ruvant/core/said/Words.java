package ruvant.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words of a line. Slips of spelling are put right only toward words that the trade knows, and never from one real word to another. */
final class Words {
    private static final Pattern TOKEN = Pattern.compile("(?<dim>\\d+(?:[.,]\\d+)?\\s?[x×]\\s?\\d+(?:[.,]\\d+)?)"
            + "|(?<frac>\\d+/\\d+)"
            + "|(?<well>(?<![\\p{L}\\d])[A-H]\\d{1,2}(?![\\p{L}\\d]))"
            + "|(?<num>\\d+(?:[.,]\\d+)?|[.,]\\d+)"
            + "|(?<with>\\bw/(?:out|o)?(?![\\p{L}])|\\bw(?=\\s))"
            + "|(?<let>[\\p{L}]+(?:['’][\\p{L}]+)*)"
            + "|(?<mark>[^\\s])");

    private Words() {}

    static List<Word> of(String line, Vocabulary vocabulary) {
        List<Word> words = new ArrayList<>();
        Matcher matcher = TOKEN.matcher(line);
        int end = -1;
        while (matcher.find()) {
            String typed = matcher.group();
            boolean joined = matcher.start() == end;
            end = matcher.end();
            if (matcher.group("with") != null) {
                words.add(new Word(typed, typed.length() > 2 ? "without" : "with", Word.Type.LETTERS, joined, true));
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

    private static Word figure(Matcher matcher, String typed, boolean joined) {
        if (matcher.group("dim") != null) {
            return new Word(typed, typed.replace('×', 'x').replace(" ", ""), Word.Type.DIMENSION, joined, false);
        }
        if (matcher.group("frac") != null) {
            return new Word(typed, typed, Word.Type.FRACTION, joined, false);
        }
        if (matcher.group("well") != null) {
            return new Word(typed, typed, Word.Type.WELL, joined, false);
        }
        return new Word(typed, typed.replace(',', '.'), Word.Type.NUMBER, joined, false);
    }

    private static Word letters(String typed, boolean joined, Vocabulary vocabulary) {
        String key = typed.toLowerCase(Locale.ROOT).replaceAll("['’]", "");
        if (vocabulary.knows(key) || vocabulary.common(key)) {
            return new Word(typed, key, Word.Type.LETTERS, joined, false);
        }
        return vocabulary
                .nearest(key)
                .map(meant -> new Word(typed, meant, Word.Type.LETTERS, joined, true))
                .orElseGet(() -> new Word(typed, key, Word.Type.LETTERS, joined, false));
    }
}
