package ruvant.server.handover;

import java.time.ZoneId;
import java.util.List;
import org.springframework.stereotype.Component;
import ruvant.core.handover.ReturnSheet;
import ruvant.server.printing.Paper;
import ruvant.server.printing.PdfPrinter;
import ruvant.server.record.LineView;

/** Prints the return sheet and the record of a job. */
@Component
public class SheetPrinter {
    private final PdfPrinter printer;

    public SheetPrinter(PdfPrinter printer) {
        this.printer = printer;
    }

    /** The record of a job as PDF. */
    public byte[] pdf(ReturnSheet sheet, List<LineView> lines, Paper paper) {
        return printer.pdf(RecordPage.html(sheet, lines, paper, ZoneId.systemDefault()));
    }

    /** The sheet as PDF. */
    public byte[] pdf(ReturnSheet sheet, Paper paper) {
        return printer.pdf(SheetPage.html(sheet, paper, ZoneId.systemDefault()));
    }
}
