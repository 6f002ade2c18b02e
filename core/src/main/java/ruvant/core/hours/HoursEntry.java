package ruvant.core.hours;

import java.util.List;
import ruvant.core.log.Entry;
import ruvant.core.units.Check;

/** When this shop works, from now on. */
public sealed interface HoursEntry extends Entry {
    /** When one person usually works, and at what. */
    record HoursSet(WorkingHours hours) implements HoursEntry {
        public HoursSet {
            Check.chosen("hours", hours);
        }
    }

    /**
     * The days on which somebody, or nobody, works.
     *
     * @param daysOff all of them that count from now on
     */
    record DaysOffSet(List<DaysOff> daysOff) implements HoursEntry {
        private static final int MOST = 400;

        public DaysOffSet {
            daysOff = Check.some("daysOff", daysOff, MOST);
        }
    }

    /**
     * When the bell rings before a break and before closing.
     *
     * @param minutesBefore 0 to 120; 0 where it does not ring
     */
    record BellSet(int minutesBefore) implements HoursEntry {
        public BellSet {
            Check.count("minutesBefore", minutesBefore, 0, 120);
        }
    }
}
