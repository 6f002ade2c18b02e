package ruvant.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Numbers in figures and words: counts, halves and quarters, speeds, times. */
final class Figures {
    private static final Map<String, Integer> WORDS = Map.ofEntries(
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("eighteen", 18),
            Map.entry("twenty", 20),
            Map.entry("thirty", 30),
            Map.entry("forty", 40),
            Map.entry("fifty", 50),
            Map.entry("sixty", 60),
            Map.entry("hundred", 100));

    private static final Map<String, Double> PARTS = Map.of(
            "half",
            0.5,
            "halves",
            0.5,
            "third",
            1 / 3.0,
            "thirds",
            1 / 3.0,
            "quarter",
            0.25,
            "quarters",
            0.25,
            "eighth",
            0.125,
            "eighths",
            0.125,
            "sixteenth",
            0.0625,
            "tenth",
            0.1);

    private static final Map<String, Double> MINUTES = Map.ofEntries(
            Map.entry("min", 1.0),
            Map.entry("mins", 1.0),
            Map.entry("minute", 1.0),
            Map.entry("minutes", 1.0),
            Map.entry("h", 60.0),
            Map.entry("hr", 60.0),
            Map.entry("hrs", 60.0),
            Map.entry("hour", 60.0),
            Map.entry("hours", 60.0),
            Map.entry("day", 1440.0),
            Map.entry("days", 1440.0));

    private static final int MOST = 999;

    private Figures() {}

    private static Optional<Integer> whole(Scene scene, int at) {
        if (at >= scene.size()) {
            return Optional.empty();
        }
        Word word = scene.word(at);
        if (word.is(Word.Type.NUMBER) && word.key().matches("\\d{1,3}")) {
            return Optional.of(Integer.parseInt(word.key()));
        }
        return word.is(Word.Type.LETTERS) ? Optional.ofNullable(WORDS.get(word.key())) : Optional.empty();
    }

    static List<Hit> count(Scene scene, int start) {
        Optional<Integer> whole = whole(scene, start).filter(number -> number > 0 && number <= MOST);
        if (whole.isPresent()) {
            boolean times =
                    start + 1 < scene.size() && scene.word(start + 1).key().matches("[x×]");
            return List.of(new Hit(times ? start + 2 : start + 1, (double) whole.get(), 0));
        }
        if (!scene.letters(start)) {
            return List.of();
        }
        return switch (scene.word(start).key()) {
            case "a", "an", "another", "single" -> pair(scene, start);
            case "both" -> List.of(new Hit(start + 1, 2.0, 0));
            case "pair" -> List.of(new Hit(start + 1, 2.0, 0));
            default -> List.of();
        };
    }

    private static List<Hit> pair(Scene scene, int start) {
        if (scene.letters(start + 1) && scene.word(start + 1).key().equals("pair")) {
            int end = scene.letters(start + 2) && scene.word(start + 2).key().equals("of") ? start + 3 : start + 2;
            return List.of(new Hit(end, 2.0, 0));
        }
        return List.of(new Hit(start + 1, 1.0, 0));
    }

    static List<Hit> real(Scene scene, int start) {
        List<Hit> hits = new ArrayList<>();
        if (start >= scene.size()) {
            return hits;
        }
        Word word = scene.word(start);
        if (word.is(Word.Type.NUMBER) || word.is(Word.Type.FRACTION)) {
            hits.add(new Hit(start + 1, word.value(), 0));
            mixed(scene, start, word.value()).ifPresent(hits::add);
            return hits;
        }
        if (!word.is(Word.Type.LETTERS)) {
            return hits;
        }
        int at = start;
        double times = 1;
        if (word.key().equals("a") || word.key().equals("an")) {
            at++;
        } else if (WORDS.containsKey(word.key())) {
            times = WORDS.get(word.key());
            hits.add(new Hit(start + 1, times, 0));
            mixed(scene, start, times).ifPresent(hits::add);
            at++;
        }
        if (scene.letters(at) && PARTS.containsKey(scene.word(at).key())) {
            int end = at + 1;
            while (scene.letters(end)
                    && List.of("a", "of", "an").contains(scene.word(end).key())) {
                end++;
            }
            hits.add(new Hit(end, times * PARTS.get(scene.word(at).key()), 0));
        }
        return hits;
    }

