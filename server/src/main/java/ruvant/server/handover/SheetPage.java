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
import ruvant.server.printing.Markup;
import ruvant.server.printing.SpeedChart;

/** The return sheet as one page of plain markup: what the screen shows, what prints and what becomes the PDF. */
final class SheetPage {
    /** Paper it is laid out for. */
    enum Paper {
        A4,
        LETTER
    }

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private SheetPage() {}

    static String html(ReturnSheet sheet, Paper paper, ZoneId zone) {
        StringBuilder body = new StringBuilder();
        head(body, sheet, zone);
        section(body, "What you told us", List.of("“" + sheet.received().complaint() + "”"));
        section(body, "What we found", sheet.work().found());
        section(body, "What we did", sheet.work().done());
        section(body, "Replaced", sheet.work().replaced());
        section(body, "Differs from the factory now", sheet.work().changed());
        speeds(body, sheet.proof().speeds());
        section(body, "Proof", sheet.proof().functions());
        section(body, "Left as it is, and why", sheet.after().leftOpen());
        List<String> use = new ArrayList<>();
        sheet.after().battery().ifPresent(cell -> use.add("Battery: " + cell));
        use.addAll(sheet.after().advice());
        section(body, "How to make it last", use);
        section(body, "Accessories, returned with the camera", sheet.after().accessories());
        foot(body, sheet);
        return page(sheet, paper, body);
    }

    private static String page(ReturnSheet sheet, Paper paper, CharSequence body) {
        String title = sheet.tag() + ", " + sheet.received().camera().words();
        return """
                <!DOCTYPE html>
                <html lang="en"><head><meta charset="UTF-8"/><title>%s</title><style>%s</style></head>
                <body><main>%s</main></body></html>
                """.formatted(Markup.escape(title), STYLE.formatted(paper == Paper.A4 ? "A4" : "letter"), body);
    }

    private static void head(StringBuilder body, ReturnSheet sheet, ZoneId zone) {
        String serial = sheet.received().camera().serial();
        String returned =
                sheet.head().returned().map(at -> DAY.format(at.atZone(zone))).orElse("not yet");
        body.append("<div class=\"head\"><div class=\"shop\">%s</div><div class=\"tag\">%s</div></div>"
                .formatted(Markup.escape(sheet.head().shopName()), sheet.tag()));
        body.append(
                "<h1>%s</h1>".formatted(Markup.escape(sheet.received().camera().words())));
        body.append("<table class=\"facts\"><tr>");
        fact(body, "Serial number", serial.isEmpty() ? "none" : serial);
        fact(body, "Owner", sheet.received().owner().words());
        fact(body, "Checked in", DAY.format(sheet.head().cameIn().atZone(zone)));
        fact(body, "Returned", returned);
        body.append("</tr></table>");
    }

    private static void fact(StringBuilder body, String name, String value) {
        body.append("<td><span class=\"name\">%s</span><br/><span dir=\"auto\">%s</span></td>"
                .formatted(name, Markup.escape(value)));
    }

    private static void section(StringBuilder body, String title, List<String> lines) {
        if (lines.isEmpty()) {
            return;
        }
        body.append("<h2>%s</h2><ul>".formatted(title));
        lines.forEach(line -> body.append("<li>%s</li>".formatted(Markup.escape(line))));
        body.append("</ul>");
    }

    private static void speeds(StringBuilder body, List<SpeedRow> rows) {
        if (rows.isEmpty()) {
            return;
        }
        body.append("<div class=\"together\"><h2>Shutter speeds</h2>").append(SpeedChart.svg(rows));
        body.append(
                "<table class=\"speeds\"><tr><th>marked</th><th>before</th><th>after</th><th>error after</th><th>verdict</th></tr>");
        for (SpeedRow row : rows) {
            body.append("<tr><td>%s</td><td>%s</td><td>%s</td><td>%s</td><td>%s</td></tr>"
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
        body.append("</table></div>");
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
            @page { size: %s; margin: 13mm 16mm; }
            body { font-family: 'Noto Sans', 'Noto Sans Arabic', 'Noto Sans Hebrew', 'Noto Sans Devanagari', 'Droid Sans Fallback', sans-serif;
                   font-size: 10pt; line-height: 1.36; color: #1c1a17; background: #fff; margin: 0; }
            main { max-width: 176mm; margin: 0 auto; }
            @media screen { main { padding: 10mm 8mm; } }
            .head { border-bottom: 1.5pt solid #1c1a17; padding-bottom: 3pt; }
            .head .shop { float: left; font-weight: bold; }
            .head .tag { text-align: right; font-weight: bold; }
            h1 { font-size: 17pt; line-height: 1.2; margin: 10pt 0 6pt; }
            h2 { font-size: 10.5pt; margin: 8pt 0 1pt; page-break-after: avoid; break-after: avoid; }
            ul { margin: 0; padding: 0; list-style: none; }
            li { margin: 0; padding-left: 10pt; text-indent: -10pt; overflow-wrap: anywhere; word-wrap: break-word; }
            li:before { content: '–'; padding-right: 5pt; }
            table { border-collapse: collapse; width: 100%%; }
            .facts td { vertical-align: top; padding: 0 8pt 0 0; width: 25%%; overflow-wrap: anywhere; }
            .name { color: #55504a; font-size: 8.5pt; }
            .together { page-break-inside: avoid; break-inside: avoid; }
            .together svg { width: 100%%; height: auto; }
            .speeds { font-size: 9pt; margin-top: 2pt; }
            .speeds th { text-align: right; font-weight: normal; color: #55504a; }
            .speeds td { text-align: right; border-top: 0.5pt solid #ccc; padding: 1pt 0; }
            .speeds th:first-child, .speeds td:first-child { text-align: left; }
            .foot { margin-top: 14pt; padding-top: 4pt; border-top: 0.5pt solid #1c1a17; color: #55504a; }
            """;
}
