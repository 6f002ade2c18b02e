package ruvant.core.prove;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruvant.core.house.HousePractice;
import ruvant.core.house.ModelSheet;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.measure.Attitudes;
import ruvant.core.measure.DialSpeed;
import ruvant.core.measure.Difference;
import ruvant.core.measure.RunStatistics;
import ruvant.core.measure.Tolerances;
import ruvant.core.trade.Phase;

/** All speeds of a camera, before against after. */
public final class SpeedTable {
    private SpeedTable() {}

    /** One row for each speed on the dial and each other speed that was timed, slowest first. */
    public static List<SpeedRow> of(IntakeEntry.Received received, ProvePicture proofs, HousePractice practice) {
        Set<String> speeds = new LinkedHashSet<>(received.speeds());
        proofs.timed().forEach(timed -> speeds.add(timed.speed()));
        proofs.guesses().forEach(guess -> speeds.add(guess.speed()));
        Optional<ModelSheet> sheet = practice.speeds().sheetOf(received.camera());
        List<DialSpeed> dial = speeds.stream()
                .map(speed -> DialSpeed.of(speed, received, sheet))
                .sorted(Comparator.comparingDouble(DialSpeed::nominalSeconds).reversed())
                .toList();
        Tolerances tolerances = Tolerances.of(received.camera(), practice);
        PhaseRuns before = PhaseRuns.of(dial, proofs, Phase.BEFORE);
        PhaseRuns after = PhaseRuns.of(dial, proofs, Phase.AFTER);
        return dial.stream()
                .map(speed -> row(speed, tolerances, before, after, proofs))
                .toList();
    }

    private static SpeedRow row(
            DialSpeed speed, Tolerances tolerances, PhaseRuns before, PhaseRuns after, ProvePicture proofs) {
        List<Attitudes.Effect> held = after.attitudes(speed);
        return new SpeedRow(
                speed.words(),
                new SpeedRow.Nominal(speed.nominalSeconds(), speed.source()),
                new SpeedRow.AllowedBias(tolerances.biasEv(speed.nominalSeconds()), tolerances.source()),
                before.run(speed, tolerances),
                after.run(speed, tolerances),
                change(before.level(speed), after.level(speed)),
                held.isEmpty() ? before.attitudes(speed) : held,
                after.firstAfterRest(speed).or(() -> before.firstAfterRest(speed)),
                Earlier.of(speed, proofs),
                Guesses.of(speed, proofs));
    }

    private static Optional<SpeedRow.Change> change(Optional<RunStatistics> from, Optional<RunStatistics> to) {
        if (from.isEmpty()
                || to.isEmpty()
                || from.get().firings() < 2
                || to.get().firings() < 2) {
            return Optional.empty();
        }
        Difference difference = Difference.between(from.get(), to.get());
        double half = difference.halfWidthEv(PhaseRuns.SHOWN);
        return Optional.of(new SpeedRow.Change(difference.byEv(), difference.byEv() - half, difference.byEv() + half));
    }

    /** The speeds that have no firing yet in a phase, slowest first: those to time next. */
    public static List<String> toTime(List<SpeedRow> rows, Phase phase) {
        return rows.stream()
                .filter(row -> (phase == Phase.BEFORE ? row.before() : row.after()).isEmpty())
                .map(SpeedRow::speed)
                .toList();
    }
}
