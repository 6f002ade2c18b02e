package ruvant.core.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.Logs;
import ruvant.core.log.RecordEntry;
import ruvant.core.trade.BodySide;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Owner;
import ruvant.core.trade.Region;
import ruvant.core.trade.Severity;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.trade.VisitorSignKind;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Money;
import ruvant.core.units.Named;

/** What is said over the counter and while a camera is looked over, and what of it can be. */
class IntakeRoomTest {
    private final Logs logs = Logs.camera();

    private IntakePicture intake() {
        return logs.picture().intake();
    }

    private static IntakeEntry.Received received(List<String> speeds, LocalDate promised) {
        IntakeEntry.Received in = Logs.received();
        return new IntakeEntry.Received(
                in.camera(), in.owner(), "", List.of(), in.complaint(), SpeedSeries.AS_MARKED, speeds, promised);
    }

    private String refusal(IntakeEntry entry) {
        return logs.refusal(entry).orElseThrow().code();
    }

    @Test
    void aCorrectionTakesThePlaceOfWhatWasSaidAndTheDayItCameInStays() {
        UUID first = logs.last();
        logs.after(600).add(received(List.of("1/30"), null), new RecordEntry.Struck(first, "description corrected"));
        assertThat(intake().received().orElseThrow().speeds()).containsExactly("1/30");
        assertThat(logs.picture().returned()).isFalse();
        Logs plain = Logs.camera();
        plain.after(600).add(received(List.of("1/30"), null));
        assertThat(plain.picture().intake().receivedAt()).contains(Logs.START);
    }

    @ParameterizedTest
    @ValueSource(strings = {"sixty", "1/0", "-1", "0", "1//30"})
    void aSpeedThatNobodyCanReadIsRefused(String speed) {
        assertThat(logs.refusal(received(List.of(speed), null))).isPresent();
    }

    @Test
    void aPromiseCannotLieBeforeTheCameraCameIn() {
        LocalDate day = LocalDate.of(2031, 3, 4);
        assertThat(refusal(received(List.of("1"), day.minusDays(2)))).isEqualTo("promisedBeforeIntake");
        assertThat(logs.refusal(received(List.of("1"), day.minusDays(1))))
                .as("the shop's own date may be a day behind")
                .isEmpty();
        assertThat(logs.refusal(received(List.of("1"), day.plusMonths(2)))).isEmpty();
    }

    @Test
    void theLastAnswerOfAFunctionCounts() {
        Named mirror = Named.of("Mirror");
        logs.add(new IntakeEntry.FunctionChecked(mirror, FunctionResult.FAILS, "stays up"));
        logs.add(new IntakeEntry.FunctionChecked(Named.of("Focus"), FunctionResult.WORKS, ""));
        logs.add(new IntakeEntry.FunctionChecked(mirror, FunctionResult.WORKS, ""));
        assertThat(intake().functions())
                .extracting(IntakePicture.FunctionState::function, IntakePicture.FunctionState::result)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(mirror, FunctionResult.WORKS),
                        org.assertj.core.groups.Tuple.tuple(Named.of("Focus"), FunctionResult.WORKS));
    }

    @Test
    void whatIsToBeDoneIsAddedOnceAndSettledOnce() {
        Named seals = Named.of("new seals");
        assertThat(refusal(new IntakeEntry.ScopeSettled(seals, true, ""))).isEqualTo("scopeUnknown");
        logs.add(new IntakeEntry.ScopeAdded(seals), new IntakeEntry.ScopeAdded(Named.of("haze")));
        assertThat(refusal(new IntakeEntry.ScopeAdded(Named.of("New Seals")))).isEqualTo("scopeTwice");
        logs.add(new IntakeEntry.ScopeSettled(seals, true, ""));
        logs.add(new IntakeEntry.ScopeSettled(Named.of("haze"), false, "the coating is etched"));
        assertThat(intake().scope())
                .extracting(IntakePicture.ScopeItem::state)
                .containsExactly(IntakePicture.ScopeState.DONE, IntakePicture.ScopeState.LEFT);
        assertThat(intake().scope().getLast().reason()).isEqualTo("the coating is etched");
    }

    @Test
    void leavingSomethingNeedsItsReason() {
        assertThatThrownBy(() -> new IntakeEntry.ScopeSettled(Named.of("haze"), false, " "))
                .isInstanceOfSatisfying(
                        FieldProblem.class,
                        problem -> assertThat(problem.field()).isEqualTo("reason"));
    }

    @Test
    void whatWasFoundOutsideIsKeptLineByLine() {
        logs.add(new IntakeEntry.ConditionFound(Region.TOP, ConditionKind.DENT, Severity.GRAVE, "by the winder"));
        UUID dent = logs.last();
        logs.add(new IntakeEntry.ConditionFound(Region.BOTTOM, ConditionKind.SCRATCH, Severity.SLIGHT, ""));
        assertThat(intake().findings()).hasSize(2);
        logs.add(new RecordEntry.Struck(dent, "it was dirt"));
        assertThat(intake().findings())
                .singleElement()
                .satisfies(one -> assertThat(one.found().region()).isEqualTo(Region.BOTTOM));
    }

    @Test
    void aPlaceOnTheDrawingLiesOnIt() {
        assertThat(new IntakeEntry.Place(BodySide.TOP, 0, 1).x()).isZero();
        assertThatThrownBy(() -> new IntakeEntry.Place(BodySide.TOP, 1.2, 0.5)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> new IntakeEntry.Place(BodySide.TOP, 0.5, Double.NaN))
                .isInstanceOf(FieldProblem.class);
    }

    @Test
    void signsOfAVisitorAndTheLastBatteryAreKept() {
        logs.add(
                new IntakeEntry.VisitorSign(VisitorSignKind.CHEWED_SLOT, "top cover, left"),
                new IntakeEntry.BatteryFound("1.35 V cell", "green crust"),
                new IntakeEntry.BatteryFound("none", "cleaned"));
        assertThat(intake().visitorSigns()).singleElement();
        assertThat(intake().battery().orElseThrow().cell()).isEqualTo("none");
        assertThat(logs.stands().visitor().expect()).isNotEmpty();
    }

    @Test
    void anOwnerIsNamedUnlessTheCameraIsTheShopsOwn() {
        assertThatThrownBy(() -> new Owner(" ", "", false, null, null)).isInstanceOf(FieldProblem.class);
        Owner own = new Owner("", "", true, new Money(3500, "EUR"), new Money(14000, "EUR"));
        assertThat(own.words()).isNotBlank();
    }

    @Test
    void nothingIsSaidOfATagOnWhichNoCameraCameIn() {
        var empty = ruvant.core.job.JobLog.of(Logs.TAG, List.of());
        var line = logs.line(Logs.off("ring", false), null);
        assertThat(new ruvant.core.picture.JobRules(Logs.SHOP, logs.now())
                        .refusal(empty, List.of(line))
                        .orElseThrow()
                        .code())
                .isEqualTo("noCamera");
    }
}
