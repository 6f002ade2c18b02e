package ruvant.server.handover;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ruvant.core.handover.ReturnSheet;
import ruvant.core.measure.SpeedVerdict;
import ruvant.core.prove.SpeedRow;
import ruvant.core.units.Phrase;
import ruvant.server.printing.Letterhead;
import ruvant.server.printing.Markup;
import ruvant.server.printing.Paper;
import ruvant.server.printing.SpeedChart;

/** The return sheet as one page of plain markup: what the screen shows, what prints and what becomes the PDF. */
final class SheetPage {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private SheetPage() {}

    static String html(ReturnSheet sheet, Paper paper, ZoneId zone) {
        StringBuilder body = new StringBuilder();
        section(body, "What you told us", List.of("“" + sheet.received().complaint() + "”"));
        section(body, "As it came in", sheet.arrival().found());
        section(body, "What we found", sheet.work().found());
        section(body, "What we did", sheet.work().done());
        section(body, "Replaced", sheet.work().replaced());
        section(body, "Differs from the factory now", sheet.work().changed());
        speeds(body, sheet.proof().speeds());
        section(body, "Proof", sheet.proof().functions());
        section(body, "Missing", sheet.after().missing());
        section(body, "Goes back with this open, and why", sheet.after().passedOver());
        section(body, "Left as it is, and why", sheet.after().leftOpen());
        List<String> use = new ArrayList<>();
        sheet.after().battery().ifPresent(cell -> use.add("Battery: " + cell));
        use.addAll(sheet.after().advice());
        section(body, "How to make it last", use);
        section(body, "Accessories, returned with the camera", sheet.after().accessories());
        foot(body, sheet);
        return Letterhead.page(
                paper,
                STYLE,
                sheet.head().shopName(),
                sheet.tag(),
                "Return sheet",
                sheet.received().camera().words(),
                facts(sheet, zone),
                body);
    }

    private static List<Letterhead.Fact> facts(ReturnSheet sheet, ZoneId zone) {
        String serial = sheet.received().camera().serial();
        return List.of(
                new Letterhead.Fact("Serial number", serial.isEmpty() ? "none" : serial),
                new Letterhead.Fact("Owner", sheet.received().owner().words()),
                new Letterhead.Fact(
                        "Checked in", DAY.format(sheet.head().cameIn().atZone(zone))),
                new Letterhead.Fact(
                        "Returned",
                        sheet.head()
                                .returned()
                                .map(at -> DAY.format(at.atZone(zone)))
                                .orElse("not yet")));
    }

    private static void section(StringBuilder body, String title, List<String> lines) {
        if (lines.isEmpty()) {
            return;
        }
        StringBuilder list = new StringBuilder("<ul>");
        lines.forEach(line -> list.append("<li>%s</li>".formatted(Markup.escape(line))));
        body.append(Letterhead.row(title, list.append("</ul>")));
    }

    private static void speeds(StringBuilder body, List<SpeedRow> rows) {
        if (rows.isEmpty()) {
            return;
        }
        StringBuilder table = new StringBuilder("<div class=\"together\">").append(SpeedChart.svg(rows));
        table.append(
                "<table class=\"speeds\"><tr><th>marked</th><th>before</th><th>after</th><th>error after</th><th>verdict</th></tr>");
        for (SpeedRow row : rows) {
            table.append("<tr><td>%s</td><td>%s</td><td>%s</td><td>%s</td><td>%s</td></tr>"
                    .formatted(
                            Markup.escape(row.speed()),
                            row.before().map(SheetPage::stops).orElse("–"),
                            row.after().map(SheetPage::stops).orElse("–"),
                            row.after()
                                    .map(run -> String.format(
                                            Locale.ROOT, "%+.0f %%", run.bias().percent()))
                                    .orElse("–"),
                            row.after().or(row::before).map(SheetPage::verdict).orElse("–")));
        }
        body.append(Letterhead.row("Shutter speeds", table.append("</table></div>")));
    }

    private static String stops(SpeedRow.Run run) {
        return String.format(Locale.ROOT, "%+.2f EV", run.bias().ev());
    }

    private static String verdict(SpeedRow.Run run) {
        return run.verdict().kind() == SpeedVerdict.Kind.IN
                ? "in"
                : run.verdict().kind() == SpeedVerdict.Kind.OUT ? "out" : "not yet certain";
    }

    private static void foot(StringBuilder body, ReturnSheet sheet) {
        Optional<String> guarantee = sheet.head().guaranteeMonths() == 0
                ? Optional.empty()
                : Optional.of("Guarantee on this work: " + sheet.head().guaranteeMonths() + " months.");
        String time = sheet.head().benchMinutes() == 0
                ? ""
                : "Time on the bench: " + Phrase.minutes(sheet.head().benchMinutes()) + ". ";
        body.append("<p class=\"foot\">%s%s</p>".formatted(time, guarantee.orElse("")));
    }

    private static final String STYLE = """
            .together { page-break-inside: avoid; break-inside: avoid; }
            .together svg { width: 100%; height: auto; }
            .speeds { font-size: 9pt; margin-top: 3pt; }
            .speeds th { text-align: right; font-weight: normal; color: #55504a; font-size: 8pt; }
            .speeds td { text-align: right; border-top: 0.4pt solid #cdc4b1; padding: 1.2pt 0; }
            .speeds th:first-child, .speeds td:first-child { text-align: left; width: 18%; }
            """;
}
