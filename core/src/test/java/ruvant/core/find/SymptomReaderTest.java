package ruvant.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.units.Named;

/** What people say is read as they mean it, or not at all. */
class SymptomReaderTest {
    private static final FaultKnowledge KNOWN = DiagnosisTest.KNOWN;

    private static SymptomReader.Read read(String said, Shown shown) {
        SymptomReader reader = new SymptomReader(KNOWN);
        reader.symptom(Named.of(said), shown);
        return reader.read();
    }

    private static SymptomReader.Read read(String said) {
        return read(said, null);
    }

    private static Set<String> ids(String listed) {
        return listed == null
                ? Set.of()
                : Arrays.stream(listed.split(" ")).filter(one -> !one.isEmpty()).collect(Collectors.toSet());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "slow speeds late and scattered, worse lens down | slowLate slowScatter worseLensDown",
                "1/8 hangs | slowLate",
                "1 s drags | slowLate",
                "1/15 and slower run late, worse lens down | slowLate worseLensDown",
                "1/500 runs long | fastLate",
                "the fastest speeds are too short | fastShort",
                "all speeds slow | allLate",
                "sluggish at all speeds | allLate",
                "only one speed is off | oneSpeedOff",
                "stays open | sticksOpen",
                "shutter doesn't close | sticksOpen",
                "does not open | sticksShut",
                "shutter will not open | sticksShut",
                "won't fire | releasesNot",
                "doesn't release | releasesNot",
                "goes off by itself | releasesItself",
                "self timer stops half-way | timerHangs stopsHalfway",
                "self-timer dead | timerDead",
                "the timer does not run | timerDead",
                "wind-on lever jammed | advanceStiff",
                "advance slips | advanceSlips",
                "rf patch faint | rangeDim",
                "rangefinder off at infinity | rangeFar",
                "needle sticks | meterSticks",
                "meter dead | meterDead",
                "the meter doesn't react | meterDead",
                "meter reads too much | meterHigh",
                "battery does not last | cellDrains",
                "focusing ring very stiff | focusStiff",
                "mirror hangs up | mirrorStays",
                "mirror doesn't come down | mirrorStays",
                "oil on the aperture blades | irisOily",
                "aperture seized | irisStuck",
                "first shot after a rest hangs | firstLate",
                "overlapping frames | spacing",
                "scratches on the film | tears",
                "something rattles inside | rattles",
                "one side of the picture is darker | uneven",
                "B does not hold | bFails",
                "it was dropped | dropped"
            })
    void aSymptomIsTheOneThatIsMeant(String said, String meant) {
        SymptomReader.Read read = read(said);
        assertThat(read.seen()).isEqualTo(ids(meant));
        assertThat(read.denied()).isEmpty();
        assertThat(read.unread()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "meter not dead | meterDead",
                "it never stays open | sticksOpen",
                "slow speeds are not late | slowLate",
                "advance is not stiff | advanceStiff",
                "releases fine | releasesNot",
                "no rattles | rattles",
                "nothing rattles | rattles"
            })
    void whatIsDeniedIsNotSeen(String said, String denied) {
        SymptomReader.Read read = read(said);
        assertThat(read.seen()).isEmpty();
        assertThat(read.denied()).isEqualTo(ids(denied));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "slow speeds are fine | slowLate slowShort slowScatter",
                "self-timer works | timerDead timerHangs",
                "meter ok | meterDead meterSticks meterJumps"
            })
    void aFunctionThatIsSaidToWorkDeniesWhatItWouldShow(String said, String denied) {
        SymptomReader.Read read = read(said);
        assertThat(read.seen()).isEmpty();
        assertThat(read.denied()).containsAll(ids(denied));
        assertThat(read.unread()).isEmpty();
    }

    @Test
    void aFunctionThatDoesNotWorkShowsOneOfWhatItCan() {
        SymptomReader.Read read = read("self-timer does not work");
        assertThat(read.seen()).isEmpty();
        assertThat(read.oneOf()).containsExactly(Set.of("timerDead", "timerHangs"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "stays open now and then",
                "sometimes stays open",
                "stays open one time in ten",
                "stays open, but not always",
                "every third time it stays open"
            })
    void whatIsNotThereEveryTimeComesAndGoes(String said) {
        assertThat(read(said).seen()).containsExactlyInAnyOrder("sticksOpen", "comesAndGoes");
    }

    @Test
    void whatIsThereEveryTimeDoesNotComeAndGo() {
        assertThat(read("always stays open").denied()).containsExactly("comesAndGoes");
        assertThat(read("stays open", new Shown("", "", 1.0, false)).denied()).containsExactly("comesAndGoes");
        assertThat(read("stays open", new Shown("", "", 0.3, false)).seen()).contains("comesAndGoes");
    }

    @Test
    void theSpeedAndTheStateAtWhichItShowsCount() {
        assertThat(read("late", new Shown("1/8", "", null, false)).seen()).containsExactly("slowLate");
        assertThat(read("hangs", new Shown("1/500", "", null, false)).seen()).containsExactly("fastLate");
        assertThat(read("slow speeds late", new Shown("", "lens down", null, false))
                        .seen())
                .containsExactlyInAnyOrder("slowLate", "worseLensDown");
        assertThat(read("advance stiff", new Shown("", "when cold", null, false))
                        .seen())
                .containsExactlyInAnyOrder("advanceStiff", "worseCold");
        assertThat(read("stays open", new Shown("", "after a rest", null, false))
                        .seen())
                .containsExactlyInAnyOrder("sticksOpen", "firstLate");
        assertThat(read("stays open", new Shown("", "now and then", null, false))
                        .seen())
                .containsExactlyInAnyOrder("sticksOpen", "comesAndGoes");
        SymptomReader.Read odd = read("stays open", new Shown("", "on Sundays", null, false));
        assertThat(odd.seen()).containsExactly("sticksOpen");
        assertThat(odd.unread()).containsExactly("stays open, on Sundays");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "purple smell",
                "maybe the slow speeds are late",
                "releases",
                "shutter",
                "slow speeds",
                "could be that it stays open",
                "it used to stay open",
                "light meter"
            })
    void whatIsDoubtedOrUnknownSaysSoAndCountsForNothing(String said) {
        SymptomReader.Read read = read(said);
        assertThat(read.seen()).isEmpty();
        assertThat(read.denied()).isEmpty();
        assertThat(read.oneOf()).isEmpty();
        assertThat(read.unread()).containsExactly(said);
    }

    @Test
    void whatNoLongerShowsCountsForNothing() {
        SymptomReader.Read read = read("stays open", new Shown("", "", null, true));
        assertThat(read.seen()).isEmpty();
        assertThat(read.unread()).hasSize(1);
    }

    @Test
    void everyKnownSymptomIsReadInItsOwnWordsAndInEveryOtherWay() {
        assertThat(KNOWN.symptoms().stream().map(FaultKnowledge.Symptom::id).collect(Collectors.toSet()))
                .containsAll(KNOWN.sayings().symptoms().keySet());
        for (FaultKnowledge.Symptom symptom : KNOWN.symptoms()) {
            assertThat(read(symptom.words()).seen()).as(symptom.words()).containsExactly(symptom.id());
            for (String saying : KNOWN.sayings().symptoms().getOrDefault(symptom.id(), List.of())) {
                assertThat(read(saying).seen()).as(saying).contains(symptom.id());
            }
        }
    }
}
