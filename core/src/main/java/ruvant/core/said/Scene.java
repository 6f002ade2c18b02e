package ruvant.core.said;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What a pattern looks at: the words of the line, the words of the trade, what is known of the camera, and what the line said
 * before. What was found at a place is remembered, since many frames ask for the same.
 */
final class Scene {
    private final List<Word> words;
    private final Vocabulary vocabulary;
    private final LineContext context;
    private final List<Statement> before;
    private final Map<String, List<Name>> names;
    private final Map<Slot, Map<Integer, List<Hit>>> hits;
    private final Map<Long, List<Match>> matches;

    /** The name of a part that is known here, and its words. */
    record Name(String text, List<String> words, boolean off) {}

    Scene(List<Word> words, Vocabulary vocabulary, LineContext context) {
        this(words, vocabulary, context, List.of(), new LinkedHashMap<>(), new EnumMap<>(Slot.class), new HashMap<>());
        Stream.concat(
                        context.off().stream().map(name -> new Name(name, Vocabulary.split(name), true)),
                        context.known().stream().map(name -> new Name(name, Vocabulary.split(name), false)))
                .filter(name -> !name.words().isEmpty())
                .forEach(name -> names.computeIfAbsent(name.words().getFirst(), first -> new java.util.ArrayList<>())
                        .add(name));
    }

    private Scene(
            List<Word> words,
            Vocabulary vocabulary,
            LineContext context,
            List<Statement> before,
            Map<String, List<Name>> names,
            Map<Slot, Map<Integer, List<Hit>>> hits,
            Map<Long, List<Match>> matches) {
        this.words = words;
        this.vocabulary = vocabulary;
        this.context = context;
        this.before = before;
        this.names = names;
        this.hits = hits;
        this.matches = matches;
    }

    List<Word> words() {
        return words;
    }

    Vocabulary vocabulary() {
        return vocabulary;
    }

    LineContext context() {
        return context;
    }

    Word word(int at) {
        return words.get(at);
    }

    int size() {
        return words.size();
    }

    boolean letters(int at) {
        return at >= 0 && at < words.size() && words.get(at).is(Word.Type.LETTERS);
    }

    boolean in(String name, int at) {
        return letters(at) && vocabulary.in(name, word(at).key());
    }

    /** Parts that are known here whose name stands at a place. */
    List<Name> named(int at) {
        return letters(at)
                ? names.getOrDefault(word(at).key(), List.of()).stream()
                        .filter(name -> Vocabulary.stands(name.words(), words, at))
                        .toList()
                : List.of();
    }

    /** Parts that are off whose name ends with the word at a place. */
    List<String> offEndingWith(int at) {
        return letters(at)
                ? names.values().stream()
                        .flatMap(List::stream)
                        .filter(name -> name.off() && name.words().getLast().equals(word(at).key()))
                        .map(Name::text)
                        .toList()
                : List.of();
    }

    /** What a slot takes at a place. */
    List<Hit> hits(Slot slot, int at) {
        if (slot == Slot.SAME) {
            return slot.at(this, at);
        }
        Map<Integer, List<Hit>> known = hits.computeIfAbsent(slot, one -> new HashMap<>());
        List<Hit> found = known.get(at);
        if (found == null) {
            found = slot.at(this, at);
            known.put(at, found);
        }
        return found;
    }

    /** How a frame fits at a place. */
    List<Match> matches(Frame frame, int at) {
        if (frame.looksBack()) {
            return frame.pattern().at(this, at);
        }
        long key = (long) frame.number() << 16 | at;
        List<Match> found = matches.get(key);
        if (found == null) {
            found = frame.pattern().at(this, at);
            matches.put(key, found);
        }
        return found;
    }

    /** The words from one place to another, as a name is written: with its spelling put right. */
    String text(int from, int to) {
        return text(from, to, Word::shown);
    }

    /** The same as it was typed. */
    String typed(int from, int to) {
        return text(from, to, Word::typed);
    }

    private String text(int from, int to, Function<Word, String> written) {
        StringBuilder text = new StringBuilder();
        for (int at = from; at < to; at++) {
            Word word = words.get(at);
            if (at > from && !(word.is(Word.Type.MARK) && word.joined())) {
                text.append(between(words.get(at - 1), word));
            }
            text.append(written.apply(word));
        }
        return text.toString().strip();
    }

    private static String between(Word before, Word word) {
        if (!word.joined()) {
            return " ";
        }
        return before.is(Word.Type.LETTERS) && word.is(Word.Type.LETTERS) ? "-" : "";
    }

    Optional<Statement> last() {
        return before.isEmpty() ? Optional.empty() : Optional.of(before.getLast());
    }

    Scene after(List<Statement> statements) {
        return new Scene(words, vocabulary, context, statements, names, hits, matches);
    }
}
