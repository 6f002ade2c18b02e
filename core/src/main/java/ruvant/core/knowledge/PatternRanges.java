package ruvant.core.knowledge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalLong;
import java.util.TreeMap;

/**
 * Which serial numbers were seen with which pattern of a model, and what a number says by that.
 *
 * @param ranges one for each pattern, by lowest number
 */
public record PatternRanges(List<Range> ranges) {
    /** A camera that came in: its pattern and serial number as they were written down. */
    public record Seen(String pattern, String serial) {}

    /** Serial numbers seen with a pattern. */
    public record Range(String pattern, long lowest, long highest, int cameras) {
        boolean contains(long number) {
            return number >= lowest && number <= highest;
        }
    }

    /**
     * What a number says.
     *
     * @param pattern the pattern; empty where nothing can be said
     * @param inside whether the number lies within what was seen, and not only beside it
     * @param why in words
     */
    public record NumberSays(String pattern, boolean inside, String why) {}

    /** Gathers cameras of one model. Serial numbers without figures, and cameras of no pattern, tell nothing. */
    public static PatternRanges of(List<Seen> cameras) {
        Map<String, List<Long>> numbers = new TreeMap<>();
        Map<String, String> written = new TreeMap<>();
        for (Seen camera : cameras) {
            OptionalLong number = number(camera.serial());
            if (number.isPresent() && !camera.pattern().isEmpty()) {
                String key = camera.pattern().toLowerCase(Locale.ROOT);
                written.putIfAbsent(key, camera.pattern());
                numbers.computeIfAbsent(key, name -> new ArrayList<>()).add(number.getAsLong());
            }
        }
        return new PatternRanges(numbers.entrySet().stream()
                .map(entry -> new Range(
                        written.get(entry.getKey()),
                        entry.getValue().stream().min(Comparator.naturalOrder()).orElseThrow(),
                        entry.getValue().stream().max(Comparator.naturalOrder()).orElseThrow(),
                        entry.getValue().size()))
                .sorted(Comparator.comparingLong(Range::lowest))
                .toList());
    }

    /** What a serial number says about the pattern. Where ranges of two patterns overlap there, nothing. */
    public NumberSays guess(String serial) {
        OptionalLong number = number(serial);
        if (number.isEmpty() || ranges.isEmpty()) {
            return new NumberSays("", false, "");
        }
        long value = number.getAsLong();
        List<Range> around =
                ranges.stream().filter(range -> range.contains(value)).toList();
        if (around.size() == 1) {
            Range range = around.getFirst();
            return new NumberSays(
                    range.pattern(),
                    true,
                    range.cameras() + " of that pattern were numbered " + range.lowest() + " to " + range.highest());
        }
        if (around.size() > 1) {
            return new NumberSays("", false, "the numbers of several patterns overlap there");
        }
        Range nearest = ranges.stream()
                .min(Comparator.comparingLong(
                        range -> Math.min(Math.abs(range.lowest() - value), Math.abs(range.highest() - value))))
                .orElseThrow();
        long beside = value < nearest.lowest() ? nearest.lowest() : nearest.highest();
        return new NumberSays(nearest.pattern(), false, "the nearest number seen is " + beside);
    }

    /** The figures of a serial number, letters and marks left aside; at most 15 of them. */
    private static OptionalLong number(String serial) {
        String figures = serial.replaceAll("[^0-9]", "");
        return figures.isEmpty() || figures.length() > 15
                ? OptionalLong.empty()
                : OptionalLong.of(Long.parseLong(figures));
    }
}
