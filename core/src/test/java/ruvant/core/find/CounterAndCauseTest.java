package ruvant.core.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.Logs;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.knowledge.LookMinutes;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.trade.Family;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.VisitorSignKind;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Named;

class CounterAndCauseTest {
    private static final FaultKnowledge KNOWN = DiagnosisTest.KNOWN;

    private final Logs logs = Logs.camera();

    private CaseEvidence evidence() {
        return CaseReader.of(logs.picture().find(), logs.picture().intake(), KNOWN, Map.of(), 0);
    }

    private void works(String... functions) {
        for (String function : functions) {
            logs.add(new IntakeEntry.FunctionChecked(function, FunctionResult.WORKS, ""));
        }
    }

    @Test
    void functionsThatWorkDenyAndTheCounterSpeaksForWhatItNoted() {
        works("Speed 1", "Self-timer");
        logs.add(
                new IntakeEntry.FunctionChecked("Focus", FunctionResult.DOUBTFUL, ""),
                new IntakeEntry.VisitorSign(VisitorSignKind.CHEWED_SLOT, ""),
                new IntakeEntry.BatteryFound("1.35 V", "green at the spring"));

        CaseEvidence evidence = evidence();

        assertThat(evidence.absent()).contains("slowLate", "timerDead").doesNotContain("focusStiff", "fastLate");
        assertThat(evidence.symptoms()).contains("openedBefore", "corroded");
    }

    @Test
    void whatIsSeenAllTheSameIsNotDenied() {
        works("Self-timer");
        logs.add(new FindEntry.SymptomSeen("self-timer does not run"));

        assertThat(evidence().absent()).doesNotContain("timerDead");
    }

    @Test
    void aDeniedSymptomLowersWhatMakesIt() {
        logs.add(new FindEntry.SymptomSeen("first release after a rest late or sticking"));
        double before = gummed();
        works("Speed 1", "Speed 1/60");

        assertThat(gummed()).isLessThan(before);
    }

    private double gummed() {
        return probability("trainGummed");
    }

    @Test
    void aFunctionThatFailedIsASymptomWithoutBeingTypedAgain() {
        double before = probability("timerGum") + probability("timerJam");
        logs.add(new IntakeEntry.FunctionChecked("Self-timer", FunctionResult.DOUBTFUL, ""));
        double doubtful = probability("timerGum") + probability("timerJam");
        logs.add(new IntakeEntry.FunctionChecked("Self-timer", FunctionResult.FAILS, ""));

        assertThat(evidence().oneOf()).containsExactly(new CaseEvidence.OneOf(Set.of("timerDead", "timerHangs"), 1));
        assertThat(probability("timerGum") + probability("timerJam"))
                .isGreaterThan(doubtful)
                .isGreaterThan(0.4);
        assertThat(doubtful).isGreaterThan(before);
    }

    @Test
    void whatIsSaidByNameStandsForTheFunctionThatFailed() {
        logs.add(new IntakeEntry.FunctionChecked("Self-timer", FunctionResult.FAILS, ""));
        logs.add(new FindEntry.SymptomSeen("self-timer stops half-way"));

        assertThat(evidence().oneOf()).isEmpty();
        assertThat(evidence().symptoms()).contains("timerHangs");
    }

    @Test
    void whatComesAndGoesPointsToWhatCan() {
        logs.add(new FindEntry.SymptomSeen("slow speeds short"));
        double before = probability("palletOut") / probability("trainShallow");
        logs.add(new FindEntry.SymptomSeen("slow speeds short now and then"));

        assertThat(probability("palletOut") / probability("trainShallow")).isGreaterThan(3 * before);
    }

