package ruvant.core.adjust;

import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A marked speed at which a range of speeds may begin or end. A range reaches a little beyond its ends, since the dials of
 * older series have 1/25 for 1/30 and 1/300 for 1/250.
 *
 * @param label as it is engraved
 * @param seconds nominal exposure
 * @param fromSeconds where a range begins of which this is the fastest
 * @param toSeconds where a range ends of which this is the slowest
 */
public record RangeMark(String label, double seconds, double fromSeconds, double toSeconds) {
    /** Marks of older series lie within a quarter of these (1/100 for 1/125); neighbours are 1.87 times apart at least. */
    private static final double BEYOND = 1.3;

    private static RangeMark of(String label, double seconds) {
        return new RangeMark(label, seconds, seconds / BEYOND, seconds * BEYOND);
    }

    /** The marks of the usual series, the fastest first. */
    public static List<RangeMark> all() {
        return Stream.concat(
                        IntStream.of(4000, 2000, 1000, 500, 250, 125, 60, 30, 15, 8, 4, 2)
                                .mapToObj(part -> of("1/" + part, 1.0 / part)),
                        DoubleStream.of(1, 2, 4, 8).mapToObj(seconds -> of((int) seconds + " s", seconds)))
                .toList();
    }
}
