package ruvant.core.said;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Typing;

/**
 * The words of the trade, by class. A class holds phrases, each with the value it stands for: "slotted" stands for the head
 * "slot". Written as data: a line "[class]" and under it phrases with commas, or "value = phrase, phrase".
 */
final class Vocabulary {
    /** Shorter words are never put right: one letter of three is a third of the word. */
    private static final int SHORTEST_FORGIVEN = 5;

    private static final int LONG = 8;

    private final Map<String, Map<String, List<Phrase>>> classes = new HashMap<>();
    private final Map<String, Set<String>> single = new HashMap<>();
    private final Set<String> words = new HashSet<>();
    private final Set<String> english;
    private final @MayBeNull Vocabulary under;

    /** One phrase of a class. */
    record Phrase(List<String> words, String value) {}

    Vocabulary(String data, Set<String> english) {
        this.english = Set.copyOf(english);
        this.under = null;
        String name = "";
        for (String raw : data.split("\n")) {
            String line = raw.strip();
            if (line.startsWith("[")) {
                name = line.substring(1, line.length() - 1);
                classes.computeIfAbsent(name, one -> new HashMap<>());
            } else if (!line.isEmpty() && !line.startsWith("#")) {
                int equals = line.indexOf('=');
                String value = equals < 0 ? "" : line.substring(0, equals).strip();
                for (String phrase : line.substring(equals + 1).split(",")) {
                    add(name, phrase.strip(), value);
                }
            }
        }
    }

    private Vocabulary(Vocabulary under, Map<String, List<String>> more) {
        this.english = under.english;
        this.under = under;
        more.forEach((name, phrases) -> phrases.forEach(phrase -> add(name, phrase)));
    }

    /** These words and more of a shop or a camera: phrases by class, each as "phrase" or "value = phrase". */
    Vocabulary with(Map<String, List<String>> more) {
        return more.isEmpty() ? this : new Vocabulary(this, more);
    }

    private void add(String name, String written) {
        int equals = written.indexOf('=');
        add(
                name,
                written.substring(equals + 1).strip(),
                equals < 0 ? "" : written.substring(0, equals).strip());
    }

    void add(String name, String phrase, String value) {
        List<String> parts = split(phrase);
        if (parts.isEmpty()) {
            return;
        }
        classes.computeIfAbsent(name, one -> new HashMap<>())
                .computeIfAbsent(parts.getFirst(), one -> new ArrayList<>())
                .add(new Phrase(parts, value));
        words.addAll(parts);
        if (parts.size() == 1) {
            single.computeIfAbsent(name, one -> new HashSet<>()).add(parts.getFirst());
        }
    }

    /** The words of a phrase, in small letters; hyphens part words, apostrophes do not. */
    static List<String> split(String phrase) {
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        for (int at = 0; at < phrase.length(); at++) {
            char letter = Character.toLowerCase(phrase.charAt(at));
            boolean decimal = letter == '.'
                    && at > 0
                    && Character.isDigit(phrase.charAt(at - 1))
                    && at + 1 < phrase.length()
                    && Character.isDigit(phrase.charAt(at + 1));
            if (Character.isLetterOrDigit(letter) || letter == '/' || decimal) {
                word.append(letter);
            } else if (letter != '\'' && letter != '’' && !word.isEmpty()) {
                words.add(word.toString());
                word.setLength(0);
            }
        }
        if (!word.isEmpty()) {
            words.add(word.toString());
        }
        return words;
    }

    boolean knows(String word) {
        return words.contains(word) || under != null && under.knows(word);
    }

    /** Whether it is a word that everybody uses, of the trade or not. */
    boolean common(String word) {
        return english.contains(word);
    }

    boolean hasClass(String name) {
        return classes.containsKey(name) || under != null && under.hasClass(name);
    }

    boolean in(String name, String word) {
        Set<String> here = single.get(name);
        return here != null && here.contains(word) || under != null && under.in(name, word);
    }

    /** The phrases of a class that stand at a place of a line, longest first. */
    List<Phrase> at(String name, List<Word> line, int start) {
        if (start >= line.size() || line.get(start).is(Word.Type.MARK)) {
            return List.of();
        }
        List<Phrase> own = classes.getOrDefault(name, Map.of())
                .getOrDefault(line.get(start).key(), List.of());
        List<Phrase> below = under == null ? List.of() : under.at(name, line, start);
        if (own.isEmpty()) {
            return below;
        }
        List<Phrase> found = new ArrayList<>();
        for (Phrase phrase : own) {
            if (stands(phrase.words(), line, start)) {
                found.add(phrase);
            }
        }
        found.addAll(below);
        found.sort((one, other) -> other.words().size() - one.words().size());
        return found;
    }

    /** Whether a phrase stands at a place of a line. */
    static boolean stands(List<String> phrase, List<Word> line, int start) {
        if (start + phrase.size() > line.size()) {
            return false;
        }
        for (int word = 0; word < phrase.size(); word++) {
            if (!line.get(start + word).key().equals(phrase.get(word))) {
                return false;
            }
        }
        return true;
    }

    private Stream<String> all() {
        return under == null ? words.stream() : Stream.concat(words.stream(), under.all());
    }

    /** The one word of the trade that is nearest to a word which nobody knows; empty where none is near, or two are. */
    Optional<String> nearest(String unknown) {
        if (unknown.length() < SHORTEST_FORGIVEN) {
            return Optional.empty();
        }
        int most = unknown.length() >= LONG ? 2 : 1;
        String best = null;
        int least = most + 1;
        boolean tie = false;
        for (String word : (Iterable<String>) all()::iterator) {
            if (word.length() < SHORTEST_FORGIVEN - 1 || Math.abs(word.length() - unknown.length()) > most) {
                continue;
            }
            int distance = Typing.distance(word, unknown);
            if (distance > 1 && word.charAt(0) != unknown.charAt(0)) {
                // the first letter is hit, or at least it is the only one that is missed
                continue;
            }
            if (distance < least) {
                least = distance;
                best = word;
                tie = false;
            } else if (best != null && distance == least && !word.equals(best)) {
                // a letter is left out more often than added
                tie = word.length() == best.length();
                best = word.length() > best.length() ? word : best;
            }
        }
        return best == null || tie ? Optional.empty() : Optional.of(best);
    }
}
