package ruvant.core.measure.live;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import ruvant.core.measure.recording.HeldSamples;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.trace.FiringFound;
import ruvant.core.measure.trace.MeasuredRecording;
import ruvant.core.measure.trace.TraceAnalysis;
import ruvant.core.trade.StandSetup;

/**
 * Listens to the stand. What came in since the last firing is kept, and looked at again with every new stretch of
 * samples; a firing counts as ended once it has been dark for {@value #DARK_AFTER_SECONDS} s behind it. Not for several
 * threads at once.
 */
public final class LiveStand {
    /** Rebounds end within 30 ms of closing; twice that, and a firing is over. */
    static final double DARK_AFTER_SECONDS = 0.06;

    /** Dark before a firing, by which the level and the coupling are found: two sinks of the slowest usual coupling. */
    private static final double KEPT_BEFORE_SECONDS = 0.3;

    /** So much of a quiet channel tells its noise; more is only looked through again and again. */
    private static final double QUIET_KEPT_SECONDS = 6;

    /** T held by hand on a slow stand; longer than this, somebody left the light on. */
    private static final double LONGEST_SECONDS = 90;

    private static final float FULL_SCALE = 0.999f;

    /** A shutter lets the same light through each time within a stop or two; a hand or a knock does far less. */
    private static final double LEAST_OF_OTHERS = 0.25;

    private final double rateHz;
    private final StandSetup setup;
    private float[][] kept;
    private int length;
    private double usualRise;

    /** @param channels 1 to 4 */
    public LiveStand(double rateHz, int channels, StandSetup setup) {
        this.rateHz = rateHz;
        this.setup = setup;
        this.kept = new float[channels][(int) rateHz];
    }

    /**
     * What came of a stretch of samples.
     *
     * @param peaks largest value of each channel, 0 to 1
     * @param clipping whether a channel was at its limit
     * @param lit whether something is open, as far as can be told
     */
    public record Heard(List<Double> peaks, boolean clipping, boolean lit, List<Caught> caught) {}

    /**
     * A firing that has ended.
     *
     * @param samples of each channel around it, enough to measure it again
     * @param measured from these samples alone; it holds this one firing
     */
    public record Caught(float[][] samples, double rateHz, MeasuredRecording measured) {
        /** The firing. */
        public FiringFound firing() {
            return measured.firings().getFirst();
        }
    }

    /** Takes samples in; one array for each channel, all of one length. */
    public Heard take(float[][] samples) {
        append(samples);
        List<Double> peaks = new ArrayList<>();
        boolean clipping = false;
        for (float[] channel : samples) {
            float most = 0;
            for (float one : channel) {
                most = Math.max(most, Math.abs(one));
            }
            peaks.add((double) most);
            clipping |= most >= FULL_SCALE;
        }
        List<Caught> caught = new ArrayList<>();
        boolean lit = false;
        Optional<MeasuredRecording> seen = look();
        if (seen.isPresent()) {
            FiringFound first = seen.get().firings().getFirst();
            boolean open = first.exposureSeconds().isEmpty() && first.endSeconds() > length / rateHz - 0.01;
            boolean ended = first.endSeconds() + DARK_AFTER_SECONDS <= length / rateHz;
            lit = open;
            if (ended) {
                caught(first).ifPresent(caught::add);
                drop((int) ((first.endSeconds() + DARK_AFTER_SECONDS / 2) * rateHz));
            }
        } else {
            forget();
        }
        return new Heard(peaks, clipping, lit, caught);
    }

    private Optional<MeasuredRecording> look() {
        try {
            return Optional.of(TraceAnalysis.of(() -> new HeldSamples(rateHz, view(0, length)), setup));
        } catch (RecordingProblem nothing) {
            return Optional.empty();
        }
    }

    private Optional<Caught> caught(FiringFound found) {
        int from = Math.max(0, (int) ((found.startSeconds() - KEPT_BEFORE_SECONDS) * rateHz));
        int to = Math.min(length, (int) ((found.endSeconds() + DARK_AFTER_SECONDS) * rateHz));
        float[][] around = view(from, to);
        try {
            MeasuredRecording measured = TraceAnalysis.of(() -> new HeldSamples(rateHz, around), setup);
            double rise = span(around);
            // a hand before the lamp, a knock at the cable: far less than what the shutter does
            boolean small = usualRise > 0 && rise < LEAST_OF_OTHERS * usualRise;
            if (measured.firings().size() != 1
                    || measured.firings().getFirst().exposureSeconds().isEmpty()
                    || small) {
                return Optional.empty();
            }
            usualRise = Math.max(usualRise, rise);
            return Optional.of(new Caught(around, rateHz, measured));
        } catch (RecordingProblem nothing) {
            return Optional.empty();
        }
    }

    private static double span(float[][] samples) {
        double widest = 0;
        for (float[] channel : samples) {
            float least = Float.MAX_VALUE;
            float most = -Float.MAX_VALUE;
            for (float one : channel) {
                least = Math.min(least, one);
                most = Math.max(most, one);
            }
            widest = Math.max(widest, most - least);
        }
        return widest;
    }

    private float[][] view(int from, int to) {
        float[][] view = new float[kept.length][];
        for (int channel = 0; channel < kept.length; channel++) {
            view[channel] = Arrays.copyOfRange(kept[channel], from, to);
        }
        return view;
    }

    private void append(float[][] samples) {
        int more = samples[0].length;
        for (int channel = 0; channel < kept.length; channel++) {
            if (length + more > kept[channel].length) {
                kept[channel] = Arrays.copyOf(kept[channel], (length + more) * 3 / 2);
            }
            System.arraycopy(samples[channel], 0, kept[channel], length, more);
        }
        length += more;
    }

    private void drop(int frames) {
        for (int channel = 0; channel < kept.length; channel++) {
            System.arraycopy(kept[channel], frames, kept[channel], 0, length - frames);
        }
        length -= frames;
    }

    /** Long quiet is not needed, nor is a light that somebody left on. */
    private void forget() {
        int most = (int) ((stepSeen() ? LONGEST_SECONDS : QUIET_KEPT_SECONDS) * rateHz);
        if (length > most) {
            drop(length - most / 2);
        }
    }

    /** Whether the light went one way and has not come back: a slow speed is open. */
    private boolean stepSeen() {
        return usualRise > 0 && span(view(0, length)) > 0.5 * usualRise;
    }
}
