package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToLongFunction;
import ruvant.core.measure.recording.RecordingSource;
import ruvant.core.measure.recording.Samples;

/** Stretches of a recording with every sample; between them it is not kept. */
final class Pieces {
    /** A stretch to keep, in samples from the beginning of the recording. */
    record Wanted(long from, long to) {}

    /**
     * A stretch that was kept.
     *
     * @param channels samples of each channel
     */
    record Piece(long from, float[][] channels) {
        long to() {
            return from + channels[0].length;
        }
    }

    private final List<Piece> pieces = new ArrayList<>();

    /**
     * Reads the wanted stretches, one after the other; those that nobody needs any more are let go.
     *
     * @param read called after each, says from which sample on stretches are still needed
     */
    static void read(RecordingSource source, List<Wanted> wanted, ToLongFunction<Pieces> read) {
        Pieces kept = new Pieces();
        Samples samples = source.open();
        long at = 0;
        for (Wanted one : merged(wanted)) {
            samples.skip(one.from() - at);
            kept.pieces.add(new Piece(one.from(), samplesOf(samples, (int) (one.to() - one.from()))));
            at = one.to();
            long needed = read.applyAsLong(kept);
            kept.pieces.removeIf(piece -> piece.to() <= needed);
        }
    }

    private static float[][] samplesOf(Samples samples, int length) {
        float[][] read = new float[samples.channels()][length];
        int count = samples.read(read);
        if (count < length) {
            for (int channel = 0; channel < read.length; channel++) {
                read[channel] = Arrays.copyOf(read[channel], count);
            }
        }
        return read;
    }

    private static List<Wanted> merged(List<Wanted> wanted) {
        List<Wanted> merged = new ArrayList<>();
        for (Wanted one :
                wanted.stream().sorted(Comparator.comparingLong(Wanted::from)).toList()) {
            if (!merged.isEmpty() && one.from() <= merged.getLast().to()) {
                Wanted last = merged.removeLast();
                merged.add(new Wanted(last.from(), Math.max(last.to(), one.to())));
            } else {
                merged.add(one);
            }
        }
        return merged;
    }

    /** Up to which sample everything wanted was read. */
    long readTo() {
        return pieces.isEmpty() ? 0 : pieces.getLast().to();
    }

    /** The piece in which a sample lies. */
    Piece holding(long frame) {
        return pieces.stream()
                .filter(piece -> frame >= piece.from() && frame < piece.to())
                .findFirst()
                .orElseThrow();
    }
}
