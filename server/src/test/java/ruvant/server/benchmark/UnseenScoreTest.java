package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.core.practice.unseen.stand.UnseenStand;

/** Recordings that were set aside: few of them, so that the bounds are wider than the figures of the benchmark. */
class UnseenScoreTest {
    private static final int RECORDINGS = 8;

    @Test
    void recordingsThatNothingWasChosenByAreMeasuredHonestly() {
        UnseenScore sum = new UnseenScore();
        for (UnseenStand.Trouble trouble : UnseenStand.Trouble.values()) {
            sum.add(UnseenScore.over(trouble, 90_001, RECORDINGS));
        }
        assertThat(sum.firings).isGreaterThan(400);
        assertThat(sum.missed).as("%s", sum.notes).isLessThan(sum.firings / 100);
        assertThat(sum.phantoms).as("%s", sum.notes).isLessThan(sum.firings / 100);
        assertThat(sum.wild).as("%s", sum.notes).isLessThan(sum.firings / 50);
        assertThat(UnseenScore.within(sum.deviations, 2)).isBetween(0.90, 0.99);
        assertThat(UnseenScore.quantile(sum.errors, 0.5)).isLessThan(0.002);
        int[] bounce = sum.flags.get("bounce");
        assertThat((double) bounce[0] / bounce[1]).isGreaterThan(0.95);
        assertThat((double) bounce[2] / bounce[3]).isLessThan(0.02);
    }
}
