package ruvant.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.handover.ReturnSheet;
import ruvant.core.handover.Says;
import ruvant.core.handover.SheetLine;
import ruvant.core.house.HousePractice;
import ruvant.core.house.Standards;
import ruvant.core.picture.ReturnSheets;
import ruvant.core.refit.RefitAnswer;
import ruvant.core.refit.RefitEntry;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Owner;
import ruvant.core.trade.Side;
import ruvant.core.trade.TradeLists;
import ruvant.core.trade.Verdict;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** States, springs, assemblies within assemblies, trials: what a plain list of parts cannot say. */
class StripNotesTest {
    private final Logs logs = Logs.camera();

    private static PartName part(String name) {
        return PartName.of(name);
    }

    private static StripEntry.Removed off(
            String part, String within, List<String> stack, MechanismState state, Mark mark) {
        return new StripEntry.Removed(
                part(part),
                Side.FRONT,
                false,
                List.of(),
                List.of(),
                List.of(),
                "",
                mark,
                List.of(),
                Set.of(),
                "",
                within == null ? null : part(within),
                stack,
                state);
    }

    private RefitAnswer answer(String part) {
        var picture = logs.picture();
        return logs.stands().refit().of(picture.valley().part(part(part)).orElseThrow());
    }

    private static RefitEntry.Refitted back(String part) {
        return new RefitEntry.Refitted(part(part), List.of(), "", "");
    }

    private static RefitEntry.GateAnswered seen(String part, String check) {
        return new RefitEntry.GateAnswered(part(part), check, true, "");
    }

