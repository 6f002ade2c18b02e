package ruvant.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.parts.PartsEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Outstanding;
import ruvant.core.refit.RefitAnswer;
import ruvant.core.refit.RefitEntry;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Side;
import ruvant.core.trade.SourceKind;
import ruvant.core.units.PartName;

class PlaceAccountTest {
    private static final PartName COVER = PartName.of("bottom plate");
    private static final String SCREW = Fastener.slotted(1, 1.7, 3).type();

    private final Logs logs = Logs.camera();

    private void off(int screws, LoosePart... loose) {
        logs.add(new StripEntry.Removed(
                COVER,
                Side.BOTTOM,
                false,
                List.of(Fastener.slotted(screws, 1.7, 3)),
                List.of(),
                List.of(),
                "",
                null,
                List.of(loose),
                Set.of(),
                ""));
    }

    private RefitEntry.Refitted back(int back, int lost, int replaced, int empty) {
        return new RefitEntry.Refitted(
                COVER,
                List.of(new FastenersBack(SCREW, back, lost, replaced, empty, empty > 0 ? "stripped thread" : "")),
                "",
                "");
    }

    private PlaceAccount account(String piece) {
        return logs.picture().notes().places().stream()
                .filter(one -> one.place().equals(new PiecePlace(COVER, piece)))
                .findFirst()
                .orElseThrow();
    }

    private List<String> outstanding() {
        return logs.stands().outstanding().stream().map(Outstanding::what).toList();
    }

    private RefitAnswer answer() {
        return logs.stands().refit().of(logs.picture().valley().part(COVER).orElseThrow());
    }

    @Test
    void aScrewThatWasMissingOnArrivalIsAskedForWhenThePartGoesBack() {
        logs.add(new StripEntry.MissingOnArrival(SCREW, 1, "bottom plate"));
        off(3);
        assertThat(account(SCREW).required()).isEqualTo(4);
        assertThat(answer().reason()).isEqualTo("Missing on arrival: 1 × " + SCREW);
        assertThat(logs.refusal(back(3, 0, 0, 0)).orElseThrow().message()).contains("Missing on arrival");
        logs.add(back(3, 0, 1, 0));
        assertThat(account(SCREW).filled()).isEqualTo(new PlaceAccount.Filled(3, 1, 0));
        assertThat(account(SCREW).settled()).isTrue();
        assertThat(outstanding()).noneMatch(what -> what.startsWith("Empty"));
    }

    @Test
    void aPlaceMayStayEmptyForAReasonThatStandsOnTheSheet() {
        logs.add(new StripEntry.MissingOnArrival(SCREW, 1, "bottom plate"));
        off(3);
        logs.add(back(3, 0, 0, 1));
        assertThat(account(SCREW).left()).isEqualTo(1);
        assertThat(logs.stands().sheet().after().missing())
                .containsExactly(
                        ruvant.core.handover.SheetLine.typed("1 × " + SCREW + ", bottom plate: stripped thread"));
    }

    @Test
    void whatIsMissingWhereNothingCameOffHoldsTheCameraBackUntilItIsFittedOrLeft() {
        logs.add(new StripEntry.MissingOnArrival("rewind fork", 1, ""));
        assertThat(outstanding()).contains("Empty: 1 × rewind fork, camera");
        logs.add(
                new PartsEntry.PieceFitted(PartName.of("camera"), "rewind fork", 1, SourceKind.DONOR, "donor 4", null));
        assertThat(outstanding()).noneMatch(what -> what.startsWith("Empty"));
        logs.add(new StripEntry.MissingOnArrival("strap lug", 2, "left end"));
        logs.add(new StripEntry.LeftEmpty(PartName.of("left end"), "strap lug", 2, "the owner does not want them"));
        assertThat(outstanding()).noneMatch(what -> what.startsWith("Empty"));
        assertThat(logs.refusal(new StripEntry.LeftEmpty(PartName.of("left end"), "strap lug", 1, "again"))
                        .orElseThrow()
                        .code())
                .isEqualTo("notEmpty");
    }

