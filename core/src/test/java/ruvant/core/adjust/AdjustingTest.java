package ruvant.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.log.RecordEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.NextStep;
import ruvant.core.picture.ReturnSheets;
import ruvant.core.prove.ProveEntry;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.Family;
import ruvant.core.trade.Phase;
import ruvant.core.trade.TurnUnit;
import ruvant.core.trade.Verdict;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

class AdjustingTest {
    private static final String HOLD = "Hold the shaft before the pawl is lifted.";
    private static final AdjusterBook BOOK = new AdjusterBook(
            1,
            List.of(
                    new AdjusterBook.Result(
                            Named.of("height"), "arc-min", 0, 1, 0.3, "", "", false, "one image above the other"),
                    new AdjusterBook.Result(
                            Named.of("film freed first"), "", 0, 1, 0, "too late", "too early", false, "two clicks")),
            List.of(
                    kind(
                            "engagement",
                            TurnUnit.EIGHTHS,
                            AdjusterLock.SCREW,
                            "",
                            List.of(over(0.012, 10, 1)),
                            List.of()),
                    kind(
                            "curtain",
                            TurnUnit.EIGHTHS,
                            AdjusterLock.RATCHET,
                            HOLD,
                            List.of(over(0, 0.012, 1)),
                            List.of()),
                    kind(
                            "film release",
                            TurnUnit.SIXTEENTHS,
                            AdjusterLock.PAINT,
                            "",
                            List.of(),
                            List.of(new AdjustEntry.Moves("film freed first", 1)))));

    private final Logs logs = Logs.camera();

    private static AdjusterKind.OverSpeeds over(double from, double to, double effect) {
        return new AdjusterKind.OverSpeeds(from, to, effect);
    }

    private static AdjusterKind kind(
            String name,
            TurnUnit unit,
            AdjusterLock lock,
            String caution,
            List<AdjusterKind.OverSpeeds> speeds,
            List<AdjustEntry.Moves> moves) {
        return new AdjusterKind(
                "",
                Named.of(name),
                new AdjusterKind.Limits(unit, -1, 1),
                new AdjusterKind.HeldBy(lock, caution, moves.isEmpty() ? "" : "top cover", 12),
                speeds,
                moves,
                AdjusterKind.Where.ALL,
                "why");
    }

    private Adjusting adjusting() {
        return adjusting(LearnedResponses.NONE);
    }

    private Adjusting adjusting(LearnedResponses learned) {
        JobPicture job = logs.picture();
        return new Adjusting(job.adjust(), job.received(), job.practice(), BOOK, learned);
    }

    private void fired(String speed, double nominal, double errorEv) {
        List<Double> seconds = Stream.of(-0.02, 0.0, 0.02)
                .map(off -> nominal * Math.pow(2, errorEv + off))
                .toList();
        logs.add(new ProveEntry.FiringsTimed(speed, Phase.AFTER, Attitude.LEVEL, "", seconds, false));
    }

    private List<AdjustPlan.TriedSetting> history() {
        return adjusting().history(adjusting().plan(List.of(Named.of("engagement"))));
    }

    private void turned(String adjuster, double by) {
        logs.add(new AdjustEntry.Turned(adjuster, TurnUnit.EIGHTHS, by, ""));
    }

    @Test
    void firingsAndTurnsMakeTrialsByThemselves() {
        fired("1/60", 1.0 / 64, 0.8);
        turned("engagement", -0.125);
        turned("engagement", -0.125);
        fired("1/60", 1.0 / 64, 0.3);

        List<AdjustPlan.TriedSetting> history = history();

        assertThat(history).hasSize(2);
        assertThat(history.getFirst().turned()).containsExactly("engagement 2/8 turn out");
        assertThat(history.getFirst().seen()).containsExactly("1/60 +0.30");
        assertThat(history.getFirst().lines()).hasSize(3);
        assertThat(history.getLast().seen()).containsExactly("1/60 +0.80");
    }

