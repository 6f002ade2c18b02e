package ruvant.core.parts;

import java.util.Locale;
import ruvant.core.units.Check;

/**
 * A part of one kind of camera tried in another.
 *
 * @param part its name
 * @param from the kind it came from
 * @param into the kind it was tried in
 * @param outcome how it went
 */
public record Fit(String part, Kind from, Kind into, Outcome outcome) {
    public Fit {
        part = Check.name("part", part).toLowerCase(Locale.ROOT);
        Check.chosen("from", from);
        Check.chosen("into", into);
        Check.chosen("outcome", outcome);
    }

    /** How a part went in. */
    public enum Outcome {
        AS_IS,
        WITH_WORK,
        NOT
    }

    /**
     * A kind of camera: a model in one of its patterns. Two ways to write a name are the same.
     *
     * @param pattern may be empty where it is not known
     */
    public record Kind(String maker, String model, String pattern) {
        public Kind {
            maker = Check.optionalName("maker", maker);
            model = Check.optionalName("model", model);
            pattern = Check.optionalName("pattern", pattern);
        }

        /** Whether it is the same model and pattern. */
        public boolean same(Kind other) {
            return sameModel(other) && pattern.equalsIgnoreCase(other.pattern);
        }

        /** Whether it is the same model, in whatever pattern. */
        public boolean sameModel(Kind other) {
            return maker.equalsIgnoreCase(other.maker) && model.equalsIgnoreCase(other.model);
        }

        /** In words: "Pellworm Twin, 1st pattern". */
        public String words() {
            return (maker + " " + model).strip() + (pattern.isEmpty() ? "" : ", " + pattern);
        }
    }
}
