package ruvant.core.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ruvant.core.house.HousePractice;
import ruvant.core.house.TrayShape;
import ruvant.core.trade.Fastener;
import ruvant.core.units.Refusal;
import ruvant.core.units.WellName;

/**
 * What lies in the sorting trays of one job.
 *
 * @param shapes the trays of the shop, the first being tray 1
 * @param wells the wells in use, by name; also such as no tray has any more
 */
public record Trays(List<TrayShape> shapes, List<Well> wells) {

    /** One well in use: whose pieces lie there, and whether pieces of a look-alike pair do. */
    public record Well(WellName name, List<ValleyPart> parts, boolean lookAlike) {}

    /** The trays as the valley leaves them. */
    public static Trays of(Valley valley, HousePractice practice) {
        Map<WellName, List<ValleyPart>> filled = new TreeMap<>();
        valley.out()
                .forEach(part -> part.removed()
                        .wells()
                        .forEach(well -> filled.computeIfAbsent(well, name -> new ArrayList<>())
                                .add(part)));
        Set<String> alike = LookAlikes.among(valley, practice.standards().lookAlikeMm()).stream()
                .flatMap(pair ->
                        Stream.of(pair.shorterOf().key(), pair.longerOf().key()))
                .collect(Collectors.toSet());
        List<Well> wells = filled.entrySet().stream()
                .map(entry -> new Well(
                        entry.getKey(),
                        List.copyOf(entry.getValue()),
                        entry.getValue().stream()
                                .anyMatch(part -> alike.contains(part.name().key()))))
                .toList();
        return new Trays(practice.trays(), wells);
    }

    /** Whether one of the trays has this well. */
    public boolean has(WellName well) {
        return well.tray() <= shapes.size()
                && well.row() < shapes.get(well.tray() - 1).rows()
                && well.column() <= shapes.get(well.tray() - 1).columns();
    }

    /** Wells that hold pieces though no tray has them: a tray was changed while they lay there. */
    public List<Well> nowhere() {
        return wells.stream().filter(well -> !has(well.name())).toList();
    }

    /** Numbers of the trays in which pieces of this job lie, rising. */
    public List<Integer> inUse() {
        return wells.stream().map(well -> well.name().tray()).distinct().toList();
    }

    /** Why something cannot lie in these wells: no tray has one of that name. */
    public Optional<Refusal> objection(List<WellName> into) {
        return into.stream()
                .filter(well -> !has(well))
                .findFirst()
                .map(well -> well.tray() > shapes.size()
                        ? new Refusal(
                                "wellUnknown",
                                "There is no tray " + well.tray() + ".",
                                shapes.size() == 1
                                        ? "There is one tray, with " + wellsOf(1) + ". Add trays in Settings."
                                        : "There are trays 1 to " + shapes.size() + ". Add trays in Settings.")
                        : new Refusal(
                                "wellUnknown",
                                "There is no well " + well + " in "
                                        + (shapes.size() == 1 ? "the tray" : "tray " + well.tray()) + ".",
                                "It has " + wellsOf(well.tray()) + "."));
    }

    private String wellsOf(int tray) {
        TrayShape shape = shapes.get(tray - 1);
        return new WellName(tray, 0, 1) + " to " + new WellName(tray, shape.rows() - 1, shape.columns());
    }

    /** Every well there is, tray by tray. */
    public static List<WellName> all(List<TrayShape> shapes) {
        return IntStream.rangeClosed(1, shapes.size())
                .boxed()
                .flatMap(tray -> rows(tray, shapes.get(tray - 1)).stream())
                .flatMap(List::stream)
                .toList();
    }

    /** The wells of one tray as they lie, row by row. */
    public static List<List<WellName>> rows(int tray, TrayShape shape) {
        return IntStream.range(0, shape.rows())
                .mapToObj(row -> IntStream.rangeClosed(1, shape.columns())
                        .mapToObj(column -> new WellName(tray, row, column))
                        .toList())
                .toList();
    }

    /**
     * A free well for pieces coming off: rather in a tray that holds this job's pieces already, else in one that no
     * other camera's pieces lie in; there away from wells whose fasteners look like these; else any free one, else none.
     *
     * @param thresholdMm as for look-alikes
     * @param othersUse numbers of trays in which pieces of other cameras lie
     */
    public Optional<WellName> suggestion(List<Fastener> comingOff, double thresholdMm, Set<Integer> othersUse) {
        Set<WellName> used = wells.stream().map(Well::name).collect(Collectors.toSet());
        Set<WellName> near = wells.stream()
                .filter(well -> well.parts().stream()
                        .flatMap(part -> part.removed().fasteners().stream())
                        .anyMatch(
                                there -> comingOff.stream().anyMatch(one -> LookAlikes.alike(one, there, thresholdMm))))
                .map(Well::name)
                .collect(Collectors.toSet());
        List<Integer> own = inUse();
        return all(shapes).stream()
                .filter(well -> !used.contains(well))
                .min(Comparator.comparing((WellName well) -> !own.contains(well.tray()))
                        .thenComparing(well -> othersUse.contains(well.tray()))
                        .thenComparing(well -> near.stream().anyMatch(well::adjoins))
                        .thenComparing(Comparator.naturalOrder()));
    }
}
