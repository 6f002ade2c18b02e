package ruvant.server.record;

import java.util.List;
import java.util.UUID;
import ruvant.core.units.Refusal;

/** Lines were refused; nothing of them is stored. */
public class RefusedException extends RuntimeException {
    private final transient Refusal refusal;
    private final transient List<String> since;
    private final transient List<UUID> resting;

    /**
     * @param since what happened after the picture on which the lines were made, in words
     * @param resting lines that would have to be struck together with what was struck
     */
    public RefusedException(Refusal refusal, List<String> since, List<UUID> resting) {
        super(refusal.message());
        this.refusal = refusal;
        this.since = since;
        this.resting = resting;
    }

    public Refusal refusal() {
        return refusal;
    }

    public List<String> since() {
        return since;
    }

    public List<UUID> resting() {
        return resting;
    }
}