    /** "five and a half", "1 1/2". */
    private static Optional<Hit> mixed(Scene scene, int start, double whole) {
        if (start + 1 < scene.size() && scene.word(start + 1).is(Word.Type.FRACTION) && whole == Math.rint(whole)) {
            return Optional.of(new Hit(start + 2, whole + scene.word(start + 1).value(), 0));
        }
        boolean andA = scene.letters(start + 1)
                && scene.word(start + 1).key().equals("and")
                && scene.letters(start + 2)
                && scene.word(start + 2).key().equals("a");
        return andA
                        && scene.letters(start + 3)
                        && PARTS.containsKey(scene.word(start + 3).key())
                ? Optional.of(new Hit(
                        start + 4, whole + PARTS.get(scene.word(start + 3).key()), 0))
                : Optional.empty();
    }

    static List<Hit> speed(Scene scene, int start) {
        int at = start;
        if (scene.letters(at) && List.of("a", "the").contains(scene.word(at).key())) {
            at++;
        }
        if (at >= scene.size()) {
            return List.of();
        }
        Word word = scene.word(at);
        if (word.is(Word.Type.FRACTION) && word.key().startsWith("1/")) {
            int end = scene.letters(at + 1)
                            && List.of("s", "sec", "second")
                                    .contains(scene.word(at + 1).key())
                    ? at + 2
                    : at + 1;
            return List.of(new Hit(end, word.key(), 0));
        }
        boolean unit = scene.letters(at + 1);
        if (word.is(Word.Type.NUMBER) && unit && word.key().matches("\\d{1,4}")) {
            String after = scene.word(at + 1).key();
            if (scene.word(at + 1).joined() && List.of("th", "nd", "rd", "st").contains(after)) {
                return List.of(new Hit(at + 2, "1/" + word.key(), 0));
            }
            if (List.of("s", "sec", "second", "seconds", "secs").contains(after)) {
                return List.of(new Hit(at + 2, word.key(), 0.05));
            }
        }
        if (!word.is(Word.Type.LETTERS)) {
            return List.of();
        }
        if (word.typed().equals("B") || word.typed().equals("T") || word.key().equals("bulb")) {
            return List.of(new Hit(at + 1, word.key().equals("bulb") ? "B" : word.typed(), 0));
        }
        boolean second =
                unit && List.of("second", "sec").contains(scene.word(at + 1).key());
        if (!second) {
            return List.of();
        }
        return switch (word.key()) {
            case "half" -> List.of(new Hit(at + 2, "1/2", 0));
            case "quarter" -> List.of(new Hit(at + 2, "1/4", 0));
            case "one", "full", "whole" -> List.of(new Hit(at + 2, "1", 0));
            default -> List.of();
        };
    }

    static List<Hit> minutes(Scene scene, int start) {
        List<Hit> hits = new ArrayList<>();
        for (Vocabulary.Phrase phrase : scene.vocabulary().at("duration", scene.words(), start)) {
            hits.add(new Hit(start + phrase.words().size(), Double.valueOf(phrase.value()), 0.2));
        }
        for (Hit number : real(scene, start)) {
            if (scene.letters(number.end())) {
                Double unit = MINUTES.get(scene.word(number.end()).key());
                if (unit != null) {
                    hits.add(new Hit(number.end() + 1, (double) number.value() * unit, 0));
                }
            }
        }
        return hits;
    }

