package ruvant.core.picture;

import java.util.List;
import java.util.Set;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Stop;

/** How far the work on a camera has come. A single line about something else, such as advice for the owner, moves nothing. */
final class CurrentStop {
    private static final Set<Stop> FLOOR = Set.of(Stop.CLEAN, Stop.MEND, Stop.OIL);

    private CurrentStop() {}

    /** The stop at which work goes on; where somebody sits, it is that one. */
    static Stop of(JobPicture picture, List<NextStep> next) {
        if (picture.returned()) {
            return Stop.RETURN;
        }
        return picture.sitting().seated().map(down -> down.stop()).orElseGet(() -> reached(picture, next));
    }

    private static Stop reached(JobPicture picture, List<NextStep> next) {
        boolean searching = !picture.find().symptoms().isEmpty()
                || !picture.find().suspects().isEmpty();
        boolean known = !picture.find().causes().isEmpty();
        List<ValleyPart> parts = picture.valley().parts();
        if (parts.isEmpty() && !known) {
            return searching ? Stop.FIND : Stop.INTAKE;
        }
        for (NextStep step : next) {
            if (step instanceof NextStep.Treat treat) {
                return treat.stop();
            }
        }
        boolean someBack = parts.stream().anyMatch(part -> part.state() == ValleyPart.State.BACK);
        if (!picture.valley().out().isEmpty()) {
            if (!known && !someBack) {
                return searching ? Stop.FIND : Stop.STRIP;
            }
            return !someBack && FLOOR.contains(picture.lastStop()) ? picture.lastStop() : Stop.REFIT;
        }
        boolean proved = next.stream().anyMatch(NextStep.WriteSheet.class::isInstance);
        return proved ? Stop.RETURN : someBack ? Stop.PROVE : picture.lastStop();
    }
}
