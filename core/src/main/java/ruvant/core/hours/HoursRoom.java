package ruvant.core.hours;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.Room;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.Refusal;

/** When the shop works; it stands in the log of the house. */
public final class HoursRoom implements Room<HoursEntry> {
    @Override
    public Class<HoursEntry> entries() {
        return HoursEntry.class;
    }

    @Override
    public RoomFold<HoursEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(HoursEntry entry, Standing now) {
        return switch (entry) {
            case HoursEntry.HoursSet one -> Optional.empty();
            case HoursEntry.DaysOffSet one -> Optional.empty();
            case HoursEntry.BellSet one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(HoursEntry entry) {
        return switch (entry) {
            case HoursEntry.HoursSet one -> List.of();
            case HoursEntry.DaysOffSet one -> List.of();
            case HoursEntry.BellSet one -> List.of();
        };
    }

    @Override
    public List<String> replaces(HoursEntry entry) {
        return switch (entry) {
            case HoursEntry.HoursSet one -> List.of("hours of " + one.hours().person());
            case HoursEntry.DaysOffSet one -> List.of("days off");
            case HoursEntry.BellSet one -> List.of("bell");
        };
    }

    @Override
    public String words(HoursEntry entry, Names names) {
        return switch (entry) {
            case HoursEntry.HoursSet one -> "hours of " + one.hours().person() + ": " + hours(one.hours());
            case HoursEntry.DaysOffSet one ->
                one.daysOff().isEmpty()
                        ? "days off: none"
                        : "days off: "
                                + String.join(
                                        ", ",
                                        one.daysOff().stream()
                                                .map(HoursRoom::day)
                                                .toList());
            case HoursEntry.BellSet one ->
                one.minutesBefore() == 0
                        ? "bell before closing: off"
                        : "bell before closing: " + one.minutesBefore() + " min";
        };
    }

    private static String hours(WorkingHours of) {
        String week = String.format(Locale.ROOT, "%.1f h a week", of.minutesAWeek() / 60.0);
        return of.skills().isEmpty()
                ? week + ", all work"
                : week + ", " + String.join(", ", of.skills().stream().sorted().toList());
    }

    private static String day(DaysOff off) {
        String days = off.first().equals(off.last()) ? off.first().toString() : off.first() + " to " + off.last();
        return (off.person().isEmpty() ? "closed " : off.person() + " ") + days;
    }

    /** Folds the shop's time: the last said of each holds. */
    public static final class Fold implements RoomFold<HoursEntry> {
        private final Map<String, WorkingHours> hours = new LinkedHashMap<>();
        private List<DaysOff> off = List.of();
        private int bell = ShopHours.USUAL_BELL;

        @Override
        public Optional<Refusal> objection(Line line, HoursEntry entry) {
            return Optional.empty();
        }

        @Override
        public void take(Line line, HoursEntry entry) {
            switch (entry) {
                case HoursEntry.HoursSet one -> hours.put(one.hours().person().toLowerCase(Locale.ROOT), one.hours());
                case HoursEntry.DaysOffSet one -> off = one.daysOff();
                case HoursEntry.BellSet one -> bell = one.minutesBefore();
            }
        }

        /**
         * The shop's time.
         *
         * @param people who works here; hours of others are left aside
         */
        public ShopHours hours(List<String> people) {
            return new ShopHours(
                    people.stream()
                            .map(one -> hours.getOrDefault(one.toLowerCase(Locale.ROOT), WorkingHours.usual(one))
                                    .of(one))
                            .toList(),
                    off,
                    bell);
        }
    }
}
