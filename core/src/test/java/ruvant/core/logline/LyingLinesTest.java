package ruvant.core.logline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.album.AlbumEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.Trays;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

class LyingLinesTest {
    private final Logs logs = Logs.camera();

    private Reading read(String line) {
        return BenchLine.of(logs.picture(), Logs.SHOP).read(line);
    }

    private void type(String line) {
        logs.add(read(line).entries().toArray(JobEntry[]::new));
    }

    @ParameterizedTest
    @CsvSource({
        "off ring; 2B3, 2B3",
        "off ring; well 2b3, 2B3",
        "off ring; tray 2 B3 B4, 2B3 2B4",
        "off ring; in wells B1 and 2B2, B1 2B2",
        "off ring; B1, B1"
    })
    void wellsOfOtherTraysAreRead(String line, String wells) {
        assertThat(read(line).entries().getFirst())
                .isInstanceOfSatisfying(
                        StripEntry.Removed.class,
                        off -> assertThat(off.wells())
                                .extracting(WellName::toString)
                                .containsExactly(wells.split(" ")));
    }

    @Test
    void fourScrewsOfThreadTwoAreNoWell() {
        assertThat(read("off ring, 4m2").entries().getFirst())
                .isInstanceOfSatisfying(
                        StripEntry.Removed.class, off -> assertThat(off.wells()).isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"move ring to B4", "moved the ring, into b4", "move ring in B4", "move rnig to well B4"})
    void whatWasMovedLiesThereFromNowOn(String line) {
        type("off big ring, B3");
        type("off ring, A1");
        type(line.replace("rnig", "ring"));
        Trays trays = Trays.of(logs.picture().valley(), Logs.SHOP.practice());
        assertThat(trays.wells())
                .extracting(well -> well.name() + " " + well.parts().getFirst().name())
                .containsExactly("B3 big ring", "B4 ring");
    }

    @ParameterizedTest
    @ValueSource(strings = {"move", "move ring", "move ring to the drawer", "move plate to B4", "move to B4"})
    void whatIsNotClearAboutAMoveMovesNothing(String line) {
        type("off ring, A1");
        assertThat(read(line).entries()).singleElement().isInstanceOf(SittingEntry.Noted.class);
    }

    @Test
    void nothingMovesIntoAWellThatNoTrayHas() {
        type("off ring, A1");
        assertThat(logs.refusal(new StripEntry.Moved(PartName.of("ring"), List.of(WellName.parse("Z9")))))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("wellUnknown"));
        assertThat(logs.refusal(new StripEntry.Moved(PartName.of("plate"), List.of())))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("partUnknown"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "leave alone two screws at the shaft, they hold the train;two screws at the shaft;they hold the train",
                "left alone: the cam because it is set;the cam;it is set",
                "leave alone the shutter block;the shutter block;''"
            })
    void saysWhatIsBetterLeftAlone(String line, String what, String why) {
        assertThat(read(line).entries()).containsExactly(new StripEntry.LeaveAlone(what, why));
    }

    @Test
    void leavingOutIsStillSaidAsBefore() {
        type("off ring, A1");
        assertThat(read("leave ring, not needed").entries().getFirst())
                .isInstanceOf(ruvant.core.refit.RefitEntry.LeftOut.class);
    }

    @Test
    void aPictureTakenElsewhereIsAwaited() {
        type("off front plate");
        type("picture wires under the front plate");
        assertThat(logs.picture().album().toCome()).singleElement().satisfies(one -> {
            assertThat(one.what().shows()).isEqualTo("wires under the front plate");
            assertThat(one.what().part()).isEqualTo(PartName.of("front plate"));
        });
        String name = "a".repeat(64) + ".jpg";
        logs.add(new AlbumEntry.Pictured(name, "", null, null, logs.last()));
        assertThat(logs.picture().album().toCome()).isEmpty();
        assertThat(logs.refusal(new AlbumEntry.Pictured("b".repeat(64) + ".jpg", "", null, null, logs.last())))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("notToCome"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "mend pawl, bent back;bent back;false;''",
                "mend pawl, new hole drilled, modification, agreed by telephone;new hole drilled;true;by telephone",
                "mend pawl, filed, owner agreed: on Tuesday;filed;true;on Tuesday",
                "mend pawl, filed, differs from factory;filed;true;''"
            })
    void aModificationIsSaidWithTheOwnersWord(String line, String what, boolean modification, String agreed) {
        assertThat(read(line).entries())
                .containsExactly(new TreatEntry.Mended(PartName.of("pawl"), what, modification, agreed));
    }
}
