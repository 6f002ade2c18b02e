package ruvant.core.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.house.Rates;
import ruvant.core.log.Line;
import ruvant.core.log.RecordEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.shelf.Condition;
import ruvant.core.shelf.ForNeed;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.ShelfLog;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.shelf.ShelfRoom;
import ruvant.core.shelf.StatedFit;
import ruvant.core.shelf.Thing;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;
import ruvant.core.trade.SourceKind;
import ruvant.core.units.PartName;

class OpenNeedsTest {
    private static final PartName PINION = PartName.of("retard pinion");
    private static final CameraKind OLDER = new CameraKind("Pellworm", "Twin", "1st pattern");
    private static final Rates RATES = new Rates(6_000, 300, 9_000, 120);

    private final Logs logs = Logs.camera();

    private List<Sources.Asked> asked() {
        JobPicture job = logs.picture();
        return OpenNeeds.of(job.tag(), job.received(), job.promised(), job.parts(), RATES);
    }

    @Test
    void whatACameraIsWorthIsSharedAmongItsOpenNeeds() {
        assertThat(asked()).isEmpty();
        logs.add(new PartsEntry.NeedOpened(PINION, "of 14 teeth"));
        assertThat(asked()).extracting(Sources.Asked::worthMinor).containsExactly(9_000L);
        logs.add(new PartsEntry.NeedOpened(PartName.of("speed ring"), "cracked"));
        assertThat(asked()).extracting(Sources.Asked::worthMinor).containsExactly(4_500L, 4_500L);
        logs.add(new PartsEntry.NeedDropped(PINION, "mended after all"));
        assertThat(asked()).extracting(one -> one.need().part().text()).containsExactly("speed ring");
    }

    @Test
    void whatIsTakenIsAtTheBenchUntilItIsFitted() {
        ShelfLog shelf = new ShelfLog();
        UUID stock = shelf.add(new ShelfEntry.StockAdded(ShelfLog.stock("retard pinion", OLDER, Condition.NEW), 1));
        ForNeed need = new ForNeed(logs.picture().tag(), PINION);
        shelf.add(new ShelfEntry.Taken(Thing.stock(stock), need, 1));
        logs.add(new PartsEntry.NeedOpened(PINION, "of 14 teeth"));

        JobPicture before = logs.picture();
        ShelfPicture picture = shelf.picture();
        assertThat(OpenNeeds.atBench(before.tag(), before.parts(), picture))
                .singleElement()
                .satisfies(one -> assertThat(one.source().from()).isEqualTo("drawer 3, S-1"));

        logs.add(new PartsEntry.Replaced(
                PINION, SourceKind.STOCK, "drawer 3, S-1", "", true, "", null, OLDER, "", null, stock));
        JobPicture after = logs.picture();
        assertThat(OpenNeeds.atBench(after.tag(), after.parts(), picture)).isEmpty();
        assertThat(after.parts().openNeeds()).isEmpty();
    }

    @Test
    void howAPieceFittedIsAskedOnceAndOnlyWhereItTeaches() {
        logs.add(new PartsEntry.Replaced(PINION, SourceKind.DONOR, "D-4", "", true, "", null, OLDER, "", null, null));
        logs.add(new PartsEntry.Replaced(
                PartName.of("foam"), SourceKind.GENERIC, "roll", "", true, "", null, null, "1.5 mm", null, null));
        PartsPicture parts = logs.picture().parts();
        assertThat(parts.fitToJudge(PINION)).isPresent();
        assertThat(parts.fitToJudge(PINION).orElseThrow().what().madeFor(CameraKind.ANY))
                .isEqualTo(OLDER);
        assertThat(parts.fitToJudge(PartName.of("foam"))).isEmpty();

        logs.after(1).add(new PartsEntry.FitSeen(PINION, OLDER, FitOutcome.AS_IS, ""));
        assertThat(logs.picture().parts().fitToJudge(PINION)).isEmpty();
        logs.after(1).add(new PartsEntry.Replaced(PINION, SourceKind.DONOR, "D-5", "2nd pattern", true, ""));
        PartsPicture again = logs.picture().parts();
        assertThat(again.fitToJudge(PINION).orElseThrow().what().madeFor(new CameraKind("Pellworm", "Twin", "3rd")))
                .as("with nothing said it is of this model")
                .isEqualTo(new CameraKind("Pellworm", "Twin", "2nd pattern"));
    }

    @Test
    void pairsAreListedOnceThoseTriedMostFirst() {
        CameraKind newer = new CameraKind("Pellworm", "Twin", "2nd pattern");
        StatedFit stated = new StatedFit("", OLDER, newer, StatedFit.Strength.ALWAYS, "");
        List<KnownPairs.Pair> pairs = KnownPairs.of(
                List.of(
                        new Fit("pawl", OLDER, newer, FitOutcome.NOT),
                        new Fit("speed ring", newer, OLDER, FitOutcome.AS_IS),
                        new Fit("speed ring", newer, OLDER, FitOutcome.AS_IS)),
                List.of(stated));
        assertThat(pairs).extracting(KnownPairs.Pair::part).containsExactly("speed ring", "pawl", "");
        assertThat(pairs.getLast().belief().chance()).isCloseTo(0.95, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(pairs.get(1).belief().stated()).isEqualTo("said to fit always");
    }

    @Test
    void everyLineOfTheShelfHasItsWords() {
        ShelfLog shelf = new ShelfLog();
        UUID stock = shelf.add(new ShelfEntry.StockAdded(ShelfLog.stock("retard pinion", OLDER, Condition.NEW), 3));
        ForNeed need = ShelfLog.need(61, "retard pinion");
        ShelfPicture picture = shelf.picture();
        assertThat(ShelfRoom.ROOMS.words(new ShelfEntry.Taken(Thing.stock(stock), need, 2), picture::name))
                .isEqualTo("taken for R-0061: 2 × retard pinion for Pellworm Twin, 1st pattern");
        assertThat(ShelfRoom.ROOMS.words(new ShelfEntry.StockCounted(stock, 1), picture::name))
                .isEqualTo("counted: 1 × retard pinion for Pellworm Twin, 1st pattern");
        assertThat(ShelfRoom.ROOMS.words(new RecordEntry.Struck(stock, "twice"), picture::name))
                .isEqualTo("struck out a line: twice");
        assertThat(new Line(stock, 1, ShelfLog.START, " Ines K. ", null, new RecordEntry.Struck(stock, "")).by())
                .isEqualTo("Ines K.");
    }
}
