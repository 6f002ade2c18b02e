package ruvant.core.picture;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import ruvant.core.job.JobEffect;
import ruvant.core.job.JobEntry;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.measure.HangUps;
import ruvant.core.prove.ProvePicture;
import ruvant.core.prove.SpeedRow;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.Phase;
import ruvant.core.units.ExposureEv;

/**
 * An intermittent fault is a map, not a value: every firing by speed, in the order made and by how the camera was held,
 * with what was done to it in between.
 *
 * @param speeds that were fired, slowest first
 * @param columns in the order made
 * @param misses how many firings missed in all
 * @param firings how many were made
 */
public record FaultMap(List<String> speeds, List<Column> columns, int misses, int firings) {
    /**
     * Firings in one attitude with nothing done in between, or what was done.
     *
     * @param done what was done since the column before, in words; empty for nothing
     * @param cells firings by speed, only where there are any
     */
    public record Column(Instant at, Phase phase, Attitude attitude, List<String> done, Map<String, Cell> cells) {}

    /**
     * Firings of one speed in one column.
     *
     * @param missed for each firing, in the order made, whether it hung or fell short
     * @param missRate part of them that missed
     */
    public record Cell(List<MappedFiring> missed, double missRate) {}

    /**
     * One firing.
     *
     * @param errorEv stops
     * @param afterRest whether it was the first after a rest
     * @param simulated whether no camera was fired
     */
    public record MappedFiring(double errorEv, boolean missed, boolean afterRest, boolean simulated) {}

    private record Fired(ProvePicture.Timed run, List<String> done, List<MappedFiring> shots) {}

    /** The map of a job; without columns where nothing was fired. */
    public static FaultMap of(Log<JobEntry> log, JobPicture picture) {
        Map<String, Double> nominal = new HashMap<>();
        List<SpeedRow> rows = picture.speeds();
        rows.forEach(row -> nominal.put(row.speed(), row.nominal().seconds()));
        Map<UUID, List<MappedFiring>> shots = shots(picture.prove().timed(), nominal);
        List<Fired> fired = new ArrayList<>();
        List<String> done = new ArrayList<>();
        Map<UUID, ProvePicture.Timed> runs = new HashMap<>();
        picture.prove().timed().forEach(run -> runs.put(run.id(), run));
        for (Line line : log.counted()) {
            if (runs.containsKey(line.id())) {
                fired.add(new Fired(runs.get(line.id()), List.copyOf(done), shots.get(line.id())));
                done.clear();
            } else if (JobRooms.ALL.has(line.entry(), JobEffect.Plain.WORK_BETWEEN_FIRINGS)) {
                done.add(JobRooms.ALL.words(line.entry()));
            }
        }
        List<Column> columns = columns(fired);
        List<String> speeds = rows.stream()
                .map(SpeedRow::speed)
                .filter(speed -> columns.stream().anyMatch(one -> one.cells().containsKey(speed)))
                .toList();
        int all = shots.values().stream().mapToInt(List::size).sum();
        int misses = (int) shots.values().stream()
                .flatMap(List::stream)
                .filter(MappedFiring::missed)
                .count();
        return new FaultMap(speeds, columns, misses, all);
    }

    /** Hung ones by the scatter of the camera before the work, or after it; a miss is far from its speed's middle. */
    private static Map<UUID, List<MappedFiring>> shots(List<ProvePicture.Timed> timed, Map<String, Double> nominal) {
        Map<UUID, List<MappedFiring>> shots = new HashMap<>();
        for (Phase phase : Phase.values()) {
            List<ProvePicture.Timed> runs =
                    timed.stream().filter(run -> run.how().phase() == phase).toList();
            List<String> speeds = List.copyOf(
                    new TreeSet<>(runs.stream().map(ProvePicture.Timed::speed).toList()));
            List<double[]> errors = new ArrayList<>();
            for (String speed : speeds) {
                errors.add(runs.stream()
                        .filter(run -> run.speed().equals(speed))
                        .flatMap(run -> run.seconds().stream())
                        .mapToDouble(
                                one -> ExposureEv.of(one, nominal.get(speed)).value())
                        .toArray());
            }
            List<boolean[]> hung = HangUps.among(errors);
            List<boolean[]> dropped = HangUps.fallenShort(errors);
            int[] next = new int[speeds.size()];
            for (ProvePicture.Timed run : runs) {
                int s = speeds.indexOf(run.speed());
                List<MappedFiring> own = new ArrayList<>();
                for (int i = 0; i < run.seconds().size(); i++) {
                    int at = next[s]++;
                    own.add(new MappedFiring(
                            errors.get(s)[at],
                            hung.get(s)[at] || dropped.get(s)[at],
                            i == 0 && run.how().afterRest(),
                            run.simulated()));
                }
                shots.put(run.id(), own);
            }
        }
        return shots;
    }

    private static List<Column> columns(List<Fired> fired) {
        List<Column> columns = new ArrayList<>();
        Map<String, List<MappedFiring>> cells = new HashMap<>();
        Fired first = null;
        for (Fired one : fired) {
            boolean goesOn = first != null
                    && one.done().isEmpty()
                    && one.run().how().attitude() == first.run().how().attitude()
                    && one.run().how().phase() == first.run().how().phase();
            if (!goesOn) {
                if (first != null) {
                    columns.add(column(first, cells));
                }
                first = one;
                cells = new HashMap<>();
            }
            cells.computeIfAbsent(one.run().speed(), name -> new ArrayList<>()).addAll(one.shots());
        }
        if (first != null) {
            columns.add(column(first, cells));
        }
        return columns;
    }

    private static Column column(Fired first, Map<String, List<MappedFiring>> shots) {
        Map<String, Cell> cells = new HashMap<>();
        shots.forEach((speed, own) -> cells.put(
                speed,
                new Cell(
                        List.copyOf(own),
                        own.stream().filter(MappedFiring::missed).count() / (double) own.size())));
        return new Column(
                first.run().at(), first.run().how().phase(), first.run().how().attitude(), first.done(), cells);
    }
}
