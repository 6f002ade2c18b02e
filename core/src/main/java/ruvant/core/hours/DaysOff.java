package ruvant.core.hours;

import java.time.LocalDate;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * Days on which somebody does not work, or nobody does.
 *
 * @param person whose; empty where the whole shop is closed
 * @param last the last of them, included
 * @param why such as a holiday; may be empty
 */
public record DaysOff(String person, LocalDate first, LocalDate last, String why) {
    public DaysOff {
        person = Check.optionalName("person", person);
        Check.chosen("first", first);
        Check.chosen("last", last);
        if (last.isBefore(first)) {
            throw new FieldProblem(
                    "last", last + " is before " + first + ".", "Let the last day be the first or later.");
        }
        why = Check.optionalName("why", why);
    }

    /** Whether a person is off on a day. */
    public boolean meets(String who, LocalDate day) {
        return (person.isEmpty() || person.equalsIgnoreCase(who)) && !day.isBefore(first) && !day.isAfter(last);
    }
}
