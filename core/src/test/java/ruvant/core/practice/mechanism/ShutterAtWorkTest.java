package ruvant.core.practice.mechanism;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ruvant.core.signature.ShutterCause;
import ruvant.core.signature.ShutterKind;

class ShutterAtWorkTest {
    private static final double[] SPEEDS = {1, 1.0 / 8, 1.0 / 64, 1.0 / 512, 1.0 / 1024};
    private static final List<Double> ACROSS = List.of(0.0, 0.5, 1.0);

    private static double[] meanErrors(ShutterKind kind, ShutterCause cause, ShutterAtWork.How how) {
        double[] sums = new double[SPEEDS.length];
        int shutters = 40;
        for (int seed = 0; seed < shutters; seed++) {
            ShutterAtWork shutter =
                    FaultyShutters.build(kind, cause, ShutterCause.HEALTHY, SPEEDS, new Random(1_000 + 7L * seed));
            for (int s = 0; s < SPEEDS.length; s++) {
                double seconds = Math.max(
                        SPEEDS[s] / 30, shutter.fire(s, List.of(0.5), how).getFirst());
                sums[s] += Math.log(seconds / SPEEDS[s]) / Math.log(2) / shutters;
            }
        }
        return sums;
    }

    @ParameterizedTest
    @EnumSource(ShutterKind.class)
    void aHealthyShutterIsRightAtEverySpeed(ShutterKind kind) {
        for (double error : meanErrors(kind, ShutterCause.HEALTHY, ShutterAtWork.How.USUAL)) {
            assertThat(error).isCloseTo(0, within(0.12));
        }
    }

    @Test
    void gumMakesSlowSpeedsLateAndFastOnesNotAndWorseWithTheLensDown() {
        double[] level =
                meanErrors(ShutterKind.FOCAL_MECHANICAL, ShutterCause.ESCAPEMENT_GUMMED, ShutterAtWork.How.USUAL);
        double[] down = meanErrors(
                ShutterKind.FOCAL_MECHANICAL, ShutterCause.ESCAPEMENT_GUMMED, new ShutterAtWork.How(true, false));

        assertThat(level[0]).isGreaterThan(0.3);
        assertThat(level[4]).isCloseTo(0, within(0.12));
        assertThat(down[0]).isGreaterThan(level[0]);
    }

    @Test
    void aDeadMagnetLeavesOneSpeed() {
        ShutterAtWork shutter = FaultyShutters.build(
                ShutterKind.FOCAL_ELECTRONIC, ShutterCause.MAGNET_DEAD, ShutterCause.HEALTHY, SPEEDS, new Random(5));

        double slow = shutter.fire(0, List.of(0.5), ShutterAtWork.How.USUAL).getFirst();
        double middle = shutter.fire(1, List.of(0.5), ShutterAtWork.How.USUAL).getFirst();

        assertThat(slow).isLessThan(1.0 / 30).isCloseTo(middle, within(0.001));
    }

    @Test
    void aWeakLeadingCurtainTravelsLongAndStarvesTheEndOfTheGate() {
        ShutterAtWork shutter = FaultyShutters.build(
                ShutterKind.FOCAL_ELECTRONIC, ShutterCause.LEADING_WEAK, ShutterCause.HEALTHY, SPEEDS, new Random(9));

        List<Double> seconds = shutter.fire(3, ACROSS, ShutterAtWork.How.USUAL);

        assertThat(shutter.lastTravelLog2()[0]).isGreaterThan(0.05);
        assertThat(shutter.lastTravelLog2()[1]).isCloseTo(0, within(0.05));
        assertThat(seconds.get(2)).isLessThan(seconds.get(0));
    }

    @Test
    void aShutterWithOilOnItsBladesIsLaterAfterARest() {
        double[] later = meanErrors(ShutterKind.LEAF, ShutterCause.OIL_ON_BLADES, ShutterAtWork.How.USUAL);
        double[] first = meanErrors(ShutterKind.LEAF, ShutterCause.OIL_ON_BLADES, new ShutterAtWork.How(false, true));

        assertThat(first[3]).isGreaterThan(later[3] + 0.3);
    }

    @Test
    void theSameSeedMakesTheSameCase() {
        ShutterCases.Case one = ShutterCases.of(ShutterKind.LEAF, ShutterCases.Looked.WHOLLY, 12);

        assertThat(ShutterCases.of(ShutterKind.LEAF, ShutterCases.Looked.WHOLLY, 12))
                .isEqualTo(one);
        assertThat(ShutterCases.of(ShutterKind.LEAF, ShutterCases.Looked.WHOLLY, 12 + 10)
                        .cause())
                .isEqualTo(one.cause());
    }
}
