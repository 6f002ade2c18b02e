package ruvant.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.offer.IfNot;
import ruvant.core.offer.OptionKind;
import ruvant.core.offer.OptionPart;
import ruvant.core.offer.OptionStep;
import ruvant.core.offer.RepairOption;
import ruvant.core.offer.StepMinutes;
import ruvant.core.trade.Stop;

class OptionReckoningTest {
    private static final long HOUR = 4_800;

    private static OptionFigures figures(RepairOption option, Long asIs, Long parts) {
        return new OptionReckoning(HOUR, 0.3, step -> Correction.NONE, 5).of(option, asIs, parts);
    }

    private static RepairOption option(List<OptionStep> steps, List<OptionPart> parts, Long worth) {
        return new RepairOption("it", OptionKind.FULL, "Full repair", steps, parts, worth);
    }

    private static OptionStep step(Stop stop, int minutes, int chance, IfNot ifNot) {
        return new OptionStep(stop, "step", "", StepMinutes.estimated(minutes, minutes, minutes), chance, ifNot);
    }

    /** Worked by hand: an hour to open, an hour to mend with a part at 20.00, half an hour to close; 48.00 an hour. */
    @Test
    void whatIsKnownToTheMinuteIsExact() {
        OptionFigures is = figures(
                option(
                        List.of(
                                step(Stop.STRIP, 60, 100, IfNot.STOPS),
                                step(Stop.MEND, 60, 100, IfNot.STOPS),
                                step(Stop.REFIT, 30, 100, IfNot.STOPS)),
                        List.of(new OptionPart("spring", 2, 1_000, 100, 0)),
                        20_000L),
                5_000L,
                1_000L);
        assertThat(is.expectedMinor()).isEqualTo(14_000);
        assertThat(is.cost().value()).isEqualTo(14_000);
        assertThat(is.cost().exact()).isTrue();
        assertThat(is.expectedMinutes()).isEqualTo(150);
        assertThat(is.chanceWorks()).isEqualTo(1);
        assertThat(is.breakEvenMinor()).contains(15_000L);
        assertThat(is.gainMinor()).contains(1_000L);
    }

    /**
     * Worked by hand: opening 60 min always; freeing a ring 30 min works in 80 %, else the camera is lost; the part can be had in
     * 50 %; mending 60 min; closing 40 min unless it is lost. Mending is reached in 0.8 × 0.5 = 40 %. Minutes: 60 + 30 + 0.4 × 60 +
     * 0.8 × 40 = 146, which is 116.80; the part 0.4 × 30.00 = 12.00. Worth: 0.4 × 200 + 0.2 × 10 + 0.4 × 50 = 102.
     */
    @Test
    void chancesBranchWhereAStepMayFail() {
        OptionFigures is = figures(
                option(
                        List.of(
                                step(Stop.STRIP, 60, 100, IfNot.STOPS),
                                step(Stop.STRIP, 30, 80, IfNot.LOST),
                                step(Stop.MEND, 60, 100, IfNot.STOPS),
                                step(Stop.REFIT, 40, 100, IfNot.STOPS)),
                        List.of(new OptionPart("gear", 1, 3_000, 50, 10)),
                        20_000L),
                5_000L,
                1_000L);
        assertThat(is.expectedMinutes()).isCloseTo(146, within(1e-9));
        assertThat(is.expectedMinor()).isEqualTo(11_680 + 1_200);
        assertThat(is.chanceWorks()).isCloseTo(0.4, within(1e-12));
        assertThat(is.chanceLost()).isCloseTo(0.2, within(1e-12));
        assertThat(is.expectedWorthMinor()).contains(10_200L);
        assertThat(is.breakEvenMinor()).contains(5_200L);
        // all of it: 190 min and the part, in 40 % of the cases
        assertThat(is.cost().value()).isCloseTo(18_200, within(1e-6));
        assertThat(is.cost().exact()).isFalse();
    }

    @Test
    void leavingItWorksNothingAndKeepsItsWorth() {
        OptionFigures is = figures(
                new RepairOption(
                        "leave",
                        OptionKind.LEAVE,
                        "Leave",
                        List.of(step(Stop.RETURN, 10, 100, IfNot.STOPS)),
                        List.of(),
                        null),
                5_000L,
                null);
        assertThat(is.chanceWorks()).isZero();
        assertThat(is.breakEvenMinor()).contains(0L);
        assertThat(is.expectedMinor()).isEqualTo(800);
    }

    @Test
    void worthIsNotGuessedWhereNobodySaidIt() {
        List<OptionStep> may = List.of(step(Stop.MEND, 30, 90, IfNot.LOST));
        assertThat(figures(option(may, List.of(), 9_000L), 1_000L, null).expectedWorthMinor())
                .isEmpty();
        assertThat(figures(option(may, List.of(), 9_000L), null, 100L).breakEvenMinor())
                .isEmpty();
        assertThat(figures(option(may, List.of(), null), 1_000L, 100L).breakEvenMinor())
                .isEmpty();
    }

    @Test
    void oneUncertainStepIsWorkedOut() {
        OptionStep mend = new OptionStep(Stop.MEND, "mend", "", StepMinutes.estimated(30, 60, 180), 100, IfNot.STOPS);
        OptionFigures is =
                figures(option(List.of(step(Stop.STRIP, 60, 100, IfNot.STOPS), mend), List.of(), 1L), 0L, 0L);
        assertThat(is.minutes().value()).isCloseTo(240, within(1e-9));
        assertThat(is.minutes().exact()).isTrue();
    }

