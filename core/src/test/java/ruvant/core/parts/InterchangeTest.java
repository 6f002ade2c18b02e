package ruvant.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.shelf.StatedFit;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;

class InterchangeTest {
    private static final CameraKind FIRST = new CameraKind("Pellworm", "Twin", "1st pattern");
    private static final CameraKind SECOND = new CameraKind("Pellworm", "Twin", "2nd pattern");
    private static final CameraKind THIRD = new CameraKind("Pellworm", "Twin", "3rd pattern");
    private static final CameraKind OTHER = new CameraKind("Quillon", "35", "");

    private static Fit fit(CameraKind from, CameraKind into, FitOutcome outcome) {
        return new Fit("Focus rack", from, into, outcome);
    }

    private static Interchange.Belief belief(CameraKind from, CameraKind into, Fit... tried) {
        return new Interchange(List.of(tried)).of("focus rack", from, into);
    }

    @Test
    void withoutATryItIsWhatIsUsualBetweenSuchKinds() {
        assertThat(belief(FIRST, FIRST).chance()).isCloseTo(0.9, within(1e-9));
        assertThat(belief(FIRST, SECOND).chance()).isCloseTo(0.6, within(1e-9));
        assertThat(belief(OTHER, SECOND).chance()).isCloseTo(1.0 / 6, within(1e-9));
        assertThat(belief(FIRST, SECOND).words()).isEqualTo("never tried here");
    }

    @Test
    void eachTryCountsOnce() {
        List<Fit> tried = new ArrayList<>();
        for (int n = 0; n < 4; n++) {
            tried.add(fit(FIRST, SECOND, n == 0 ? FitOutcome.WITH_WORK : FitOutcome.AS_IS));
        }
        tried.add(fit(FIRST, SECOND, FitOutcome.NOT));
        Interchange.Belief belief = new Interchange(tried).of("FOCUS RACK", FIRST, SECOND);

        // Beta(3 + 4, 2 + 1)
        assertThat(belief.chance()).isCloseTo(0.7, within(1e-9));
        assertThat(belief.asIs()).isCloseTo(0.75, within(1e-9));
        assertThat(belief.words()).isEqualTo("fits in 4 of 5 tries here");
        // quantiles of Beta(7, 3) as tables have them
        assertThat(belief.low()).isCloseTo(0.4504, within(5e-4));
        assertThat(belief.high()).isCloseTo(0.9023, within(5e-4));
    }

    @Test
    void aChainAndATheOtherWayRoundAreWeakerAndSaidToBeSo() {
        Interchange.Belief chain =
                belief(FIRST, THIRD, fit(FIRST, SECOND, FitOutcome.AS_IS), fit(SECOND, THIRD, FitOutcome.AS_IS));
        Interchange.Belief direct = belief(FIRST, THIRD, fit(FIRST, THIRD, FitOutcome.AS_IS));
        Interchange.Belief back = belief(FIRST, SECOND, fit(SECOND, FIRST, FitOutcome.NOT));

        // each link (3 + 1) / (5 + 1) = 2/3: a count of half a try at 4/9
        assertThat(chain.chance()).isCloseTo((3 + 0.5 * 4 / 9) / 5.5, within(1e-9));
        assertThat(chain.chance()).isLessThan(direct.chance());
        assertThat(chain.tries()).isZero();
        assertThat(chain.words()).contains("never tried here", "by way of Pellworm Twin, 2nd pattern");
        assertThat(back.chance()).isCloseTo(3 / 5.5, within(1e-9));
        assertThat(back.words()).contains("the other way round it did not fit");
    }

    @Test
    void anotherPartSaysNothing() {
        assertThat(new Interchange(List.of(fit(FIRST, SECOND, FitOutcome.NOT)))
                        .of("pawl", FIRST, SECOND)
                        .chance())
                .isCloseTo(0.6, within(1e-9));
    }

    @Test
    void whatIsStatedTakesThePlaceOfWhatIsUsualAndTriesAddToIt() {
        StatedFit ofAll = new StatedFit("", FIRST, SECOND, StatedFit.Strength.SELDOM, "");
        StatedFit ofRack = new StatedFit("focus rack", FIRST, SECOND, StatedFit.Strength.MOSTLY, "works manual");
        Interchange both = new Interchange(List.of(fit(FIRST, SECOND, FitOutcome.AS_IS)), List.of(ofAll, ofRack));

        // mostly counts as 3.2 of 4; then one that fitted
        assertThat(both.of("focus rack", FIRST, SECOND).chance()).isCloseTo(4.2 / 5, within(1e-9));
        assertThat(both.of("pawl", FIRST, SECOND).chance()).isCloseTo(0.2, within(1e-9));
        assertThat(both.of("pawl", FIRST, SECOND).words()).isEqualTo("never tried here, said to fit seldom");
        assertThat(both.of("pawl", SECOND, FIRST).stated()).isEmpty();
    }

    @Test
    void aStatementOfTheModelHoldsForEachPatternButACloserOneWins() {
        CameraKind anyPattern = new CameraKind("Pellworm", "Twin", "");
        StatedFit wide = new StatedFit("", anyPattern, anyPattern, StatedFit.Strength.MOSTLY, "");
        StatedFit close = new StatedFit("", FIRST, SECOND, StatedFit.Strength.NEVER, "");
        Interchange stated = new Interchange(List.of(), List.of(wide, close));

        assertThat(stated.of("pawl", FIRST, THIRD).chance()).isCloseTo(0.8, within(1e-9));
        assertThat(stated.of("pawl", FIRST, SECOND).chance()).isLessThan(0.1);
        assertThat(stated.of("pawl", FIRST, FIRST).chance())
                .as("its own pattern")
                .isCloseTo(0.9, within(1e-9));
    }
}
