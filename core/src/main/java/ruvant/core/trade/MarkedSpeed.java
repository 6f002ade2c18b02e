package ruvant.core.trade;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.units.FieldProblem;

/** What a speed engraved on a dial means in seconds. */
public final class MarkedSpeed {
    private static final Pattern ENGRAVED = Pattern.compile("(?:1/)?([0-9]{1,5}(?:\\.[0-9]+)?)");

    private MarkedSpeed() {}

    /**
     * Nominal exposure of a marked speed.
     *
     * <p>On a doubling dial each step halves the time, and the engraving is rounded: 1/15 means 1/16 s, 1/60 means
     * 1/64 s, 1/1000 means 1/1024 s. So the nearest whole power of two is taken. Older dials mean what they say.
     *
     * @param engraved such as "1/125" or "2"
     * @return seconds, above 0
     * @throws FieldProblem if it is not a marked speed
     */
    public static double nominalSeconds(String engraved, SpeedSeries series) {
        double seconds = secondsAsEngraved(engraved);
        return switch (series) {
            case AS_MARKED -> seconds;
            case DOUBLING -> Math.pow(2, Math.rint(Math.log(seconds) / Math.log(2)));
        };
    }

    private static double secondsAsEngraved(String engraved) {
        String text = engraved == null ? "" : engraved.strip();
        Matcher matcher = ENGRAVED.matcher(text);
        double number = matcher.matches() ? Double.parseDouble(matcher.group(1)) : 0;
        double seconds = text.startsWith("1/") ? 1 / number : number;
        if (!(number > 0) || seconds > 60 || seconds < 1.0 / 8192) {
            throw new FieldProblem(
                    "speed", "“" + engraved + "” is not a marked speed.", "Type it as engraved: 1/125, 1/2, 1 or 2.");
        }
        return seconds;
    }
}
