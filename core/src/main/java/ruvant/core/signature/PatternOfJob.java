package ruvant.core.signature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruvant.core.house.HousePractice;
import ruvant.core.house.ModelSheet;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.prove.ProvePicture;
import ruvant.core.prove.SpeedRow;
import ruvant.core.prove.SpeedTable;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.Phase;
import ruvant.core.trade.StandSetup;
import ruvant.core.units.ExposureEv;

/** What a job's firings say about its shutter. */
public final class PatternOfJob {
    private static final int LEAST_SPEEDS = 3;

    private PatternOfJob() {}

    /**
     * What the speeds of a phase say.
     *
     * @param firings on how many it rests
     */
    public record Read(Phase phase, int firings, Ranking ranking) {}

    /** Empty where too few speeds were fired in that phase, or the kind of shutter has no patterns. */
    public static Optional<Read> of(
            IntakeEntry.Received received, ProvePicture proofs, HousePractice practice, Phase phase) {
        Optional<ShutterKind> kind = ShutterKind.of(received.camera().family());
        List<SpeedFirings> speeds = SpeedTable.of(received, proofs, practice).stream()
                .flatMap(row -> firings(row, proofs, phase).stream())
                .toList();
        if (kind.isEmpty() || speeds.size() < LEAST_SPEEDS) {
            return Optional.empty();
        }
        int firings = speeds.stream()
                .mapToInt(speed -> speed.firings() + speed.lensDownEv().size())
                .sum();
        CurtainTravel travel = travel(practice.speeds().sheetOf(received.camera()), proofs, phase);
        return Optional.of(new Read(phase, firings, Signatures.rank(kind.get(), speeds, travel)));
    }

    private static Optional<SpeedFirings> firings(SpeedRow row, ProvePicture proofs, Phase phase) {
        // the firing after a rest comes first, or it is not told from the others
        List<ProvePicture.Timed> level = runs(row, proofs, phase, Attitude.LEVEL)
                .sorted(Comparator.comparing(run -> !run.how().afterRest()))
                .toList();
        if (level.isEmpty()) {
            return Optional.empty();
        }
        List<Double> places = places(level);
        List<List<Double>> errors = new ArrayList<>();
        for (int k = 0; k < places.size(); k++) {
            int sensor = k;
            errors.add(level.stream()
                    .flatMap(run -> places.size() == 1
                            ? run.seconds().stream()
                            : run.firings().stream()
                                    .map(one -> one.sensorSeconds().get(sensor)))
                    .map(seconds -> error(seconds, row.nominal().seconds()))
                    .toList());
        }
        List<Double> down = runs(row, proofs, phase, Attitude.LENS_DOWN)
                .flatMap(run -> run.seconds().stream())
                .map(seconds -> error(seconds, row.nominal().seconds()))
                .toList();
        return Optional.of(new SpeedFirings(
                row.speed(),
                row.nominal().seconds(),
                places,
                errors,
                down,
                level.getFirst().how().afterRest() && errors.getFirst().size() > 1));
    }

    private static Stream<ProvePicture.Timed> runs(SpeedRow row, ProvePicture proofs, Phase phase, Attitude attitude) {
        return proofs.counted().stream()
                .filter(run -> run.speed().equals(row.speed())
                        && run.how().phase() == phase
                        && run.how().attitude() == attitude);
    }

    /** Where the sensors stood, where all firings were seen by the same ones; else the middle of the gate. */
    private static List<Double> places(List<ProvePicture.Timed> runs) {
        List<Double> middle = List.of(0.5);
        Optional<StandSetup> setup = runs.getFirst().with().setup();
        if (setup.isEmpty()
                || setup.get().kind() != StandSetup.Kind.FOCAL_PLANE
                || setup.get().gateMm().isEmpty()
                || setup.get().sensors().size() < 2) {
            return middle;
        }
        int sensors = setup.get().sensors().size();
        boolean allSeen = runs.stream()
                .allMatch(run -> run.with().setup().map(StandSetup::sensors).equals(setup.map(StandSetup::sensors))
                        && run.firings().stream()
                                .allMatch(one -> one.sensorSeconds().size() == sensors));
        double gate = setup.get().gateMm().get();
        return allSeen
                ? setup.get().sensors().stream()
                        .map(sensor -> Math.clamp(sensor.positionMm() / gate, 0, 1))
                        .toList()
                : middle;
    }

    private static double error(double seconds, double nominal) {
        return seconds <= 0
                ? SpeedFirings.NO_LIGHT_EV
                : ExposureEv.of(seconds, nominal).value();
    }

    private static CurtainTravel travel(Optional<ModelSheet> sheet, ProvePicture proofs, Phase phase) {
        List<MeasuredFiring.CurtainTimes> seen = proofs.counted().stream()
                .filter(run -> run.how().phase() == phase && run.how().attitude() == Attitude.LEVEL)
                .flatMap(run -> run.firings().stream())
                .flatMap(one -> one.curtains().stream())
                .toList();
        if (seen.isEmpty()) {
            return CurtainTravel.UNKNOWN;
        }
        double leading = seen.stream()
                .mapToDouble(MeasuredFiring.CurtainTimes::leadingSeconds)
                .average()
                .orElseThrow();
        double trailing = seen.stream()
                .mapToDouble(MeasuredFiring.CurtainTimes::trailingSeconds)
                .average()
                .orElseThrow();
        return new CurtainTravel(
                sheet.flatMap(ModelSheet::leadingTravelMs).map(made -> Math.log(1000 * leading / made) / Math.log(2)),
                sheet.flatMap(ModelSheet::trailingTravelMs)
                        .map(made -> Math.log(1000 * trailing / made) / Math.log(2)));
    }
}