    @Test
    void aNeedIsTiedToItsPlaceAndAClosedNeedFillsIt() {
        off(3, new LoosePart("detent ball", 1));
        logs.add(
                new StripEntry.Lost(COVER, "detent ball", 1),
                new PartsEntry.NeedOpened(COVER, "ball, 1.5 mm", "detent ball"),
                new PartsEntry.NeedOpened(COVER, "a new plate"));
        assertThat(answer().reason()).isEqualTo("Needed: ball, 1.5 mm");
        logs.add(new PartsEntry.PieceFitted(COVER, "detent ball", 1, SourceKind.STOCK, "drawer 4", null));
        assertThat(logs.picture().parts().openNeeds())
                .as("the need of the plate itself is another")
                .extracting(need -> need.wanted().text())
                .containsExactly("bottom plate");
        assertThat(account("detent ball").open()).isZero();
        logs.add(new PartsEntry.NeedDropped(COVER, "straightened"), seen("1 × detent ball in place"), back(3, 0, 0, 0));
        assertThat(account("detent ball").filled()).isEqualTo(new PlaceAccount.Filled(0, 1, 0));
    }

    private RefitEntry.GateAnswered seen(String check) {
        return new RefitEntry.GateAnswered(COVER, check, true, "");
    }

    @Test
    void aPieceOfWhichNothingWasNotedCanBeLostAndFoundAgain() {
        off(3);
        assertThat(logs.refusal(new StripEntry.Lost(COVER, "click spring", 1))
                        .orElseThrow()
                        .code())
                .isEqualTo("notThatMany");
        logs.add(new StripEntry.Lost(COVER, "click spring", 1, true));
        assertThat(account("click spring").required()).isEqualTo(1);
        assertThat(answer().reason()).isEqualTo("Lost: 1 × click spring");
        logs.add(new StripEntry.FoundAgain(COVER, "click spring", 1, "in the sleeve of the apron", 25));
        assertThat(answer().kind()).isEqualTo(RefitAnswer.Kind.READY);
        assertThat(logs.stands().ledger().pieces().out()).isEqualTo(5);
        logs.add(back(3, 0, 0, 0));
        assertThat(logs.stands().ledger().closed()).isTrue();
        assertThat(logs.stands().ledger().pieces().back()).isEqualTo(5);
    }

    @Test
    void aLostBallThatTurnsUpAfterItWasReplacedLiesAboutAndFillsNothing() {
        off(3, new LoosePart("detent ball", 1));
        logs.add(
                new StripEntry.Lost(COVER, "detent ball", 1),
                new PartsEntry.PieceFitted(COVER, "detent ball", 1, SourceKind.STOCK, "", null),
                seen("1 × detent ball in place"),
                back(3, 0, 0, 0));
        logs.add(new StripEntry.FoundAgain(COVER, "detent ball", 1, "under the mat", 0));
        assertThat(account("detent ball").gone().spare()).isEqualTo(1);
        assertThat(account("detent ball").filled()).isEqualTo(new PlaceAccount.Filled(0, 1, 0));
        assertThat(logs.stands().ledger().pieces().lost()).isZero();
        assertThat(logs.stands().ledger().pieces().toStock()).isEqualTo(1);
        assertThat(logs.stands().ledger().closed()).isTrue();
    }

    @Test
    void aLostScrewThatWasOnlySaidAtRefitCanBeFoundToo() {
        off(3);
        logs.add(back(2, 1, 1, 0), new StripEntry.FoundAgain(COVER, SCREW, 1));
        assertThat(account(SCREW).gone().spare()).isEqualTo(1);
        assertThat(logs.refusal(new StripEntry.FoundAgain(COVER, SCREW, 1))).isPresent();
    }

