package ruvant.core.refit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.picture.Outstanding;
import ruvant.core.strip.Mark;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

class ProcedureTest {
    private static final PartName RACK = PartName.of("cocking rack");
    private static final PartName GEAR = PartName.of("wind gear");
    private static final PartName COVER = PartName.of("bottom cover");
    private static final Named TIMING = Named.of("timing the gears");

    private final Logs logs = Logs.camera();

    private static Procedure timing() {
        return new Procedure(
                TIMING,
                COVER,
                List.of(
                        new Procedure.ProcedureStep(
                                "rack on, cocked", RACK, MechanismState.COCKED, "mark at the pinion"),
                        new Procedure.ProcedureStep("release before the next", null, MechanismState.RELEASED, ""),
                        new Procedure.ProcedureStep("gear on", GEAR, null, ""),
                        new Procedure.ProcedureStep("one full stroke", null, null, "cocks and latches")));
    }

    private void strip() {
        for (PartName part : List.of(COVER, GEAR, RACK)) {
            logs.add(StripEntry.Removed.of(part.text(), Side.BOTTOM, false));
        }
        logs.add(
                new StripEntry.FreeOf(GEAR, List.of(RACK)),
                new StripEntry.FreeOf(COVER, List.of(RACK, GEAR)),
                new RefitEntry.ProcedureKept(timing()));
    }

    private RefitAnswer answer(PartName part) {
        return logs.stands().refit().of(logs.picture().valley().part(part).orElseThrow());
    }

    private void back(PartName part) {
        logs.add(new RefitEntry.Refitted(part, List.of(), "", ""));
    }

    private static RefitEntry.StepTaken step(int number, RefitEntry.Outcome outcome, String words) {
        return new RefitEntry.StepTaken(TIMING, number, outcome, words);
    }

    private static RefitEntry.StepTaken done(int number) {
        return step(number, RefitEntry.Outcome.DONE, "");
    }

    private String code(RefitEntry entry) {
        return logs.refusal(entry).orElseThrow().code();
    }

    @Test
    void partsWaitForTheirTurnAndTheCoverForAllOfIt() {
        strip();
        assertThat(answer(RACK).kind()).isEqualTo(RefitAnswer.Kind.READY);
        assertThat(answer(GEAR).reason()).isEqualTo("First step 1 of timing the gears: rack on, cocked");
        assertThat(answer(COVER).against()).contains(RefitAnswer.Against.STEPS_FIRST);
        assertThat(code(done(2))).isEqualTo("notItsTurn");
        assertThat(code(done(1))).isEqualTo("partNotOn");
        back(RACK);
        logs.add(new StripEntry.StateSet(MechanismState.COCKED), done(1));
        assertThat(code(done(2))).as("it is cocked still").isEqualTo("stateWrong");
        logs.add(new StripEntry.StateSet(MechanismState.RELEASED), done(2));
        assertThat(answer(GEAR).kind()).isEqualTo(RefitAnswer.Kind.READY);
        back(GEAR);
        assertThat(answer(COVER).reason()).isEqualTo("First step 4 of timing the gears: one full stroke");
        assertThat(logs.stands().outstanding())
                .extracting(Outstanding::what)
                .contains("Not finished: timing the gears");
        logs.add(done(4));
        assertThat(answer(COVER).kind()).isEqualTo(RefitAnswer.Kind.READY);
    }

    @Test
    void aStepThatFailsStaysTheOneToTakeAndAPartThatComesOffAgainTakesItsStepsWithIt() {
        strip();
        back(RACK);
        logs.add(step(1, RefitEntry.Outcome.FAILED, "a tooth off"));
        assertThat(logs.stands().refit().walks().getFirst().next().orElseThrow())
                .satisfies(next -> {
                    assertThat(next.state()).isEqualTo(Walk.State.FAILED);
                    assertThat(next.words()).isEqualTo("a tooth off");
                });
        logs.add(StripEntry.Removed.of(RACK.text(), Side.BOTTOM, false));
        assertThat(logs.stands().refit().walks().getFirst().next().orElseThrow().state())
                .isEqualTo(Walk.State.NEXT);
        back(RACK);
        logs.add(done(1), step(2, RefitEntry.Outcome.WAIVED, "this one has no lock"));
        assertThat(answer(GEAR).kind()).isEqualTo(RefitAnswer.Kind.READY);
    }

