package ruvant.core.knowledge;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What tells the pattern of a model, by the cameras that came in: serial numbers, and features that the eye can see.
 *
 * @param ranges one for each pattern, by lowest number
 * @param features what was noted of its cameras, the most telling first
 */
public record PatternSigns(List<SerialRange> ranges, List<Feature> features) {
    /** A camera that came in: its pattern, serial number and features as they were written down. */
    public record Seen(String pattern, String serial, List<String> features) {}

    /**
     * Something that the eye can see on some cameras of the model.
     *
     * @param patterns the patterns of which it was noted, with how many cameras each; empty while no pattern is known
     */
    public record Feature(String text, Map<String, Integer> patterns) {
        /** Whether it tells one pattern from the others. */
        public boolean tells() {
            return patterns.size() == 1;
        }
    }

    /**
     * What serial number and features say together.
     *
     * @param pattern the pattern; empty where nothing can be said, or where the signs gainsay each other
     * @param sure whether it lies within what was seen, and not only beside it
     * @param why in words; empty where there is nothing to go by
     */
    public record PatternSays(String pattern, boolean sure, String why) {}

    /** Gathers cameras of one model. */
    public static PatternSigns of(List<Seen> cameras) {
        Map<String, String> written = new TreeMap<>();
        cameras.stream()
                .map(Seen::pattern)
                .filter(pattern -> !pattern.isEmpty())
                .forEach(pattern -> written.putIfAbsent(pattern.toLowerCase(Locale.ROOT), pattern));
        Map<String, String> spelling = new TreeMap<>();
        Map<String, Map<String, Integer>> noted = new TreeMap<>();
        for (Seen camera : cameras) {
            for (String feature : camera.features()) {
                String key = feature.toLowerCase(Locale.ROOT);
                spelling.putIfAbsent(key, feature);
                Map<String, Integer> patterns = noted.computeIfAbsent(key, name -> new TreeMap<>());
                if (!camera.pattern().isEmpty()) {
                    patterns.merge(written.get(camera.pattern().toLowerCase(Locale.ROOT)), 1, Integer::sum);
                }
            }
        }
        List<Feature> features = new ArrayList<>();
        noted.forEach((key, patterns) -> features.add(new Feature(spelling.get(key), Map.copyOf(patterns))));
        features.sort((one, other) -> Boolean.compare(other.tells(), one.tells()));
        return new PatternSigns(SerialRange.of(cameras), List.copyOf(features));
    }

    /**
     * What a camera's serial number and features say about its pattern. Features that tell one pattern outweigh a number
     * that lies beside what was seen; where they gainsay a number within, or each other, nothing is guessed.
     */
    public PatternSays guess(String serial, Collection<String> seen) {
        PatternSays number = SerialRange.guess(ranges, serial);
        List<Feature> telling = features.stream()
                .filter(Feature::tells)
                .filter(feature -> seen.stream().anyMatch(feature.text()::equalsIgnoreCase))
                .toList();
        if (telling.isEmpty()) {
            return number;
        }
        TreeSet<String> patterns = new TreeSet<>();
        telling.forEach(feature -> patterns.addAll(feature.patterns().keySet()));
        String words =
                String.join("; ", telling.stream().map(PatternSigns::words).toList());
        if (patterns.size() > 1) {
            return new PatternSays("", false, words + ": parts of two patterns, check again");
        }
        boolean agree = patterns.first().equals(number.pattern());
        if (!agree && number.sure()) {
            return new PatternSays(
                    "", false, words + "; but " + number.why() + ", which is " + number.pattern() + ": check again");
        }
        return new PatternSays(patterns.first(), true, agree ? words + "; " + number.why() : words);
    }

    private static String words(Feature feature) {
        Map.Entry<String, Integer> one =
                feature.patterns().entrySet().iterator().next();
        return "“" + feature.text() + "” was noted on " + one.getValue() + " of " + one.getKey() + ", on no other";
    }
}
