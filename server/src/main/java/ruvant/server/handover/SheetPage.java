package ruvant.server.handover;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.handover.ReturnSheet;
import ruvant.core.handover.SheetLine;
import ruvant.core.measure.SpeedVerdict;
import ruvant.core.prove.SpeedRow;
import ruvant.core.units.Phrase;
import ruvant.server.owner.OwnerTexts;
import ruvant.server.printing.Letterhead;
import ruvant.server.printing.Markup;
import ruvant.server.printing.Paper;
import ruvant.server.printing.SpeedChart;

/** The return sheet as one page of plain markup: what the screen shows, what prints and what becomes the PDF. */
final class SheetPage {
    private static final OwnerTexts TEXTS = OwnerTexts.ENGLISH;

    private final ReturnSheet sheet;
    private final ZoneId zone;
    private final Function<String, Optional<String>> pictures;
    private final StringBuilder body = new StringBuilder();

    private SheetPage(ReturnSheet sheet, ZoneId zone, Function<String, Optional<String>> pictures) {
        this.sheet = sheet;
        this.zone = zone;
        this.pictures = pictures;
    }

    /** @param pictures where a picture is to be had by its name; empty where it is not there */
    static String html(ReturnSheet sheet, Paper paper, ZoneId zone, Function<String, Optional<String>> pictures) {
        SheetPage page = new SheetPage(sheet, zone, pictures);
        page.write();
        return Letterhead.page(
                paper,
                STYLE,
                sheet.head().shopName(),
                sheet.tag(),
                TEXTS.say("sheet.title"),
                sheet.received().camera().words(),
                page.facts(),
                page.body);
    }

    private void write() {
        section(
                "sheet.complaint",
                List.of(TEXTS.say("sheet.quoted", sheet.received().complaint())));
        said("sheet.arrival", sheet.arrival().found());
        said("sheet.foundTitle", sheet.work().found());
        said("sheet.doneTitle", sheet.work().done());
        said("sheet.replacedTitle", sheet.work().replaced());
        said("sheet.changedTitle", sheet.work().changed());
        pictures();
        speeds(sheet.proof().speeds());
        said("sheet.proof", sheet.proof().functions());
        said("sheet.missingTitle", sheet.after().missing());
        said("sheet.passedTitle", sheet.after().passedOver());
        said("sheet.leftTitle", sheet.after().leftOpen());
        said("sheet.watchTitle", sheet.after().watch());
        List<String> use = new ArrayList<>();
        sheet.after().battery().ifPresent(cell -> use.add(TEXTS.say("sheet.battery", cell)));
        use.addAll(sheet.after().advice());
        section("sheet.useTitle", use);
        section(
                "sheet.againTitle",
                sheet.after().comeAgain().stream().map(this::again).toList());
        section("sheet.accessories", sheet.after().accessories());
        section("sheet.warrantyTitle", warranty());
        if (sheet.head().benchMinutes() > 0) {
            body.append("<p class=\"foot\">%s</p>"
                    .formatted(
                            TEXTS.say("sheet.time", Phrase.minutes(sheet.head().benchMinutes()))));
        }
    }

    private List<Letterhead.Fact> facts() {
        String serial = sheet.received().camera().serial();
        return List.of(
                new Letterhead.Fact(TEXTS.say("sheet.serial"), serial.isEmpty() ? TEXTS.say("sheet.noSerial") : serial),
                new Letterhead.Fact(
                        TEXTS.say("sheet.owner"), sheet.received().owner().words()),
                new Letterhead.Fact(TEXTS.say("sheet.came"), day(sheet.head().cameIn())),
                new Letterhead.Fact(
                        TEXTS.say("sheet.returned"),
                        sheet.head().returned().map(this::day).orElse(TEXTS.say("sheet.notYet"))));
    }

    private String day(Instant at) {
        return TEXTS.day(at.atZone(zone).toLocalDate());
    }

    private Optional<LocalDate> returnedPlus(int months) {
        return sheet.head().returned().map(at -> at.atZone(zone).toLocalDate().plusMonths(months));
    }

    private String again(HandoverEntry.ComeAgain again) {
        String why = again.why().isEmpty() ? "" : "Why";
        return returnedPlus(again.months())
                .map(on -> TEXTS.say("sheet.again" + why, TEXTS.day(on), again.why()))
                .orElse(TEXTS.say("sheet.againUndated" + why, again.months(), again.why()));
    }

