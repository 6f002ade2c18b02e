package ruvant.server.plan.calendar;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Transparency;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Date;
import ruvant.core.plan.board.Planned;
import ruvant.core.plan.board.ShopPlan;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;

/** A plan as an iCalendar file: work as appointments, waits and promised days beside them, which take nobody's time. */
final class CalendarOut {
    private final ICalendar calendar = new ICalendar();
    private final Instant made;

    private CalendarOut(Instant made) {
        this.made = made;
        calendar.setProductId("-//Ruvant//plan//EN");
    }

    /** @param person whose work it is; empty for everybody's */
    static String of(ShopPlan plan, String person, Instant made) {
        CalendarOut out = new CalendarOut(made);
        for (Planned one : plan.tasks()) {
            boolean theirs = person.isEmpty()
                    || one.person().filter(person::equalsIgnoreCase).isPresent();
            boolean wait = one.task().kind() != BenchTask.Kind.HANDS;
            if (theirs || wait) {
                out.add(one, wait);
            }
        }
        plan.jobs().forEach(job -> job.promised().ifPresent(day -> out.promised(job, day)));
        return Biweekly.write(out.calendar).go();
    }

    private void add(Planned one, boolean wait) {
        VEvent event = event(one.id());
        event.setSummary(one.tag() + " " + one.task().words());
        event.setDateStart(Date.from(one.start()));
        event.setDateEnd(Date.from(one.end()));
        event.setDescription(
                one.job().camera() + one.person().map(name -> ", " + name).orElse(""));
        if (!one.task().station().isEmpty()) {
            event.setLocation(one.task().station());
        }
        event.setTransparency(wait ? Transparency.transparent() : Transparency.opaque());
        calendar.addEvent(event);
    }

    private void promised(JobTasks job, LocalDate day) {
        VEvent event = event(job.tag() + "/promised");
        event.setSummary(job.tag() + " promised: " + job.camera());
        event.setDateStart(midnight(day), false);
        event.setDateEnd(midnight(day.plusDays(1)), false);
        event.setTransparency(Transparency.transparent());
        calendar.addEvent(event);
    }

    private VEvent event(String id) {
        VEvent event = new VEvent();
        event.setUid(id.replace('/', '.').replace(' ', '-') + "@ruvant");
        event.setDateTimeStamp(Date.from(made));
        return event;
    }

    /** Whole days are written without a time of day, in the zone of this machine. */
    private static Date midnight(LocalDate day) {
        return Date.from(day.atStartOfDay(ZoneId.systemDefault()).toInstant());
    }
}
