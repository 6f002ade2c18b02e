package ruvant.core.find;

import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;

/**
 * When a symptom shows.
 *
 * @param speed at which marked speed; empty for any or not said
 * @param when such as "when cold"; may be empty
 * @param odds how often of all times, above 0 to 1; null where nobody counted
 * @param gone whether it no longer shows
 */
public record Shown(String speed, String when, @MayBeNull Double odds, boolean gone) {
    public Shown {
        speed = Check.optionalName("speed", speed);
        when = Check.optionalName("when", when);
        Check.optionalWithin("odds", odds, 0.001, 1, "of 1");
    }

    /** What follows the symptom in a sentence; empty where nothing is known. */
    public String words() {
        StringBuilder words = new StringBuilder();
        if (!speed.isEmpty()) {
            words.append(", at ").append(speed);
        }
        if (odds != null) {
            words.append(", ").append(Math.round(100 * odds)).append(" % of the time");
        }
        if (!when.isEmpty()) {
            words.append(", ").append(when);
        }
        return words + (gone ? ", no longer" : "");
    }
}
