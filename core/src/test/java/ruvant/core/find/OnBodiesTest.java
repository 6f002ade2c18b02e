package ruvant.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import ruvant.core.ShippedData;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;

/** Nobody is told of what their camera does not have. */
class OnBodiesTest {
    private final FaultKnowledge shipped = ShippedData.of(FaultKnowledge.class, "faults.json");

    private static boolean speaksOf(FaultKnowledge knowledge, String word) {
        return knowledge.causes().stream().anyMatch(one -> one.words().contains(word))
                || knowledge.looks().stream().anyMatch(one -> one.words().contains(word));
    }

    @ParameterizedTest
    @CsvSource({
        "BOX, bellows",
        "BOX, rangefinder",
        "BOX, helicoid",
        "BOX, rewind",
        "RIGID, bellows",
        "RIGID, mirror hinge",
        "FOLDING, mirror hinge",
        "FOLDING, mirror bumper",
        "SLR, bellows",
        "SLR, red window",
        "TLR, rangefinder",
        "LENS, sprocket",
        "LENS, bellows",
        "LENS, selenium"
    })
    void whatABodyDoesNotHaveIsNotSpokenOf(BodyType body, String word) {
        assertThat(speaksOf(shipped, word)).as("%s is known at all", word).isTrue();
        assertThat(speaksOf(shipped.on(body), word)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "FOLDING, bellows",
        "SLR, mirror bumper",
        "BOX, red window",
        "RIGID, rangefinder",
        "SUBMINIATURE, sprocket"
    })
    void whatItHasIs(BodyType body, String word) {
        assertThat(speaksOf(shipped.on(body), word)).isTrue();
    }

    @ParameterizedTest
    @EnumSource(BodyType.class)
    void whatIsLeftHangsTogether(BodyType body) {
        FaultKnowledge here = shipped.on(body);
        List<String> causes =
                here.causes().stream().map(FaultKnowledge.Cause::id).toList();
        assertThat(here.looks()).allMatch(look -> look.finds().keySet().stream().anyMatch(causes::contains));
        assertThat(here.symptoms())
                .allMatch(symptom -> here.causes().stream()
                        .anyMatch(cause -> cause.symptoms().containsKey(symptom.id())));
        for (Family family : Family.values()) {
            Diagnosis diagnosis = Diagnosis.of(here, family, CaseEvidence.NONE);
            assertThat(diagnosis.suspects(CaseEvidence.NONE))
                    .isNotEmpty()
                    .allMatch(one -> one.cause().canBeOn(body));
        }
    }

    @Test
    void everyFieldOfWhatIsShippedIsInOrder() {
        assertThat(shipped.problems()).isEmpty();
    }
}