    @Test
    void whatTheCameraDoesNotHaveIsNotSuspected() {
        logs.add(new IntakeEntry.FunctionChecked("Self-timer", FunctionResult.NOT_FITTED, ""));

        FaultKnowledge known = CaseReader.known(KNOWN, logs.picture().intake());

        assertThat(KNOWN.causes()).anyMatch(cause -> cause.id().equals("timerGum"));
        assertThat(known.causes())
                .noneMatch(
                        cause -> cause.id().startsWith("timer") && cause.area().equals("leaf"));
        assertThat(known.looks()).noneMatch(look -> look.id().startsWith("timer"));
        assertThat(known.symptoms()).noneMatch(symptom -> symptom.id().equals("timerDead"));
    }

    @Test
    void lookingAtWhatIsInPiecesIsNotOffered() {
        assertThat(KNOWN.whileOut(List.of("top cover")).looks()).isEqualTo(KNOWN.looks());
        assertThat(KNOWN.whileOut(List.of("self-timer train", "lens cap", "aperture blade"))
                        .looks())
                .isEqualTo(KNOWN.looks());
        assertThat(KNOWN.whileOut(List.of("counter disc")).looks())
                .noneMatch(look -> look.id().equals("counterWatch"))
                .anyMatch(look -> look.id().equals("whirr"));
        assertThat(KNOWN.whileOut(List.of("taking lens front cell")).looks())
                .noneMatch(look -> look.id().equals("farEdge"))
                .anyMatch(look -> look.id().equals("whirr"));
        assertThat(KNOWN.whileOut(List.of("upper blade ring")).looks())
                .noneMatch(look -> look.id().equals("whirr") || look.id().equals("slowDown"))
                .anyMatch(look -> look.id().equals("bladesLoupe") || look.id().equals("trainOut"));
    }

    @Test
    void aConfirmedCauseStandsFirstInWhateverWordsItWasConfirmed() {
        logs.add(new FindEntry.SymptomSeen("fast speeds late"));
        logs.add(new FindEntry.CauseConfirmed("old grease in the slow-speed train", "runs free when wet"));

        CaseEvidence evidence = evidence();

        assertThat(evidence.confirmed()).containsExactly("trainGummed");
        assertThat(Diagnosis.of(KNOWN, Family.LEAF_LENS, evidence)
                        .suspects(evidence)
                        .getFirst()
                        .cause()
                        .id())
                .isEqualTo("trainGummed");
    }

    @ParameterizedTest
    @CsvSource({
        "LEAF_LENS, gummed escapement, trainGummed",
        "FOCAL_CLOTH, gummed escapement, escGummed",
        "FOCAL_METAL, hardened grease in the slow-speed train, metalEsc",
        "LEAF_LENS, main spring tired, springWeak",
        "FOCAL_CLOTH, low tension of the first curtain, leadWeak",
        "LEAF_LENS, not the retard train gummed, ",
        "LEAF_LENS, perhaps the retard train is gummed, ",
        "LEAF_LENS, spring, ",
        "LEAF_LENS, gremlins, "
    })
    void freeWordsAreTheCauseThatIsMeantOrNone(Family family, String said, String cause) {
        assertThat(KNOWN.causeMeant(Named.of(said), Optional.of(family)).map(FaultKnowledge.Cause::id))
                .isEqualTo(Optional.ofNullable(cause));
    }

    private double probability(String cause) {
        CaseEvidence evidence = evidence();
        return Diagnosis.of(KNOWN, Family.LEAF_LENS, evidence).suspects(evidence).stream()
                .filter(one -> one.cause().id().equals(cause))
                .findFirst()
                .orElseThrow()
                .probability();
    }

