package ruvant.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.Logs;
import ruvant.core.picture.JobPicture;
import ruvant.core.practice.adjust.OrderToAdjust;
import ruvant.core.practice.adjust.RangefinderToAdjust;
import ruvant.core.units.Named;

class OrderOfEventsTest {
    private static final int MOST = 40;

    private static AdjustPlan plan(OrderToAdjust camera) {
        JobPicture job = Logs.camera().picture();
        return new Adjusting(
                        camera.picture(), job.received(), job.practice(), AdjusterBook.EMPTY, LearnedResponses.NONE)
                .plan(List.of(Named.of("trip")));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void ordersComeRightInFewerTrialsThanStepByStep(int orders) {
        int advised = 0;
        int byHand = 0;
        int stops = 0;
        int right = 0;
        for (long seed = 0; seed < 80; seed++) {
            OrderToAdjust camera = new OrderToAdjust(orders, seed);
            if (!camera.reachable() || camera.right()) {
                continue;
            }
            boolean goesOn = true;
            int needed = MOST;
            while (goesOn && camera.trials() < MOST) {
                AdjustPlan plan = plan(camera);
                switch (plan.verdict()) {
                    case TURN -> camera.turnTo(plan.turns().getFirst().to());
                    case FIRE_MORE ->
                        camera.turnTo(camera.picture().settings().getLast().of(Named.of("trip")));
                    default -> {
                        stops++;
                        right += camera.right() ? 1 : 0;
                        goesOn = false;
                    }
                }
                needed = needed == MOST && camera.right() ? camera.trials() : needed;
            }
            advised += needed;
            OrderToAdjust hands = new OrderToAdjust(orders, seed);
            while (!hands.right() && hands.trials() < MOST) {
                hands.goOnByHand();
            }
            byHand += hands.trials();
        }

        assertThat(advised).isLessThan((int) (0.75 * byHand));
        assertThat(right).isGreaterThan((int) (0.94 * stops));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void aRangefinderWorkedOutFromItsMirrorComesRight(long seed) {
        RangefinderToAdjust camera = new RangefinderToAdjust(seed);
        Advice advice = Advisor.advise(camera.asCase());
        while (advice.verdict() == Advice.Verdict.TURN || advice.verdict() == Advice.Verdict.FIRE_MORE) {
            assertThat(camera.cycles()).isLessThan(8);
            camera.turnTo(advice.next());
            advice = Advisor.advise(camera.asCase());
        }

        assertThat(advice.verdict()).isEqualTo(Advice.Verdict.STOP_IN_TOLERANCE);
    }
}
