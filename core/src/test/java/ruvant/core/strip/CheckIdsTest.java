package ruvant.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.units.Named;

/** Checks were once told by their words: logs from then are read by these patterns, whatever checks are called today. */
class CheckIdsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 × detent ball in place | loose/detent-ball",
                "Ball in its seat | ball",
                "Mark matched: notch at red line | mark",
                "Stack in order: 1 hook up, 2 hook down | stack",
                "Mechanism as it was: cocked | state",
                "Set as it was: 1/125 | setting",
                "Spring hooked and free to move | spring",
                "Soldered again | solder",
                "Soldered again: blue wire, upper tag | solder/blue-wire-upper-tag",
                "Left-hand thread: started the other way round | leftHand",
                "Aluminium thread: started by finger, snug only | aluminium",
                "Nothing trapped under it: levers free, no wire pinched | trapped",
                "All 4 started before any is tight | startAll",
                "Trays looked at: no piece lies there but its own | traysEmpty",
                "What worked at intake tried again, while it can be reached | triedAgain",
                "Cleaned, but no point of it is oiled: retard train | unoiled/retard-train",
                "Not oiled since it was cleaned: pivots | notOiled/pivots",
                "Wound again, or meant to stay down: mainspring | wound/mainspring"
            })
    void whatAnEarlierVersionSaidIsTheSameCheck(String words, String id) {
        assertThat(CheckIds.known(Named.of(words)).id()).isEqualTo(id);
        assertThat(CheckIds.known(Named.of(words)).words()).isEqualTo(words);
    }

    @Test
    void aCheckThatIsToldByItsIdIsLeftAsItIs() {
        Named said = new Named("ball", "Is the ball in?");
        assertThat(CheckIds.known(said)).isSameAs(said);
    }

    @Test
    void aCheckOfOnesOwnIsOneOfItsOwn() {
        Named own = Named.of("Ball in its seat, greased");
        assertThat(CheckIds.known(own)).isEqualTo(own);
        assertThat(own.id()).isEqualTo("ball-in-its-seat-greased");
    }

    @Test
    void severalOfAKindAreToldApartByWhatTheyAreAbout() {
        assertThat(CheckIds.of("loose", "Ball", "1 × ball in place"))
                .isEqualTo(CheckIds.of("loose", "ball", "the ball is in"))
                .isNotEqualTo(CheckIds.of("loose", "washer", "1 × washer in place"));
        assertThat(CheckIds.of("solder", "", "Soldered again").id()).isEqualTo("solder");
    }
}
