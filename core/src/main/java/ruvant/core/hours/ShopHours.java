package ruvant.core.hours;

import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * When the shop works.
 *
 * @param hours of each person who works here
 * @param off days off
 * @param bellMinutes how long before a break and before closing the bell rings; 0 where it does not
 */
public record ShopHours(List<WorkingHours> hours, List<DaysOff> off, int bellMinutes) {
    /** Before a shop says otherwise: long enough to finish what is in the hand. */
    public static final int USUAL_BELL = 15;

    public ShopHours {
        hours = List.copyOf(hours);
        off = List.copyOf(off);
    }

    /** When one person works. */
    public Optional<WorkingHours> of(String person) {
        return hours.stream()
                .filter(one -> one.person().equalsIgnoreCase(person))
                .findFirst();
    }

    /** Every skill that somebody here is said to have, in the order of the alphabet. */
    public List<String> skills() {
        TreeSet<String> all = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        hours.forEach(one -> all.addAll(one.skills()));
        return List.copyOf(all);
    }
}