    private List<String> warranty() {
        int months = sheet.head().guaranteeMonths();
        if (months == 0) {
            return List.of();
        }
        return List.of(returnedPlus(months)
                .map(until -> TEXTS.say("sheet.warranty", TEXTS.day(until)))
                .orElse(TEXTS.say("sheet.warrantyUndated", months)));
    }

    private void said(String title, List<SheetLine> lines) {
        section(title, lines.stream().map(SheetPage::words).toList());
    }

    private static String words(SheetLine line) {
        return TEXTS.say("line." + line.says().key(), line.with().toArray());
    }

    private void section(String title, List<String> lines) {
        if (lines.isEmpty()) {
            return;
        }
        StringBuilder list = new StringBuilder("<ul>");
        lines.forEach(line -> list.append("<li>%s</li>".formatted(Markup.escape(line))));
        body.append(Letterhead.row(TEXTS.say(title), list.append("</ul>")));
    }

    private void pictures() {
        String before = row("sheet.before", sheet.pictures().before());
        String after = row("sheet.after", sheet.pictures().after());
        if (!before.isEmpty() || !after.isEmpty()) {
            body.append(Letterhead.row(
                    TEXTS.say("sheet.pictures"),
                    "<div class=\"together\"><table class=\"pictures\">" + before + after + "</table></div>"));
        }
    }

    private String row(String title, List<String> names) {
        List<String> there =
                names.stream().flatMap(name -> pictures.apply(name).stream()).toList();
        if (there.isEmpty()) {
            return "";
        }
        StringBuilder row = new StringBuilder("<tr><td class=\"name\">" + TEXTS.say(title) + "</td>");
        there.forEach(
                source -> row.append("<td><img src=\"%s\" alt=\"%s\"/></td>".formatted(source, TEXTS.say(title))));
        return row.append("</tr>").toString();
    }

    private void speeds(List<SpeedRow> rows) {
        if (rows.isEmpty()) {
            return;
        }
        StringBuilder table = new StringBuilder("<div class=\"together\">").append(SpeedChart.svg(rows));
        table.append("<table class=\"speeds\"><tr>");
        Stream.of(TEXTS.say("sheet.speedHeads").split("\\|"))
                .forEach(head -> table.append("<th>" + Markup.escape(head) + "</th>"));
        table.append("</tr>");
        for (SpeedRow row : rows) {
            table.append("<tr><td>%s</td><td>%s</td><td>%s</td><td>%s</td><td>%s</td></tr>"
                    .formatted(
                            Markup.escape(row.speed()),
                            row.before().map(SheetPage::stops).orElse("–"),
                            row.after().map(SheetPage::stops).orElse("–"),
                            row.after()
                                    .map(run -> percent(run.bias().percent()))
                                    .orElse("–"),
                            row.after().or(row::before).map(SheetPage::verdict).orElse("–")));
        }
        body.append(Letterhead.row(TEXTS.say("sheet.speeds"), table.append("</table></div>")));
    }

    /** Nothing is written as minus nothing. */
    private static String percent(double percent) {
        long whole = Math.round(percent);
        return whole == 0 ? "0 %" : String.format(Locale.ROOT, "%+d %%", whole);
    }

    private static String stops(SpeedRow.Run run) {
        double ev = Math.round(100 * run.bias().ev()) / 100.0;
        return ev == 0 ? "0.00 EV" : String.format(Locale.ROOT, "%+.2f EV", ev);
    }

    private static String verdict(SpeedRow.Run run) {
        return TEXTS.say(
                run.verdict().kind() == SpeedVerdict.Kind.IN
                        ? "sheet.in"
                        : run.verdict().kind() == SpeedVerdict.Kind.OUT ? "sheet.out" : "sheet.uncertain");
    }

    private static final String STYLE = """
            .together { page-break-inside: avoid; break-inside: avoid; }
            .together svg { width: 100%; height: auto; }
            .pictures td { padding: 0 4pt 4pt 0; vertical-align: top; }
            .pictures .name { width: 14mm; color: #55504a; font-size: 8.5pt; }
            .pictures img { width: 56mm; max-height: 44mm; }
            .speeds { font-size: 9pt; margin-top: 3pt; }
            .speeds th { text-align: right; font-weight: normal; color: #55504a; font-size: 8pt; }
            .speeds td { text-align: right; border-top: 0.4pt solid #cdc4b1; padding: 1.2pt 0; }
            .speeds th:first-child, .speeds td:first-child { text-align: left; width: 18%; }
            """;
}
