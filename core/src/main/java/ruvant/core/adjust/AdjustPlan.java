package ruvant.core.adjust;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.units.Named;

/**
 * What to do next at a camera's adjusters, and what that rests on.
 *
 * @param chosen adjusters it is about
 * @param turns what to turn, in this order; empty where nothing is to be turned
 * @param why in words, with the numbers it came from
 * @param probability chance that all is right there, 0 to 1
 * @param outlooks results with figures
 * @param brackets results that are judged
 * @param slices for each chosen adjuster what each result would be over its range, the others as they stand
 * @param map where two adjusters are chosen, the worst error over both
 * @param trialMinutes for covers, in every trial; 0 for none
 */
public record AdjustPlan(
        List<AdjustEntry.AdjusterDescribed> chosen,
        Verdict verdict,
        List<Turn> turns,
        String why,
        double probability,
        List<Outlook> outlooks,
        List<JudgedCourse> brackets,
        List<Slice> slices,
        Optional<Field> map,
        int trialMinutes) {
    /** The kinds of advice on a job. */
    public enum Verdict {
        NOTHING_CHOSEN,
        MEASURE_FIRST,
        TURN,
        IN_TOLERANCE,
        BEST_COMPROMISE,
        FIRE_MORE,
        NOT_AS_EXPECTED
    }

    /**
     * One adjuster to be turned.
     *
     * @param by turns or places, positive for inward, clockwise or onward
     * @param to where it then stands from first found
     * @param words how far and which way
     * @param steps what the hands do, in order: what to mind always before anything is let go
     * @param line the log line that says it was done
     */
    public record Turn(Named adjuster, double by, double to, String words, List<String> steps, String line) {}

    /**
     * A result with figures.
     *
     * @param now error as it stands, by all that was measured
     * @param then error after the advised turn
     * @param measuredNow whether it was measured since the last turn
     */
    public record Outlook(
            Named result,
            String unit,
            double tolerance,
            double now,
            double nowSd,
            double then,
            double thenSd,
            boolean measuredNow) {}

    /**
     * A judged result over the range of its adjuster.
     *
     * @param at settings from first found
     * @param words the same as a hand is told
     * @param right chance that each is right
     * @param tried settings that were judged, and how
     * @param margin in words, how much room there is on either side; empty before it was right once
     */
    public record JudgedCourse(
            Named result,
            Named adjuster,
            String tooLow,
            String tooHigh,
            List<Double> at,
            List<String> words,
            List<Double> right,
            List<Trying> tried,
            String margin) {}

    /**
     * A setting that was tried, in words.
     *
     * @param turned what was turned to get there; empty for as it was found
     * @param seen what was measured or judged there
     * @param lines the log lines of both, the turns first
     */
    public record TriedSetting(
            Instant at, boolean afterWork, List<String> turned, List<String> seen, List<UUID> lines) {}

    /** A judgement at a setting. */
    public record Trying(double at, AdjustEntry.Came came) {}

    /**
     * One adjuster's range with a line for each result, errors as parts of the tolerance.
     *
     * @param now where it stands
     * @param words each setting as a hand is told
     * @param worst the worst of what is expected at each, without the doubt about it
     */
    public record Slice(
            Named adjuster,
            double now,
            List<Double> at,
            List<String> words,
            List<Double> worst,
            List<Course> courses) {}

    /**
     * A result over the range of an adjuster.
     *
     * @param expected error as a part of its tolerance, one for each setting
     * @param sd how sure that is, likewise
     * @param trials what was measured, settings of the other adjusters allowed for
     */
    public record Course(Named result, List<Double> expected, List<Double> sd, List<Point> trials) {}

    /** A measurement: where, how far off as a part of the tolerance, and how sure, one standard deviation. */
    public record Point(double at, double error, double sd) {}

    /**
     * The worst error over two adjusters, around the setting that is advised, so that what is good around it is seen on
     * all its sides; the window may reach beyond where the adjusters go.
     *
     * @param across settings of the first
     * @param up settings of the second
     * @param worst to be expected there, as a part of the tolerance, with the doubt counted as the advice counts it; a
     *     row for each setting of the second
     * @param path where it stood, trial by trial: setting of the first, then of the second
     * @param now what is to be expected where it stands
     * @param then what is to be expected after the turns that are advised; the same as {@code now} without any
     * @param acrossRange as far as the first one goes, least and most
     * @param upRange as far as the second one goes
     */
    public record Field(
            Named first,
            Named second,
            List<Double> across,
            List<Double> up,
            List<List<Double>> worst,
            List<List<Double>> path,
            double now,
            double then,
            List<Double> acrossRange,
            List<Double> upRange) {}
}
