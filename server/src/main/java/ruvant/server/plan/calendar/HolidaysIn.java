package ruvant.server.plan.calendar;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.com.google.ical.compat.javautil.DateIterator;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.TimeZone;
import ruvant.core.hours.DaysOff;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/** Days off out of a calendar file: every event that lasts whole days, those that recur as often as they do within the year ahead. */
final class HolidaysIn {
    private static final int DAYS_AHEAD = 400;

    /** An event that recurs daily would fill the list of days off; nobody means that as a holiday. */
    private static final int MOST = 300;

    private static final int LONGEST_NAME = 80;

    private HolidaysIn() {}

    /**
     * Reads them.
     *
     * @param person whose they are; empty for the whole shop
     * @param today days before it are left aside
     * @throws FieldProblem if it is no calendar file, or there is nothing in it that could be a day off
     */
    static List<DaysOff> read(String file, String person, LocalDate today) {
        List<ICalendar> calendars = Biweekly.parse(file).all();
        if (calendars.isEmpty()) {
            throw new FieldProblem(
                    "calendar",
                    "This is no iCalendar file.",
                    "Export the calendar again, as a file that ends in .ics.");
        }
        List<DaysOff> days = new ArrayList<>();
        for (ICalendar calendar : calendars) {
            calendar.getEvents().forEach(event -> add(event, person, today, days));
        }
        if (days.isEmpty()) {
            throw new FieldProblem(
                    "calendar",
                    "No event of this file lasts a whole day from today on.",
                    "Enter holidays as events of whole days.");
        }
        if (days.size() > MOST) {
            throw new FieldProblem(
                    "calendar",
                    "This file has " + days.size() + " days off; the most are " + MOST + ".",
                    "Export only the holidays.");
        }
        return List.copyOf(days);
    }

    private static void add(VEvent event, String person, LocalDate today, List<DaysOff> into) {
        if (event.getDateStart() == null
                || event.getDateStart().getValue() == null
                || event.getDateStart().getValue().hasTime()) {
            return;
        }
        LocalDate first = day(event.getDateStart().getValue());
        LocalDate last = event.getDateEnd() == null || event.getDateEnd().getValue() == null
                ? first
                : day(event.getDateEnd().getValue()).minusDays(1);
        long more = Math.max(0, ChronoUnit.DAYS.between(first, last));
        String why = event.getSummary() == null ? "" : event.getSummary().getValue();
        String name = Check.optionalName("why", why.length() > LONGEST_NAME ? why.substring(0, LONGEST_NAME) : why);
        DateIterator times = event.getDateIterator(TimeZone.getDefault());
        times.advanceTo(Date.from(
                today.minusDays(more).atStartOfDay(ZoneId.systemDefault()).toInstant()));
        while (times.hasNext() && into.size() <= MOST) {
            LocalDate start = day(times.next());
            if (start.isAfter(today.plusDays(DAYS_AHEAD))) {
                return;
            }
            if (!start.plusDays(more).isBefore(today)) {
                into.add(new DaysOff(person, start, start.plusDays(more), name));
            }
        }
    }

    private static LocalDate day(Date date) {
        return Instant.ofEpochMilli(date.getTime())
                .atZone(ZoneId.systemDefault())
                .toLocalDate();
    }
}
