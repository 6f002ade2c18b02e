package ruvant.core.treat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.ShippedLists;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.FieldProblem;

class MeterCellsTest {
    private static final List<TradeLists.MeterCell> CELLS = ShippedLists.LISTS.cells();

    private static MeterCells.CellOutlook of(String id, double madeFor, MeterCells.Circuit circuit) {
        return MeterCells.outlooks(madeFor, circuit, CELLS).stream()
                .filter(one -> one.cell().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aBridgeDoesNotCare() {
        assertThat(MeterCells.outlooks(1.35, MeterCells.Circuit.BRIDGE, CELLS)).allSatisfy(one -> {
            assertThat(one.leftEv()).isZero();
            assertThat(one.thirds()).isZero();
        });
    }

    @Test
    void aNeedleReadsTooMuchWithASilverCellAndTheDialTakesItBack() {
        MeterCells.CellOutlook silver = of("silver", 1.35, MeterCells.Circuit.NEEDLE);

        // log2(1.55 / 1.35) / 0.8 and log2(1.50 / 1.35) / 0.8
        assertThat(silver.freshEv()).isCloseTo(0.249, within(0.001));
        assertThat(silver.spentEv()).isCloseTo(0.190, within(0.001));
        assertThat(silver.thirds()).isEqualTo(-1);
        assertThat(silver.leftEv()).isCloseTo(0.143, within(0.001));
    }

    @Test
    void whatFallsAllItsLifeStandsLast() {
        List<MeterCells.CellOutlook> all = MeterCells.outlooks(1.35, MeterCells.Circuit.NEEDLE, CELLS);

        assertThat(all.getLast().cell().id()).isEqualTo("alkaline");
        assertThat(all.getFirst().leftEv()).isLessThan(0.1);
    }

    @Test
    void twoReadingsTellTheSlope() {
        MeterCells.Circuit measured = MeterCells.Circuit.measured(1.35, 12, 1.55, 12.4);

        assertThat(measured.stopsPerDoubling()).isCloseTo(0.4 / (Math.log(1.55 / 1.35) / Math.log(2)), within(1e-9));
        assertThat(of("silver", 1.35, measured).freshEv()).isCloseTo(0.4, within(1e-9));
        assertThatThrownBy(() -> MeterCells.Circuit.measured(1.50, 12, 1.52, 12.1))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("too close");
    }
}
