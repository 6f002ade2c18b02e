package ruvant.core.plan.promise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/**
 * Weeks in shops that share nothing with the forecasts but their working days. The first weeks of each are not
 * counted: a shop without a history has nothing to correct itself by.
 */
class PromisedWeeksTest {
    /** All twenty where somebody asks for them; they take minutes. */
    private static final int SHOPS = Boolean.getBoolean("ruvant.weeks") ? 20 : 4;

    private static final int QUIET = 10;
    private static final int WEEKS = 50;

    @Test
    void whatIsSaidWithAChanceIsSoThatOften() {
        List<AWorld.Outcome> outcomes = new ArrayList<>();
        LongStream.rangeClosed(1, SHOPS)
                .parallel()
                .mapToObj(seed -> {
                    AWorld world = new AWorld(seed * 7_919);
                    world.live(QUIET + WEEKS, QUIET);
                    return world.outcomes();
                })
                .forEachOrdered(outcomes::addAll);
        assertThat(outcomes).hasSizeGreaterThan(1_500);
        assertThat(so(outcomes, 0.5)).as("said 50 %").isBetween(0.45, 0.55);
        assertThat(so(outcomes, 0.8)).as("said 80 %").isBetween(0.76, 0.84);
        assertThat(so(outcomes, 0.95)).as("said 95 %").isBetween(0.92, 0.98);
        chancesOfDaysAreSo(outcomes);
    }

    private static double so(List<AWorld.Outcome> outcomes, double chance) {
        return outcomes.stream()
                        .filter(one -> !one.done().isAfter(one.said().at(chance)))
                        .count()
                / (double) outcomes.size();
    }

    /** Whatever day is asked about: of all days of which about the same chance was said, as many were kept. */
    private static void chancesOfDaysAreSo(List<AWorld.Outcome> outcomes) {
        for (double low = 0.1; low < 0.9; low += 0.2) {
            double said = 0;
            int kept = 0;
            int count = 0;
            for (AWorld.Outcome one : outcomes) {
                LocalDate first = one.said().by(0.01).orElse(LocalDate.MAX);
                for (int day = 0; day < 30 && !first.equals(LocalDate.MAX); day++) {
                    double chance = one.said().chance(first.plusDays(day));
                    if (chance >= low && chance < low + 0.2) {
                        said += chance;
                        kept += one.done()
                                        .atZone(one.said().zone())
                                        .toLocalDate()
                                        .isAfter(first.plusDays(day))
                                ? 0
                                : 1;
                        count++;
                    }
                }
            }
            assertThat(kept / (double) count)
                    .as("days with a chance from " + low)
                    .isCloseTo(said / count, within(0.09));
        }
    }
}
