package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.RecordingSource;
import ruvant.core.measure.recording.Samples;
import ruvant.core.trade.StandSetup;

/** From a recording to exposures. */
public final class TraceAnalysis {
    /** Goes up whenever the same recording may be answered otherwise. */
    public static final int VERSION = 2;

    private TraceAnalysis() {}

    /**
     * Measures every firing in a recording.
     *
     * @param source read several times, each time from its beginning, by more than one thread at once
     * @throws RecordingProblem with reason and remedy, where nothing can be measured
     */
    public static MeasuredRecording of(RecordingSource source, StandSetup setup) {
        Samples samples = source.open();
        MeasuredRecording found = switch (setup.kind()) {
            case SOUND -> new SoundAnalysis(setup, Loudness.of(samples)).found();
            case LEAF, FOCAL_PLANE -> new LightAnalysis(setup, Coarse.of(source), samples.columns()).of(source);
        };
        List<String> warnings = new ArrayList<>(samples.warnings());
        warnings.addAll(found.warnings());
        return found.withWarnings(warnings);
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
        List<String> columns = source.open().columns();
        return new LightAnalysis(setup, Coarse.of(source), columns).lightOf(source, index);
    }
}