    @Test
    void aPartThatComesOffThreeTimesKeepsWhatBelongsThere() {
        off(4);
        logs.add(back(3, 1, 0, 1));
        logs.add(StripEntry.Removed.of("bottom plate", Side.BOTTOM, false));
        assertThat(account(SCREW).required()).isEqualTo(4);
        assertThat(account(SCREW).filled().out()).isEqualTo(3);
        assertThat(answer().reason()).isEqualTo("Empty since it was last put back: 1 × " + SCREW);
        logs.add(back(3, 0, 1, 0));
        logs.add(StripEntry.Removed.of("bottom plate", Side.BOTTOM, false));
        assertThat(account(SCREW).filled().out()).isEqualTo(4);
        logs.add(back(4, 0, 0, 0));
        assertThat(account(SCREW).settled()).isTrue();
    }

    @Test
    void aScrewThatCameInShortAndWasFilledIsNotAskedForTwice() {
        logs.add(new StripEntry.MissingOnArrival(SCREW, 1, "bottom plate"));
        off(3);
        for (int time = 0; time < 2; time++) {
            logs.add(time == 0 ? back(3, 0, 1, 0) : back(4, 0, 0, 0));
            logs.add(StripEntry.Removed.of("bottom plate", Side.BOTTOM, false));
            assertThat(account(SCREW).required()).isEqualTo(4);
            assertThat(account(SCREW).filled().out()).isEqualTo(4);
            assertThat(answer().kind()).isEqualTo(RefitAnswer.Kind.READY);
        }
    }

    @Test
    void whatWasFittedBeforeThePartCameOffComesOffWithIt() {
        logs.add(
                new StripEntry.MissingOnArrival(SCREW, 1, "bottom plate"),
                new PartsEntry.PieceFitted(COVER, SCREW, 1, SourceKind.STOCK, "", null));
        off(4);
        assertThat(account(SCREW).required()).isEqualTo(4);
        assertThat(account(SCREW).found()).isEqualTo(3);
        assertThat(answer().kind()).isEqualTo(RefitAnswer.Kind.READY);
    }

    @Test
    void loosePiecesComeOffAgainAsTheyWentBack() {
        off(3, new LoosePart("detent ball", 2));
        logs.add(
                new StripEntry.Lost(COVER, "Detent Ball", 1),
                new StripEntry.Lost(COVER, "click spring", 1, true),
                new StripEntry.FoundAgain(COVER, "click spring", 1),
                new StripEntry.LeftEmpty(COVER, "detent ball", 1, "runs on one"),
                seen("2 × detent ball in place"),
                back(3, 0, 0, 0));
        logs.add(StripEntry.Removed.of("bottom plate", Side.BOTTOM, false));
        assertThat(account("detent ball").required()).isEqualTo(2);
        assertThat(account("detent ball").filled().out()).isEqualTo(1);
        assertThat(account("detent ball").left()).as("it was meant to").isEqualTo(1);
        assertThat(account("click spring").filled().out()).isEqualTo(1);
        assertThat(account("click spring").settled()).isFalse();
        assertThat(answer().reason()).isEqualTo("1 × detent ball in place");
    }

    @Test
    void otherCamerasOfTheModelSayWhenAPlaceWasShort() {
        JobPicture full = fullCamera();
        ModelKnowledge two = ModelKnowledge.of(List.of(full, fullCamera()));
        assertThat(two.checks().usualCount(COVER, SCREW)).isEqualTo(OptionalInt.of(4));
        assertThat(ModelKnowledge.of(List.of(full)).checks().usualCount(COVER, SCREW))
                .as("one camera may itself have been short")
                .isEmpty();
        off(3);
        logs.add(back(3, 0, 0, 0));
        assertThat(logs.stands(two.checks()).outstanding())
                .extracting(Outstanding::what)
                .contains("Fewer than usual: 3 × " + SCREW + ", bottom plate");
        logs.add(new StripEntry.MissingOnArrival(SCREW, 1, "bottom plate"));
        assertThat(logs.stands(two.checks()).outstanding())
                .extracting(Outstanding::what)
                .doesNotContain("Fewer than usual: 3 × " + SCREW + ", bottom plate")
                .contains("Empty: 1 × " + SCREW + ", bottom plate");
    }

    private static JobPicture fullCamera() {
        PlaceAccountTest other = new PlaceAccountTest();
        other.off(4);
        return other.logs.picture();
    }
}
