package ruvant.server.labels;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.PDFTextStripperByArea;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.server.OverHttp;
import ruvant.server.Shop;

/** Printed tags and labels are rendered, and their codes read back as a scanner would. */
class LabelHttpTest extends OverHttp {
    /** What a plain office printer does. */
    private static final int PRINTED_DPI = 300;

    private static List<BufferedImage> pages(byte[] pdf) throws IOException {
        try (PDDocument document = org.apache.pdfbox.Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            List<BufferedImage> pages = new ArrayList<>();
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                pages.add(renderer.renderImageWithDPI(i, PRINTED_DPI));
            }
            return pages;
        }
    }

    private static String code(BufferedImage label) throws NotFoundException {
        var seen = new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(label)));
        return new MultiFormatReader()
                .decode(seen, Map.of(DecodeHintType.TRY_HARDER, true))
                .getText();
    }

    /** One label of a page, as a scanner held over it sees it. */
    private static BufferedImage label(BufferedImage page, LabelSheet sheet, int place) {
        double pixels = page.getWidth() / sheet.widthOfPaper();
        double x = sheet.grid().left()
                + (place % sheet.grid().columns()) * sheet.one().across();
        double y = sheet.grid().top()
                + (place / sheet.grid().columns()) * sheet.one().down();
        return page.getSubimage(
                (int) (x * pixels), (int) (y * pixels), (int) (sheet.one().width() * pixels), (int)
                        (sheet.one().height() * pixels));
    }

    @Test
    void aTagCarriesItsNumberForPeopleAndScanners() throws Exception {
        String tag = shop.camera("نور <el> & Sons");
        List<BufferedImage> pages = pages(shop.bytes("/api/jobs/" + tag + "/tag.pdf"));
        assertThat(pages).hasSize(1);
        assertThat(code(pages.getFirst())).isEqualTo("RV-" + tag);
        assertThat(pages.getFirst().getWidth()).isBetween(1179, 1183);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Twin ", "Twin", "W"})
    void aVeryLongNameRunsOverNothing(String piece) throws Exception {
        String model = piece.repeat(200).substring(0, Math.min(100, piece.length() * 200));
        String opening = Shop.opening(
                        UUID.randomUUID(), "An owner of a very long name indeed, with all titles and a second line")
                .replace("\"Twin\"", "\"" + model.strip() + "\"");
        String tag = shop.post("/api/jobs", opening).body().path("tag").asText();
        byte[] pdf = shop.bytes("/api/jobs/" + tag + "/tag.pdf");
        assertThat(code(pages(pdf).getFirst())).isEqualTo("RV-" + tag);
        try (PDDocument document = org.apache.pdfbox.Loader.loadPDF(pdf)) {
            PDFTextStripperByArea stripper = new PDFTextStripperByArea();
            double point = 72 / 25.4;
            stripper.addRegion("code", new Rectangle2D.Double(66 * point, 0, 34 * point, 55 * point));
            stripper.addRegion("words", new Rectangle2D.Double(13 * point, 0, 53 * point, 52 * point));
            stripper.extractRegions(document.getPage(0));
            assertThat(stripper.getTextForRegion("code")).isBlank();
            assertThat(stripper.getTextForRegion("words")).contains(tag, "in ");
        }
    }

    @Test
    void aSignThatNoFontHasIsPrintedAsItsName() throws Exception {
        String tag = shop.camera("Wambui \uD83D\uDCF7\uFE0F of the \u6A4B");
        byte[] pdf = shop.bytes("/api/jobs/" + tag + "/tag.pdf");
        try (PDDocument document = org.apache.pdfbox.Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document).replaceAll("\\s+", " "))
                    .contains("Wambui (camera) of the \u6A4B")
                    .doesNotContain("#");
        }
    }

    @Test
    void aTagScansOnPlainPaperToo() throws Exception {
        String tag = shop.camera("Ada");
        BufferedImage letter =
                pages(shop.bytes("/api/jobs/" + tag + "/tag.pdf?paper=letter")).getFirst();
        assertThat(letter.getWidth()).isBetween(2549, 2551);
        assertThat(code(letter)).isEqualTo("RV-" + tag);
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void everyWellOfTheTrayHasALabelThatScans(LabelSheet sheet) throws Exception {
        List<BufferedImage> pages = pages(shop.bytes("/api/labels/wells.pdf?sheet=" + sheet.id()));
        List<String> read = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            read.add(code(label(pages.get(i / sheet.perSheet()), sheet, i % sheet.perSheet())));
        }
        assertThat(read).startsWith("RV-W-A1", "RV-W-A2").endsWith("RV-W-D6").doesNotHaveDuplicates();
    }

    @Test
    void labelsOfATrayThatIsNoneAreRefused() throws IOException {
        assertThat(shop.get("/api/labels/wells.pdf?tray=2").body().get("field").asText())
                .isEqualTo("tray");
        assertThat(pages(shop.bytes("/api/labels/wells.pdf?tray=1"))).isNotEmpty();
    }

    @Test
    void aSheetThatIsNoneIsRefused() {
        assertThat(shop.get("/api/labels/wells.pdf?sheet=a5")
                        .body()
                        .get("detail")
                        .asText())
                .contains("is not a label sheet");
    }

    static List<LabelSheet> sheets() {
        return LabelSheet.all();
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void labelsLieOnTheirPaper(LabelSheet sheet) {
        assertThat(sheet.fits()).as(sheet.label()).isTrue();
        assertThat(LabelSheet.of(sheet.id())).isEqualTo(sheet);
    }
}
