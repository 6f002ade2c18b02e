package ruvant.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.practice.adjust.ByHand;
import ruvant.core.practice.adjust.CameraToAdjust;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Named;

class AdvisorTest {
    private static final Adjuster ENGAGEMENT = new Adjuster("engagement", 0.125, -1, 1, -1, List.of(0.5, 1.0));
    private static final List<WantedResult> SPEEDS =
            List.of(new WantedResult("1/8", 0.25, 0.04), new WantedResult("1/15", 0.25, 0.04));

    private static Advice advice(Adjuster adjuster, double[]... turnsAndErrors) {
        return advice(adjuster, SPEEDS, turnsAndErrors);
    }

    private static Advice advice(Adjuster adjuster, List<WantedResult> results, double[]... turnsAndErrors) {
        List<Trial> trials = new ArrayList<>();
        for (double[] one : turnsAndErrors) {
            trials.add(Trial.of(new double[] {one[0]}, new double[] {one[1], one[2]}));
        }
        return Advisor.advise(new AdjustCase(List.of(adjuster), results, trials));
    }

    @Test
    void itTurnsTheWayThatIsKnownToHelp() {
        Advice slow = advice(ENGAGEMENT, new double[] {0, 0.4, 0.8});
        Advice fast = advice(ENGAGEMENT, new double[] {0, -0.4, -0.8});

        assertThat(slow.verdict()).isEqualTo(Advice.Verdict.TURN);
        assertThat(slow.next().getFirst()).isPositive();
        assertThat(fast.next().getFirst()).isNegative();
        assertThat(slow.why()).startsWith("Turn “engagement” +").contains("to find out how much it moves");
        assertThat(slow.next().getFirst() / 0.125)
                .isEqualTo(Math.rint(slow.next().getFirst() / 0.125));
    }

    @Test
    void itBelievesTheTrialsWhereTheyContradictWhatWasSupposed() {
        Advice after = advice(ENGAGEMENT, new double[] {0, 0.4, 0.8}, new double[] {0.25, 0.55, 1.1});

        assertThat(after.verdict()).isEqualTo(Advice.Verdict.TURN);
        assertThat(after.next().getFirst()).isNegative();
        assertThat(after.why()).contains("engagement", "× its tolerance");
    }

    @Test
    void itStopsWhereAllIsWithinTolerance() {
        Advice stop = advice(ENGAGEMENT, new double[] {0, 0.05, -0.05});

        assertThat(stop.verdict()).isEqualTo(Advice.Verdict.STOP_IN_TOLERANCE);
        assertThat(stop.next()).containsExactly(0.0);
        assertThat(stop.probabilityInTolerance()).isGreaterThan(0.95);
    }

    @Test
    void itSetsTwoSpeedsThatCannotBothBePleasedEquallyFarOff() {
        Adjuster same = new Adjuster("cam follower", 0.125, -1, 1, 1, List.of(1.0, 1.0));
        Advice advice = advice(
                same,
                List.of(new WantedResult("1/8", 0.25, 0.01), new WantedResult("1/15", 0.25, 0.01)),
                new double[] {0, 0.2, 1.4},
                new double[] {-0.5, -0.3, 0.9},
                new double[] {-0.75, -0.55, 0.65},
                new double[] {-0.875, -0.68, 0.52},
                new double[] {-0.75, -0.54, 0.66});

        assertThat(advice.verdict()).isEqualTo(Advice.Verdict.STOP_BEST_COMPROMISE);
        assertThat(advice.why()).contains("No setting brings everything within tolerance");
    }

    @Test
    void itSaysThatTurningItDoesNothing() {
        Advice advice = advice(
                ENGAGEMENT,
                new double[] {0, 0.6, 0.8},
                new double[] {0.5, 0.61, 0.8},
                new double[] {1, 0.6, 0.81},
                new double[] {-1, 0.6, 0.8});

        assertThat(advice.verdict()).isEqualTo(Advice.Verdict.RESPONSE_NOT_AS_EXPECTED);
        assertThat(advice.why()).contains("slips");
    }

