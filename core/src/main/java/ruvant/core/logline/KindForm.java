package ruvant.core.logline;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import ruvant.core.said.StatementKind;
import ruvant.core.units.Phrase;

/**
 * What a statement of a kind can hold, so that it can be filled in and corrected field by field.
 *
 * @param kind the kind
 * @param label what people call it
 * @param fields in the order in which a hand fills them in
 */
public record KindForm(StatementKind kind, String label, List<FieldForm> fields) {
    public KindForm {
        fields = List.copyOf(fields);
    }

    /** What a field holds. */
    public enum FieldType {
        WORDS,
        PART,
        COUNT,
        NUMBER,
        NUMBERS,
        SPEED,
        YES,
        CHOICE,
        FASTENERS,
        LOOSE
    }

    /**
     * One field.
     *
     * @param name as statements call it
     * @param label as people call it
     * @param choices what it can be, as statements call them; none where it is not a choice
     */
    public record FieldForm(String name, String label, FieldType type, List<ChoiceForm> choices) {
        public FieldForm {
            choices = List.copyOf(choices);
        }
    }

    /** One choice: as statements call it, and as people do. */
    public record ChoiceForm(String name, String label) {
        private static final Map<String, String> CALLED = Map.ofEntries(
                Map.entry("AS_IS", "as it is"),
                Map.entry("WITH_WORK", "with work"),
                Map.entry("NOT", "does not fit"),
                Map.entry("no", "did not help"),
                Map.entry("cw", "clockwise"),
                Map.entry("ccw", "anticlockwise"),
                Map.entry("BEFORE", "as it came in"),
                Map.entry("AFTER", "after the work"),
                Map.entry("gift", "from the owner"),
                Map.entry("made", "made here"),
                Map.entry("none", "no battery"),
                Map.entry("bad", "did no good"),
                Map.entry("avoid", "better not used"));

        static ChoiceForm of(String name) {
            return new ChoiceForm(name, CALLED.getOrDefault(name, Phrase.readable(name)));
        }
    }

    /** Every kind that a line can say and a form can log, in the order of the work. */
    public static List<KindForm> all() {
        return Arrays.stream(StatementKind.values()).map(KindForm::of).toList();
    }

    /** The form of a kind. */
    public static KindForm of(StatementKind kind) {
        return KindForms.of(kind);
    }
}
