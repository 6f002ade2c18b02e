package ruvant.core.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class HypothesesTest {
    private static final FaultKnowledge.Cause PLAIN = cause("plain");
    private static final FaultKnowledge.Cause SHY = cause("shy");

    private static FaultKnowledge.Cause cause(String id) {
        return new FaultKnowledge.Cause(id, "leaf", id, 1, "why", Map.of(), "mend", "");
    }

    private static Hypotheses of() {
        return new Hypotheses(List.of(PLAIN, SHY), new double[] {0.01, 0.01}, 0.001);
    }

    private static double oddsAfter(int signs) {
        Hypotheses hypotheses = of();
        for (int i = 0; i < signs; i++) {
            hypotheses.observe(cause -> cause == PLAIN ? 0.6 : 0.1, 0.001, true, 1);
        }
        hypotheses.normalise();
        double[] chances = hypotheses.probabilities();
        return chances[0] / chances[1];
    }

    @Test
    void signsOfOneFaultAreNotWitnessesWhoNeverMet() {
        assertThat(oddsAfter(1)).isBetween(3.0, 6.0);
        assertThat(oddsAfter(4)).isGreaterThan(2 * oddsAfter(2)).isLessThan(Math.pow(oddsAfter(1), 4) / 4);
    }

    @Test
    void chancesAddUpToOneAndAnObservationLeavesNoMoreToFindOutThanBefore() {
        Hypotheses hypotheses = of();
        hypotheses.ask(cause -> true);
        hypotheses.normalise();

        Hypotheses.Left left = hypotheses.after(cause -> cause == PLAIN ? 0.9 : 0.1, 0.05);

        assertThat(left.bits()).isBetween(0.1, hypotheses.openBits());
        assertThat(left.chance() * left.ifSeen()[0] + (1 - left.chance()) * left.ifNot()[0])
                .isCloseTo(hypotheses.probabilities()[0], within(1e-9));
        assertThat(left.ifSeen()[0]).isGreaterThan(left.ifNot()[0]);
    }

    @Test
    void whatIsUsualIsTheMeanOfFaintAndPlainInOdds() {
        for (double usual : new double[] {0.01, 0.3, 0.97}) {
            double faint = Strength.FAINT.of(usual);
            double plain = Strength.PLAIN.of(usual);
            assertThat(faint).isLessThan(usual).isPositive();
            assertThat(plain).isGreaterThan(usual).isLessThan(1);
            assertThat(Math.sqrt(odds(faint) * odds(plain))).isCloseTo(odds(usual), within(1e-9));
        }
        assertThat(Strength.FAINT.share() + Strength.USUAL.share() + Strength.PLAIN.share())
                .isCloseTo(1, within(1e-12));
    }

    private static double odds(double chance) {
        return chance / (1 - chance);
    }
}
