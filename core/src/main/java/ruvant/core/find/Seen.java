package ruvant.core.find;

import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;

/**
 * What was seen at a part, by its fields.
 *
 * @param part null where no part was named
 * @param place where on it, such as "at the tip"; may be empty
 * @param condition what it is like, such as "worn"; empty where it is sound
 * @param degree how much, such as "slightly"; may be empty
 * @param count how many, 1 to 999; 0 where nobody counted
 * @param sound whether it was looked at and found sound, or free of the condition
 * @param watch whether to keep an eye on it
 */
public record Seen(
        @MayBeNull PartName part,
        String place,
        String condition,
        String degree,
        int count,
        boolean sound,
        boolean watch) {
    public Seen {
        place = Check.optionalName("place", place);
        condition = Check.optionalName("condition", condition);
        degree = Check.optionalName("degree", degree);
        Check.count("count", count, 0, 999);
        if (condition.isEmpty() && !sound) {
            throw new ruvant.core.units.FieldProblem(
                    "condition",
                    "It is not said what was seen.",
                    "Say what it is like, such as “worn”, or that it is sound.");
        }
    }

    /** The whole as one sees it: "pawl, at the tip: slightly worn". */
    public String words() {
        String what = (count > 0 ? count + " " : "") + (degree.isEmpty() ? "" : degree + " ") + condition;
        String said = sound ? (condition.isEmpty() ? "sound" : "no " + what) : what;
        String where = (part == null ? "" : part.text()) + (place.isEmpty() ? "" : (part == null ? "" : ", ") + place);
        return (where.isEmpty() ? said : where + ": " + said) + (watch ? ", keep an eye on it" : "");
    }
}
