package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import ruvant.core.trade.StandSetup;

/**
 * How long the edge of a curtain takes to pass a sensor. A slit that is open for less before it never lights all of it, and its
 * light alone cannot tell whether it is wide and fast or narrow and slow.
 *
 * @param least seconds
 * @param most seconds
 */
record Passing(double least, double most) {
    /** mm/s of the slowest curtains, of cloth and large; of the fastest, of metal and small. */
    private static final double SLOWEST = 1_200;

    private static final double FASTEST = 7_000;

    /** A curtain is by so much quicker or slower at a sensor than between it and the next. */
    private static final double ELSEWHERE = 1.3;

    /** A slit that passes so much longer than its edges do is told from one that does not, in any noise. */
    private static final double SURELY = 1.25;

    /** Sensors see one firing within the travel of the curtains. */
    private static final double TRAVEL_SECONDS = 0.06;

    /** Longer than this a slit surely lights the whole of the sensor. */
    boolean surelyWide(double seconds) {
        return seconds > SURELY * most;
    }

    /** For a channel's sensor; empty where no sensor is known. */
    static Optional<Passing> of(StandSetup setup, ChannelTrace trace, List<ChannelTrace> all, double blockSeconds) {
        if (setup.kind() != StandSetup.Kind.FOCAL_PLANE
                || trace.channel() >= setup.sensors().size()) {
            return Optional.empty();
        }
        StandSetup.Sensor sensor = setup.sensors().get(trace.channel());
        List<Double> speeds = new ArrayList<>();
        for (ChannelTrace other : all) {
            if (other.channel() != trace.channel()
                    && other.channel() < setup.sensors().size()) {
                double way = Math.abs(setup.sensors().get(other.channel()).positionMm() - sensor.positionMm());
                speed(trace, other, way, blockSeconds).ifPresent(speeds::add);
            }
        }
        double width = sensor.widthMm();
        if (speeds.isEmpty()) {
            return Optional.of(new Passing(width / FASTEST, width / SLOWEST));
        }
        double slowest = speeds.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        double fastest = speeds.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        return Optional.of(new Passing(width / (fastest * ELSEWHERE), width / slowest * ELSEWHERE));
    }

    private static Optional<Double> speed(ChannelTrace one, ChannelTrace other, double wayMm, double blockSeconds) {
        double[] seconds = one.lit().stream()
                .flatMap(lit -> other.lit().stream()
                        .map(that -> Math.abs(that.from() - lit.from()) * blockSeconds)
                        .filter(apart -> apart < TRAVEL_SECONDS && apart > blockSeconds))
                .mapToDouble(Double::doubleValue)
                .toArray();
        if (seconds.length == 0) {
            return Optional.empty();
        }
        Arrays.sort(seconds);
        return Optional.of(wayMm / seconds[seconds.length / 2]);
    }
}
