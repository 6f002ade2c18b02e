package ruvant.core.handover;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.log.Standing;
import ruvant.core.refit.RefitPicture;
import ruvant.core.units.Refusal;

/** Whether a camera may leave: nothing is laid on for a trial, and whatever is open goes out knowingly. */
final class Closing {
    /** So many are named; a longer list would not be read. */
    private static final int NAMED = 5;

    private Closing() {}

    static Optional<Refusal> objection(HandoverEntry.Returned returned, Standing now) {
        Optional<RefitPicture.Trial> trial = now.of(RefitPicture.class).trial();
        if (trial.isPresent()) {
            return Optional.of(new Refusal(
                    "trialOn",
                    "A trial assembly is still together: " + trial.get().what().how() + ".",
                    "Take it apart, log that, then put the parts back."));
        }
        List<ReturnStops.ReturnStop> open = now.of(ReturnStops.class).all().stream()
                .filter(stop -> !stop.passable()
                        || returned.passedOver().stream()
                                .noneMatch(
                                        passed -> passed.what().is(stop.what().id())))
                .toList();
        if (open.isEmpty()) {
            return Optional.empty();
        }
        String named = open.stream()
                .limit(NAMED)
                .map(stop -> stop.what().words() + (stop.why().isEmpty() ? "" : " (" + stop.why() + ")"))
                .collect(Collectors.joining("; "));
        int more = open.size() - Math.min(open.size(), NAMED);
        return Optional.of(new Refusal(
                "stillOpen",
                "This camera cannot leave like that: " + named + (more == 0 ? "" : "; and " + more + " more") + ".",
                "Settle each of them, or say at Return why it goes out so."));
    }
}