    @Test
    void itAsksForAMeasurementThenForATurnThenStops() {
        assertThat(adjusting().plan(List.of(Named.of("engagement"))).verdict())
                .isEqualTo(AdjustPlan.Verdict.MEASURE_FIRST);

        fired("1", 1, 0.8);
        fired("1/60", 1.0 / 64, 0.7);
        AdjustPlan turn = adjusting().plan(List.of(Named.of("engagement")));

        assertThat(turn.verdict()).isEqualTo(AdjustPlan.Verdict.TURN);
        assertThat(turn.turns().getFirst().by()).isNegative();
        assertThat(turn.turns().getFirst().line()).matches("turn engagement \\d/8 out");
        assertThat(turn.why()).contains("× its tolerance");

        logs.add(new AdjustEntry.Turned(
                "engagement", TurnUnit.EIGHTHS, turn.turns().getFirst().by(), ""));
        AdjustPlan measure = adjusting().plan(List.of(Named.of("engagement")));
        assertThat(measure.verdict()).isEqualTo(AdjustPlan.Verdict.MEASURE_FIRST);
        assertThat(measure.why()).contains("after the last turn", "1/60");

        fired("1", 1, 0.05);
        fired("1/60", 1.0 / 64, -0.02);
        assertThat(adjusting().plan(List.of(Named.of("engagement"))).verdict())
                .isEqualTo(AdjustPlan.Verdict.IN_TOLERANCE);
    }

    @Test
    void aReadingHoldsUntilAnAdjusterIsTurnedThatMovesIt() {
        fired("1/60", 1.0 / 64, 0.8);
        turned("film release", 0.25);
        assertThat(measured("engagement"))
                .as("the film release does not move the speeds")
                .isEqualTo(1);
        turned("engagement", -0.125);
        assertThat(measured("engagement")).isZero();
    }

    private int measured(String adjuster) {
        return adjusting().offers().stream()
                .filter(one -> one.what().name().equals(Named.of(adjuster)))
                .findFirst()
                .orElseThrow()
                .measured();
    }

    @Test
    void whatMovesMostOfWhatIsOffIsChosenWhereNobodyChose() {
        fired("1/500", 1.0 / 512, 0.9);
        fired("1/60", 1.0 / 64, 0.0);

        assertThat(adjusting().usualChoice()).containsExactly(Named.of("curtain"));
        assertThat(adjusting().offers().getFirst().off()).containsExactly(Named.of("1/500"));

        turned("engagement", 0.125);
        assertThat(adjusting().usualChoice()).containsExactly(Named.of("engagement"));
    }

    @Test
    void whatDropsTheTensionIsHeldBeforeItIsLetGo() {
        for (double error : new double[] {0.9, -0.9}) {
            Logs fresh = Logs.camera();
            fresh.add(new ProveEntry.FiringsTimed(
                    "1/500",
                    Phase.AFTER,
                    Attitude.LEVEL,
                    "",
                    List.of(Math.pow(2, error) / 512, Math.pow(2, error) / 512),
                    false));
            JobPicture job = fresh.picture();
            AdjustPlan plan = new Adjusting(job.adjust(), job.received(), job.practice(), BOOK, LearnedResponses.NONE)
                    .plan(List.of(Named.of("curtain")));

            List<String> steps = plan.turns().getFirst().steps();
            int release = IntStream.range(0, steps.size())
                    .filter(i -> steps.get(i).contains("pawl"))
                    .findFirst()
                    .orElseThrow();
            assertThat(steps.getFirst()).isEqualTo(HOLD);
            assertThat(release).isZero();
        }
    }

    @Test
    void aRatchetThatNobodyWroteACautionForIsWarnedOfAllTheSame() {
        AdjustEntry.AdjusterDescribed bare = new AdjustEntry.AdjusterDescribed(
                "roller", TurnUnit.EIGHTHS, -1, 1, AdjusterLock.RATCHET, "", "", 0, List.of());

        AdjustPlan.Turn out = TurnSteps.of(bare, 0, -0.25);

        assertThat(out.steps().getFirst()).contains("Hold the shaft before");
        assertThat(out.steps().get(1)).contains("Lift the pawl");
    }

    @Test
    void anOrderOfTwoEventsClosesInUntilItIsRight() {
        logs.add(adjusting().introduction(Named.of("film release")).toArray(AdjustEntry[]::new));
        AdjustPlan first = adjusting().plan(List.of(Named.of("film release")));
        assertThat(first.verdict()).isEqualTo(AdjustPlan.Verdict.MEASURE_FIRST);
        assertThat(first.why()).contains("film freed first (too late, right, too early)");
        assertThat(first.trialMinutes()).isEqualTo(12);

        double at = 0;
        int trials = 0;
        AdjustPlan plan = judged(at);
        while (plan.verdict() == AdjustPlan.Verdict.TURN || plan.verdict() == AdjustPlan.Verdict.FIRE_MORE) {
            trials++;
            assertThat(trials).isLessThan(9);
            if (plan.verdict() == AdjustPlan.Verdict.TURN) {
                double by = plan.turns().getFirst().by();
                assertThat(plan.turns().getFirst().steps()).anyMatch(step -> step.contains("top cover"));
                logs.add(new AdjustEntry.Turned("film release", TurnUnit.SIXTEENTHS, by, ""));
                at += by;
            }
            plan = judged(at);
        }

        assertThat(plan.verdict()).isEqualTo(AdjustPlan.Verdict.IN_TOLERANCE);
        assertThat(at).isBetween(0.3, 0.45);
        assertThat(plan.brackets().getFirst().margin()).contains("right", "away");
    }

