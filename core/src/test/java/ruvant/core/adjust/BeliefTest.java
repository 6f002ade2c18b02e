package ruvant.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.units.Named;

/** What trials teach of a camera, and what is left open. */
class BeliefTest {
    private static final int CAMERAS = 400;
    private static final List<WantedResult> ONE = List.of(new WantedResult("1/30", 0.3, 0.03));

    private static Adjuster told(int sign, List<Double> effects) {
        return new Adjuster("engagement", 0.125, -2, 2, sign, effects);
    }

    private static Trial at(double turns, double error) {
        return Trial.of(new double[] {turns}, new double[] {error});
    }

    private static Belief belief(Adjuster adjuster, Trial... trials) {
        return new Belief(new AdjustCase(List.of(adjuster), ONE, List.of(trials)), CAMERAS, 3);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.15, 0.6, 2.4, 4.8})
    void twoTrialsTellHowStrongAnAdjusterIs(double perTurn) {
        Belief belief = belief(told(1, List.of(1.0)), at(0, -1), at(1, -1 + perTurn));
        double[] response = belief.response(0, 0);
        assertThat(response[0]).isCloseTo(perTurn, within(0.3 * perTurn + 0.06));
        assertThat(belief.expected(0, new double[] {1})[0]).isCloseTo(-1 + perTurn, within(0.05));
    }

    @Test
    void beforeAnyTurnNobodyKnowsWhatItDoes() {
        Belief belief = belief(told(1, List.of(1.0)), at(0, -1));
        double[] there = belief.expected(0, new double[] {0.5});
        assertThat(belief.expected(0, new double[] {0})[1]).isLessThan(0.1);
        assertThat(there[1]).isGreaterThan(0.3);
        assertThat(belief.response(0, 0)[0]).isPositive();
    }

    @Test
    void trialsOverruleWhichWayItWasSaidToGo() {
        Belief belief = belief(told(1, List.of(1.0)), at(0, -1), at(0.5, -1.6), at(-0.5, -0.4));
        assertThat(belief.response(0, 0)[0]).isBetween(-1.7, -0.8);
    }

    @Test
    void otherWorkMakesEarlierErrorsWorthlessButNotWhatATurnDoes() {
        Belief belief = belief(
                told(1, List.of(1.0)), at(0, -1), at(1, 0.2), new Trial(List.of(1.0), List.of(-0.7), List.of(), true));
        assertThat(belief.expected(0, new double[] {1})[0]).isCloseTo(-0.7, within(0.1));
        assertThat(belief.response(0, 0)[0]).isCloseTo(1.2, within(0.25));
    }

    @Test
    void whatOtherCamerasTaughtIsExpectedBeforeTheFirstTurn() {
        Adjuster taught = new Adjuster(
                Named.of("engagement"),
                0.125,
                -2,
                2,
                1,
                List.of(1.0),
                List.of(Optional.of(new Adjuster.Learned(0.8, 0.1))));
        double[] response = belief(taught, at(0, -1)).response(0, 0);
        assertThat(response[0]).isCloseTo(0.8, within(0.03));
        assertThat(response[1]).isCloseTo(0.1, within(0.02));
    }

    @Test
    void aTurnWithinThePlayMovesNothing() {
        AnsweringCamera camera = new AnsweringCamera(
                new double[] {1},
                new double[][] {{2}},
                new double[] {0},
                new double[] {0.1},
                new double[] {0.5},
                new double[] {2});
        assertThat(camera.error(0, new double[] {0.52})).isEqualTo(camera.error(0, new double[] {0.48}));
        assertThat(camera.error(0, new double[] {0.6})).isCloseTo(1 + 2 * 0.55, within(1e-12));
        assertThat(camera.error(0, new double[] {0.4})).isCloseTo(1 + 2 * 0.45, within(1e-12));
        assertThat(camera.worst(ONE, new double[] {0.5})).isCloseTo(2 / 0.3, within(1e-12));
    }

    @Test
    void aTurnThatTellsTheCamerasApartLeadsSoonerToTheEnd() {
        AdjustCase wanted = new AdjustCase(List.of(told(1, List.of(1.0))), ONE, List.of(at(0, -1)));
        AnsweringCamera weak = camera(0.8);
        AnsweringCamera strong = camera(3.2);
        AnsweringCamera[] either = new AnsweringCamera[20];
        Arrays.setAll(either, k -> k % 2 == 0 ? weak : strong);
        List<double[]> settings = new ArrayList<>();
        for (double turns : new double[] {0, 0.3125, 1.25}) {
            settings.add(new double[] {turns});
        }
        Lookahead ahead = new Lookahead(wanted, either, either.length, settings);
        double stays = ahead.further(new double[] {0});
        double ends = ahead.further(new double[] {0.3125});
        assertThat(stays).isGreaterThan(ahead.further(new double[] {0.125}));
        // right for one half, and the other half is told by it
        assertThat(ends).isCloseTo(0.5, within(1e-9));
    }

    private static AnsweringCamera camera(double perTurn) {
        return new AnsweringCamera(
                new double[] {-1},
                new double[][] {{perTurn}},
                new double[] {0},
                new double[] {0},
                new double[] {0},
                new double[] {2});
    }
}
