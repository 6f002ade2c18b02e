package ruvant.server.labels;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.shelf.ShelfPicture;
import ruvant.server.access.Needs;
import ruvant.server.printing.PdfPrinter;
import ruvant.server.shelf.ShelfService;

/** Labels for bags, drawers and donors. */
@RestController
@Needs(Right.LOOK)
class ShelfLabelController {
    private final ShelfService shelf;
    private final PdfPrinter printer;

    ShelfLabelController(ShelfService shelf, PdfPrinter printer) {
        this.shelf = shelf;
        this.printer = printer;
    }

    /**
     * A sheet of labels.
     *
     * @param of ids of stock and donors; everything where none is given
     */
    @GetMapping(path = "/api/shelf/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(
            @RequestParam(defaultValue = "a4-24") String sheet, @RequestParam(defaultValue = "") List<UUID> of) {
        ShelfPicture picture = shelf.picture();
        List<LabelPage.Label> labels = Stream.concat(
                        picture.stock().stream()
                                .filter(held -> of.isEmpty() || of.contains(held.id()))
                                .map(held -> new LabelPage.Label(
                                        ScanCode.ofStock(held.number()),
                                        "S-" + held.number(),
                                        held.stock().words(),
                                        held.stock().place())),
                        picture.donors().stream()
                                .filter(donor -> donor.gone().isEmpty())
                                .filter(donor -> of.isEmpty() || of.contains(donor.id()))
                                .map(donor -> new LabelPage.Label(
                                        ScanCode.ofDonor(donor.number()),
                                        "D-" + donor.number(),
                                        donor.body().words(),
                                        donor.body().place())))
                .toList();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"shelf-labels.pdf\"")
                .body(printer.pdf(LabelPage.shelf(labels, LabelSheet.of(sheet))));
    }
}
