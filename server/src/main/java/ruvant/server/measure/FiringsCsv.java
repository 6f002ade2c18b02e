package ruvant.server.measure;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ruvant.core.prove.ProvePicture;
import ruvant.core.trade.MeasuredFiring;
import ruvant.server.csv.CsvRows;

/** Every firing of a job as a table, one row each. */
final class FiringsCsv {
    private static final List<String> COLUMNS = List.of(
            "speed",
            "phase",
            "held",
            "instrument",
            "input",
            "stand",
            "simulated",
            "at",
            "firing",
            "exposure_s",
            "uncertainty_s",
            "leading_travel_s",
            "trailing_travel_s",
            "taper_ev",
            "flags",
            "recording");

    private record Firing(ProvePicture.Timed run, int index) {}

    private FiringsCsv() {}

    static String of(List<ProvePicture.Timed> runs) {
        List<Firing> firings = runs.stream()
                .flatMap(run -> IntStream.range(0, run.seconds().size()).mapToObj(i -> new Firing(run, i)))
                .toList();
        return CsvRows.written(COLUMNS, firings, FiringsCsv::cells);
    }

    private static List<Object> cells(Firing firing) {
        ProvePicture.Timed run = firing.run();
        Optional<MeasuredFiring> shot = run.firings().isEmpty()
                ? Optional.empty()
                : Optional.of(run.firings().get(firing.index()));
        Optional<MeasuredFiring.CurtainTimes> curtains = shot.flatMap(MeasuredFiring::curtains);
        return List.of(
                run.speed(),
                run.how().phase().name().toLowerCase(Locale.ROOT),
                run.how().attitude().name().toLowerCase(Locale.ROOT),
                run.with().instrument(),
                run.with().source().input(),
                run.with().source().stand(),
                run.simulated() ? "yes" : "no",
                run.at().toString(),
                firing.index() + 1,
                seconds(run.seconds().get(firing.index())),
                shot.map(one -> seconds(one.uncertaintySeconds())).orElse(""),
                curtains.map(one -> seconds(one.leadingSeconds())).orElse(""),
                curtains.map(one -> seconds(one.trailingSeconds())).orElse(""),
                curtains.map(one -> String.format(Locale.ROOT, "%.4f", one.taperEv()))
                        .orElse(""),
                shot.map(one -> one.flags().stream()
                                .map(flag -> flag.key())
                                .sorted()
                                .collect(Collectors.joining(" ")))
                        .orElse(""),
                run.with().recording());
    }

    private static String seconds(double seconds) {
        return String.format(Locale.ROOT, "%.9f", seconds);
    }
}
