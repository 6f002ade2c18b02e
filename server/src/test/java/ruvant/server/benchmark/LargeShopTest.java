package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.house.HousePractice;
import ruvant.core.job.JobEntry;
import ruvant.core.log.Folding;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.JobRooms;

/** Speed is measured on jobs that could be real ones: each of their lines makes sense after those before it. */
class LargeShopTest {
    private final LargeShop shop = new LargeShop(null, List.of(), null);

    @ParameterizedTest
    @ValueSource(ints = {1, 600, 601, 5_000, 9_940, 9_941, 10_000})
    void everyLineMakesSense(int number) {
        Log<JobEntry> log = shop.log(number);
        Folding folding = new Folding(JobRooms.ALL);
        for (Line line : log.lines()) {
            assertThat(folding.objection(line))
                    .as("line %d of %s", line.sequence(), log.name())
                    .isEmpty();
            folding.take(line);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 600, 601, 9_941})
    void jobsAreAsLongAndAsFarAsIsSaidOfThem(int number) {
        Log<JobEntry> log = shop.log(number);
        JobPicture picture = JobPicture.of(log, HousePractice.starting());
        boolean isLong = number <= LargeShop.LONG_JOBS;
        assertThat(log.lines()).hasSizeBetween(isLong ? LargeShop.LONG : 70, isLong ? LargeShop.LONG : 80);
        assertThat(picture.returned()).isEqualTo(number <= LargeShop.JOBS - LargeShop.OPEN);
        assertThat(picture.valley().parts()).hasSize(isLong ? 40 : 8);
    }
}
