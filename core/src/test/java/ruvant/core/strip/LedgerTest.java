package ruvant.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.parts.PartsEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.OldPiece;
import ruvant.core.trade.Side;
import ruvant.core.trade.SourceKind;
import ruvant.core.units.PartName;

class LedgerTest {
    private static final PartName LEVER = PartName.of("lever");
    private static final Fastener SCREWS = Fastener.slotted(3, 1.4, 3);

    private final Logs logs = Logs.camera().add(lever());

    private static StripEntry.Removed lever() {
        return new StripEntry.Removed(
                LEVER,
                Side.TOP,
                false,
                List.of(SCREWS),
                List.of(),
                List.of(),
                "",
                null,
                List.of(new LoosePart("washer", 2)),
                Set.of(),
                "");
    }

    private Ledger ledger() {
        Ledger ledger = Ledger.of(logs.picture().valley());
        assertThat(ledger.pieces().back()
                        + ledger.pieces().lost()
                        + ledger.pieces().destroyed()
                        + ledger.pieces().toStock()
                        + ledger.pieces().leftOut()
                        + ledger.pieces().out()
                        + ledger.pieces().unaccounted())
                .isEqualTo(ledger.off());
        return ledger;
    }

    private void back(int back, int lost, int replaced) {
        logs.put(new RefitEntry.Refitted(
                LEVER, List.of(new FastenersBack(SCREWS.type(), back, lost, replaced)), "by hand", ""));
    }

    @Test
    void allOfItIsOutAndThenBack() {
        assertThat(ledger().pieces().out()).isEqualTo(6);
        back(3, 0, 0);
        assertThat(ledger().pieces().back()).isEqualTo(6);
        assertThat(ledger().closed()).isTrue();
    }

    @Test
    void whatWasDestroyedIsNotAmongTheLost() {
        logs.add(
                new StripEntry.Destroyed(LEVER, SCREWS.type(), 1, "sheared"),
                new StripEntry.Lost(LEVER, SCREWS.type(), 1),
                new StripEntry.Lost(LEVER, "washer", 1));
        assertThat(ledger())
                .extracting(
                        one -> one.pieces().destroyed(),
                        one -> one.pieces().lost(),
                        one -> one.pieces().out())
                .containsExactly(1, 2, 3);
        back(1, 2, 2);
        assertThat(ledger())
                .extracting(
                        one -> one.pieces().destroyed(),
                        one -> one.pieces().lost(),
                        one -> one.pieces().back())
                .containsExactly(1, 2, 3);
        assertThat(ledger().places().substituted()).isEqualTo(2);
    }

    @Test
    void aDestroyedPieceCannotTurnUpAgain() {
        logs.add(new StripEntry.Destroyed(LEVER, SCREWS.type(), 1, "sheared"));
        assertThat(logs.refusal(new StripEntry.FoundAgain(LEVER, SCREWS.type(), 1)))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("notLost"));
    }

    @Test
    void thePartThatAnotherReplacedGoesToStock() {
        logs.add(new PartsEntry.Replaced(LEVER, SourceKind.DONOR, "D-3", "", true, "", OldPiece.STOCK));
        back(3, 0, 0);
        assertThat(ledger())
                .extracting(one -> one.pieces().toStock(), one -> one.pieces().back())
                .containsExactly(1, 5);
        assertThat(ledger().places().substituted()).isEqualTo(1);
    }

    @Test
    void orIsScrapped() {
        logs.add(new PartsEntry.Replaced(LEVER, SourceKind.STOCK, "drawer 2", "", true, "", OldPiece.SCRAPPED));
        back(3, 0, 0);
        assertThat(ledger())
                .extracting(one -> one.pieces().toStock(), one -> one.pieces().destroyed())
                .containsExactly(0, 1);
    }

    @Test
    void aReplacementStaysWhenItComesOffOnceMore() {
        logs.add(new PartsEntry.Replaced(LEVER, SourceKind.DONOR, "D-3", "", true, "", OldPiece.STOCK));
        back(3, 0, 0);
        logs.add(lever());
        back(3, 0, 0);
        assertThat(ledger())
                .extracting(one -> one.pieces().toStock(), one -> one.pieces().back())
                .containsExactly(0, 6);
    }

    @Test
    void anEmptyPlaceIsCounted() {
        back(2, 1, 0);
        assertThat(ledger())
                .extracting(one -> one.pieces().lost(), one -> one.places().empty())
                .containsExactly(1, 1);
        assertThat(ledger().missing()).isEmpty();
    }
}
