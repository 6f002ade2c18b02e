package ruvant.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.Logs;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

class StreakTest {
    @ParameterizedTest
    @CsvSource({"36, 0.080", "59, 0.050", "1, 0.95", "299, 0.010"})
    void boundWithoutAMiss(int firings, double bound) {
        assertThat(new Streak(firings, 36, firings, 0).missRateBound()).isCloseTo(bound, within(0.0006));
    }

    @Test
    void boundAfterAMissUsesAllFirings() {
        // exact binomial: 1 miss in 20 has a one-sided 95 % bound of 21.6 %
        assertThat(new Streak(3, 36, 20, 1).missRateBound()).isCloseTo(0.2161, within(0.0005));
        assertThat(new Streak(0, 36, 1, 1).missRateBound()).isEqualTo(1);
        assertThat(new Streak(0, 36, 0, 0).missRateBound()).isEqualTo(1);
    }

    @Test
    void aMissStartsTheCountAgainAndWorkForgetsIt() {
        Logs logs = Logs.camera();
        for (int i = 0; i < 5; i++) {
            logs.add(new ProveEntry.Fired(true, ""));
        }
        assertThat(logs.picture().prove().streak()).isEqualTo(new Streak(5, 36, 5, 0));
        logs.add(new ProveEntry.Fired(false, "hung half-way"), new ProveEntry.Fired(true, ""));
        assertThat(logs.picture().prove().streak()).isEqualTo(new Streak(1, 36, 7, 1));
        logs.add(new TreatEntry.Mended(PartName.of("pawl"), "bent back", false));
        assertThat(logs.picture().prove().streak()).isEqualTo(new Streak(0, 36, 0, 0));
    }

    @Test
    void waitingIsNotWork() {
        Logs logs = Logs.camera();
        logs.add(new ProveEntry.Fired(true, ""), new TreatEntry.WaitStarted(null, "rest", 60));
        assertThat(logs.picture().prove().streak().current()).isEqualTo(1);
    }
}
