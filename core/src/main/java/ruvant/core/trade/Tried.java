package ruvant.core.trade;

import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * How a function was tried.
 *
 * @param speed at which marked speed; empty for any or not said
 * @param with such as "film in", "lens down"; may be empty
 * @param good how often it went well, 0 to 999
 * @param of of how many tries, 0 where nobody counted, to 999
 */
public record Tried(String speed, String with, int good, int of) {
    public Tried {
        speed = Check.optionalName("speed", speed);
        with = Check.optionalName("with", with);
        Check.count("good", good, 0, 999);
        Check.count("of", of, 0, 999);
        if (good > of) {
            throw new FieldProblem(
                    "good", good + " good tries of " + of + " are more than were made.", "Enter all tries.");
        }
    }

    /** What follows the result in a sentence; empty where nothing is known. */
    public String words() {
        return (speed.isEmpty() ? "" : ", at " + speed)
                + (with.isEmpty() ? "" : ", " + with)
                + (of == 0 ? "" : ", " + good + " of " + of);
    }
}