    /** The figures against a simulation that shares no code with them. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void figuresHoldAgainstASimulation(long seed) {
        Random random = new Random(seed);
        RepairOption option = random(random);
        double together = 0.3;
        OptionFigures is = new OptionReckoning(HOUR, together, step -> Correction.NONE, seed).of(option, 4_000L, 700L);
        int courses = 150_000;
        double[] costs = new double[courses];
        double sum = 0;
        double squares = 0;
        double worth = 0;
        int worked = 0;
        int lost = 0;
        for (int at = 0; at < courses; at++) {
            Played one = Played.of(option, together, random);
            costs[at] = one.minutes * HOUR / 60 + one.parts;
            sum += costs[at];
            squares += costs[at] * costs[at];
            worked += one.works ? 1 : 0;
            lost += one.lost ? 1 : 0;
            worth += one.works ? option.worthMinor() : one.lost ? 700 : 4_000;
        }
        double mean = sum / courses;
        double error = Math.sqrt((squares / courses - mean * mean) / courses);
        assertThat(is.expectedMinor()).isCloseTo(Math.round(mean), within((long) (4.5 * error + 1)));
        assertThat(is.chanceWorks()).isCloseTo(worked / (double) courses, within(0.007));
        assertThat(is.chanceLost()).isCloseTo(lost / (double) courses, within(0.007));
        assertThat(is.expectedWorthMinor().orElseThrow().doubleValue())
                .isCloseTo(worth / courses, within(0.007 * 40_000));
        Arrays.sort(costs);
        double ninety = costs[(int) (0.9 * courses)];
        double own = costs[(int) (0.9 * courses + 250)] - ninety;
        assertThat(is.cost().value()).isCloseTo(ninety, within(4.5 * is.cost().error() + 2 * own + 1e-6));
    }

    /** The error that is stated with a simulated figure is the error that it has. */
    @Test
    void theStatedErrorIsHonest() {
        RepairOption option = random(new Random(77));
        double[] values = new double[200];
        double stated = 0;
        for (int at = 0; at < values.length; at++) {
            OptionFigures is = new OptionReckoning(HOUR, 0.3, step -> Correction.NONE, 1_000 + at).of(option, 1L, 1L);
            values[at] = is.cost().value();
            stated += is.cost().error() / values.length;
        }
        double mean = Arrays.stream(values).average().orElseThrow();
        double spread = Math.sqrt(
                Arrays.stream(values).map(one -> (one - mean) * (one - mean)).sum() / (values.length - 1));
        assertThat(stated / spread).isBetween(0.75, 1.35);
    }

    private static RepairOption random(Random random) {
        List<OptionStep> steps = new ArrayList<>();
        for (Stop stop : Stop.values()) {
            if (random.nextInt(4) > 0) {
                int likely = 5 + random.nextInt(90);
                steps.add(new OptionStep(
                        stop,
                        "step",
                        "",
                        StepMinutes.estimated(
                                Math.max(1, likely - random.nextInt(likely)),
                                likely,
                                likely + random.nextInt(3 * likely)),
                        random.nextBoolean() ? 100 : 60 + random.nextInt(40),
                        random.nextInt(4) == 0 ? IfNot.LOST : IfNot.STOPS));
            }
        }
        List<OptionPart> parts = new ArrayList<>();
        for (int at = random.nextInt(3); at > 0; at--) {
            parts.add(new OptionPart("part", 1 + random.nextInt(3), random.nextInt(4_000), 50 + random.nextInt(51), 3));
        }
        return option(steps, parts, 20_000L + random.nextInt(20_000));
    }

    /** One course of an option, played step by step from what the words of an option say. */
    private static final class Played {
        private double minutes;
        private long parts;
        private boolean works = true;
        private boolean lost;

        static Played of(RepairOption option, double together, Random random) {
            Played it = new Played();
            double shop = random.nextGaussian();
            boolean gotParts = false;
            for (OptionStep step : option.steps()) {
                boolean late = switch (step.stop()) {
                    case MEND, OIL, REFIT, PROVE, RETURN -> true;
                    default -> false;
                };
                if (late && !gotParts) {
                    gotParts = true;
                    it.get(option, random);
                }
                boolean closing = step.stop() == Stop.REFIT || step.stop() == Stop.RETURN;
                if (it.lost || !it.works && !closing) {
                    continue;
                }
                double z = Math.sqrt(together) * shop + Math.sqrt(1 - together) * random.nextGaussian();
                double outer = z < 0 ? step.minutes().low() : step.minutes().high();
                it.minutes += step.minutes().likely()
                        * Math.pow(outer / step.minutes().likely(), Math.abs(z) / 1.2815515655446004);
                if (it.works && 100 * random.nextDouble() >= step.chance()) {
                    it.works = false;
                    it.lost = step.ifNot() == IfNot.LOST;
                }
            }
            if (!gotParts) {
                it.get(option, random);
            }
            return it;
        }

        private void get(RepairOption option, Random random) {
            long price = 0;
            boolean all = true;
            for (OptionPart part : option.parts()) {
                price += part.count() * part.unitMinor();
                all &= 100 * random.nextDouble() < part.chance();
            }
            if (works && all) {
                parts = price;
            }
            works &= all;
        }
    }
}
