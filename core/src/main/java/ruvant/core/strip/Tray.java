package ruvant.core.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ruvant.core.job.Fastener;
import ruvant.core.job.HousePractice;
import ruvant.core.job.StripEntry;
import ruvant.core.units.Refusal;
import ruvant.core.units.WellName;

/**
 * What lies in the sorting tray of one job.
 *
 * @param rows 1 to 12, lettered from A
 * @param columns 1 to 12
 * @param wells the wells in use, by name
 */
public record Tray(int rows, int columns, List<Well> wells) {

    /** One well in use: whose pieces lie there, and whether pieces of a look-alike pair do. */
    public record Well(WellName name, List<ValleyPart> parts, boolean lookAlike) {}

    /** The tray as the valley leaves it. */
    public static Tray of(Valley valley, HousePractice practice) {
        Map<WellName, List<ValleyPart>> filled = new TreeMap<>();
        valley.out()
                .forEach(part -> part.removed()
                        .wells()
                        .forEach(well -> filled.computeIfAbsent(well, name -> new ArrayList<>())
                                .add(part)));
        Set<String> alike = LookAlikes.among(valley, practice.lookAlikeMm()).stream()
                .flatMap(pair -> java.util.stream.Stream.of(
                        pair.shorterOf().key(), pair.longerOf().key()))
                .collect(Collectors.toSet());
        List<Well> wells = filled.entrySet().stream()
                .map(entry -> new Well(
                        entry.getKey(),
                        List.copyOf(entry.getValue()),
                        entry.getValue().stream()
                                .anyMatch(part -> alike.contains(part.name().key()))))
                .toList();
        return new Tray(practice.trayRows(), practice.trayColumns(), wells);
    }

    /** Why the wells of a removal cannot be: the tray has none of that name. */
    public Optional<Refusal> objection(StripEntry.Removed removed) {
        return removed.wells().stream()
                .filter(well -> well.row() >= rows || well.column() > columns)
                .findFirst()
                .map(well -> new Refusal(
                        "wellUnknown",
                        "There is no well " + well + " in the tray.",
                        "It has A1 to " + new WellName(rows - 1, columns) + "."));
    }

    /**
     * A free well for pieces coming off, away from wells whose fasteners look like these; else any free one, else none.
     *
     * @param thresholdMm as for look-alikes
     */
    public Optional<WellName> suggestion(List<Fastener> comingOff, double thresholdMm) {
        Set<WellName> used = wells.stream().map(Well::name).collect(Collectors.toSet());
        Set<WellName> near = wells.stream()
                .filter(well -> well.parts().stream()
                        .flatMap(part -> part.removed().fasteners().stream())
                        .anyMatch(
                                there -> comingOff.stream().anyMatch(one -> LookAlikes.alike(one, there, thresholdMm))))
                .map(Well::name)
                .collect(Collectors.toSet());
        List<WellName> free = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 1; column <= columns; column++) {
                WellName well = new WellName(row, column);
                if (!used.contains(well)) {
                    free.add(well);
                }
            }
        }
        return free.stream()
                .min(Comparator.comparing((WellName well) -> near.stream().anyMatch(well::adjoins))
                        .thenComparing(Comparator.naturalOrder()));
    }
}