    private AdjustPlan judged(double at) {
        AdjustEntry.Came came =
                at < 0.3 ? AdjustEntry.Came.TOO_LOW : at > 0.45 ? AdjustEntry.Came.TOO_HIGH : AdjustEntry.Came.RIGHT;
        logs.add(new AdjustEntry.ResultJudged("film freed first", came, ""));
        return adjusting().plan(List.of(Named.of("film release")));
    }

    @Test
    void aSettingThatCameOutBothWaysIsTriedAgain() {
        logs.add(adjusting().introduction(Named.of("film release")).toArray(AdjustEntry[]::new));
        judged(0.35);
        AdjustPlan both = judged(0);

        assertThat(both.verdict()).isIn(AdjustPlan.Verdict.FIRE_MORE, AdjustPlan.Verdict.TURN);
        assertThat(both.probability()).isLessThan(0.8);
    }

    @Test
    void struckTurnsAndFiringsCountNoMore() {
        fired("1/60", 1.0 / 64, 0.8);
        turned("engagement", 0.5);
        turned("engagement", 0.25);
        logs.add(new RecordEntry.Struck(logs.log().lines().getLast().id(), "it was not turned"));

        assertThat(adjusting().offers().getFirst().turns()).isEqualTo(0.5);
        assertThat(history()).hasSize(2);
    }

    @Test
    void afterOtherWorkEarlierErrorsSayNothingButResponsesStillDo() {
        fired("1/60", 1.0 / 64, 1.2);
        turned("engagement", -0.25);
        fired("1/60", 1.0 / 64, 0.8);
        logs.add(new TreatEntry.Cleaned(PartName.of("retard train"), "naphtha", List.of(), Verdict.NOT_LISTED, ""));

        AdjustPlan before = adjusting().plan(List.of(Named.of("engagement")));
        assertThat(before.verdict()).isEqualTo(AdjustPlan.Verdict.MEASURE_FIRST);

        fired("1/60", 1.0 / 64, 0.4);
        AdjustPlan after = adjusting().plan(List.of(Named.of("engagement")));
        assertThat(after.verdict()).isEqualTo(AdjustPlan.Verdict.TURN);
        assertThat(after.outlooks().getFirst().now()).isBetween(0.3, 0.5);
        // 0.4 for a quarter turn: another quarter does it
        assertThat(after.turns().getFirst().by()).isBetween(-0.3, -0.2);
    }

    @Test
    void oneMadeOnTheSpotIsLearnedFromNothing() {
        fired("1/60", 1.0 / 64, 0.6);
        turned("odd eccentric", 0.125);
        fired("1/60", 1.0 / 64, 0.9);

        AdjustPlan plan = adjusting().plan(List.of(Named.of("odd eccentric")));

        assertThat(plan.verdict()).isEqualTo(AdjustPlan.Verdict.TURN);
        assertThat(plan.turns().getFirst().by()).isNegative();
    }

    @Test
    void twoAdjustersAreDrawnAsAMapAndOneAsLines() {
        fired("1/60", 1.0 / 64, 0.6);
        fired("1/500", 1.0 / 512, 0.6);

        AdjustPlan one = adjusting().plan(List.of(Named.of("engagement")));
        AdjustPlan two = adjusting().plan(List.of(Named.of("engagement"), Named.of("curtain")));

        assertThat(one.map()).isEmpty();
        assertThat(one.slices()).hasSize(1);
        assertThat(one.slices().getFirst().at()).hasSize(17).startsWith(-1.0).endsWith(1.0);
        assertThat(two.slices()).hasSize(2);
        AdjustPlan.Field map = two.map().orElseThrow();
        assertThat(map.worst())
                .hasSize(map.up().size())
                .allMatch(row -> row.size() == map.across().size());
        assertThat(map.path()).containsExactly(List.of(0.0, 0.0));
        assertThat(map.acrossRange()).containsExactly(-1.0, 1.0);
    }

