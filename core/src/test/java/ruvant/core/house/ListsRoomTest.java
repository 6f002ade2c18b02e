package ruvant.core.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruvant.core.ShippedLists;
import ruvant.core.log.ShopLog;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Drive;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

class ListsRoomTest {
    private final ShopLog log = new ShopLog(new ListsRoom(ShippedLists.LISTS));

    private Optional<Refusal> add(ListsEntry entry) {
        return log.add(entry);
    }

    private TradeLists here() {
        return log.fold(ListsRoom.Fold.class).changes().in(ShippedLists.LISTS);
    }

    private static ListsEntry words(String... words) {
        return new ListsEntry.ListsChanged(new ListChanges(
                List.of(new TradeLists.WordList(TradeLists.MOVING, "Moving parts", List.of(words))),
                List.of(),
                List.of(),
                List.of(),
                List.of()));
    }

    private static ListsEntry rung(TradeLists.Rung rung) {
        return new ListsEntry.ListsChanged(new ListChanges(List.of(), List.of(), List.of(), List.of(rung), List.of()));
    }

    @Test
    void aShopsOwnWordsTakeThePlaceOfWhatShipsAndCanBeTakenBack() {
        assertThat(add(words("slide", "Train "))).isEmpty();
        assertThat(here().moves(PartName.of("focus slide"))).isTrue();
        assertThat(here().moves(PartName.of("retard TRAIN"))).isTrue();
        assertThat(here().moves(PartName.of("cam"))).isFalse();
        assertThat(add(new ListsEntry.ListTakenBack(TradeLists.MOVING))).isEmpty();
        assertThat(here()).isEqualTo(ShippedLists.LISTS);
        assertThat(log.lastWords()).isEqualTo("reset to what ships: moving");
        assertThat(log.strikeLast()).isEmpty();
        assertThat(here().moves(PartName.of("focus slide"))).isTrue();
    }

    @Test
    void anEmptyListIsRefusedWithWhatIsMissing() {
        assertThat(add(words(" "))).hasValueSatisfying(refusal -> {
            assertThat(refusal.code()).isEqualTo("gaps");
            assertThat(refusal.message()).contains("“moving” are missing");
        });
        assertThat(here()).isEqualTo(ShippedLists.LISTS);
    }

    @Test
    void whatWasNeverChangedCannotBeTakenBack() {
        assertThat(add(new ListsEntry.ListTakenBack(TradeLists.MOVING)))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("notChanged"));
    }

    @Test
    void aRungOfOnesOwnComesBeforeWhatCannotBeUndone() {
        add(rung(new TradeLists.Rung(
                "own-ultrasound", "ultrasound", "in a bag in the bath", "cement", 10, false, null)));
        assertThat(here().rungs())
                .extracting(TradeLists.Rung::id)
                .containsSubsequence("heat", "own-ultrasound", "spanner-holes", "drill-out");
    }

    @Test
    void aShopsOwnFunctionsAreTriedOnItsCameras() {
        add(new ListsEntry.ListsChanged(new ListChanges(
                List.of(),
                List.of(new TradeLists.Functions(
                        "own-coupled",
                        "coupled rangefinders",
                        List.of(BodyType.FOLDING),
                        List.of(Named.of("Rangefinder")))),
                List.of(),
                List.of(),
                List.of())));
        assertThat(here().functionsOf(BodyType.FOLDING)).contains(Named.of("Rangefinder"), Named.of("Bellows"));
        assertThat(here().functionsOf(BodyType.BOX)).doesNotContain(Named.of("Rangefinder"));
    }

    private static ListsEntry noun(String topic, String means, String... words) {
        return new ListsEntry.ListsChanged(new ListChanges(
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(new TradeLists.Noun(topic, means, List.of(words)))));
    }

    @Test
    void aShopsOwnNounsAreReadInTheLogLineAndNamedInTheRecord() {
        assertThat(add(noun("drive", "SLOTTED", "slot", "Blade "))).isEmpty();
        assertThat(here().nouns("drive", Drive.class))
                .containsEntry("blade", Drive.SLOTTED)
                .doesNotContainKey("slotted");
        assertThat(log.lastWords()).isEqualTo("changed: slotted");
        assertThat(add(new ListsEntry.ListTakenBack("drive.SLOTTED"))).isEmpty();
        assertThat(here()).isEqualTo(ShippedLists.LISTS);
    }

    @Test
    void aNounThatMeansTwoThingsOrNothingIsRefused() {
        assertThat(add(noun("drive", "SLOTTED", "cross")))
                .hasValueSatisfying(refusal -> assertThat(refusal.message()).contains("“cross” means two things"));
        assertThat(add(noun("drive", "SLOTTED", " ")))
                .hasValueSatisfying(refusal -> assertThat(refusal.message()).contains("Nothing is meant"));
        assertThat(add(noun("drive", "WINGED", "winged"))).isPresent();
        assertThat(here()).isEqualTo(ShippedLists.LISTS);
    }

    @Test
    void twoWindowsOnOneListAreToldOfEachOther() {
        add(words("slide"));
        assertThat(log.unseen(0, words("cam"))).singleElement();
        assertThat(log.unseen(log.lastSequence(), words("cam"))).isEmpty();
    }
}
