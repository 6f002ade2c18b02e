package ruvant.core.said;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import ruvant.core.units.MayBeNull;

/**
 * One thing that a line says.
 *
 * @param fields what is known of it, by name, in the order in which it was said: words, numbers, truth values, or lists of
 *     fields for fasteners and loose pieces; what was not said is not there
 */
public record Statement(StatementKind kind, Map<String, Object> fields) {
    public Statement {
        fields = Collections.unmodifiableMap(new LinkedHashMap<>(fields));
    }

    /** The same with one field set otherwise. */
    Statement with(String name, Object value) {
        Map<String, Object> changed = new LinkedHashMap<>(fields);
        changed.put(name, value);
        return new Statement(kind, changed);
    }

    /** Whether it is of the same kind as another, and no field of the two tells otherwise; "ring" and "name ring" agree. */
    boolean agrees(Statement other) {
        return kind == other.kind
                && fields.entrySet().stream()
                        .allMatch(field -> agree(field.getValue(), other.fields.get(field.getKey())));
    }

    private static boolean agree(Object one, @MayBeNull Object other) {
        if (other == null || one.equals(other)) {
            return true;
        }
        return one instanceof String text
                && other instanceof String words
                && (within(text, words) || within(words, text));
    }

    private static boolean within(String one, String other) {
        return other.toLowerCase(Locale.ROOT)
                .replace('_', ' ')
                .contains(one.toLowerCase(Locale.ROOT).replace('_', ' '));
    }

    /** Whether it says the same thing of the same part, however the rest of the line is divided. */
    boolean sameOfTheSame(Statement other) {
        return kind == other.kind && agree(text("part"), other.text("part")) && agree(text("what"), other.text("what"));
    }

    /** A field that holds words; empty where it was not said. */
    public String text(String name) {
        return fields.get(name) instanceof String text ? text : "";
    }
}
