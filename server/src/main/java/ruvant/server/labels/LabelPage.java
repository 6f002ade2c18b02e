package ruvant.server.labels;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.trade.Camera;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;
import ruvant.server.printing.Markup;
import ruvant.server.printing.Paper;

/** Markup of a paper tag and of sheets of well labels. */
final class LabelPage {
    private static final String PAGE = """
            <!DOCTYPE html>
            <html lang="en"><head><meta charset="UTF-8"/><title>%s</title><style>
            @page { size: %s; margin: 0 }
            body { margin: 0; font-family: "Noto Sans", "Noto Sans Arabic", "Noto Sans Hebrew", "Noto Sans Devanagari", "Droid Sans Fallback"; color: #000000 }
            div { position: absolute; overflow: hidden }
            %s
            </style></head><body>%s</body></html>
            """;

    /** Letters in a line or two of a tag. */
    private static final int WIDE = 34;

    private LabelPage() {}

    /**
     * A tag of 100 × 55 mm, to punch at its left end: alone for a label printer, or on a sheet of paper with a line to cut
     * along.
     */
    static String tag(
            TagNumber tag, IntakeEntry.Received received, String cameIn, String promised, Optional<Paper> paper) {
        Camera camera = received.camera();
        String body = """
                <div class="%s">
                <div style="left:3mm;top:23.5mm;width:7mm;height:7mm;border:0.4mm solid #000000;border-radius:4mm"></div>
                <div style="left:14mm;top:5mm;width:50mm;height:35mm">
                <p style="font-size:23pt;font-weight:700;line-height:9.4mm">%s</p>
                <p style="font-size:%s;font-weight:700;line-height:1.2;margin-top:1mm">%s</p>
                <p>%s</p>
                <p style="font-size:11pt;margin-top:1.2mm">%s</p></div>
                <div style="left:14mm;top:41mm;width:50mm;height:9mm"><p>%s</p>
                <p>%s</p></div>
                <div style="left:66mm;top:11.5mm;width:32mm;height:32mm">%s</div></div>
                """.formatted(
                paper.isPresent() ? "tag cut" : "tag",
                tag,
                camera.words().length() > WIDE ? "8.5pt" : "12pt",
                Markup.escape(fitting(camera.words(), 2 * WIDE)),
                Markup.escape(fitting(camera.serial().isEmpty() ? "no serial number" : "No. " + camera.serial(), WIDE)),
                Markup.escape(fitting(received.owner().words(), 2 * WIDE)),
                Markup.escape("in " + cameIn),
                Markup.escape(promised.isEmpty() ? "" : "promised " + promised),
                ScanCode.svg(ScanCode.of(tag), 32));
        return PAGE.formatted(tag, paper.map(Paper::size).orElse("100mm 55mm"), """
                .tag { left: 0; top: 0; width: 100mm; height: 55mm }
                .cut { left: 12mm; top: 12mm; border: 0.2mm dashed #777777 }
                p { margin: 0; font-size: 8.5pt; line-height: 1.3; word-wrap: break-word }
                """, body);
    }

    /** What would run over the code or push the dates off the tag ends in dots; the whole of it is in the job. */
    private static String fitting(String words, int most) {
        return words.codePointCount(0, words.length()) <= most
                ? words
                : words.substring(0, words.offsetByCodePoints(0, most - 1)) + "…";
    }

    /** A label: what its code says, what stands beside it, and two lines under that. */
    record Label(String code, String number, String what, String where) {}

    /** One label for each well, sheet by sheet. */
    static String wells(List<WellName> wells, LabelSheet sheet) {
        return sheets("Well labels", sheet, wells.size(), (i, x, y) -> label(wells.get(i), sheet, x, y));
    }

    /** One label for each thing on the shelf, sheet by sheet. */
    static String shelf(List<Label> labels, LabelSheet sheet) {
        return sheets("Shelf labels", sheet, labels.size(), (i, x, y) -> label(labels.get(i), sheet, x, y));
    }

    private interface Placed {
        String at(int label, double x, double y);
    }

    private static String sheets(String title, LabelSheet sheet, int count, Placed label) {
        StringBuilder body = new StringBuilder();
        for (int i = 0; i < count; i++) {
            int place = i % sheet.perSheet();
            double x = sheet.grid().left()
                    + (place % sheet.grid().columns()) * sheet.one().across();
            double y = sheet.grid().top()
                    + (place / sheet.grid().columns()) * sheet.one().down()
                    + (i / sheet.perSheet()) * sheet.heightOfPaper();
            body.append(label.at(i, x, y));
        }
        return PAGE.formatted(
                title, sheet.paper(), ".w { border: %smm solid #999999 }".formatted(sheet.cut() ? "0.1" : "0"), body);
    }

    /** Code and words stand in the middle of the height, so that a cut that runs off takes neither. */
    private static String label(Label label, LabelSheet sheet, double x, double y) {
        double code = Math.min(sheet.one().height() - 4, sheet.one().width() * 0.35);
        return framed(
                sheet,
                x,
                y,
                code,
                ScanCode.svg(label.code(), code),
                "<span style=\"font-size:12pt;font-weight:700\">%s</span><br/><span style=\"font-size:7pt\">%s<br/>%s</span>"
                        .formatted(
                                Markup.escape(label.number()),
                                Markup.escape(label.what()),
                                Markup.escape(label.where())));
    }

    private static String label(WellName well, LabelSheet sheet, double x, double y) {
        double code = Math.min(sheet.one().height() - 4, sheet.one().width() * 0.5);
        return framed(
                sheet,
                x,
                y,
                code,
                ScanCode.svg(ScanCode.of(well), code),
                "<span style=\"font-size:%dpt;font-weight:700\">%s</span>"
                        .formatted(sheet.one().width() > 50 ? 26 : 16, well));
    }

    private static String framed(LabelSheet sheet, double x, double y, double code, String svg, String words) {
        double height = sheet.one().height() - 0.3;
        double beside = sheet.one().width() - code - 6;
        return String.format(
                Locale.ROOT,
                "<div class=\"w\" style=\"left:%.2fmm;top:%.2fmm;width:%.2fmm;height:%.2fmm\">"
                        + "<div style=\"left:2mm;top:%.2fmm;width:%.2fmm\">%s</div>"
                        + "<table style=\"position:absolute;left:%.2fmm;top:0;width:%.2fmm;height:%.2fmm;border-collapse:collapse\">"
                        + "<tr><td style=\"vertical-align:middle;line-height:1.2;padding:0\">%s</td></tr></table></div>",
                x,
                y,
                sheet.one().width() - 0.3,
                height,
                (height - code) / 2,
                code,
                svg,
                code + 5,
                beside,
                height,
                words);
    }
}
