package ruvant.core.prove;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.hipparchus.stat.StatUtils;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.units.ExposureEv;

/**
 * How the blades of a leaf shutter moved at one speed, the mean of its firings.
 *
 * @param openRampSeconds from 10 to 90 % of the light
 * @param closeRampSeconds from 90 to 10 %
 * @param totalSeconds from 10 to 10 %
 * @param wideOpenSeconds wholly open; 0 where the blades turn back before
 * @param efficiency effective over total time, 0 to 1
 * @param stopped what the same firing gives with the aperture closed down, by whole stops
 */
public record BladeRun(
        int firings,
        double openRampSeconds,
        double closeRampSeconds,
        double totalSeconds,
        double wideOpenSeconds,
        double efficiency,
        List<StoppedDown> stopped) {
    /** As far as most apertures close. */
    private static final int MOST_STOPS = 5;

    /** A ramp from nothing to all is longer than one from 10 to 90 % by this. */
    private static final double WHOLE_RAMP = 1 / 0.8;

    /**
     * With the aperture closed down.
     *
     * @param stops from wide open
     * @param seconds effective exposure there
     * @param longerEv by how much that is longer than wide open
     */
    public record StoppedDown(int stops, double seconds, double longerEv) {}

    /** Empty where the blades of no firing were seen. */
    static Optional<BladeRun> of(List<MeasuredFiring> firings) {
        List<MeasuredFiring> seen =
                firings.stream().filter(one -> one.blades().isPresent()).toList();
        if (seen.isEmpty()) {
            return Optional.empty();
        }
        double effective = mean(seen, MeasuredFiring::seconds);
        double open = mean(seen, one -> one.blades().orElseThrow().openRampSeconds());
        double close = mean(seen, one -> one.blades().orElseThrow().closeRampSeconds());
        double ramps = (open + close) * WHOLE_RAMP;
        double total = effective + (open + close) / 2;
        return Optional.of(new BladeRun(
                seen.size(),
                open,
                close,
                total,
                Math.max(0, effective - ramps / 2),
                effective / total,
                IntStream.rangeClosed(1, MOST_STOPS)
                        .mapToObj(stops -> stoppedDown(stops, effective, ramps))
                        .toList()));
    }

    /**
     * A smaller aperture is wholly uncovered when the blades leave its area a free: with the light growing evenly on
     * the ramps, a ramp of length R then counts for R·(1 − a/2) in place of R/2.
     */
    private static StoppedDown stoppedDown(int stops, double effective, double ramps) {
        double area = Math.pow(2, -stops);
        double seconds = effective + ramps * (1 - area) / 2;
        return new StoppedDown(stops, seconds, ExposureEv.of(seconds, effective).value());
    }

    private static double mean(List<MeasuredFiring> seen, ToDoubleFunction<MeasuredFiring> value) {
        return StatUtils.mean(seen.stream().mapToDouble(value).toArray());
    }
}
