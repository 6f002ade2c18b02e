package ruvant.core.plan.minutes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import ruvant.core.trade.Family;

class MinutesHereTest {
    private static Took took(Work work, String model, double minutes) {
        return new Took(new Took.Task(work, Family.LEAF_UNIT, model, ""), "Ina", minutes);
    }

    @Test
    void withoutAHistoryThereIsNothingToSay() {
        assertThat(MinutesHere.of(List.of()).works()).isEmpty();
        assertThat(MinutesHere.of(List.of()).models()).isEmpty();
    }

    @Test
    void eachKindOfWorkHasItsMiddleAndItsRange() {
        List<Took> all = new ArrayList<>();
        for (int minutes = 10; minutes <= 50; minutes += 10) {
            all.add(took(Work.PROVE, "Tern 6", minutes));
        }
        all.add(took(Work.INTAKE, "Tern 6", 7));
        MinutesHere here = MinutesHere.of(all);
        assertThat(here.works()).extracting(MinutesHere.OfWork::work).containsExactly(Work.INTAKE, Work.PROVE);
        MinutesHere.OfWork prove = here.works().getLast();
        assertThat(prove.median()).isEqualTo(30);
        assertThat(prove.least()).isEqualTo(10);
        assertThat(prove.most()).isEqualTo(50);
        assertThat(prove.all()).isEqualTo(150);
        assertThat(prove.held()).as("too few to hold against anything").isEmpty();
    }

    @Test
    void laterWorkIsHeldAgainstWhatTheEarlierTaughtOnly() {
        Random random = new Random(4);
        List<Took> all = new ArrayList<>();
        for (int at = 0; at < 120; at++) {
            double slower = at < 60 ? 1 : 2;
            all.add(took(Work.TREAT, "Tern " + at % 4, 30 * slower * Math.exp(0.2 * random.nextGaussian())));
        }
        MinutesHere.HeldAgainst held =
                MinutesHere.of(all).works().getFirst().held().orElseThrow();
        assertThat(held.count()).isEqualTo(60);
        assertThat(held.ratio()).isCloseTo(2, within(0.25));
        assertThat(held.within()).isLessThan(0.3);
    }

    @Test
    void whatWasKnownWellLiesWithinItsRangeInFourOfFive() {
        Random random = new Random(9);
        List<Took> all = new ArrayList<>();
        for (int at = 0; at < 240; at++) {
            all.add(took(Work.TREAT, "Tern 6", 30 * Math.exp(0.35 * random.nextGaussian())));
        }
        assertThat(MinutesHere.of(all).works().getFirst().held().orElseThrow().within())
                .isBetween(0.7, 0.9);
    }

    @Test
    void aHardModelStandsOut() {
        List<Took> all = new ArrayList<>();
        for (int at = 0; at < 10; at++) {
            all.add(took(Work.REFIT, "Tern 6", 40));
            all.add(took(Work.REFIT, "Owl", at < 4 ? 120 : 119));
            all.add(took(Work.REFIT, "Tern 9", 40));
        }
        MinutesHere here = MinutesHere.of(all);
        assertThat(here.models().getFirst().model()).isEqualTo("Owl");
        assertThat(here.models().getFirst().ratio()).isCloseTo(3, within(0.1));
        assertThat(here.models().getLast().ratio()).isCloseTo(1, within(0.01));
    }
}
