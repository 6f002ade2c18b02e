package ruvant.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.units.FieldProblem;

/** Reads exposures as people type them, several at once: {@code 1/58 1/61 16.4ms 0,017}. */
public final class TypedTimes {
    private static final Pattern ONE = Pattern.compile("(1/)?([0-9]+(?:[.,][0-9]+)?)(ms|s)?");

    /** Seconds; longer is a slip of the finger, or T. */
    private static final double LONGEST = 120;

    /** Seconds; no shutter of this trade is faster. */
    private static final double SHORTEST = 1e-5;

    private TypedTimes() {}

    /**
     * @return seconds, in the order typed, at least one
     * @throws FieldProblem naming the piece that is not a time, or that cannot be one (0, negative, above 120 s)
     */
    public static List<Double> seconds(String typed) {
        List<Double> times = new ArrayList<>();
        for (String piece : (typed == null ? "" : typed.strip()).split("[\\s;]+|,\\s+")) {
            if (!piece.isEmpty()) {
                times.add(one(piece));
            }
        }
        if (times.isEmpty()) {
            throw new FieldProblem(
                    "firings", "Enter at least one time.", "Type times such as 1/58 1/61 1/60, 16.4ms or 0.017.");
        }
        return times;
    }

    private static double one(String piece) {
        Matcher matcher = ONE.matcher(piece.toLowerCase(Locale.ROOT));
        if (!matcher.matches()) {
            throw new FieldProblem(
                    "firings",
                    "“" + piece + "” is not a time.",
                    "Type times like 1/60, 16.4ms, 0.017 or 0.017s, with spaces between.");
        }
        String unit = "ms".equals(matcher.group(3)) ? "e-3" : "";
        double number = Double.parseDouble(matcher.group(2).replace(',', '.') + unit);
        double seconds = matcher.group(1) != null ? 1 / number : number;
        if (!(seconds >= SHORTEST && seconds <= LONGEST)) {
            throw new FieldProblem(
                    "firings",
                    "“" + piece + "” is outside 0.01 ms to 120 s.",
                    "Write a fraction with its slash: 1/60, not 60.");
        }
        return seconds;
    }
}
