package ruvant.core.measure.recording;

import java.util.List;
import java.util.stream.IntStream;

/** Samples of a recording, read once from its beginning to its end. */
public interface Samples {
    /** Samples a second of each channel. */
    double rateHz();

    /** How many channels, 1 to 4. */
    int channels();

    /**
     * Reads on.
     *
     * @param into one array for each channel, all of one length, at least 1; full scale of a whole-number format is -1
     *     to 1, other values are as they were recorded
     * @return how many samples of each channel were read, fewer than asked for only at the end; 0 at the end
     */
    int read(float[][] into);

    /**
     * Leaves samples out.
     *
     * @param count of each channel, at least 0
     */
    default void skip(long count) {
        float[][] waste = new float[channels()][(int) Math.min(8192, Math.max(1, count))];
        for (long left = count; left > 0; ) {
            int read = read(left < waste[0].length ? new float[channels()][(int) left] : waste);
            if (read == 0) {
                return;
            }
            left -= read;
        }
    }

    /** How many samples of each channel there probably are; 0 where nothing says so. */
    default long expected() {
        return 0;
    }

    /** What the channels are called, one name for each. */
    default List<String> columns() {
        return IntStream.rangeClosed(1, channels())
                .mapToObj(channel -> "ch" + channel)
                .toList();
    }

    /** What was odd about the recording so far, in words, and was put right. */
    List<String> warnings();
}
