package ruvant.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.house.HousePractice;
import ruvant.core.house.ModelSheet;
import ruvant.core.house.SpeedLimits;
import ruvant.core.house.SpeedsAllowed;
import ruvant.core.measure.SpeedVerdict;
import ruvant.core.picture.FaultMap;
import ruvant.core.signature.PatternOfJob;
import ruvant.core.signature.ShutterCause;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.Family;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Verdict;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

class SaidBySpeedsTest {
    private final Logs logs = Logs.camera();

    private void fired(String speed, Attitude attitude, boolean afterRest, Double... seconds) {
        logs.add(new ProveEntry.FiringsTimed(speed, Phase.BEFORE, attitude, "", List.of(seconds), afterRest));
    }

    private SpeedRow row(String speed, HousePractice practice) {
        return SpeedTable.of(Logs.received(), logs.picture().prove(), practice).stream()
                .filter(row -> row.speed().equals(speed))
                .findFirst()
                .orElseThrow();
    }

    private static HousePractice house(Map<Family, SpeedLimits> limits, List<ModelSheet> sheets) {
        return Logs.SHOP.practice().with(new SpeedsAllowed(limits, sheets));
    }

    @Test
    void theMakerComesBeforeTheHouseAndTheHouseBeforeTheTrade() {
        fired("1/60", Attitude.LEVEL, false, 0.0178, 0.0179, 0.0178, 0.0177);
        SpeedLimits strict = new SpeedLimits(0.10, 0.15, 0.05, 0.2, 0.3);
        SpeedLimits lax = new SpeedLimits(0.60, 0.60, 0.2, 0.5, 0.8);
        HousePractice house = house(Map.of(Family.LEAF_LENS, strict), List.of());
        HousePractice maker = house(
                Map.of(Family.LEAF_LENS, strict),
                List.of(new ModelSheet(
                        "pellworm", "TWIN", "sheet 7", Optional.of(lax), Map.of("1/60", 1.0 / 60), null, null)));

        SpeedRow trade = row("1/60", house(Map.of(), List.of()));
        SpeedRow byHouse = row("1/60", house);
        SpeedRow byMaker = row("1/60", maker);

        assertThat(trade.allowed().source()).isEqualTo("usual, leaf shutter, lens-mounted");
        assertThat(trade.before().orElseThrow().verdict().kind()).isEqualTo(SpeedVerdict.Kind.IN);
        assertThat(byHouse.allowed().source()).startsWith("house practice");
        assertThat(byHouse.before().orElseThrow().verdict().kind()).isEqualTo(SpeedVerdict.Kind.OUT);
        assertThat(byMaker.allowed().ev()).isEqualTo(0.60);
        assertThat(byMaker.allowed().source()).isEqualTo("maker, sheet 7");
        assertThat(byMaker.nominal().seconds()).isEqualTo(1.0 / 60);
        assertThat(byMaker.nominal().source()).isEqualTo("maker, sheet 7");
        assertThat(row("1/125", maker).nominal().source()).startsWith("doubling");
    }

    @Test
    void theFirstFiringAfterARestIsKeptApartAndHeldAgainstTheOthers() {
        fired("1/60", Attitude.LEVEL, true, 0.031, 0.0156, 0.0157, 0.0155);
        fired("1/60", Attitude.LEVEL, true, 0.029, 0.0156, 0.0158, 0.0156);

        SpeedRow row = row("1/60", Logs.SHOP.practice());

        assertThat(row.before().orElseThrow().seconds()).hasSize(6).doesNotContain(0.031, 0.029);
        assertThat(row.firstAfterRest().orElseThrow().rests()).isEqualTo(2);
        assertThat(row.firstAfterRest().orElseThrow().effectEv()).isCloseTo(0.94, within(0.03));
        assertThat(row.firstAfterRest().orElseThrow().chance()).isLessThan(0.001);
    }

