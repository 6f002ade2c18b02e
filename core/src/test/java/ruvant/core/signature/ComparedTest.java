package ruvant.core.signature;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ComparedTest {
    @Test
    void areStopsDownToHalfOfNominal() {
        assertThat(Compared.of(4)).isEqualTo(2);
        assertThat(Compared.of(1)).isZero();
        assertThat(Compared.of(0.5)).isEqualTo(-1);
        assertThat(Compared.ofEv(-0.7)).isEqualTo(-0.7);
    }

    @Test
    void noLightIsSoFarAwayAndNoFarther() {
        assertThat(Compared.of(0)).isBetween(-2.5, -2.4);
        assertThat(Compared.ofEv(-20)).isCloseTo(Compared.of(0), within(1e-4));
        assertThat(Compared.of(-1)).isEqualTo(Compared.of(0));
    }

    @Test
    void goesBackToStops() {
        for (double ev = 3; ev > -4.9; ev -= 0.1) {
            assertThat(Compared.toEv(Compared.ofEv(ev))).isCloseTo(ev, within(1e-9));
        }
        assertThat(Compared.toEv(Compared.of(0))).isEqualTo(SpeedFirings.NO_LIGHT_EV);
        assertThat(Compared.toEv(-10)).isEqualTo(SpeedFirings.NO_LIGHT_EV);
    }

    @Test
    void moreLightIsAlwaysMoreAndBySoMuchAsItSays() {
        IntStream.range(0, 400).mapToDouble(i -> i / 200.0).forEach(part -> {
            double slope = (Compared.of(part + 1e-7) - Compared.of(part)) / 1e-7;
            assertThat(slope).isPositive().isCloseTo(Compared.perPart(part), within(1e-4));
        });
    }
}
