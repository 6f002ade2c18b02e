package ruvant.core.money;

import java.util.Locale;
import ruvant.core.units.Check;

/**
 * What an hour is charged at.
 *
 * @param person whose hour; empty for anybody's
 * @param skill at what kind of work, such as "electronics"; empty for all
 * @param hourMinor minor units, with or without tax as the shop's prices are
 */
public record LabourRate(String person, String skill, long hourMinor) {
    private static final long MOST_MINOR = 10_000_000;

    public LabourRate {
        person = Check.optionalName("person", person);
        skill = Check.optionalName("skill", skill).toLowerCase(Locale.ROOT);
        Check.within("hour", hourMinor, 0, MOST_MINOR, "minor units");
    }

    boolean isFor(String who, String what) {
        return (person.isEmpty() || person.equalsIgnoreCase(who)) && (skill.isEmpty() || skill.equalsIgnoreCase(what));
    }

    /** How closely it is said: of this person at this work before of this person, before at this work, before any. */
    int closeness() {
        return (person.isEmpty() ? 0 : 2) + (skill.isEmpty() ? 0 : 1);
    }
}
