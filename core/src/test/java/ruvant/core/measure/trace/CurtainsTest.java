package ruvant.core.measure.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.practice.stand.CurtainsMotion;
import ruvant.core.practice.stand.StandInput;
import ruvant.core.practice.stand.StandLamp;
import ruvant.core.trade.FiringFlag;
import ruvant.core.trade.StandSetup;

class CurtainsTest {
    private static FiringFound first(CurtainsMotion motion, StandSetup setup) {
        StandInput input = StandInput.coupled(96_000, 34, 6);
        return Recordings.measured(Recordings.of(input, StandLamp.STEADY, 3, motion, motion), setup)
                .firings()
                .getFirst();
    }

    @Test
    void threeSensorsTellHowBothCurtainsRan() {
        CurtainsMotion motion = Recordings.curtains(0.002, 10, 10.6, 0.3);
        FiringFound firing = first(motion, Recordings.GATE);
        Curtains curtains = firing.curtains().orElseThrow();
        assertThat(curtains.leading().travelSeconds()).isCloseTo(0.010, within(0.0001));
        assertThat(curtains.trailing().travelSeconds()).isCloseTo(0.0106, within(0.0001));
        double taper = Math.log(motion.exposureAt(36) / motion.exposureAt(0)) / Math.log(2);
        assertThat(curtains.taperEv()).isCloseTo(taper, within(0.03));
        assertThat(curtains.leading().endSpeed())
                .isGreaterThan(1.2 * curtains.leading().startSpeed());
        assertThat(curtains.syncMarginSeconds()).isNegative();
        assertThat(firing.exposureSeconds().orElseThrow()).isCloseTo(motion.exposureSeconds(1), within(0.00001));
    }

    @Test
    void aSlowSpeedIsWhollyOpenForAWhile() {
        Curtains curtains = first(Recordings.curtains(1 / 30.0, 10, 10, 0.2), Recordings.GATE)
                .curtains()
                .orElseThrow();
        assertThat(curtains.syncMarginSeconds()).isCloseTo(1 / 30.0 - 0.010, within(0.0002));
        assertThat(curtains.narrowestSlitMm()).isGreaterThan(36);
    }

    @Test
    void positionsMayBeCountedFromTheOtherEnd() {
        CurtainsMotion motion = Recordings.curtains(0.002, 10, 11, 0.2);
        List<StandSetup.Sensor> turned =
                List.of(new StandSetup.Sensor(32, 1), new StandSetup.Sensor(18, 1), new StandSetup.Sensor(4, 1));
        Curtains one = first(motion, Recordings.GATE).curtains().orElseThrow();
        Curtains other =
                first(motion, StandSetup.focalPlane(36, turned)).curtains().orElseThrow();
        assertThat(other.leading().travelSeconds()).isCloseTo(one.leading().travelSeconds(), within(1e-6));
        assertThat(other.taperEv()).isCloseTo(one.taperEv(), within(1e-6));
    }

    @Test
    void aSlitNarrowerThanTheSensorIsSaid() {
        CurtainsMotion narrow = new CurtainsMotion(
                36,
                List.of(4.0, 18.0, 32.0),
                List.of(2.0, 2.0, 2.0),
                new CurtainsMotion.Run(0.014, 0.1),
                new CurtainsMotion.Run(0.014, 0.1),
                0.0006,
                0,
                0,
                0);
        FiringFound firing = first(
                narrow,
                StandSetup.focalPlane(
                        36,
                        List.of(
                                new StandSetup.Sensor(4, 2),
                                new StandSetup.Sensor(18, 2),
                                new StandSetup.Sensor(32, 2))));
        assertThat(firing.flags()).contains(FiringFlag.SLIT_NARROWER_THAN_SENSOR);
    }

    private static CurtainsMotion before(double widthMm, double seconds) {
        return new CurtainsMotion(
                36,
                List.of(4.0, 18.0, 32.0),
                List.of(widthMm, widthMm, widthMm),
                new CurtainsMotion.Run(0.014, 0.1),
                new CurtainsMotion.Run(0.014, 0.1),
                seconds,
                0,
                0,
                0);
    }

