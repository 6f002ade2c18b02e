package ruvant.core.practice.unseen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.practice.unseen.shutter.Fired;
import ruvant.core.practice.unseen.shutter.UnseenShutter;

/** A shutter that faults are tried on does what one with such a fault does. */
class UnseenShutterTest {
    private static List<UnseenShutter> with(String kind, String cause) {
        return LongStream.range(0, 400)
                .mapToObj(i -> UnseenShutter.of(kind, true, 2 * i))
                .filter(one -> one.cause().equals(cause) && one.second().equals("healthy"))
                .toList();
    }

    private static double ev(Fired fired, int place) {
        double[] stops = fired.seconds().stream()
                .mapToDouble(seconds -> Math.log(Math.max(1e-6, seconds[place]) / fired.nominalSeconds()) / Math.log(2))
                .sorted()
                .toArray();
        return stops[stops.length / 2];
    }

    private static double mean(List<UnseenShutter> shutters, boolean fastest, int place) {
        return shutters.stream()
                .mapToDouble(one ->
                        ev(fastest ? one.speeds().getLast() : one.speeds().getFirst(), place))
                .average()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"leaf", "focalPlaneMechanical", "focalPlaneElectronic"})
    void aHealthyOneIsNearItsDial(String kind) {
        for (UnseenShutter one : with(kind, "healthy")) {
            for (Fired fired : one.speeds()) {
                assertThat(ev(fired, 0))
                        .as("%s at %s", kind, fired.nominalSeconds())
                        .isBetween(-0.9, 0.9);
            }
        }
        assertThat(mean(with(kind, "healthy"), false, 0)).isBetween(-0.08, 0.08);
    }

    @Test
    void aWeakTrailingCurtainGivesMoreTowardTheEndAndTakesLonger() {
        List<UnseenShutter> weak = with("focalPlaneMechanical", "trailingWeak");
        assertThat(mean(weak, true, 2)).isGreaterThan(mean(weak, true, 0) + 0.3);
        assertThat(weak).allMatch(one -> one.trailingLog2().orElseThrow() > 0);
        assertThat(mean(weak, false, 2)).isBetween(-0.1, 0.15);
    }

    @Test
    void aLeadingCurtainThatDragsGivesLessTowardTheEnd() {
        List<UnseenShutter> drags = with("focalPlaneElectronic", "leadingDrags");
        assertThat(mean(drags, true, 2)).isLessThan(mean(drags, true, 0) - 0.3);
    }

    @ParameterizedTest
    @CsvSource({
        "leaf, trainGummed, 0.3, 3",
        "leaf, palletSkips, -3, -0.3",
        "leaf, mainSpringWeak, 0.2, 1.5",
        "leaf, mainSpringStrong, -1, -0.1",
        "focalPlaneMechanical, escapementGummed, 0.2, 3",
        "focalPlaneElectronic, magnetDead, -15, -3"
    })
    void theSlowestSpeedShowsWhatItsFaultDoes(String kind, String cause, double low, double high) {
        assertThat(mean(with(kind, cause), false, 0)).isBetween(low, high);
    }

    @Test
    void theBladesHaveOneSensorAndNoTravel() {
        UnseenShutter leaf = UnseenShutter.of("leaf", true, 8);
        assertThat(leaf.leadingLog2()).isEmpty();
        assertThat(leaf.speeds()).allMatch(fired -> fired.places().equals(List.of(0.5)));
        assertThat(leaf.speeds().stream().flatMap(fired -> fired.seconds().stream()))
                .allMatch(seconds -> Arrays.stream(seconds).allMatch(one -> one >= 0));
    }
}
