package ruvant.server.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.handover.ReturnSheet;
import ruvant.core.handover.SheetLine;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.measure.SpeedVerdict;
import ruvant.core.prove.SpeedRow;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.Owner;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.TagNumber;
import ruvant.server.album.PictureStore;
import ruvant.server.printing.Paper;

class SheetPageTest {
    private static final java.util.function.Function<String, Optional<String>> NO_PICTURES = name -> Optional.empty();

    private static ReturnSheet sheet(String owner, String complaint, List<SpeedRow> speeds, List<String> advice) {
        return new ReturnSheet(
                new TagNumber(412),
                new ReturnSheet.Head("Shop <& Co>", Instant.parse("2031-03-04T09:00:00Z"), Optional.empty(), 0, 6),
                new IntakeEntry.Received(
                        new Camera("Pellworm", "Twin", "", "", BodyType.TLR, Family.LEAF_LENS),
                        new Owner(owner, "", false, null, null),
                        "",
                        List.of(),
                        complaint,
                        SpeedSeries.DOUBLING,
                        List.of(),
                        null),
                new ReturnSheet.Arrival(List.of()),
                new ReturnSheet.Work(List.of(), List.of(), List.of(), List.of()),
                new ReturnSheet.Proof(speeds, List.of()),
                new ReturnSheet.After(
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(SheetLine.typed("the strut is a little loose")),
                        advice,
                        Optional.empty(),
                        Optional.of(new HandoverEntry.ComeAgain(36, "")),
                        List.of()),
                new ReturnSheet.Pictured(List.of("before.jpg"), List.of("gone.jpg")));
    }

    private static SpeedRow.Run run(double bias, SpeedVerdict.Kind kind) {
        return new SpeedRow.Run(
                List.of(1.0),
                List.of(bias),
                List.of(),
                new SpeedRow.Bias(bias, 10, Optional.of(bias - 0.1), Optional.of(bias + 0.1)),
                new SpeedRow.RunScatter(Optional.of(0.05), false),
                new SpeedVerdict(kind, 0, false),
                Optional.empty(),
                Optional.empty(),
                false);
    }

    @Test
    void whatIsTypedCannotBecomeMarkup() {
        String page = SheetPage.html(
                sheet("<script>alert(1)</script>", "“quoted” & <b>bold</b>\u0007", List.of(), List.of()),
                Paper.A4,
                ZoneOffset.UTC,
                NO_PICTURES);
        assertThat(page)
                .doesNotContain("<script>", "<b>", "\u0007")
                .contains("&lt;script&gt;", "Shop &lt;&amp; Co&gt;", "4 March 2031");
    }

    @TempDir
    private Path folder;

    @Test
    void whatToWatchWhenToComeAgainAndThePicturesThatAreThereStandOnIt() {
        String page = SheetPage.html(
                sheet("Ada", "drags", List.of(), List.of()),
                Paper.A4,
                ZoneOffset.UTC,
                name -> name.startsWith("before") ? Optional.of("data:image/jpeg;base64,AAAA") : Optional.empty());
        assertThat(page)
                .contains("Worth watching", "the strut is a little loose", "In 36 months, for a check.")
                .contains("<img src=\"data:image/jpeg;base64,AAAA\"", "For 6 months from its return")
                .doesNotContain("gone.jpg");
    }

    @Test
    void emptySectionsAreNotPrinted() {
        String page =
                SheetPage.html(sheet("Ada", "drags", List.of(), List.of()), Paper.LETTER, ZoneOffset.UTC, NO_PICTURES);
        assertThat(page)
                .doesNotContain("What we found", "Replaced", "Shutter speeds", "How to make it last")
                .contains("size: letter", "6 months");
    }

    @Test
    void speedsAreDrawnAndListedAndFarOnesStayOnThePaper() {
        SpeedRow row = new SpeedRow(
                "1/60",
                new SpeedRow.Nominal(1 / 64.0, "doubling"),
                new SpeedRow.AllowedBias(0.3, "usual"),
                Optional.of(run(5, SpeedVerdict.Kind.OUT)),
                Optional.of(run(0.1, SpeedVerdict.Kind.IN)),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                List.of(),
                List.of());
        String page = SheetPage.html(
                sheet("Ada", "drags", List.of(row), List.of("keep dry")), Paper.A4, ZoneOffset.UTC, NO_PICTURES);
        assertThat(page).contains("<svg", "+5.00 EV", "+0.10 EV", "+10 %", "<td>in</td>", "keep dry");
        assertThat(page).doesNotContain("cy=\"-");
        assertThat(new SheetPrinter(new ruvant.server.printing.PdfPrinter(), new PictureStore(folder))
                        .pdf(sheet("نور", "drags", List.of(row), List.of("漢字 דנה")), Paper.A4))
                .startsWith("%PDF".getBytes());
    }
}
