package ruvant.core.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.log.Standing;
import ruvant.core.refit.RefitPicture;
import ruvant.core.strip.Ledger;
import ruvant.core.strip.Valley;
import ruvant.core.units.Refusal;

/** Whether a camera may leave: nothing is laid on for a trial, and every piece is accounted for. */
final class Closing {
    private Closing() {}

    static Optional<Refusal> objection(Standing now) {
        Optional<RefitPicture.Trial> trial = now.of(RefitPicture.class).trial();
        if (trial.isPresent()) {
            return Optional.of(new Refusal(
                    "trialOn",
                    "A trial assembly is still together: " + trial.get().what().how() + ".",
                    "Take it apart, log that, then put the parts back."));
        }
        Valley valley = now.of(Valley.class);
        Ledger ledger = Ledger.of(valley);
        if (ledger.closed()) {
            return Optional.empty();
        }
        List<String> missing = new ArrayList<>(ledger.missing());
        valley.out()
                .forEach(part ->
                        missing.add("“" + part.name() + "”, " + part.lastSeen().orElse("no well noted")));
        return Optional.of(new Refusal(
                "notAllAccounted",
                "Some pieces are not accounted for: " + String.join("; ", missing) + ".",
                "Put it back, or leave it out with a reason."));
    }
}
