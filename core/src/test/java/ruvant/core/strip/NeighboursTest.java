package ruvant.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.strip.Neighbours.Neighbour;
import ruvant.core.trade.Side;
import ruvant.core.units.PartName;

class NeighboursTest {
    private final Logs logs = Logs.camera();

    private void off(String part, Side side, boolean covers) {
        logs.add(StripEntry.Removed.of(part, side, covers));
    }

    private Neighbours of(String part) {
        return logs.picture().valley().neighbours(PartName.of(part));
    }

    private static Neighbour near(String part, boolean known) {
        return new Neighbour(PartName.of(part), known);
    }

    @Test
    void withoutMoreTheyAreWhatCameOffJustBeforeAndAfterIt() {
        off("knob", Side.TOP, false);
        off("dial", Side.TOP, false);
        off("spring", Side.TOP, false);
        assertThat(of("dial").outward()).contains(near("knob", false));
        assertThat(of("dial").inward()).contains(near("spring", false));
        assertThat(of("knob").outward()).isEmpty();
        assertThat(of("spring").inward()).isEmpty();
    }

    @Test
    void whatIsKnownToLieOverThemCounts() {
        off("cover", Side.TOP, true);
        off("lever", Side.TOP, false);
        off("spring", Side.TOP, false);
        assertThat(of("spring").outward()).contains(near("cover", true));
        assertThat(of("cover").inward()).contains(near("lever", true));
    }

    @Test
    void whatCameOffAnotherSideSaysNothingAboutThisPlace() {
        off("knob", Side.TOP, false);
        off("bottom plate", Side.BOTTOM, false);
        assertThat(of("bottom plate").outward()).isEmpty();
        assertThat(of("knob").inward()).isEmpty();
    }
}
