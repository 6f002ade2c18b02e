package ruvant.core.logline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.adjust.AdjustEntry;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.adjust.AdjusterKind;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.Shop;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.TurnUnit;
import ruvant.core.units.Named;

class AdjustLinesTest {
    private static final Shop SHOP = new Shop(
            Logs.SHOP.practice(),
            Logs.SHOP.materials(),
            Logs.SHOP.lubrication(),
            Logs.SHOP.lists(),
            new AdjusterBook(
                    1,
                    List.of(
                            new AdjusterBook.Result(Named.of("height"), "arc-min", 0, 1, 0.3, "", "", false, "why"),
                            new AdjusterBook.Result(
                                    Named.of("film freed first"), "", 0, 1, 0, "too late", "too early", false, "why")),
                    List.of(
                            kind("retard engagement", TurnUnit.EIGHTHS),
                            kind("cocking rack", TurnUnit.TEETH),
                            kind("height screw", TurnUnit.SIXTEENTHS, new AdjustEntry.Moves("height", 8)))),
            Logs.SHOP.faults(),
            Logs.SHOP.plans(),
            Logs.SHOP.pricing(),
            Logs.SHOP.proofs());

    private final Logs logs = Logs.camera();

    private static AdjusterKind kind(String name, TurnUnit unit, AdjustEntry.Moves... moves) {
        return new AdjusterKind(
                "",
                Named.of(name),
                new AdjusterKind.Limits(unit, -2, 2),
                AdjusterKind.HeldBy.FREE,
                List.of(new AdjusterKind.OverSpeeds(0, 9, 1)),
                List.of(moves),
                AdjusterKind.Where.ALL,
                "why");
    }

    private Reading read(String line) {
        return BenchLine.of(logs.picture(), SHOP).read(line);
    }

    private JobEntry last(String line) {
        return read(line).entries().getLast();
    }

    @ParameterizedTest
    @CsvSource({
        "turn retard engagement 1/8 cw,          retard engagement, EIGHTHS,    0.125",
        "turn engagement 1/4 in,                 retard engagement, EIGHTHS,    0.25",
        "turned engagement out 3/8,              retard engagement, EIGHTHS,    -0.375",
        "turn engagement an eighth anticlockwise, retard engagement, EIGHTHS,   -0.125",
        "turn engagement 1 1/8 turns in,         retard engagement, EIGHTHS,    1.125",
        "turn engagement 1 turn out,             retard engagement, EIGHTHS,    -1",
        "turn engagement 1/16 in,                retard engagement, SIXTEENTHS, 0.0625",
        "turn engagement 30 deg ccw,             retard engagement, DEGREES,    -0.0833333",
        "turn rack 1 tooth back,                 cocking rack,      TEETH,      -1",
        "turn rack 2 on,                         cocking rack,      TEETH,      2",
        "turn curtain roller 3 clicks tighter,   curtain roller,    DETENTS,    3",
        "turn brake 1/2 in,                      brake,             EIGHTHS,    0.5"
    })
    void turnsAreRead(String line, String adjuster, TurnUnit unit, double by) {
        AdjustEntry.Turned turned = (AdjustEntry.Turned) last(line);

        assertThat(turned.adjuster().words()).isEqualTo(adjuster);
        assertThat(turned.unit()).isEqualTo(unit);
        assertThat(turned.by()).isCloseTo(by, org.assertj.core.data.Offset.offset(1e-6));
    }

    @Test
    void whatIsKnownOfAnAdjusterIsEnteredWithItsFirstTurnOnly() {
        Reading first = read("turn height screw 1/16 in");
        assertThat(first.entries())
                .extracting(entry -> entry.getClass().getSimpleName())
                .containsExactly("AdjusterDescribed", "ResultDescribed", "Turned");

        logs.add(first.entries().toArray(JobEntry[]::new));
        assertThat(read("turn height screw 1/16 in").entries()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"turn engagement 1/8 turn, which way", "turn engagement 1 in, how far"})
    void whatATurnLacksIsSaid(String line, String lacks) {
        assertThat(read(line).chips().getFirst().trouble())
                .hasValueSatisfying(why -> assertThat(why.message()).contains(lacks));
        assertThat(last(line)).isInstanceOf(SittingEntry.Noted.class);
    }

    @Test
    void aTurnThatNobodyMeasuredIsKeptInItsWords() {
        assertThat(last("turn engagement in a hair"))
                .isEqualTo(new AdjustEntry.Nudged(Named.of("retard engagement"), "in a hair"));
    }

    @Test
    void aSentenceThatTurnsNothingStaysANote() {
        assertThat(last("turns freely after the flush")).isInstanceOf(SittingEntry.Noted.class);
        assertThat(last("result is good so far")).isInstanceOf(SittingEntry.Noted.class);
    }

    @Test
    void resultsAreReadAsFiguresOrAsWhatCameFirst() {
        assertThat(last("result height -1.5 arc-min")).isEqualTo(new AdjustEntry.ResultRead("height", -1.5, ""));
        assertThat(last("result film freed first: too late"))
                .isEqualTo(new AdjustEntry.ResultJudged("film freed first", AdjustEntry.Came.TOO_LOW, ""));
        assertThat(last("result film freed first early"))
                .isEqualTo(new AdjustEntry.ResultJudged("film freed first", AdjustEntry.Came.TOO_HIGH, ""));
        assertThat(last("result film freed first right"))
                .isEqualTo(new AdjustEntry.ResultJudged("film freed first", AdjustEntry.Came.RIGHT, ""));
        assertThat(last("result film freed first")).isInstanceOf(SittingEntry.Noted.class);
        assertThat(last("result height much")).isInstanceOf(SittingEntry.Noted.class);
    }
}