    @Test
    void itAsksForMoreFiringsWhereTheyScatterTooWidelyToTell() {
        AdjustCase scattered = new AdjustCase(
                List.of(ENGAGEMENT),
                List.of(new WantedResult("1/8", 0.25, 0.4), new WantedResult("1/15", 0.25, 0.4)),
                List.of(
                        Trial.of(new double[] {0}, new double[] {0.3, 0.1}),
                        Trial.of(new double[] {0}, new double[] {-0.2, 0.1})));

        assertThat(Advisor.advise(scattered).verdict()).isEqualTo(Advice.Verdict.FIRE_MORE);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void itNeedsFewerCyclesThanHandsAndStopsWhereItIsRight(int adjusters) {
        int advised = 0;
        int byHand = 0;
        int stopped = 0;
        int right = 0;
        for (int seed = 0; seed < 60; seed++) {
            CameraToAdjust camera = new CameraToAdjust(adjusters, seed);
            int cycles = camera.done() ? 0 : -1;
            for (int cycle = 0; cycle < 15; cycle++) {
                Advice advice = Advisor.advise(camera.asCase());
                if (advice.verdict() == Advice.Verdict.STOP_IN_TOLERANCE) {
                    stopped++;
                    right += camera.done() ? 1 : 0;
                    break;
                }
                camera.turnTo(advice.next());
                cycles = cycles < 0 && camera.done() ? camera.cycles() : cycles;
            }
            advised += cycles < 0 ? 15 : cycles;
            CameraToAdjust same = new CameraToAdjust(adjusters, seed);
            ByHand hands = new ByHand();
            while (!same.done() && same.cycles() < 15) {
                hands.goOn(same);
            }
            byHand += same.cycles();
        }
        assertThat(advised).isLessThan(byHand);
        assertThat(stopped).isGreaterThan(40);
        assertThat(right).isGreaterThanOrEqualTo(stopped - 3);
    }

    @Test
    void itGivesTheSameAdviceForTheSameTrials() {
        assertThat(advice(ENGAGEMENT, new double[] {0, 0.4, 0.8}))
                .isEqualTo(advice(ENGAGEMENT, new double[] {0, 0.4, 0.8}));
    }

    @Test
    void whatDoesNotFitIsRefusedInWords() {
        assertThatThrownBy(() -> new Adjuster("x", 0.001, -50, 50, 0, List.of()))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("step");
        assertThatThrownBy(() -> new AdjustCase(List.of(ENGAGEMENT), SPEEDS, List.of()))
                .isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> new AdjustCase(
                        List.of(new Adjuster("y", 0.125, -1, 1, 0, List.of(1.0))),
                        SPEEDS,
                        List.of(Trial.of(new double[] {0}, new double[] {0, 0}))))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("1 effects for 2 results");
    }

    @Test
    void moreThanWantedIsNothingWrongWhereMoreIsFine() {
        WantedResult exposures = new WantedResult(Named.of("exposures per winding"), 2, 0.5, true);
        Adjuster spring = new Adjuster("motor spring", 0.25, -1, 1, 1, List.of(4.0));
        Advice more = Advisor.advise(new AdjustCase(
                List.of(spring), List.of(exposures), List.of(Trial.of(new double[] {0}, new double[] {6}))));
        assertThat(more.verdict()).isEqualTo(Advice.Verdict.STOP_IN_TOLERANCE);
        Advice fewer = Advisor.advise(new AdjustCase(
                List.of(spring), List.of(exposures), List.of(Trial.of(new double[] {0}, new double[] {-6}))));
        assertThat(fewer.verdict()).isEqualTo(Advice.Verdict.TURN);
        assertThat(fewer.next().getFirst()).isPositive();
    }
}