    static List<Hit> seconds(Scene scene, int start) {
        if (start >= scene.size() || !scene.word(start).is(Word.Type.NUMBER)) {
            return List.of();
        }
        double number = scene.word(start).value();
        if (!scene.letters(start + 1)) {
            return List.of();
        }
        return switch (scene.word(start + 1).key()) {
            case "ms", "msec", "milliseconds", "millisecond" -> List.of(new Hit(start + 2, number / 1000, 0));
            case "s", "sec", "secs", "seconds", "second" -> List.of(new Hit(start + 2, number, 0));
            default -> List.of();
        };
    }

    static List<Hit> mm(Scene scene, int start) {
        if (start >= scene.size() || !scene.word(start).is(Word.Type.NUMBER)) {
            return List.of();
        }
        boolean unit = scene.letters(start + 1) && scene.word(start + 1).key().equals("mm");
        return List.of(new Hit(unit ? start + 2 : start + 1, scene.word(start).value(), unit ? 0 : 0.05));
    }

    static List<Hit> dial(Scene scene, int start) {
        List<Hit> hits = new ArrayList<>(speed(scene, start));
        if (start < scene.size()
                && scene.word(start).is(Word.Type.NUMBER)
                && scene.word(start).key().matches("\\d{1,2}")) {
            hits.add(new Hit(start + 1, scene.word(start).key(), 0.05));
        }
        return hits;
    }

    /** "1/58 1/61 17 ms", in seconds. */
    static List<Hit> times(Scene scene, int start) {
        List<Object> seconds = new ArrayList<>();
        int at = start;
        while (at < scene.size()) {
            List<Hit> unit = seconds(scene, at);
            Word word = scene.word(at);
            if (!unit.isEmpty()) {
                seconds.add(unit.getFirst().value());
                at = unit.getFirst().end();
            } else if (word.is(Word.Type.FRACTION) && word.value() > 0) {
                seconds.add(word.value());
                at++;
            } else if (word.is(Word.Type.MARK) && word.key().equals(",") && !seconds.isEmpty()) {
                at++;
            } else {
                break;
            }
        }
        return seconds.isEmpty() ? List.of() : List.of(new Hit(at, List.copyOf(seconds), 0));
    }

    static List<Hit> volts(Scene scene, int start) {
        if (start >= scene.size() || !scene.word(start).is(Word.Type.NUMBER)) {
            return List.of();
        }
        boolean unit = scene.letters(start + 1)
                && List.of("v", "volt", "volts").contains(scene.word(start + 1).key());
        double value = scene.word(start).value();
        return value > 0 && value <= 12 && (unit || value != Math.rint(value))
                ? List.of(new Hit(unit ? start + 2 : start + 1, value, unit ? 0 : 0.05))
                : List.of();
    }

    static List<Hit> ratio(Scene scene, int start) {
        List<Hit> hits = new ArrayList<>();
        for (Hit first : count(scene, start)) {
            int at = first.end();
            if (scene.letters(at)
                    && List.of("in", "of", "times").contains(scene.word(at).key())) {
                for (Hit all : count(scene, at + 1)) {
                    double odds = (Double) first.value() / (Double) all.value();
                    if (odds <= 1) {
                        hits.add(new Hit(all.end(), odds, 0));
                    }
                }
            }
        }
        return hits;
    }

    /** A number, a unit, and whether slow or fast: slow is positive. */
    static List<Hit> error(Scene scene, int start, List<String> units) {
        List<Hit> hits = new ArrayList<>();
        for (Hit number : real(scene, start)) {
            int at = number.end();
            if (at >= scene.size() || !units.contains(scene.word(at).key())) {
                continue;
            }
            at += scene.letters(at + 1) && scene.word(at + 1).key().equals("cent") ? 2 : 1;
            int sign = scene.in("slow", at) ? 1 : scene.in("fast", at) ? -1 : 0;
            boolean too = scene.letters(at) && scene.word(at).key().equals("too");
            if (sign == 0 && too) {
                sign = scene.in("slow", at + 1) ? 1 : scene.in("fast", at + 1) ? -1 : 0;
                at++;
            }
            if (sign != 0) {
                hits.add(new Hit(at + 1, sign * (Double) number.value(), 0));
            }
        }
        return hits;
    }
}