    @Test
    void theNextCameraOfTheModelKnowsIt() {
        strip();
        LearnedChecks learned = ModelKnowledge.of(List.of(logs.picture())).checks();
        Logs next = Logs.camera();
        assertThat(next.stands(learned).refit().walks())
                .as("none of its parts is off")
                .isEmpty();
        next.add(
                StripEntry.Removed.of(GEAR.text(), Side.BOTTOM, false),
                StripEntry.Removed.of(RACK.text(), Side.BOTTOM, false),
                new StripEntry.FreeOf(GEAR, List.of(RACK)));
        Walk walk = next.stands(learned).refit().walks().getFirst();
        assertThat(walk.own()).isFalse();
        assertThat(next.stands(learned)
                        .refit()
                        .of(next.picture().valley().part(GEAR).orElseThrow())
                        .against())
                .contains(RefitAnswer.Against.STEPS_FIRST);
        next.add(new RefitEntry.Refitted(RACK, List.of(), "", ""));
        next.put(done(1));
        assertThat(next.stands(learned)
                        .refit()
                        .walks()
                        .getFirst()
                        .next()
                        .orElseThrow()
                        .number())
                .isEqualTo(2);
        next.put(StripEntry.Removed.of(RACK.text(), Side.BOTTOM, false));
        next.put(new RefitEntry.Refitted(RACK, List.of(), "", ""));
        assertThat(next.stands(learned)
                        .refit()
                        .walks()
                        .getFirst()
                        .next()
                        .orElseThrow()
                        .number())
                .as("it came off again, so its step is to be checked again")
                .isEqualTo(1);
    }

    @Test
    void oneStepIsNoProcedure() {
        List<Procedure.ProcedureStep> one = List.of(new Procedure.ProcedureStep("turn it", null, null, ""));
        assertThatThrownBy(() -> new Procedure(TIMING, null, one)).isInstanceOf(FieldProblem.class);
    }

    @Test
    void severalMarksOfAPartAreLookedAtEachInItsState() {
        PartName ring = PartName.of("speed ring");
        logs.add(
                StripEntry.Removed.of("speed ring", Side.FRONT, false),
                new StripEntry.AlsoMarked(ring, new Mark("notch at dot", "cocked")),
                new StripEntry.AlsoMarked(ring, new Mark("slot at screw", "released")),
                new StripEntry.StateSet(MechanismState.RELEASED));
        assertThat(answer(ring).kind()).as("one of them can be seen").isEqualTo(RefitAnswer.Kind.READY);
        back(ring);
        assertThat(logs.stands().refit().late())
                .filteredOn(RefitAnswers.LateCheck::due)
                .extracting(late -> late.check().text())
                .containsExactly("Mark matched: slot at screw (released)");
        logs.add(new StripEntry.StateSet(MechanismState.COCKED));
        assertThat(logs.stands().refit().late())
                .filteredOn(RefitAnswers.LateCheck::due)
                .extracting(late -> late.check().text())
                .containsExactly("Mark matched: notch at dot (cocked)");
    }

    @Test
    void aPartMayWantSeveralThingsToStandSo() {
        PartName lens = PartName.of("lens");
        logs.add(
                StripEntry.Removed.of("lens", Side.LENS_FRONT, false),
                new StripEntry.AlsoWants(lens, MechanismState.COCKED),
                new StripEntry.AlsoWants(lens, MechanismState.MIRROR_DOWN),
                new StripEntry.StateSet(MechanismState.COCKED),
                new StripEntry.StateSet(MechanismState.MIRROR_UP));
        assertThat(answer(lens).reason()).isEqualTo("It goes on mirror down; it is mirror up now");
    }
}
