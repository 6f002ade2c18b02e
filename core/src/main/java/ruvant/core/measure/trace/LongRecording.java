package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.DoubleConsumer;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.RecordingSource;

/**
 * A recording that is too long to be looked at in one: hours of it are measured stretch by stretch, so that no more memory is
 * taken than by one of them. Stretches overlap; a firing belongs to the one in which it begins.
 */
final class LongRecording {
    /** One stretch: ten minutes of three channels take some three hundred megabytes at the most. */
    private static final double STRETCH_SECONDS = 600;

    /** Longer recordings are cut. */
    private static final double LONGEST_SECONDS = 660;

    /** The longest marked exposures are over by then, and a hang-up is told from one. */
    private static final double OVERLAP_SECONDS = 30;

    /** How one stretch is measured. */
    interface Measuring {
        MeasuredRecording of(RecordingSource stretch, double begins);
    }

    private final RecordingSource source;
    private final double rateHz;
    private final double seconds;

    /** @param frames samples of each channel */
    LongRecording(RecordingSource source, double rateHz, long frames) {
        this.source = source;
        this.rateHz = rateHz;
        this.seconds = frames / rateHz;
    }

    boolean isLong() {
        return seconds > LONGEST_SECONDS;
    }

    private int stretches() {
        return (int) Math.ceil(seconds / STRETCH_SECONDS);
    }

    private double begins(int stretch) {
        return Math.max(0, stretch * STRETCH_SECONDS - OVERLAP_SECONDS);
    }

    private Stretch stretch(int which) {
        long from = Math.round(begins(which) * rateHz);
        long to = Math.round(((which + 1) * STRETCH_SECONDS + OVERLAP_SECONDS) * rateHz);
        return new Stretch(source, from, to - from);
    }

    /**
     * All stretches together.
     *
     * @param progress told after each, 0 to 1
     */
    MeasuredRecording measured(Measuring measuring, DoubleConsumer progress) {
        List<FiringFound> firings = new ArrayList<>();
        Set<String> warnings = new LinkedHashSet<>();
        MeasuredRecording best = null;
        RecordingProblem problem = null;
        for (int which = 0; which < stretches(); which++) {
            try {
                MeasuredRecording one = measuring.of(stretch(which), begins(which));
                for (FiringFound firing : own(which, one)) {
                    firings.add(firing.moved(firings.size() + 1, begins(which)));
                }
                warnings.addAll(one.warnings());
                best = best == null || one.firings().size() > best.firings().size() ? one : best;
            } catch (RecordingProblem nothing) {
                if (!LightAnalysis.NO_FIRING.equals(nothing.refusal().code())) {
                    throw nothing;
                }
                problem = nothing;
            }
            progress.accept((which + 1.0) / stretches());
        }
        if (best == null) {
            throw problem;
        }
        return new MeasuredRecording(
                best.analysis(), seconds, List.copyOf(firings), best.input(), List.copyOf(warnings));
    }

    /** The firings that begin in a stretch itself and not in what it shares with others. */
    private List<FiringFound> own(int which, MeasuredRecording one) {
        double from = which * STRETCH_SECONDS - begins(which);
        double to = which + 1 == stretches() ? Double.POSITIVE_INFINITY : from + STRETCH_SECONDS;
        return one.firings().stream()
                .filter(firing -> firing.startSeconds() < to && (which == 0 || firing.startSeconds() >= from))
                .toList();
    }

    /** A stretch that holds a firing, and which it is there. */
    record Place(RecordingSource stretch, int index, double begins) {}

    /** Where a firing lies, counted over all stretches; null where there is none. */
    Place place(int index, Measuring measuring) {
        int before = 0;
        for (int which = 0; which < stretches(); which++) {
            try {
                List<FiringFound> own = own(which, measuring.of(stretch(which), begins(which)));
                if (index <= before + own.size()) {
                    return new Place(stretch(which), own.get(index - before - 1).index(), begins(which));
                }
                before += own.size();
            } catch (RecordingProblem nothing) {
                // a stretch without firings counts none
            }
        }
        return null;
    }
}
