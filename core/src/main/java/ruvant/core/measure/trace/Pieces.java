package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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

    private final List<Piece> pieces;

    private Pieces(List<Piece> pieces) {
        this.pieces = pieces;
    }

    static Pieces read(RecordingSource source, List<Wanted> wanted) {
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
        List<Piece> pieces = new ArrayList<>();
        Samples samples = source.open();
        long at = 0;
        for (Wanted one : merged) {
            samples.skip(one.from() - at);
            float[][] read = new float[samples.channels()][(int) (one.to() - one.from())];
            int count = samples.read(read);
            if (count < read[0].length) {
                for (int channel = 0; channel < read.length; channel++) {
                    read[channel] = java.util.Arrays.copyOf(read[channel], count);
                }
            }
            pieces.add(new Piece(one.from(), read));
            at = one.to();
        }
        return new Pieces(pieces);
    }

    /** The piece in which a sample lies. */
    Piece holding(long frame) {
        return pieces.stream()
                .filter(piece -> frame >= piece.from() && frame < piece.to())
                .findFirst()
                .orElseThrow();
    }
}
