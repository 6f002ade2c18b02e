package ruvant.server.plan.shop;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import ruvant.core.plan.board.Planned;
import ruvant.core.plan.board.ShopPlan;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.units.Phrase;
import ruvant.server.printing.Letterhead;
import ruvant.server.printing.Markup;
import ruvant.server.printing.Paper;

/** A week of the plan on paper, to hang beside the bench: day by day what each person does, what is over, and what was promised. */
final class WeekPage {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final int DAYS = 7;

    private static final String STYLE = """
            .person { font-weight: bold; margin: 2pt 0 1pt; }
            .tasks td { padding: 1pt 6pt 1pt 0; vertical-align: top; border-top: 0.4pt solid #cdc4b1; }
            .tasks tr { page-break-inside: avoid; break-inside: avoid; }
            .tasks .at { width: 12mm; color: #55504a; }
            .tasks .tag { width: 16mm; font-weight: bold; }
            .tasks .long { width: 18mm; text-align: right; padding-right: 0; color: #55504a; }
            .tasks .box { width: 6mm; }
            .box span { display: inline-block; width: 8pt; height: 8pt; border: 0.8pt solid #55504a; }
            .also { color: #55504a; margin: 3pt 0 0; }
            """;

    private WeekPage() {}

    static String html(ShopPlan plan, List<String> people, LocalDate first, String shop, Paper paper, Instant made) {
        StringBuilder body = new StringBuilder();
        for (int at = 0; at < DAYS; at++) {
            LocalDate day = first.plusDays(at);
            String beside = day(plan, people, day);
            if (!beside.isEmpty()) {
                body.append(Letterhead.row(DAY.format(day), beside));
            }
        }
        if (body.isEmpty()) {
            body.append("<p class=\"foot\">Nothing is planned for this week.</p>");
        }
        return Letterhead.page(
                paper,
                STYLE,
                shop,
                "Plan of the week",
                DAY.format(first) + " to " + DAY.format(first.plusDays(DAYS - 1L)),
                List.of(new Letterhead.Fact(
                        "As planned on", DAY.format(made.atZone(plan.zone())) + ", " + time(made, plan.zone()))),
                body);
    }

    private static String day(ShopPlan plan, List<String> people, LocalDate day) {
        StringBuilder beside = new StringBuilder();
        for (String person : people) {
            List<Planned> tasks = plan.by(person).stream()
                    .filter(one -> on(one.start(), day, plan.zone()))
                    .toList();
            if (!tasks.isEmpty()) {
                beside.append("<p class=\"person\">%s</p>".formatted(Markup.escape(person)));
                beside.append("<table class=\"tasks\">");
                tasks.forEach(one -> beside.append(row(one, plan.zone())));
                beside.append("</table>");
            }
        }
        List<String> over = plan.tasks().stream()
                .filter(one -> one.task().kind() != BenchTask.Kind.HANDS && on(one.end(), day, plan.zone()))
                .map(one -> time(one.end(), plan.zone()) + " " + one.tag() + " "
                        + one.task().words())
                .toList();
        also(beside, "Over or due: ", over);
        also(
                beside,
                "Promised: ",
                plan.jobs().stream()
                        .filter(job -> job.promised().filter(day::equals).isPresent())
                        .map(job -> promised(job, plan))
                        .toList());
        return beside.toString();
    }

    private static String promised(JobTasks job, ShopPlan plan) {
        return job.tag() + " " + job.camera() + (plan.late(job) ? " (will be late)" : "");
    }

    private static void also(StringBuilder beside, String what, List<String> all) {
        if (!all.isEmpty()) {
            beside.append("<p class=\"also\">%s</p>".formatted(Markup.escape(what + String.join("; ", all))));
        }
    }

    private static String row(Planned one, ZoneId zone) {
        return """
                <tr><td class="box"><span></span></td><td class="at">%s</td><td class="tag">%s</td><td>%s</td><td class="long">%s</td></tr>""".formatted(
                        time(one.start(), zone),
                        one.tag(),
                        Markup.escape(one.task().words() + ", " + one.job().camera()),
                        Phrase.minutes(Duration.between(one.start(), one.end()).toMinutes()));
    }

    private static boolean on(Instant moment, LocalDate day, ZoneId zone) {
        return moment.atZone(zone).toLocalDate().equals(day);
    }

    private static String time(Instant moment, ZoneId zone) {
        return TIME.format(moment.atZone(zone));
    }
}
