package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleConsumer;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.RecordingSource;
import ruvant.core.measure.recording.Samples;
import ruvant.core.trade.StandSetup;

/** From a recording to exposures. */
public final class TraceAnalysis {
    /** Goes up whenever the same recording may be answered otherwise. */
    public static final int VERSION = 3;

    private TraceAnalysis() {}

    /**
     * Measures every firing in a recording.
     *
     * @param source read several times, each time from its beginning, by more than one thread at once
     * @throws RecordingProblem with reason and remedy, where nothing can be measured
     */
    public static MeasuredRecording of(RecordingSource source, StandSetup setup) {
        return of(source, setup, done -> {});
    }

    /**
     * The same, saying how far it is.
     *
     * @param progress told parts of the whole, 0 to 1, in between
     */
    public static MeasuredRecording of(RecordingSource source, StandSetup setup, DoubleConsumer progress) {
        Samples samples = source.open();
        LongRecording whole = new LongRecording(source, samples.rateHz(), samples.expected());
        MeasuredRecording found = whole.isLong()
                ? whole.measured((stretch, begins) -> measured(stretch, setup, samples.columns(), begins), progress)
                : measured(source, setup, samples.columns(), 0);
        List<String> warnings = new ArrayList<>(samples.warnings());
        warnings.addAll(found.warnings());
        return found.withWarnings(warnings);
    }

    private static MeasuredRecording measured(
            RecordingSource source, StandSetup setup, List<String> columns, double begins) {
        return switch (setup.kind()) {
            case SOUND -> new SoundAnalysis(setup, Loudness.of(source.open())).found();
            case LEAF, FOCAL_PLANE -> new LightAnalysis(setup, Coarse.of(source), columns, begins).of(source);
        };
    }

    /**
     * The light of one firing as it was timed, so that who doubts a figure can look at it.
     *
     * @param index of the firing, from 1
     * @return one for each channel that saw it; none for sound, or where there is no such firing
     */
    public static List<FiringLight> lightOf(RecordingSource source, StandSetup setup, int index) {
        if (setup.kind() == StandSetup.Kind.SOUND) {
            return List.of();
        }
        Samples samples = source.open();
        List<String> columns = samples.columns();
        LongRecording whole = new LongRecording(source, samples.rateHz(), samples.expected());
        if (!whole.isLong()) {
            return new LightAnalysis(setup, Coarse.of(source), columns, 0).lightOf(source, index);
        }
        LongRecording.Place place = whole.place(index, (stretch, begins) -> measured(stretch, setup, columns, begins));
        return place == null
                ? List.of()
                : new LightAnalysis(setup, Coarse.of(place.stretch()), columns, place.begins())
                        .lightOf(place.stretch(), place.index()).stream()
                                .map(light -> light.moved(place.begins()))
                                .toList();
    }
}