    private static StandSetup wide(double widthMm) {
        return StandSetup.focalPlane(
                36,
                List.of(
                        new StandSetup.Sensor(4, widthMm),
                        new StandSetup.Sensor(18, widthMm),
                        new StandSetup.Sensor(32, widthMm)));
    }

    @Test
    void aNarrowSlitIsTimedAgainstAWideOneAndOtherwiseNotCounted() {
        CurtainsMotion narrow = before(2, 0.0005);
        MeasuredRecording both = Recordings.measured(
                Recordings.of(Recordings.CLEAN, StandLamp.STEADY, 3, narrow, before(2, 0.01)), wide(2));
        FiringFound timed = both.firings().getFirst();
        assertThat(timed.usable()).isTrue();
        assertThat(timed.flags()).contains(FiringFlag.SLIT_NARROWER_THAN_SENSOR);
        for (FiringFound.OnChannel on : timed.channels()) {
            assertThat(on.exposureSeconds())
                    .isCloseTo(narrow.exposureSeconds(on.channel() - 1), within(3 * on.uncertaintySeconds()));
        }
        assertThat(both.firings().getLast().flags()).doesNotContain(FiringFlag.SLIT_NARROWER_THAN_SENSOR);
        MeasuredRecording alone =
                Recordings.measured(Recordings.of(Recordings.CLEAN, StandLamp.STEADY, 3, narrow, narrow), wide(2));
        assertThat(alone.firings()).noneMatch(FiringFound::usable);
    }

    @Test
    void twoSensorsSayHowLittleTheyKnowOfTheTravel() {
        CurtainsMotion motion = Recordings.curtains(0.02, 12, 12, 0.3);
        float[][] all = Recordings.of(Recordings.CLEAN, StandLamp.STEADY, 3, motion, motion)
                .samples();
        float[][] dead = {all[0], all[1], new float[all[0].length]};
        Curtains two = Recordings.measured(48_000, dead, Recordings.GATE)
                .firings()
                .getFirst()
                .curtains()
                .orElseThrow();
        Curtains three = Recordings.measured(48_000, all, Recordings.GATE)
                .firings()
                .getFirst()
                .curtains()
                .orElseThrow();
        assertThat(three.leading().travelSeconds()).isCloseTo(0.012, within(0.0002));
        assertThat(two.leading().uncertaintySeconds())
                .isGreaterThan(5 * three.leading().uncertaintySeconds());
        assertThat(two.leading().travelSeconds())
                .isCloseTo(0.012, within(2.5 * two.leading().uncertaintySeconds()));
    }

    @Test
    void curtainsThatMeetAreSaidToCap() {
        FiringFound firing = first(Recordings.curtains(0.0012, 12, 10.6, 0.1), Recordings.GATE);
        assertThat(firing.flags()).contains(FiringFlag.CAPPED);
        assertThat(firing.usable()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.4, 0, 0.5})
    void aPathGoesThroughItsThreePlaces(double gain) {
        CurtainsMotion.Run run = new CurtainsMotion.Run(0.012, gain);
        CurtainsMotion motion = Recordings.curtains(0.01, 12, 12, gain);
        double[] places = {4, 18, 32};
        double[] seconds = {motion.openSeconds(0), motion.openSeconds(1), motion.openSeconds(2)};
        CurtainPath path = CurtainPath.through(places, seconds);
        assertThat(path.secondsAt(36) - path.secondsAt(0)).isCloseTo(run.travelSeconds(), within(1e-9));
        assertThat(path.placeAt(path.secondsAt(25))).isCloseTo(25, within(1e-9));
    }

    @Test
    void oneSensorAloneTellsNoCurtain() {
        assertThat(CurtainMotion.of(
                        List.of(new CurtainMotion.AtSensor(18, 0.1, 0.2, 0)),
                        36,
                        CurtainMotion.Gain.USUAL,
                        Optional.empty()))
                .isEmpty();
    }
}
