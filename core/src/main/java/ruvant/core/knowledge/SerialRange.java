package ruvant.core.knowledge;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalLong;
import java.util.TreeMap;

/** Serial numbers seen with a pattern, and on how many cameras. */
public record SerialRange(String pattern, long lowest, long highest, int cameras) {
    private static final int MOST_FIGURES = 15;

    private boolean contains(long number) {
        return number >= lowest && number <= highest;
    }

    private long distance(long number) {
        return Math.min(Math.abs(lowest - number), Math.abs(highest - number));
    }

    /** Gathers cameras of one model. Serial numbers without figures, and cameras of no pattern, tell nothing. */
    static List<SerialRange> of(List<PatternSigns.Seen> cameras) {
        Map<String, List<Long>> numbers = new TreeMap<>();
        Map<String, String> written = new TreeMap<>();
        for (PatternSigns.Seen camera : cameras) {
            OptionalLong number = number(camera.serial());
            if (number.isPresent() && !camera.pattern().isEmpty()) {
                String key = camera.pattern().toLowerCase(Locale.ROOT);
                written.putIfAbsent(key, camera.pattern());
                numbers.computeIfAbsent(key, name -> new ArrayList<>()).add(number.getAsLong());
            }
        }
        return numbers.entrySet().stream()
                .map(entry -> new SerialRange(
                        written.get(entry.getKey()),
                        Collections.min(entry.getValue()),
                        Collections.max(entry.getValue()),
                        entry.getValue().size()))
                .sorted(Comparator.comparingLong(SerialRange::lowest))
                .toList();
    }

    /** What a serial number says about the pattern. Where ranges of two patterns overlap there, nothing. */
    static PatternSigns.PatternSays guess(List<SerialRange> ranges, String serial) {
        OptionalLong number = number(serial);
        if (number.isEmpty() || ranges.isEmpty()) {
            return new PatternSigns.PatternSays("", false, "");
        }
        long value = number.getAsLong();
        List<SerialRange> around =
                ranges.stream().filter(range -> range.contains(value)).toList();
        if (around.size() > 1) {
            return new PatternSigns.PatternSays("", false, "the numbers of several patterns overlap there");
        }
        if (around.size() == 1) {
            SerialRange range = around.getFirst();
            return new PatternSigns.PatternSays(
                    range.pattern,
                    true,
                    range.cameras + " of that pattern were numbered " + range.lowest + " to " + range.highest);
        }
        SerialRange nearest = ranges.stream()
                .min(Comparator.comparingLong(range -> range.distance(value)))
                .orElseThrow();
        long beside = value < nearest.lowest ? nearest.lowest : nearest.highest;
        return new PatternSigns.PatternSays(nearest.pattern, false, "the nearest number seen is " + beside);
    }

    /** The figures of a serial number, letters and marks left aside; not more than a long can hold. */
    private static OptionalLong number(String serial) {
        String figures = serial.replaceAll("[^0-9]", "");
        return figures.isEmpty() || figures.length() > MOST_FIGURES
                ? OptionalLong.empty()
                : OptionalLong.of(Long.parseLong(figures));
    }
}
