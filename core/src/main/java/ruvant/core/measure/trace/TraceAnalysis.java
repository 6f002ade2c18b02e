package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.job.StandSetup;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.RecordingSource;
import ruvant.core.measure.recording.Samples;

/** From a recording to exposures. */
public final class TraceAnalysis {
    /** Goes up whenever the same recording may be answered otherwise. */
    public static final int VERSION = 1;

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
}
