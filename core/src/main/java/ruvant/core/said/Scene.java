package ruvant.core.said;

import java.util.List;
import java.util.Optional;

/**
 * What a pattern looks at: the words of the line, the words of the trade, what is known of the camera, and what the line said
 * before.
 */
record Scene(List<Word> words, Vocabulary vocabulary, LineContext context, List<Statement> before) {
    Word word(int at) {
        return words.get(at);
    }

    int size() {
        return words.size();
    }

    boolean letters(int at) {
        return at < words.size() && words.get(at).is(Word.Type.LETTERS);
    }

    boolean in(String name, int at) {
        return letters(at) && vocabulary.in(name, word(at).key());
    }

    /** The words from one place to another, as a name is written. */
    String text(int from, int to) {
        StringBuilder text = new StringBuilder();
        for (int at = from; at < to; at++) {
            Word word = words.get(at);
            if (at > from && !word.is(Word.Type.MARK)) {
                text.append(word.joined() && !words.get(at - 1).is(Word.Type.MARK) ? '-' : ' ');
            }
            text.append(word.shown());
        }
        return text.toString().strip();
    }

    Optional<Statement> last() {
        return before.isEmpty() ? Optional.empty() : Optional.of(before.getLast());
    }

    Scene after(List<Statement> statements) {
        return new Scene(words, vocabulary, context, statements);
    }
}
