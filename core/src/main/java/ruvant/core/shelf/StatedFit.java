package ruvant.core.shelf;

import java.util.Locale;
import ruvant.core.trade.CameraKind;
import ruvant.core.units.Check;
import ruvant.core.units.Labelled;

/**
 * What somebody who knows says of interchange, before it was tried here.
 *
 * @param part its name; empty for the parts of these cameras in general
 * @param from the kind it comes from; without a pattern it means all patterns
 * @param into the kind it goes into; likewise
 * @param note from where it is known; may be empty
 */
public record StatedFit(String part, CameraKind from, CameraKind into, Strength strength, String note) {
    /** Tries that a statement is worth: enough to begin with, few enough to be overruled by four of one's own. */
    private static final double WORTH = 4;

    public StatedFit {
        part = Check.optionalName("part", part).toLowerCase(Locale.ROOT);
        Check.chosen("from", from);
        Check.chosen("into", into);
        Check.chosen("strength", strength);
        note = Check.optionalName("note", note);
    }

    /** How sure it is. */
    public enum Strength implements Labelled {
        ALWAYS("always", 0.95),
        MOSTLY("mostly", 0.8),
        SOMETIMES("half the time", 0.5),
        SELDOM("seldom", 0.2),
        NEVER("never", 0.05);

        private final String label;
        private final double chance;

        Strength(String label, double chance) {
            this.label = label;
            this.chance = chance;
        }

        @Override
        public String label() {
            return label;
        }
    }

    public double[] counts() {
        return new double[] {WORTH * strength.chance, WORTH * (1 - strength.chance)};
    }

    /** A word about patterns in general says nothing of a part in its own pattern: that is taken to fit anyway. */
    public boolean speaksOf(String name, CameraKind one, CameraKind other) {
        boolean general = from.pattern().isEmpty() || into.pattern().isEmpty();
        if (general && one.same(other)) {
            return false;
        }
        return (part.isEmpty() || part.equals(name)) && covers(from, one) && covers(into, other);
    }

    public int closeness() {
        return (part.isEmpty() ? 0 : 4)
                + (from.pattern().isEmpty() ? 0 : 1)
                + (into.pattern().isEmpty() ? 0 : 1);
    }

    private static boolean covers(CameraKind said, CameraKind one) {
        return said.pattern().isEmpty() ? said.sameModel(one) : said.same(one);
    }
}
