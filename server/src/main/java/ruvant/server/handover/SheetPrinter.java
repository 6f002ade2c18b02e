package ruvant.server.handover;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ruvant.core.handover.ReturnSheet;
import ruvant.server.album.PictureStore;
import ruvant.server.printing.Paper;
import ruvant.server.printing.PdfPrinter;
import ruvant.server.record.LineView;

/** Prints the return sheet and the record of a job. */
@Component
public class SheetPrinter {
    private final PdfPrinter printer;
    private final PictureStore pictures;

    public SheetPrinter(PdfPrinter printer, PictureStore pictures) {
        this.printer = printer;
        this.pictures = pictures;
    }

    /** The record of a job as PDF. */
    public byte[] pdf(ReturnSheet sheet, List<LineView> lines, Paper paper) {
        return printer.pdf(RecordPage.html(sheet, lines, paper, ZoneId.systemDefault()));
    }

    /** The sheet as PDF. */
    public byte[] pdf(ReturnSheet sheet, Paper paper) {
        return printer.pdf(html(sheet, paper));
    }

    /** The sheet as a page that needs nothing beside it: its pictures are in it. */
    public String html(ReturnSheet sheet, Paper paper) {
        return SheetPage.html(sheet, paper, ZoneId.systemDefault(), this::inPage);
    }

    private Optional<String> inPage(String name) {
        return pictures.smallFile(name).map(SheetPrinter::inPage);
    }

    private static String inPage(Path file) {
        try {
            return "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(Files.readAllBytes(file));
        } catch (IOException problem) {
            throw new UncheckedIOException("The picture cannot be read", problem);
        }
    }
}
