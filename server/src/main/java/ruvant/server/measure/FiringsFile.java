package ruvant.server.measure;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ruvant.core.prove.ProvePicture;
import ruvant.core.trade.MeasuredFiring;

/** A set of firings as it is taken away: all that is known of it side by side, however the rules group it. */
record FiringsFile(
        UUID id,
        Instant at,
        String speed,
        @JsonUnwrapped ProvePicture.Timed.FiredHow how,
        @JsonUnwrapped ProvePicture.Timed.TimedWith with,
        List<Double> seconds,
        List<MeasuredFiring> firings) {
    static FiringsFile of(ProvePicture.Timed run) {
        return new FiringsFile(run.id(), run.at(), run.speed(), run.how(), run.with(), run.seconds(), run.firings());
    }
}
