package ruvant.core.said;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

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

    /** A field that holds words; empty where it was not said. */
    public String text(String name) {
        return fields.get(name) instanceof String text ? text : "";
    }
}
