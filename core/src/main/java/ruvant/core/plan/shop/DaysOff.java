package ruvant.core.plan.shop;

import java.time.LocalDate;
import java.util.Optional;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * Days on which somebody does not work, or nobody does.
 *
 * @param person empty where the whole shop is closed
 * @param last the last of them, included
 * @param why such as a holiday; may be empty
 */
public record DaysOff(Optional<String> person, LocalDate first, LocalDate last, String why) {
    public DaysOff {
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
        boolean theirs = person.map(one -> one.equalsIgnoreCase(who)).orElse(true);
        return theirs && !day.isBefore(first) && !day.isAfter(last);
    }
}
