package ruvant.core.plan.minutes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.trade.Family;
import ruvant.core.units.FieldProblem;

class MinutesKnownTest {
    private static final Took.Task SHUTTER = new Took.Task(Work.TREAT, Family.LEAF_UNIT, "Tern 6", "shutter");

    private static Took took(Took.Task task, String person, double minutes) {
        return new Took(task, person, minutes);
    }

    private static MinutesKnown known(Took... all) {
        return new MinutesKnown(List.of(all));
    }

    @Test
    void withoutAHistoryItIsWhatIsUsualAndFarFromSure() {
        Guess guess = known().guess(SHUTTER, "Ina");
        assertThat(guess.median()).isEqualTo(Work.TREAT.usualMinutes());
        assertThat(guess.seen()).isZero();
        assertThat(guess.within(0.9) / guess.within(0.1))
                .as("ninth to first tenth")
                .isGreaterThan(8);
    }

    @Test
    void oneJobPullsHalfwayAndManyPullAllTheWay() {
        Guess once = known(took(SHUTTER, "Ina", 60)).guess(SHUTTER, "Ina");
        assertThat(once.median()).isBetween(35.0, 58.0);
        Guess often = new MinutesKnown(Collections.nCopies(12, took(SHUTTER, "Ina", 60))).guess(SHUTTER, "Ina");
        assertThat(often.median()).isCloseTo(60, within(1.5));
        assertThat(often.spread()).isLessThan(once.spread());
        assertThat(often.seen()).isEqualTo(12);
    }

    @Test
    void aModelNeverSeenLeansOnItsFamilyAndLessOnAnother() {
        MinutesKnown known = new MinutesKnown(Collections.nCopies(12, took(SHUTTER, "Ina", 60)));
        double sameFamily = known.guess(new Took.Task(Work.TREAT, Family.LEAF_UNIT, "Tern 9", "shutter"), "Ina")
                .median();
        double otherFamily = known.guess(new Took.Task(Work.TREAT, Family.ROTARY, "Owl", "shutter"), "Ina")
                .median();
        assertThat(sameFamily).isLessThan(60).isGreaterThan(otherFamily);
        assertThat(otherFamily).isGreaterThan(Work.TREAT.usualMinutes());
    }

    @Test
    void aQuickHandIsExpectedToBeQuickAtOtherCamerasToo() {
        List<Took> took = new ArrayList<>();
        for (int camera = 0; camera < 10; camera++) {
            Took.Task task = new Took.Task(Work.REFIT, Family.FOCAL_CLOTH, "Model " + camera, "");
            took.add(took(task, "Ina", 30));
            took.add(took(task, "Bo", 60));
        }
        MinutesKnown known = new MinutesKnown(took);
        Took.Task fresh = new Took.Task(Work.REFIT, Family.FOCAL_CLOTH, "Model new", "");
        assertThat(known.guess(fresh, "Bo").median() / known.guess(fresh, "Ina").median())
                .isBetween(1.5, 2.05);
        assertThat(known.guess(fresh, "").median())
                .isBetween(
                        known.guess(fresh, "Ina").median(),
                        known.guess(fresh, "Bo").median());
    }

    @Test
    void otherWorkIsNotTouched() {
        MinutesKnown known = known(took(SHUTTER, "Ina", 200));
        assertThat(known.guess(new Took.Task(Work.PROVE, Family.LEAF_UNIT, "Tern 6", ""), "Ina")
                        .median())
                .isEqualTo(Work.PROVE.usualMinutes());
    }

    @Test
    void theMeanOfALogNormalIsAboveItsMedian() {
        Guess guess = new Guess(40, 0.5, 3);
        assertThat(guess.within(0.5)).isCloseTo(40, within(1e-6));
        assertThat(guess.mean()).isCloseTo(40 * Math.exp(0.125), within(1e-9));
        assertThat(guess.within(0.8)).isCloseTo(40 * Math.exp(0.5 * 0.8416212), within(1e-4));
    }

    @Test
    void minutesOfNoLengthAreRefused() {
        assertThatThrownBy(() -> took(SHUTTER, "Ina", 0)).isInstanceOf(FieldProblem.class);
    }

    /**
     * Shops drawn with other sizes, and with a heavier tail, than what is learnt with: eighty of a hundred must come true in about
     * eighty. Each shop works on for a while and every piece of work is foretold before it is done.
     */
    @ParameterizedTest
    @CsvSource({"0.15,0.2,0.2,0.15,0.25", "0.6,0.5,0.35,0.3,0.5", "0.3,0.9,0.6,0.1,0.35", "0.9,0.3,0.2,0.4,0.7"})
    void whatIsSaidWithEightyPercentIsSoInAboutEighty(
            double family, double part, double model, double person, double noise) {
        Random random = new Random(31);
        int said = 0;
        int so = 0;
        int below = 0;
        for (int shop = 0; shop < 25; shop++) {
            double[] families = gaussian(random, 3, family);
            double[][] parts = {gaussian(random, 4, part), gaussian(random, 4, part), gaussian(random, 4, part)};
            double[] models = gaussian(random, 8 * 4, model);
            double[] people = gaussian(random, 2, person);
            double usual = random.nextGaussian() * 0.5;
            List<Took> history = new ArrayList<>();
            for (int job = 0; job < 90; job++) {
                int camera = random.nextInt(8);
                int which = random.nextInt(4);
                int who = random.nextInt(2);
                Took.Task task =
                        new Took.Task(Work.TREAT, Family.values()[camera % 3], "Model " + camera, "part " + which);
                double heavy = random.nextInt(12) == 0 ? 2 : 0.9;
                double minutes = Work.TREAT.usualMinutes()
                        * Math.exp(usual
                                + families[camera % 3]
                                + parts[camera % 3][which]
                                + models[camera * 4 + which]
                                + people[who]
                                + heavy * noise * random.nextGaussian());
                minutes = Math.max(0.2, Math.min(1_400, minutes));
                if (job >= 40 && job % 10 == 0) {
                    Guess guess = new MinutesKnown(history).guess(task, "P" + who);
                    said++;
                    so += minutes >= guess.within(0.1) && minutes <= guess.within(0.9) ? 1 : 0;
                    below += minutes <= guess.within(0.8) ? 1 : 0;
                }
                history.add(took(task, "P" + who, minutes));
            }
        }
        assertThat(100.0 * so / said)
                .as("between the first and the ninth tenth")
                .isBetween(70.0, 90.0);
        assertThat(100.0 * below / said).as("not above four fifths").isBetween(70.0, 90.0);
    }

    private static double[] gaussian(Random random, int count, double size) {
        return random.doubles(count).map(any -> size * random.nextGaussian()).toArray();
    }
}