    @Test
    void aGuessIsHeldAgainstWhatIsMeasuredNextAndStandsAloneUntilThen() {
        logs.add(new ProveEntry.SpeedGuessed("1/60", Phase.BEFORE, "half a stop slow", 0.5));
        assertThat(row("1/60", Logs.SHOP.practice()).guesses())
                .containsExactly(new SpeedRow.Guessed(
                        logs.now(), "Ada", Phase.BEFORE, "half a stop slow", 0.5, Optional.empty()));

        fired("1/60", Attitude.LENS_DOWN, false, 0.05);
        fired("1/60", Attitude.LEVEL, false, 1 / 32.0);
        logs.add(new ProveEntry.SpeedGuessed("1/60", Phase.BEFORE, "right", 0));
        fired("1/60", Attitude.LEVEL, false, 1 / 64.0);

        assertThat(row("1/60", Logs.SHOP.practice()).guesses())
                .extracting(guess -> guess.measuredEv().orElseThrow())
                .as("the newest first")
                .containsExactly(0.0, 1.0);
    }

    @Test
    void theMapShowsWhatWasDoneBetweenMisses() {
        fired("1/60", Attitude.LEVEL, false, 0.0156, 0.0157, 0.031, 0.0155);
        fired("1/125", Attitude.LEVEL, false, 0.0078, 0.0079, 0.0077);
        fired("1/60", Attitude.LENS_DOWN, false, 0.033, 0.0156);
        logs.add(new TreatEntry.Cleaned(PartName.of("train"), "naphtha", List.of("metal"), Verdict.OK, ""));
        fired("1/60", Attitude.LEVEL, true, 0.0156, 0.0156);

        FaultMap map = FaultMap.of(logs.log(), logs.picture());

        assertThat(map.speeds()).containsExactly("1/60", "1/125");
        assertThat(map.firings()).isEqualTo(11);
        assertThat(map.misses()).isEqualTo(2);
        assertThat(map.columns()).hasSize(3);
        assertThat(map.columns().get(0).cells()).containsOnlyKeys("1/60", "1/125");
        assertThat(map.columns().get(0).cells().get("1/60").missRate()).isEqualTo(0.25);
        assertThat(map.columns().get(1).attitude()).isEqualTo(Attitude.LENS_DOWN);
        assertThat(map.columns().get(1).cells().get("1/60").missed())
                .extracting(FaultMap.MappedFiring::missed)
                .containsExactly(true, false);
        assertThat(map.columns().get(2).done()).singleElement().asString().contains("cleaned train");
        assertThat(map.columns().get(2).cells().get("1/60").missed().getFirst().afterRest())
                .isTrue();
    }

    @Test
    void nothingFiredMakesAnEmptyMap() {
        assertThat(FaultMap.of(logs.log(), logs.picture()).columns()).isEmpty();
    }

    @Test
    void aJobSFiringsSayWhatMayBeWrong() {
        assertThat(PatternOfJob.of(Logs.received(), logs.picture().prove(), Logs.SHOP.practice(), Phase.BEFORE))
                .as("nothing was fired")
                .isEmpty();
        fired("1", Attitude.LEVEL, false, 1.6, 1.9, 1.5, 1.7);
        fired("1", Attitude.LENS_DOWN, false, 2.2, 2.3);
        fired("1/60", Attitude.LEVEL, false, 0.020, 0.023, 0.019, 0.021);
        fired("1/125", Attitude.LEVEL, false, 0.0079, 0.0080, 0.0079, 0.0080);
        fired("1/500", Attitude.LEVEL, false, 0.00195, 0.00196, 0.00196, 0.00195);

        PatternOfJob.Read read = PatternOfJob.of(
                        Logs.received(), logs.picture().prove(), Logs.SHOP.practice(), Phase.BEFORE)
                .orElseThrow();

        assertThat(read.firings()).isEqualTo(18);
        assertThat(read.ranking().causes().getFirst().cause()).isEqualTo(ShutterCause.TRAIN_GUMMED);
        assertThat(read.ranking().sentence())
                .contains("1 late by 0.7 EV and scattered", "1/125 to 1/500 near", "lens down longer");
        assertThat(PatternOfJob.of(Logs.received(), logs.picture().prove(), Logs.SHOP.practice(), Phase.AFTER))
                .isEmpty();
    }
}
