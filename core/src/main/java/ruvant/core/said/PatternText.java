package ruvant.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;

/**
 * Patterns as they are written: a word stands for itself; {@code <class>} for a phrase of a class; {@code NAME} for a slot or
 * a pattern named before; {@code field=} before either keeps what it took; {@code [ ]} may be there or not; {@code ( | )} is one
 * of several; {@code { }} any number of times; {@code /} a break between statements; {@code field:( )} keeps all words inside.
 */
final class PatternText {
    private static final java.util.regex.Pattern TOKEN =
            java.util.regex.Pattern.compile("[\\[\\](){}|]|[^\\s\\[\\](){}|<]*<[^>]*>|[^\\s\\[\\](){}|]+");

    private final List<String> tokens;
    private final Map<String, Pattern> named;
    private final Vocabulary vocabulary;
    private int at;

    private PatternText(String text, Map<String, Pattern> named, Vocabulary vocabulary) {
        this.tokens = TOKEN.matcher(text).results().map(MatchResult::group).toList();
        this.named = named;
        this.vocabulary = vocabulary;
    }

    /** @throws IllegalArgumentException where it is not written as above, or names what is not there */
    static Pattern read(String text, Map<String, Pattern> named, Vocabulary vocabulary) {
        PatternText reader = new PatternText(text, named, vocabulary);
        Pattern read = reader.either();
        if (reader.at < reader.tokens.size()) {
            throw new IllegalArgumentException("“" + reader.tokens.get(reader.at) + "” is too much in: " + text);
        }
        return read;
    }

    private boolean next(String token) {
        return at < tokens.size() && tokens.get(at).equals(token);
    }

    private Pattern either() {
        List<Pattern> ways = new ArrayList<>(List.of(sequence()));
        while (next("|")) {
            at++;
            ways.add(sequence());
        }
        return ways.size() == 1 ? ways.getFirst() : new Pattern.Either(ways);
    }

    private Pattern sequence() {
        List<Pattern> parts = new ArrayList<>();
        while (at < tokens.size() && !List.of("|", "]", ")", "}").contains(tokens.get(at))) {
            parts.add(one());
        }
        return parts.size() == 1 ? parts.getFirst() : new Pattern.Sequence(parts);
    }

    private Pattern one() {
        String token = tokens.get(at++);
        return switch (token) {
            case "[" -> new Pattern.Perhaps(closed("]"));
            case "(" -> closed(")");
            case "{" -> new Pattern.Many(closed("}"));
            case "/" -> new Pattern.Break();
            default -> named(token);
        };
    }

    private Pattern closed(String end) {
        Pattern inside = either();
        if (!next(end)) {
            throw new IllegalArgumentException("A " + end + " is missing in: " + String.join(" ", tokens));
        }
        at++;
        return inside;
    }

    private Pattern named(String token) {
        if (token.endsWith(":") && next("(")) {
            at++;
            return new Pattern.Captured(closed(")"), token.substring(0, token.length() - 1));
        }
        int equals = token.indexOf('=');
        String field = equals < 0 ? "" : token.substring(0, equals);
        String what = token.substring(equals + 1);
        if (what.startsWith("<") && what.endsWith(">")) {
            String name = what.substring(1, what.length() - 1);
            if (!vocabulary.hasClass(name)) {
                throw new IllegalArgumentException("There is no class of words called " + name);
            }
            return new Pattern.OfClass(name, field);
        }
        if (named.containsKey(what)) {
            return named.get(what);
        }
        if (what.equals(what.toUpperCase(java.util.Locale.ROOT)) && what.length() > 1) {
            return new Pattern.Taken(Slot.valueOf(what), field);
        }
        vocabulary.add("of frames", what, "");
        return new Pattern.Literal(what.toLowerCase(java.util.Locale.ROOT));
    }
}
