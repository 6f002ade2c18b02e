package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.core.practice.stand.StandCases;

/** The score itself is held to what it must say of easy and of hopeless recordings. */
class MeasureScoreTest {
    private static StandCases.Wanted leaf(double least, double most) {
        return new StandCases.Wanted(
                false, 1 / 60.0, StandCases.Through.DIRECT, StandCases.Trouble.NONE, 48_000, least, most);
    }

    @Test
    void cleanRecordingsAreMeasuredClosely() {
        MeasureScore score = MeasureScore.over(leaf(38, 40), 4);
        assertThat(score.quantile(0.5)).isLessThan(0.01);
        assertThat(score.quantile(1)).isLessThan(0.05);
        assertThat(score.words()).contains("0 / 0 | 0 |");
    }

    @Test
    void drownedRecordingsScoreWorseThanCleanOnes() {
        MeasureScore clean = MeasureScore.over(leaf(38, 40), 3);
        MeasureScore drowned = MeasureScore.over(leaf(6, 7), 3);
        boolean lost = drowned.words().contains("refused") || Double.isNaN(drowned.quantile(0.5));
        assertThat(lost || drowned.quantile(0.5) > clean.quantile(0.5)).isTrue();
    }

    @Test
    void scoresAddUpAndNothingMeasuredIsNoFigure() {
        MeasureScore sum = new MeasureScore();
        assertThat(sum.quantile(0.5)).isNaN();
        sum.add(MeasureScore.over(leaf(38, 40), 1));
        double one = sum.quantile(1);
        sum.add(MeasureScore.over(leaf(38, 40), 2));
        assertThat(sum.quantile(1)).isGreaterThanOrEqualTo(one);
    }
}
