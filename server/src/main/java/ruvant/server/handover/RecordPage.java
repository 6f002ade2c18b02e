package ruvant.server.handover;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ruvant.core.handover.ReturnSheet;
import ruvant.core.units.Phrase;
import ruvant.server.printing.Letterhead;
import ruvant.server.printing.Markup;
import ruvant.server.printing.Paper;
import ruvant.server.record.LineView;

/** The record of a job on paper: every line, day by day, with who logged it; struck lines stay readable. */
final class RecordPage {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    private static final String STYLE = """
            .lines td { padding: 1.6pt 6pt 1.6pt 0; border-top: 0.4pt solid #cdc4b1; vertical-align: top; }
            .lines .at { width: 11mm; color: #55504a; font-size: 8.5pt; }
            .lines .stop { width: 14mm; color: #55504a; font-size: 8.5pt; }
            .lines .by { width: 20mm; color: #55504a; font-size: 8.5pt; text-align: right; padding-right: 0; }
            .lines tr { page-break-inside: avoid; break-inside: avoid; }
            .struck { text-decoration: line-through; color: #55504a; }
            """;

    private RecordPage() {}

    static String html(ReturnSheet sheet, List<LineView> lines, Paper paper, ZoneId zone) {
        Map<LocalDate, List<LineView>> days = lines.stream()
                // that a line was struck out is said at that line
                .filter(line -> !line.aboutTheRecord())
                .collect(Collectors.groupingBy(
                        line -> LocalDate.ofInstant(line.at(), zone), TreeMap::new, Collectors.toList()));
        StringBuilder body = new StringBuilder();
        days.forEach((day, those) -> body.append(Letterhead.row(DAY.format(day), table(those, zone))));
        body.append("<p class=\"foot\">%s</p>".formatted(foot(sheet, lines)));
        String serial = sheet.received().camera().serial();
        return Letterhead.page(
                paper,
                STYLE,
                sheet.head().shopName(),
                sheet.tag(),
                "Job record",
                sheet.received().camera().words(),
                List.of(
                        new Letterhead.Fact("Serial number", serial.isEmpty() ? "none" : serial),
                        new Letterhead.Fact("Owner", sheet.received().owner().words()),
                        new Letterhead.Fact(
                                "Checked in", DAY.format(sheet.head().cameIn().atZone(zone))),
                        new Letterhead.Fact(
                                "Time on the bench", Phrase.minutes(sheet.head().benchMinutes()))),
                body);
    }

    private static String table(List<LineView> lines, ZoneId zone) {
        StringBuilder table = new StringBuilder("<table class=\"lines\">");
        for (LineView line : lines) {
            String words = Markup.escape(line.words());
            table.append(
                    "<tr><td class=\"at\">%s</td><td class=\"stop\">%s</td><td>%s</td><td class=\"by\">%s</td></tr>"
                            .formatted(
                                    TIME.format(line.at().atZone(zone)),
                                    line.stop().map(stop -> stop.label()).orElse(""),
                                    line.struckBecause()
                                            .map(why -> "<span class=\"struck\">%s</span> struck out: %s"
                                                    .formatted(words, Markup.escape(why)))
                                            .orElse(words),
                                    Markup.escape(line.by())));
        }
        return table.append("</table>").toString();
    }

    private static String foot(ReturnSheet sheet, List<LineView> lines) {
        long struck =
                lines.stream().filter(line -> line.struckBecause().isPresent()).count();
        return lines.size()
                + (lines.size() == 1 ? " line" : " lines")
                + (struck == 0 ? "" : ", " + struck + " struck out")
                + sheet.head()
                        .returned()
                        .map(at -> ". Returned " + DAY.format(at.atZone(ZoneId.systemDefault())) + ".")
                        .orElse(". Not returned yet.");
    }
}
