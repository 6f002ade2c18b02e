package ruvant.core.measure.trace;

import java.util.List;
import java.util.Optional;
import ruvant.core.trade.MeasuredFiring;

/** Firings found in a recording as they are kept in a job's log. */
public final class Shots {
    private Shots() {}

    /** A firing to keep; empty for one that may not be counted. */
    public static Optional<MeasuredFiring> of(FiringFound found) {
        if (!found.usable() || found.exposureSeconds().isEmpty()) {
            return Optional.empty();
        }
        List<Double> sensors = found.channels().size() < 2
                ? List.of()
                : found.channels().stream()
                        .limit(3)
                        .map(FiringFound.OnChannel::exposureSeconds)
                        .toList();
        return Optional.of(new MeasuredFiring(
                found.index(),
                found.exposureSeconds().get(),
                found.uncertaintySeconds().orElse(0.0),
                found.flags(),
                sensors,
                found.curtains().map(Shots::times),
                blades(found)));
    }

    /** Sound has no ramps, and of a curtain's one sensor they say only how wide it is. */
    private static Optional<MeasuredFiring.BladeTimes> blades(FiringFound found) {
        FiringFound.OnChannel seen = found.channels().getFirst();
        boolean moved = seen.openRampSeconds() > 0 && seen.closeRampSeconds() > 0;
        return found.curtains().isEmpty() && found.channels().size() == 1 && moved
                ? Optional.of(new MeasuredFiring.BladeTimes(
                        Math.min(LONGEST_RAMP, seen.openRampSeconds()),
                        Math.min(LONGEST_RAMP, seen.closeRampSeconds())))
                : Optional.empty();
    }

    /** Seconds; blades that take longer do not move, they stick. */
    private static final double LONGEST_RAMP = 1;

    private static MeasuredFiring.CurtainTimes times(Curtains curtains) {
        return new MeasuredFiring.CurtainTimes(
                curtains.leading().travelSeconds(),
                curtains.trailing().travelSeconds(),
                curtains.leading().endSpeed() / curtains.leading().startSpeed() - 1,
                curtains.trailing().endSpeed() / curtains.trailing().startSpeed() - 1,
                curtains.taperEv(),
                curtains.syncMarginSeconds(),
                curtains.gateMm(),
                curtains.places().stream().map(Curtains.AtPlace::openSeconds).toList(),
                curtains.places().stream()
                        .map(Curtains.AtPlace::exposureSeconds)
                        .toList());
    }
}
