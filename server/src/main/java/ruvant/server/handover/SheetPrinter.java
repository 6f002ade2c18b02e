package ruvant.server.handover;

import java.time.ZoneId;
import org.springframework.stereotype.Component;
import ruvant.core.handover.ReturnSheet;
import ruvant.server.printing.PdfPrinter;

/** Prints the return sheet. */
@Component
public class SheetPrinter {
    private final PdfPrinter printer;

    public SheetPrinter(PdfPrinter printer) {
        this.printer = printer;
    }

    /** The sheet as PDF. */
    public byte[] pdf(ReturnSheet sheet, SheetPage.Paper paper) {
        return printer.pdf(SheetPage.html(sheet, paper, ZoneId.systemDefault()));
    }
}
