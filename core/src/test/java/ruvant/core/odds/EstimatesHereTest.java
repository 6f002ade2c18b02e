package ruvant.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import ruvant.core.offer.StepMinutes;
import ruvant.core.plan.minutes.Work;

class EstimatesHereTest {
    private static final Work[] WORKS = {Work.WAY_IN, Work.TREAT, Work.REFIT, Work.PROVE};

    @Test
    void aStretchKeepsItsThreeFigures() {
        Stretch is = Stretch.of(StepMinutes.estimated(20, 35, 120));
        assertThat(is.at(-Stretch.ONE_IN_TEN)).isCloseTo(20, within(1e-9));
        assertThat(is.at(0)).isEqualTo(35);
        assertThat(is.at(Stretch.ONE_IN_TEN)).isCloseTo(120, within(1e-9));
        double sum = 0;
        int steps = 200_000;
        for (int at = 0; at < steps; at++) {
            sum += is.at(Stretch.STANDARD.inverseCumulativeProbability((at + 0.5) / steps)) / steps;
        }
        assertThat(is.mean()).isCloseTo(sum, within(0.01));
    }

    @Test
    void nothingIsCorrectedBeforeAnythingIsKnown() {
        EstimatesHere here = new EstimatesHere(List.of());
        assertThat(here.of(Work.TREAT)).isEqualTo(Correction.NONE);
        assertThat(here.howMuchTogether()).isEqualTo(EstimatesHere.TOGETHER_BEFORE);
        assertThat(here.byKind()).isEmpty();
        assertThat(here.held()).isEmpty();
    }

    @Test
    void littleIsLearntFromOneCase() {
        EstimatesHere here = new EstimatesHere(List.of(new EstimateKept(0, Work.TREAT, 20, 30, 45, 90)));
        assertThat(here.of(Work.TREAT).factor()).isBetween(1.2, 2.2);
        assertThat(here.of(Work.REFIT).factor())
                .isBetween(1.05, 2.0)
                .isLessThan(here.of(Work.TREAT).factor());
    }

    /** A shop whose estimates are too short by a third, at refitting by more, and too narrow; jobs are hard throughout or easy. */
    private static List<EstimateKept> shop(int jobs, Random random) {
        List<EstimateKept> kept = new ArrayList<>();
        for (int job = 0; job < jobs; job++) {
            double hard = random.nextGaussian();
            for (Work work : WORKS) {
                double likely = 10 + random.nextInt(60);
                double z = Math.sqrt(0.5) * hard + Math.sqrt(0.5) * random.nextGaussian();
                double took = likely * (work == Work.REFIT ? 1.7 : 1.3) * Math.exp(0.5 * z);
                kept.add(new EstimateKept(job, work, likely / 1.5, likely, likely * 1.5, took));
            }
        }
        return kept;
    }

    @Test
    void aShopThatIsAlwaysTooShortIsFoundOut() {
        EstimatesHere here = new EstimatesHere(shop(150, new Random(3)));
        assertThat(here.of(Work.REFIT).factor()).isCloseTo(1.7, within(0.17));
        assertThat(here.of(Work.TREAT).factor()).isCloseTo(1.3, within(0.13));
        // 1.5 either way is a standard deviation of 0.316, and it was 0.5
        assertThat(here.of(Work.TREAT).width()).isCloseTo(0.5 / 0.316, within(0.2));
        assertThat(here.howMuchTogether()).isCloseTo(0.5, within(0.15));
        assertThat(here.byKind()).hasSize(WORKS.length).allMatch(kind -> kind.within() < 0.75);
    }

    /** Single shops scatter, since the steps of a hard camera all run over together; a hundred of them do not. */
    @Test
    void correctedEstimatesHoldOnCasesThatWereNotSeen() {
        double said = 0;
        double corrected = 0;
        int nearer = 0;
        int shops = 100;
        for (int seed = 0; seed < shops; seed++) {
            EstimatesHere.EstimatesHeld held =
                    new EstimatesHere(shop(60, new Random(1_000 + seed))).held().orElseThrow();
            assertThat(held.count()).isEqualTo(120);
            said += held.withinAsSaid() / shops;
            corrected += held.within() / shops;
            nearer += Math.abs(Math.log(held.ratio())) < Math.abs(Math.log(held.ratioAsSaid())) ? 1 : 0;
        }
        assertThat(said).isLessThan(0.55);
        assertThat(corrected).isBetween(0.74, 0.84);
        assertThat(nearer).isGreaterThan(90);
    }

    @Test
    void aShopThatEstimatesWellIsLeftAlone() {
        Random random = new Random(8);
        List<EstimateKept> kept = new ArrayList<>();
        for (int job = 0; job < 120; job++) {
            double likely = 20 + random.nextInt(40);
            kept.add(new EstimateKept(
                    job,
                    WORKS[job % WORKS.length],
                    likely / 1.6,
                    likely,
                    likely * 1.6,
                    likely * Math.exp(0.367 * random.nextGaussian())));
        }
        EstimatesHere here = new EstimatesHere(kept);
        for (Work work : WORKS) {
            assertThat(here.of(work).factor()).isBetween(0.85, 1.18);
            assertThat(here.of(work).width()).isBetween(0.85, 1.15);
        }
    }
}
