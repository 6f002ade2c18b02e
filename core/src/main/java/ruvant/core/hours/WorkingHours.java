package ruvant.core.hours;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * When somebody usually works, and at what. What lies between two stretches of a day is a break.
 *
 * @param week the stretches of each weekday, in order; a day that is not in it is free
 * @param skills what this person can be given, in the shop's own names; empty for all work
 */
public record WorkingHours(String person, Map<DayOfWeek, List<WorkStretch>> week, Set<String> skills) {
    private static final int MOST_STRETCHES = 6;

    /**
     * From a time of day to another on the same day.
     *
     * @param to midnight stands for the end of the day
     */
    public record WorkStretch(LocalTime from, LocalTime to) {
        public WorkStretch {
            Check.chosen("from", from);
            Check.chosen("to", to);
            if (!to.equals(LocalTime.MIDNIGHT) && !from.isBefore(to)) {
                throw new FieldProblem(
                        "to",
                        from + " to " + to + " has no length.",
                        "Let it end later on the same day; split a night shift at midnight.");
            }
        }

        /** How long it is, on a day whose clocks do not change. */
        int minutes() {
            int ends = to.equals(LocalTime.MIDNIGHT) ? 1440 : to.toSecondOfDay() / 60;
            return ends - from.toSecondOfDay() / 60;
        }

        private boolean endsBy(LocalTime time) {
            return !to.equals(LocalTime.MIDNIGHT) && !to.isAfter(time);
        }
    }

    public WorkingHours {
        person = Check.name("person", person);
        skills = Check.set(skills);
        Map<DayOfWeek, List<WorkStretch>> days = new EnumMap<>(DayOfWeek.class);
        week.forEach((day, stretches) -> days.put(day, Check.some("week", stretches, MOST_STRETCHES)));
        days.values().forEach(WorkingHours::inOrder);
        week = Map.copyOf(days);
    }

    private static void inOrder(List<WorkStretch> day) {
        for (int at = 1; at < day.size(); at++) {
            WorkStretch before = day.get(at - 1);
            if (!before.endsBy(day.get(at).from())) {
                throw new FieldProblem(
                        "week",
                        before.from() + " to " + before.to() + " overlaps "
                                + day.get(at).from() + " to " + day.get(at).to() + ".",
                        "Put the working times of a day in order, or join the two.");
            }
        }
    }

    /** Before anybody says otherwise: Monday to Friday from nine to six, with a break at noon, and all work. */
    public static WorkingHours usual(String person) {
        List<WorkStretch> day = List.of(
                new WorkStretch(LocalTime.of(9, 0), LocalTime.of(12, 30)),
                new WorkStretch(LocalTime.of(13, 30), LocalTime.of(18, 0)));
        Map<DayOfWeek, List<WorkStretch>> week = new EnumMap<>(DayOfWeek.class);
        EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY).forEach(one -> week.put(one, day));
        return new WorkingHours(person, week, Set.of());
    }

    /** The same hours of a person as the house writes the name. */
    WorkingHours of(String name) {
        return new WorkingHours(name, week, skills);
    }

    /** Whether this person can be given work of a skill. */
    public boolean can(String skill) {
        return skills.isEmpty() || skills.stream().anyMatch(one -> one.equalsIgnoreCase(skill));
    }

    /** Working minutes of an ordinary week. */
    public int minutesAWeek() {
        return week.values().stream()
                .flatMap(List::stream)
                .mapToInt(WorkStretch::minutes)
                .sum();
    }

    /** The stretches of a weekday. */
    public List<WorkStretch> on(DayOfWeek day) {
        return week.getOrDefault(day, List.of());
    }
}