    @Test
    void theMapHasTheAdvisedSettingInItsMiddleAndSaysTheNumberOfTheAdvice() {
        fired("1/60", 1.0 / 64, 0.6);
        fired("1/500", 1.0 / 512, 0.6);

        AdjustPlan plan = adjusting().plan(List.of(Named.of("engagement"), Named.of("curtain")));
        AdjustPlan.Field map = plan.map().orElseThrow();

        assertThat(plan.verdict()).isEqualTo(AdjustPlan.Verdict.TURN);
        for (AdjustPlan.Turn turn : plan.turns()) {
            List<Double> axis = turn.adjuster().equals(map.first()) ? map.across() : map.up();
            assertThat(axis.get(axis.size() / 2)).isCloseTo(turn.to(), within(1e-9));
            assertThat(axis.getFirst())
                    .as("what is around it is seen on both sides")
                    .isLessThan(turn.to());
            assertThat(axis.getLast()).isGreaterThan(turn.to());
        }
        assertThat(map.worst().get(map.up().size() / 2).get(map.across().size() / 2))
                .isEqualTo(map.then());
        assertThat(plan.why()).contains(String.format(Locale.ROOT, "from %.1f to %.1f ×", map.now(), map.then()));
    }

    @Test
    void scatterTooWideIsAnsweredWithMoreFirings() {
        logs.add(new ProveEntry.FiringsTimed(
                "1/60", Phase.AFTER, Attitude.LEVEL, "", List.of(0.008, 0.03, 0.012, 0.022), false));

        assertThat(adjusting().plan(List.of(Named.of("engagement"))).verdict()).isEqualTo(AdjustPlan.Verdict.FIRE_MORE);
    }

    @Test
    void theNextCameraOfTheModelIsTurnedByWhatThisOneTaught() {
        fired("1/60", 1.0 / 64, 0.9);
        turned("engagement", 0.25);
        fired("1/60", 1.0 / 64, 0.4);
        turned("engagement", 0.125);
        fired("1/60", 1.0 / 64, 0.15);
        JobPicture job = logs.picture();
        LearnedResponses learned =
                new LearnedResponses(Adjusting.taughtBy(job.adjust(), job.received(), job.practice()), List.of());

        LearnedResponses.Expected expected =
                learned.of(Named.of("Engagement"), Named.of("1/60")).orElseThrow();
        assertThat(expected.perTurn()).isBetween(-2.4, -1.6);
        assertThat(expected.cameras()).isEqualTo(1);

        Logs second = Logs.camera();
        second.add(new ProveEntry.FiringsTimed(
                "1/60", Phase.AFTER, Attitude.LEVEL, "", List.of(Math.pow(2, -0.75) / 64), false));
        JobPicture other = second.picture();
        AdjustPlan taught = new Adjusting(other.adjust(), other.received(), other.practice(), BOOK, learned)
                .plan(List.of(Named.of("engagement")));
        // the book has it the other way round
        assertThat(taught.turns().getFirst().by()).isBetween(-0.5, -0.25);
    }

    @Test
    void aTurnAsksForAMeasurementAndStandsOnTheReturnSheet() {
        turned("engagement", 0.25);

        assertThat(logs.standsAt(Logs.START).next()).contains(new NextStep.MeasureTurn(Named.of("engagement")));
        fired("1/60", 1.0 / 64, 0);
        assertThat(logs.standsAt(Logs.START).next()).doesNotContain(new NextStep.MeasureTurn(Named.of("engagement")));
        assertThat(ReturnSheets.of(logs.picture(), Logs.SHOP).work().done())
                .contains(ruvant.core.handover.SheetLine.of(
                        ruvant.core.handover.Says.ADJUSTED, "engagement", "2/8 turn in"));
    }

    @Test
    void aBookWithGapsSaysSo() {
        AdjusterBook gaps = new AdjusterBook(
                1,
                List.of(new AdjusterBook.Result(Named.of("height"), "", 0, 1, 0, "", "", false, "")),
                List.of(
                        kind("a", TurnUnit.TEETH, AdjusterLock.RATCHET, "", List.of(), List.of()),
                        kind(
                                "A",
                                TurnUnit.TEETH,
                                AdjusterLock.NONE,
                                "",
                                List.of(),
                                List.of(new AdjustEntry.Moves("width", 1)))));

        assertThat(BOOK.problems()).isEmpty();
        assertThat(gaps.problems())
                .anyMatch(one -> one.contains("loses its tension"))
                .anyMatch(one -> one.contains("two adjusters"))
                .anyMatch(one -> one.contains("“width”, which is not there"))
                .anyMatch(one -> one.contains("moves nothing"))
                .anyMatch(one -> one.contains("no reason"));
        assertThat(BOOK.of(logs.picture().received(), Logs.SHOP.practice())
                        .getFirst()
                        .moves())
                .extracting(AdjustEntry.Moves::result)
                .containsExactly(Named.of("1"), Named.of("1/60"));
        assertThat(Family.values())
                .allMatch(family -> BOOK.adjusters().getFirst().isOf(family));
    }
}
