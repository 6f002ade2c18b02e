package ruvant.core.prove;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruvant.core.job.Attitude;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.Phase;
import ruvant.core.measure.MarkedSpeed;
import ruvant.core.measure.RunStatistics;
import ruvant.core.measure.SpeedVerdict;
import ruvant.core.measure.Tolerances;
import ruvant.core.units.ExposureEv;

/** All speeds of a camera, before against after. */
public final class SpeedTable {
    private static final double SHOWN = 0.95;

    private SpeedTable() {}

    /** One row for each speed on the dial and each other speed that was timed, slowest first. */
    public static List<SpeedRow> of(IntakeEntry.Received received, ProvePicture proofs) {
        Set<String> speeds = new LinkedHashSet<>(received.speeds());
        proofs.timed().forEach(timed -> speeds.add(timed.firings().speed()));
        List<SpeedRow> rows = new ArrayList<>();
        for (String speed : speeds) {
            double nominal = MarkedSpeed.nominalSeconds(speed, received.series());
            double tolerance = Tolerances.biasEv(received.camera().family(), nominal);
            rows.add(new SpeedRow(
                    speed,
                    nominal,
                    tolerance,
                    run(proofs, speed, Phase.BEFORE, nominal, tolerance),
                    run(proofs, speed, Phase.AFTER, nominal, tolerance)));
        }
        rows.sort(java.util.Comparator.comparingDouble(SpeedRow::nominalSeconds).reversed());
        return rows;
    }

    /** The speeds that have no firing yet in a phase, slowest first: those to time next. */
    public static List<String> toTime(List<SpeedRow> rows, Phase phase) {
        return rows.stream()
                .filter(row -> (phase == Phase.BEFORE ? row.before() : row.after()).isEmpty())
                .map(SpeedRow::speed)
                .toList();
    }

    private static Optional<SpeedRow.Run> run(
            ProvePicture proofs, String speed, Phase phase, double nominal, double tolerance) {
        List<Double> seconds = proofs.timed().stream()
                .map(ProvePicture.Timed::firings)
                .filter(run -> run.speed().equals(speed) && run.phase() == phase && run.attitude() == Attitude.LEVEL)
                .flatMap(run -> run.seconds().stream())
                .toList();
        if (seconds.isEmpty()) {
            return Optional.empty();
        }
        RunStatistics statistics = RunStatistics.of(seconds, nominal);
        double bias = statistics.biasEv();
        boolean several = statistics.firings() > 1;
        double half = several ? statistics.halfWidthEv(SHOWN) : 0;
        return Optional.of(new SpeedRow.Run(
                seconds,
                bias,
                new ExposureEv(bias).percent(),
                several ? Optional.of(statistics.scatterEv()) : Optional.empty(),
                several ? Optional.of(bias - half) : Optional.empty(),
                several ? Optional.of(bias + half) : Optional.empty(),
                several && statistics.scatterEv() > Tolerances.SCATTER_EV,
                SpeedVerdict.of(statistics, tolerance)));
    }
}