    @Test
    void aConfirmedCauseAsksForItsRootAndForWhatElseItMayHaveHarmed() {
        logs.add(new FindEntry.CauseConfirmed("retard train gummed", "runs free when wet"));

        CauseKnown known = CauseKnown.of(logs.picture().find(), KNOWN, Family.LEAF_LENS, evidence())
                .getFirst();

        assertThat(known.roots()).isNotEmpty();
        assertThat(known.advice()).contains("once a month");
        assertThat(known.harmed()).extracting(CauseKnown.Harmed::cause).contains("oil on the blades");
        CauseKnown.Harmed oil = known.harmed().getLast();
        logs.add(new FindEntry.Looked(oil.look().id(), oil.look().words(), false, true, ""));
        assertThat(CauseKnown.of(logs.picture().find(), KNOWN, Family.LEAF_LENS, evidence())
                        .getFirst()
                        .harmed())
                .extracting(harmed -> harmed.look().id())
                .doesNotContain(oil.look().id());
    }

    @Test
    void suspicionIsNarrowedToMechanismsBeforeACauseHasAName() {
        logs.add(new FindEntry.SymptomSeen("meter dead"));

        Map<String, Double> areas =
                Diagnosis.of(KNOWN, Family.LEAF_LENS, evidence()).areas();

        assertThat(areas.get("meter")).isGreaterThan(0.75);
        assertThat(areas.values().stream().mapToDouble(one -> one).sum()).isLessThanOrEqualTo(1.0001);
    }

    @Test
    void whatAShopChangesTakesEffectAndGapsAreRefused() {
        FaultKnowledge.Cause gummed = KNOWN.causes().getFirst();
        FaultKnowledge.Cause rarer = new FaultKnowledge.Cause(
                gummed.id(),
                gummed.area(),
                gummed.words(),
                0.5,
                "rare here",
                gummed.symptoms(),
                gummed.calls(),
                gummed.signature());
        FaultChanges changes = FaultChanges.NONE.plus(new FaultChanges(List.of(), List.of(rarer), List.of()));

        FaultKnowledge changed = changes.in(KNOWN);

        assertThat(changed.causes()).hasSameSizeAs(KNOWN.causes());
        assertThat(changed.causes().getFirst().prior()).isEqualTo(0.5);
        assertThat(changes.without(gummed.id()).in(KNOWN).causes().getFirst()).isEqualTo(gummed);
        FaultKnowledge.Cause untold =
                new FaultKnowledge.Cause("odd", "leaf", "odd new cause", 1, "why", Map.of("slowLate", 0.5), "mend", "");
        assertThatThrownBy(() -> new FaultChanges(List.of(), List.of(untold), List.of()).in(KNOWN))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("No look distinguishes “odd new cause”");
        FaultKnowledge.Look tells = new FaultKnowledge.Look(
                "oddLook", "leaf", "look at it", "odd", 2, "outside", "", Map.of("odd", 0.9), 0.05);
        assertThat(new FaultChanges(List.of(), List.of(untold), List.of(tells))
                        .in(KNOWN)
                        .causes())
                .hasSize(KNOWN.causes().size() + 1);
    }

    @Test
    void withNoKnowledgeAtAllNothingIsSuspectedAndNothingBreaks() {
        logs.add(new FindEntry.SymptomSeen("something rattles"));
        CaseEvidence evidence =
                CaseReader.of(logs.picture().find(), logs.picture().intake(), FaultKnowledge.EMPTY, Map.of(), 0);

        Diagnosis diagnosis = Diagnosis.of(FaultKnowledge.EMPTY, Family.ROTARY, evidence);

        assertThat(diagnosis.suspects(evidence)).isEmpty();
        assertThat(diagnosis.noneOfThese()).isEqualTo(1);
        assertThat(NextLooks.of(FaultKnowledge.EMPTY, Family.ROTARY, diagnosis, evidence, java.util.Set.of()))
                .isEmpty();
    }

    @Test
    void looksTakeWhatTheyTookHere() {
        FaultKnowledge.Look look = KNOWN.looks().getFirst();
        Map<String, Double> minutes =
                LookMinutes.of(KNOWN, List.of(new ModelKnowledge.LookMet(look.id(), look.words(), 6, 9)));

        assertThat(minutes.get(look.id())).isBetween(look.minutes(), 9.0).isGreaterThan(5);
    }
}
