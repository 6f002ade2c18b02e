package ruvant.core.measure.recording;

/** A recording that can be read again from its beginning, as often as wanted. */
@FunctionalInterface
public interface RecordingSource {
    /**
     * Begins to read.
     *
     * @throws RecordingProblem if it is no recording
     */
    Samples open();
}
