package ruvant.server.labels;

import java.util.List;
import java.util.Locale;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.trade.Camera;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;
import ruvant.server.printing.Markup;

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

    private LabelPage() {}

    /** A tag of 100 × 55 mm, to fold or to punch at its left end. */
    static String tag(TagNumber tag, IntakeEntry.Received received, String cameIn) {
        Camera camera = received.camera();
        String body = """
                <div style="left:2mm;top:23mm;width:8mm;height:8mm;border:0.3mm solid #000000;border-radius:4.5mm"></div>
                <div style="left:14mm;top:4mm;width:50mm;font-size:20pt;font-weight:700">%s</div>
                <div style="left:14mm;top:15mm;width:50mm;font-size:11pt;font-weight:700">%s</div>
                <div style="left:14mm;top:27mm;width:50mm;font-size:9pt">%s</div>
                <div style="left:14mm;top:33mm;width:50mm;height:9mm;font-size:9pt">%s</div>
                <div style="left:14mm;top:44mm;width:50mm;font-size:8pt">%s</div>
                <div style="left:66mm;top:11mm;width:32mm;height:32mm">%s</div>
                """.formatted(
                        tag,
                        Markup.escape(camera.words()),
                        Markup.escape(camera.serial().isEmpty() ? "no serial number" : "No. " + camera.serial()),
                        Markup.escape(received.owner().words()),
                        Markup.escape("checked in " + cameIn),
                        ScanCode.svg(ScanCode.of(tag), 32));
        return PAGE.formatted(tag, "100mm 55mm", "", body);
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

    private static String label(Label label, LabelSheet sheet, double x, double y) {
        double code = Math.min(sheet.one().height() - 4, sheet.one().width() * 0.35);
        double beside = sheet.one().width() - code - 4;
        return String.format(
                Locale.ROOT,
                "<div class=\"w\" style=\"left:%.2fmm;top:%.2fmm;width:%.2fmm;height:%.2fmm\">"
                        + "<div style=\"left:2mm;top:2mm;width:%.2fmm\">%s</div>"
                        + "<div style=\"left:%.2fmm;top:2mm;width:%.2fmm;font-size:12pt;font-weight:700\">%s</div>"
                        + "<div style=\"left:%.2fmm;top:8mm;width:%.2fmm;height:%.2fmm;font-size:7pt\">%s<br/>%s</div></div>",
                x,
                y,
                sheet.one().width() - 0.3,
                sheet.one().height() - 0.3,
                code,
                ScanCode.svg(label.code(), code),
                code + 3,
                beside,
                Markup.escape(label.number()),
                code + 3,
                beside,
                sheet.one().height() - 9.5,
                Markup.escape(label.what()),
                Markup.escape(label.where()));
    }

    private static String label(WellName well, LabelSheet sheet, double x, double y) {
        double code = Math.min(sheet.one().height() - 4, sheet.one().width() * 0.55);
        return String.format(
                Locale.ROOT,
                "<div class=\"w\" style=\"left:%.2fmm;top:%.2fmm;width:%.2fmm;height:%.2fmm\">"
                        + "<div style=\"left:2mm;top:2mm;width:%.2fmm\">%s</div>"
                        + "<div style=\"left:%.2fmm;top:%.2fmm;font-size:%.1fpt;font-weight:700\">%s</div></div>",
                x,
                y,
                sheet.one().width() - 0.3,
                sheet.one().height() - 0.3,
                code,
                ScanCode.svg(ScanCode.of(well), code),
                code + 2.5,
                sheet.one().height() / 2 - 4.5,
                sheet.one().width() > 50 ? 24.0 : 15.0,
                well);
    }
}
