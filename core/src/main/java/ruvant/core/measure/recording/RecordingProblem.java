package ruvant.core.measure.recording;

import ruvant.core.units.Refusal;

/** A recording that cannot be read or says nothing, with what to change about it. */
public final class RecordingProblem extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Refusal refusal;

    /**
     * @param code short and fixed, for programs
     * @param message what is wrong, in words
     * @param remedy what to do
     */
    public RecordingProblem(String code, String message, String remedy) {
        super(message);
        this.refusal = new Refusal(code, message, remedy);
    }

    /** The reason with its remedy. */
    public Refusal refusal() {
        return refusal;
    }
}
