package ruvant.core.odds;

import java.util.Optional;

/**
 * What one option comes to.
 *
 * @param chanceWorks that all of it succeeds, 0 to 1
 * @param chanceLost that the camera is lost, 0 to 1
 * @param expectedMinor cost on average, exact
 * @param cost what it costs at most in nine of ten cases
 * @param expectedMinutes of work on average, exact
 * @param minutes of work at most in nine of ten cases
 * @param expectedWorthMinor what the camera fetches afterwards, on average, exact; empty where its worth was not said
 * @param breakEvenMinor price at which its owner neither wins nor loses against leaving it as it is; below 0 where it is
 *     worth less afterwards, empty where its worth was not said
 */
public record OptionFigures(
        double chanceWorks,
        double chanceLost,
        long expectedMinor,
        InNineOfTen cost,
        double expectedMinutes,
        InNineOfTen minutes,
        Optional<Long> expectedWorthMinor,
        Optional<Long> breakEvenMinor) {
    /**
     * What is not exceeded in nine of ten cases.
     *
     * @param value minor units or minutes
     * @param error standard error of the simulation; 0 where it was worked out exactly
     */
    public record InNineOfTen(double value, double error) {
        /** Whether it was worked out and not simulated. */
        public boolean exact() {
            return error == 0;
        }
    }

    /** What is won on average by choosing it, minor units: break-even price less what it costs. */
    public Optional<Long> gainMinor() {
        return breakEvenMinor.map(even -> even - expectedMinor);
    }
}