    @Test
    void aPartComesOnlyOutOfAnAssemblyThatIsOut() {
        assertThat(logs.refusal(off("cam", "shutter block", List.of(), null, null)))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("partUnknown"));
        logs.add(Logs.off("shutter block", false), off("cam", "shutter block", List.of(), null, null));
        assertThat(answer("shutter block").reason()).isEqualTo("Still out under it: cam");
        assertThat(answer("cam").kind()).isEqualTo(RefitAnswer.Kind.READY);
        logs.add(back("cam"), back("shutter block"));
        assertThat(logs.refusal(off("pallet", "shutter block", List.of(), null, null)))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("alreadyBack"));
    }

    @Test
    void whatComesOutOfAnAssemblyLiesUnderNoCoverOfTheCamera() {
        logs.add(
                Logs.off("front plate", true),
                Logs.off("shutter block", false),
                off("cam", "shutter block", List.of(), null, null));
        assertThat(logs.picture().valley().part(part("cam")).orElseThrow().over())
                .containsExactly(part("shutter block"));
    }

    @Test
    void nothingComesOutOfWhatLiesUnderIt() {
        logs.add(Logs.off("cam", true), Logs.off("block", false));
        logs.add(new RefitEntry.Refitted(part("cam"), List.of(), "to try it", ""));
        assertThat(logs.refusal(off("cam", "block", List.of(), null, null)))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("circle"));
    }

    @Test
    void aStackGoesBackInItsOrder() {
        logs.add(off("blades", null, List.of("1 hook up", "2 hook down", "3 hook up"), null, null));
        assertThat(answer("blades").reason())
                .isEqualTo("Stack of 3 pieces in order, innermost first: 3 hook up, then 2 hook down, then 1 hook up");
    }

    @Test
    void aPartThatWantsTheMechanismCockedWaitsForIt() {
        logs.add(off("dial", null, List.of(), MechanismState.COCKED, null));
        assertThat(logs.picture().notes().states()).containsEntry(MechanismState.Of.SHUTTER, MechanismState.COCKED);
        logs.add(new StripEntry.StateSet(MechanismState.RELEASED));
        assertThat(answer("dial").reason()).isEqualTo("It goes on cocked; it is released now");
        assertThat(answer("dial").against()).contains(RefitAnswer.Against.STATE_WRONG);
        logs.add(new StripEntry.StateSet(MechanismState.COCKED), seen("dial", "Mechanism as it was: cocked"));
        assertThat(answer("dial").kind()).isEqualTo(RefitAnswer.Kind.READY);
    }

    @Test
    void aMarkHoldsOnlyInItsState() {
        logs.add(off("ring", null, List.of(), null, new Mark("slot at dot", "cocked")));
        assertThat(answer("ring").kind()).as("a mark is seen once it is on").isEqualTo(RefitAnswer.Kind.READY);
        logs.add(new StripEntry.StateSet(MechanismState.RELEASED));
        assertThat(answer("ring").reason()).isEqualTo("Its mark holds cocked; it is released now");
    }

    @Test
    void aSpringThatWasLetDownIsAskedAboutBeforeTheLastCover() {
        logs.add(
                Logs.off("top cover", true),
                Logs.off("barrel", false),
                new StripEntry.SpringLetDown("Mainspring", 3, ""),
                back("barrel"));
        assertThat(logs.refusal(new StripEntry.SpringWound("curtain spring", 1, "")))
                .hasValueSatisfying(refusal -> assertThat(refusal.remedy()).isEqualTo("Let down are: Mainspring."));
        assertThat(checks("top cover")).contains("Wound again, or meant to stay let down: Mainspring");
        logs.add(new StripEntry.SpringWound("mainspring", 3, ""));
        assertThat(checks("top cover")).hasSize(1);
    }

    @Test
    void whatWasCleanedAndNotOiledIsAskedAboutBeforeItIsCovered() {
        logs.add(Logs.off("front plate", true), Logs.off("gear", false));
        logs.add(new TreatEntry.Cleaned(part("gear"), "naphtha", List.of("metal"), Verdict.OK, ""), back("gear"));
        String check = "Cleaned, but not oiled: gear";
        assertThat(checks("front plate")).contains(check);
        assertThat(logs.refusal(seen("front plate", "no such check")))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("checkUnknown"));
        logs.add(seen("front plate", check));
        assertThat(logs.stands().refit().checks(logs.picture().valley().parts().getFirst()))
                .filteredOn(one -> one.text().equals(check))
                .singleElement()
                .extracting(GateCheck::state)
                .isEqualTo(GateCheck.State.PASSED);
    }

    private List<String> checks(String part) {
        var picture = logs.picture();
        return logs.stands().refit().checks(picture.valley().part(part(part)).orElseThrow()).stream()
                .map(GateCheck::text)
                .toList();
    }

    @Test
    void aTrialAssemblyIsNoRefitAndIsUndone() {
        logs.add(Logs.off("cover", false), Logs.off("plate", false));
        logs.add(new RefitEntry.TrialAssembled(List.of(part("cover")), "two screws"));
        assertThat(answer("plate").reason()).isEqualTo("A trial assembly is together (two screws)");
        assertThat(logs.refusal(new RefitEntry.TrialAssembled(List.of(part("plate")), "")))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("trialOn"));
        assertThat(logs.refusal(new HandoverEntry.Returned("Amara", "")))
                .hasValueSatisfying(
                        refusal -> assertThat(refusal.message()).contains("trial assembly is still together"));
        logs.add(new RefitEntry.TrialUndone("still sticks"), back("plate"), back("cover"));
        assertThat(logs.refusal(new RefitEntry.TrialUndone(""))).isPresent();
    }

    @Test
    void aPartTriedUnfixedStillCountsAsOut() {
        logs.add(Logs.off("governor", false), new RefitEntry.TriedUnfixed(part("governor"), "ran 36 times"));
        ValleyPart governor = logs.picture().valley().parts().getFirst();
        assertThat(governor.out()).isTrue();
        assertThat(governor.triedAt()).contains(logs.now());
        assertThat(Ledger.of(logs.picture().valley()).pieces().out()).isEqualTo(1);
        logs.add(back("governor"), Logs.off("governor", false));
        assertThat(logs.picture().valley().parts().getFirst().triedAt()).isEmpty();
    }

    @Test
    void whatIsDestroyedWantsAnother() {
        logs.add(new StripEntry.Removed(
                part("lever"),
                Side.FRONT,
                false,
                List.of(ruvant.core.trade.Fastener.slotted(2, 1.4, 3)),
                List.of(),
                List.of(),
                "",
                null,
                List.of(),
                Set.of(),
                ""));
        logs.add(new StripEntry.Destroyed(part("lever"), "slotted screw 1.4 × 3.0", 1, "sheared"));
        assertThat(answer("lever").reason()).isEqualTo("Destroyed: 1 × slotted screw 1.4 × 3.0");
        assertThat(Ledger.of(logs.picture().valley()).pieces().lost()).isZero();
        assertThat(Ledger.of(logs.picture().valley()).pieces().destroyed()).isEqualTo(1);
        assertThat(logs.refusal(new StripEntry.Destroyed(part("lever"), "slotted screw 1.4 × 3.0", 2, "")))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("notThatMany"));
    }

    @Test
    void missingAndSurplusPiecesAreOnTheSheet() {
        logs.add(
                new StripEntry.MissingOnArrival("cross screw", 1, "top cover"),
                new StripEntry.Surplus("washer", 2, ""));
        ReturnSheet sheet = ReturnSheets.of(logs.picture(), Logs.SHOP);
        assertThat(sheet.arrival().found())
                .contains(SheetLine.of(Says.MISSING_ON_ARRIVAL, "1", "cross screw, top cover"));
        assertThat(sheet.after().missing()).containsExactly(SheetLine.typed("1 × cross screw, top cover"));
        assertThat(sheet.work().found()).contains(SheetLine.of(Says.SURPLUS, "2", "washer"));
    }

    private static final java.util.function.Function<String, Named> RUNG =
            id -> Logs.SHOP.lists().rung(new Named(id, "")).orElseThrow().named();

    private static StripEntry.StuckTried tried(String rung, boolean freed, String remark) {
        return new StripEntry.StuckTried(part("top cover"), "by the eyepiece", RUNG.apply(rung), freed, remark, "");
    }

    @Test
    void aStuckFastenerIsTriedFromTheGentlestUp() {
        logs.add(tried("firm-driver", false, ""), tried("penetrant", false, "overnight"));
        assertThat(logs.stands().stuck()).singleElement().satisfies(one -> {
            assertThat(one.what().tries()).hasSize(2);
            assertThat(one.next().orElseThrow().id()).isEqualTo("solvent");
        });
        logs.add(tried("solvent", true, ""));
        assertThat(logs.stands().stuck()).singleElement().satisfies(one -> {
            assertThat(one.what().freed()).isTrue();
            assertThat(one.next()).isEmpty();
        });
    }

    @Test
    void theOwnerIsAskedWhereTheShopKeepsToThatAndTheCameraIsNotItsOwn() {
        Owner customer = new Owner("Ada", "", false, null, null);
        Owner own = new Owner("", "", true, null, null);
        HousePractice asks = HousePractice.starting();
        HousePractice doesNot = new HousePractice(
                asks.school(),
                asks.trays(),
                asks.people(),
                asks.stations(),
                asks.head(),
                new Standards(36, 1.0, 4, false),
                asks.speeds(),
                asks.reckoning());
        assertThat(asks.asksFirst(customer)).isTrue();
        assertThat(asks.asksFirst(own)).isFalse();
        assertThat(doesNot.asksFirst(customer)).isFalse();
    }

    @Test
    void whatCannotBeUndoneNeedsSomebodysWordAndIsOnTheSheet() {
        assertThat(logs.refusal(tried("drill-out", true, "it squealed")))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("ownerNotAsked"));
        assertThat(logs.refusal(tried("heat", true, ""))).isEmpty();
        logs.add(new StripEntry.StuckTried(
                part("top cover"), "by the eyepiece", RUNG.apply("drill-out"), true, "", "by telephone"));
        assertThat(ruvant.core.picture.ReturnSheets.of(logs.picture(), Logs.SHOP)
                        .work()
                        .changed())
                .containsExactly(
                        SheetLine.of(Says.CHANGED_AGREED, "top cover, by the eyepiece: drill it out", "by telephone"));
        assertThat(Logs.SHOP.lists().rungs())
                .filteredOn(TradeLists.Rung::irreversible)
                .hasSize(2);
    }

    @Test
    void whatNobodyKnowsIsTakenForSomethingThatCannotBeUndone() {
        StripEntry.StuckTried unheardOf = new StripEntry.StuckTried(
                part("top cover"), "by the eyepiece", Named.of("a bigger hammer"), true, "", "");
        assertThat(logs.refusal(unheardOf))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("ownerNotAsked"));
    }

    @Test
    void aRungOfAnEarlierVersionIsTheSameUnderItsId() {
        StripEntry.StuckTried earlier =
                new StripEntry.StuckTried(part("ring"), "lock ring", Named.of("TWO_TOOLS"), false, "", "");
        assertThat(Logs.SHOP.lists().rung(earlier.rung()).orElseThrow().label()).isEqualTo("two-tool grip");
        assertThat(earlier.rung().words()).isEqualTo("two tools");
    }
}
