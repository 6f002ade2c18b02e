package ruvant.server.labels;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.picture.JobPicture;
import ruvant.core.strip.Trays;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.printing.Paper;
import ruvant.server.printing.PdfPrinter;

/** The paper tag of a job, and labels for the tray. */
@RestController
@Needs(Right.LOOK)
class LabelController {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private static final int ALL_TRAYS = 0;

    private final JobService jobs;
    private final ShopService shop;
    private final PdfPrinter printer;

    LabelController(JobService jobs, ShopService shop, PdfPrinter printer) {
        this.jobs = jobs;
        this.shop = shop;
        this.printer = printer;
    }

    /** A sheet that labels can be printed on. */
    record Sheet(String id, String label) {}

    @Needs(
            value = {Right.LOOK, Right.CUSTOMERS},
            job = "tag")
    @GetMapping(path = "/api/jobs/{tag}/tag.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> tag(@PathVariable String tag, @RequestParam(defaultValue = "") String paper) {
        JobPicture picture = jobs.picture(TagNumber.parse(tag));
        String cameIn = DAY.format(picture.intake().receivedAt().orElseThrow().atZone(ZoneId.systemDefault()));
        String promised = picture.promised().map(DAY::format).orElse("");
        Optional<Paper> sheet = paper.isEmpty() ? Optional.empty() : Optional.of(Paper.of(paper));
        return inline(
                picture.tag() + "-tag.pdf",
                printer.pdf(LabelPage.tag(picture.tag(), picture.received(), cameIn, promised, sheet)));
    }

    @GetMapping(path = "/api/labels/sheets", produces = MediaType.APPLICATION_JSON_VALUE)
    List<Sheet> sheets() {
        return LabelSheet.all().stream()
                .map(sheet -> new Sheet(sheet.id(), sheet.label()))
                .toList();
    }

    @GetMapping(path = "/api/labels/wells.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> wells(
            @RequestParam(defaultValue = "a4-plain") String sheet, @RequestParam(defaultValue = "0") int tray) {
        int trays = shop.shop().practice().trays().size();
        if (tray < ALL_TRAYS || tray > trays) {
            throw new FieldProblem("tray", "There is no tray " + tray + ".", "Choose one of: " + trays + ".");
        }
        List<WellName> wells = Trays.all(shop.shop().practice().trays()).stream()
                .filter(well -> tray == ALL_TRAYS || well.tray() == tray)
                .toList();
        return inline("well-labels.pdf", printer.pdf(LabelPage.wells(wells, LabelSheet.of(sheet))));
    }

    private static ResponseEntity<byte[]> inline(String name, byte[] pdf) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + "\"")
                .body(pdf);
    }
}
