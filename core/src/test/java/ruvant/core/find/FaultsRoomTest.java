package ruvant.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.log.ShopLog;

/** Changes of what is known of faults as a log. */
class FaultsRoomTest {
    private static final FaultKnowledge KNOWN = DiagnosisTest.KNOWN;
    private static final FaultKnowledge.Cause GUMMED = KNOWN.causes().getFirst();
    private final ShopLog log = new ShopLog(new FaultsRoom(KNOWN));

    private static FaultsEntry called(String words, double prior) {
        FaultKnowledge.Cause changed = new FaultKnowledge.Cause(
                GUMMED.id(),
                GUMMED.area(),
                words,
                prior,
                "often seen in this shop",
                GUMMED.symptoms(),
                GUMMED.calls(),
                GUMMED.signature());
        return new FaultsEntry.FaultsChanged(new FaultChanges(List.of(), List.of(changed), List.of()));
    }

    private FaultKnowledge.Cause gummed() {
        return log.fold(FaultsRoom.Fold.class).changes().in(KNOWN).causes().stream()
                .filter(one -> one.id().equals(GUMMED.id()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aCauseThatIsCalledOtherwiseKeepsItsPlaceAndRemembersItsNames() {
        log.add(called("train stuck with old oil", 14));
        log.add(called("train varnished", 20));
        assertThat(gummed().words()).isEqualTo("train varnished");
        assertThat(gummed().prior()).isEqualTo(20);
        assertThat(gummed().formerly()).contains(GUMMED.words(), "train stuck with old oil");
        assertThat(log.fold(FaultsRoom.Fold.class).changes().in(KNOWN).causes()).hasSameSizeAs(KNOWN.causes());
    }

    @Test
    void takenBackItIsAsItCame() {
        log.add(called("train varnished", 20));
        assertThat(log.add(new FaultsEntry.FaultTakenBack(GUMMED.id()))).isEmpty();
        assertThat(gummed()).isEqualTo(GUMMED);
        log.strikeLast();
        assertThat(gummed().words()).isEqualTo("train varnished");
    }

    @Test
    void aCauseThatNoLookTellsIsRefused() {
        FaultKnowledge.Cause mystery = new FaultKnowledge.Cause(
                "own-mystery",
                GUMMED.area(),
                "nobody knows what",
                1,
                "seen once",
                GUMMED.symptoms(),
                GUMMED.calls(),
                "");
        FaultsEntry added = new FaultsEntry.FaultsChanged(new FaultChanges(List.of(), List.of(mystery), List.of()));
        assertThat(log.add(added)).hasValueSatisfying(refusal -> {
            assertThat(refusal.code()).isEqualTo("gaps");
            assertThat(refusal.message()).contains("nobody knows what");
        });
        assertThat(log.fold(FaultsRoom.Fold.class).changes()).isEqualTo(FaultChanges.NONE);
    }

    @Test
    void everySymptomThatShipsSaysWhyItIsSeenWithoutACause() {
        assertThat(KNOWN.symptoms()).allSatisfy(one -> {
            assertThat(one.why()).as(one.id()).isNotBlank();
            assertThat(one.otherwise()).as(one.id()).isBetween(0.003, 0.3);
        });
        assertThat(KNOWN.symptoms().stream()
                        .map(FaultKnowledge.Symptom::why)
                        .distinct()
                        .count())
                .as("a reason of its own for nearly each")
                .isGreaterThan(KNOWN.symptoms().size() - 8L);
    }
}
