package ruvant.core.strip;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.ShippedLists;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.trade.Side;
import ruvant.core.units.PartName;

/**
 * A strip written down by going through how such a camera is built: what comes off in which order, and for each part which
 * of the others must truly be off before it. A line is "number name | side | fasteners | numbers of what lies directly over
 * it | assembly".
 */
record StripOnPaper(
        String name,
        BodyType body,
        Family shutter,
        List<StripEntry.Removed> removals,
        Map<PartName, Set<PartName>> under) {

    /** All of a folder, in the order of their names. */
    static List<StripOnPaper> in(String folder) {
        try (Stream<Path> files = Files.list(
                Path.of(StripOnPaper.class.getResource("strips/" + folder).toURI()))) {
            return files.sorted(Comparator.comparing(Path::toString))
                    .map(StripOnPaper::read)
                    .toList();
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        } catch (URISyntaxException problem) {
            throw new AssertionError(problem);
        }
    }

    private static StripOnPaper read(Path file) {
        try {
            List<String> lines = Files.readAllLines(file).stream()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .toList();
            String[] camera = lines.getFirst().split(" ");
            List<StripEntry.Removed> removals = new ArrayList<>();
            Map<PartName, Set<PartName>> over = new HashMap<>();
            lines.stream().skip(1).forEach(line -> take(line, removals, over));
            return new StripOnPaper(
                    file.getFileName().toString().replace(".txt", ""),
                    BodyType.valueOf(camera[1]),
                    Family.valueOf(camera[2]),
                    List.copyOf(removals),
                    allUnder(removals, over));
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    private static void take(String line, List<StripEntry.Removed> removals, Map<PartName, Set<PartName>> over) {
        String[] cells = line.split("\\|", -1);
        String[] numbered = cells[0].strip().split(" ", 2);
        if (Integer.parseInt(numbered[0]) != removals.size() + 1) {
            throw new IllegalArgumentException("Out of order: " + line);
        }
        PartName within = cells.length > 4 ? PartName.of(cells[4].strip()) : null;
        Side side = Side.valueOf(cells[1].strip().replaceAll("([A-Z])", "_$1").toUpperCase(Locale.ROOT));
        StripEntry.Removed removed = StripEntry.Removed.of(numbered[1], side, ShippedLists.LISTS.covers(numbered[1]))
                .outOf(within);
        removals.add(removed);
        Set<PartName> upper = Arrays.stream(cells[3].strip().split(" "))
                .filter(one -> !one.isEmpty())
                .map(one -> removals.get(Integer.parseInt(one) - 1).part())
                .collect(Collectors.toCollection(HashSet::new));
        if (upper.contains(removed.part())) {
            throw new IllegalArgumentException("Over itself: " + line);
        }
        if (within != null) {
            upper.add(within);
        }
        over.put(removed.part(), upper);
    }

    /** For each part everything under it, directly or not. */
    private static Map<PartName, Set<PartName>> allUnder(
            List<StripEntry.Removed> removals, Map<PartName, Set<PartName>> over) {
        Map<PartName, Set<PartName>> under = new HashMap<>();
        removals.forEach(one -> under.put(one.part(), new HashSet<>()));
        for (StripEntry.Removed one : removals) {
            Set<PartName> above = new HashSet<>();
            reach(one.part(), over, above);
            above.forEach(upper -> under.get(upper).add(one.part()));
        }
        return under;
    }

    private static void reach(PartName from, Map<PartName, Set<PartName>> over, Set<PartName> reached) {
        for (PartName upper : over.get(from)) {
            if (reached.add(upper)) {
                reach(upper, over, reached);
            }
        }
    }

    /** Whether a part may truly go on while these are out. */
    boolean may(PartName part, Set<PartName> out) {
        return under.get(part).stream().noneMatch(out::contains);
    }
}
