package ruvant.core.measure;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.units.FieldProblem;

/**
 * Reads an error of exposure as an ear puts it: {@code a third of a stop slow}, {@code 1/2 fast}, {@code right},
 * {@code 20 % slow}, {@code +0.3}.
 */
public final class GuessedError {
    private static final Pattern NUMBER =
            Pattern.compile("([+-]?[0-9]+(?:[.,][0-9]+)?)(?:/([0-9]+))?\\s*(%|percent|ev|stops?)?");
    /** The longer ones first: "two thirds" holds "third". */
    private static final Map<String, Double> FRACTIONS = new LinkedHashMap<>();

    static {
        FRACTIONS.put("two thirds?", 2.0 / 3);
        FRACTIONS.put("three quarters?", 0.75);
        FRACTIONS.put("third", 1.0 / 3);
        FRACTIONS.put("quarter", 0.25);
        FRACTIONS.put("half", 0.5);
    }

    /** A speed that is off by more, stops, is another speed. */
    private static final double FARTHEST_EV = 6;

    /** No exposure is shorter by all of itself. */
    private static final double MOST_SHORT = 0.98;

    private GuessedError() {}

    /**
     * @return stops, positive for slow
     * @throws FieldProblem if it is no error of exposure, or one beyond 6 stops
     */
    public static double ev(String said) {
        String words = said == null ? "" : said.strip().toLowerCase(Locale.ROOT).replace('−', '-');
        if (words.matches("(about |just |spot )?(right|on|good|near|0)")) {
            return 0;
        }
        boolean slow = has(words, "(slow|late|long|over)");
        boolean fast = has(words, "(fast|short|quick|under)");
        double size = size(words, fast);
        boolean signed = words.startsWith("+") || words.startsWith("-");
        if (Double.isNaN(size) || slow == fast && !signed) {
            throw new FieldProblem(
                    "guess",
                    "“" + (said == null ? "" : said.strip()) + "” does not say how far off it sounds.",
                    "Type “a third of a stop slow”, “half fast”, “20 % slow” or “right”.");
        }
        double ev = fast ? -Math.abs(size) : slow ? Math.abs(size) : size;
        if (Math.abs(ev) > FARTHEST_EV) {
            throw new FieldProblem(
                    "guess", "“" + said.strip() + "” is more than 6 EV.", "Type it in stops: “2 stops slow”.");
        }
        return ev;
    }

    private static double size(String words, boolean fast) {
        for (Map.Entry<String, Double> fraction : FRACTIONS.entrySet()) {
            if (has(words, fraction.getKey())) {
                return fraction.getValue() + (has(words, "(a|one)( stop)? and (a|one)") ? 1 : 0);
            }
        }
        Matcher number = NUMBER.matcher(words);
        if (!number.find()) {
            return has(words, "two stops") ? 2 : has(words, "(a|one) stop") ? 1 : Double.NaN;
        }
        double value = Double.parseDouble(number.group(1).replace(',', '.'))
                / (number.group(2) == null ? 1 : Double.parseDouble(number.group(2)));
        String unit = number.group(3) == null ? "" : number.group(3);
        if (!unit.equals("%") && !unit.equals("percent")) {
            return value;
        }
        double part = Math.abs(value) / 100;
        return Math.log(fast || value < 0 ? 1 - Math.min(MOST_SHORT, part) : 1 + part) / Math.log(2);
    }

    private static boolean has(String words, String pattern) {
        return Pattern.compile("\\b" + pattern + "\\b").matcher(words).find();
    }
}
