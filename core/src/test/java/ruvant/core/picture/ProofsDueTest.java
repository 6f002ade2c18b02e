package ruvant.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.proof.FrameFault;
import ruvant.core.proof.ProofEntry;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.trade.FunctionResult;
import ruvant.core.units.Named;

class ProofsDueTest {
    private static StripEntry.Removed off(String part) {
        return Logs.off(part, false);
    }

    private static ProofDue due(Logs logs, String id) {
        return logs.stands().proofs().stream()
                .filter(one -> one.proof().id().equals(id))
                .findFirst()
                .orElse(null);
    }

    private static ProofEntry.ProofMade read(String proof, double... atAndValue) {
        List<ProofEntry.ProofReading> readings = new ArrayList<>();
        for (int at = 0; at < atAndValue.length; at += 2) {
            readings.add(new ProofEntry.ProofReading(
                    Double.isNaN(atAndValue[at]) ? null : atAndValue[at], atAndValue[at + 1]));
        }
        return new ProofEntry.ProofMade(new Named(proof, proof), null, readings, "");
    }

    @Test
    void whatWasNotTouchedNeedsNoProof() {
        assertThat(Logs.camera().stands().proofs()).isEmpty();
        Logs lens = Logs.camera().add(off("taking lens"));
        assertThat(due(lens, "infinity").because())
                .singleElement()
                .matches(one -> one.words().equals("taking lens was off"));
        assertThat(due(lens, "frames-per-stroke")).isNull();
        assertThat(due(lens, "light-tight")).isNull();
    }

    @Test
    void aCoverIsNearAMeterOnlyWhereThereIsOne() {
        Logs without = Logs.camera(BodyType.RIGID, Family.FOCAL_CLOTH).add(off("top cover"));
        assertThat(due(without, "meter")).isNull();
        Logs with = Logs.camera(BodyType.RIGID, Family.FOCAL_CLOTH)
                .add(new IntakeEntry.FunctionChecked("Meter", FunctionResult.WORKS, ""))
                .add(off("top cover"));
        assertThat(due(with, "meter").required()).isTrue();
    }

    @Test
    void whatWasAgreedIsProved() {
        Logs logs = Logs.camera().add(new IntakeEntry.ScopeAdded("new light seals"));
        assertThat(due(logs, "light-tight").because())
                .singleElement()
                .matches(one -> one.words().equals("agreed: new light seals"));
        logs.add(new ProofEntry.ProofMade(new Named("light-tight", "Light-tight"), true, List.of(), "an hour"));
        assertThat(due(logs, "light-tight").state()).isEqualTo(ProofDue.State.PASSED);
    }

    @Test
    void twoLightsFarEnoughApartMakeTheProofOfAMeter() {
        Logs logs = Logs.camera().add(new IntakeEntry.ScopeAdded("meter dead"), read("meter", 12, 12.3));
        assertThat(due(logs, "meter").state()).isEqualTo(ProofDue.State.STARTED);
        logs.add(read("meter", 13, 13.2));
        assertThat(due(logs, "meter").state()).isEqualTo(ProofDue.State.STARTED);
        logs.add(read("meter", 8, 7.8));
        assertThat(due(logs, "meter").state()).isEqualTo(ProofDue.State.PASSED);
        logs.add(read("meter", 15, 16));
        assertThat(due(logs, "meter").state()).isEqualTo(ProofDue.State.FAILED);
    }

    @Test
    void theLastWordHoldsBeItSaidOrRead() {
        Logs logs = Logs.camera()
                .add(new IntakeEntry.ScopeAdded("meter dead"), read("meter", 12, 12.1), read("meter", 8, 8.1))
                .add(new ProofEntry.ProofMade(new Named("meter", "Meter"), false, List.of(), "the needle sticks"));
        assertThat(due(logs, "meter").state()).isEqualTo(ProofDue.State.FAILED);
        logs.add(new ProofEntry.ProofMade(new Named("meter", "Meter"), true, List.of(), "tried at the counter"));
        assertThat(due(logs, "meter").state()).isEqualTo(ProofDue.State.PASSED);
        assertThat(due(Logs.camera().add(new IntakeEntry.ScopeAdded("film advance drags")), ProofDue.FILM))
                .isNull();
    }

    @Test
    void aStrokeThatCountsTwoStartsTheCountAgain() {
        Logs logs = Logs.camera().add(new IntakeEntry.ScopeAdded("counter jumps"));
        for (int stroke = 0; stroke < 11; stroke++) {
            logs.add(read("frames-per-stroke", Double.NaN, 1));
        }
        assertThat(due(logs, "frames-per-stroke").state()).isEqualTo(ProofDue.State.STARTED);
        logs.add(read("frames-per-stroke", Double.NaN, 2));
        assertThat(due(logs, "frames-per-stroke").state()).isEqualTo(ProofDue.State.FAILED);
        for (int stroke = 0; stroke < 12; stroke++) {
            logs.add(read("frames-per-stroke", Double.NaN, 1));
        }
        assertThat(due(logs, "frames-per-stroke").state()).isEqualTo(ProofDue.State.PASSED);
    }

    @Test
    void aProofThatWasMadeBeforeItWasTouchedAgainProvesNothing() {
        Logs logs = Logs.camera()
                .add(new IntakeEntry.ScopeAdded("focus is off"))
                .add(new ProofEntry.ProofMade(new Named("infinity", "Infinity"), true, List.of(), ""));
        assertThat(due(logs, "infinity").state()).isEqualTo(ProofDue.State.PASSED);
        logs.after(30).add(off("taking lens"));
        assertThat(due(logs, "infinity").state()).isEqualTo(ProofDue.State.OPEN);
        assertThat(logs.stands().readyToReturn()).isFalse();
    }

    @Test
    void aTestFilmThatWasAgreedHoldsTheCameraBack() {
        Logs logs = Logs.camera().add(new IntakeEntry.ScopeAdded("test film"), off("front plate"));
        assertThat(due(logs, ProofDue.FILM).required()).isTrue();
        assertThat(logs.stands().outstanding()).anyMatch(one -> one.id().equals("proof/test-film"));
        logs.after(5)
                .add(new ProofEntry.FilmDeveloped(
                        12, 12, List.of(new ProofEntry.FrameSeen(4, FrameFault.OVERLAP, null, "")), List.of(), ""));
        assertThat(due(logs, ProofDue.FILM).state()).isEqualTo(ProofDue.State.FAILED);
        logs.after(5).add(new ProofEntry.FilmDeveloped(12, 13, List.of(), List.of(2.0, 2.1, 1.9), ""));
        assertThat(due(logs, ProofDue.FILM).state()).isEqualTo(ProofDue.State.PASSED);
        assertThat(logs.stands().outstanding()).noneMatch(one -> one.id().startsWith("proof/"));
    }
}
