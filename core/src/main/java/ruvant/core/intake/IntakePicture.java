package ruvant.core.intake;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.trade.FunctionResult;
import ruvant.core.units.Named;

/**
 * The camera as it came in.
 *
 * @param received the standing description; empty only before the first line
 * @param receivedId the line that carries it
 * @param receivedAt when the camera came in
 * @param functions the last answer for each function, in the order first asked
 * @param scope what is to be done, in the order it was added
 */
public record IntakePicture(
        Optional<IntakeEntry.Received> received,
        Optional<UUID> receivedId,
        Optional<Instant> receivedAt,
        List<Finding> findings,
        List<Sign> visitorSigns,
        List<FunctionState> functions,
        List<ScopeItem> scope,
        Optional<IntakeEntry.BatteryFound> battery) {

    /** A finding and the line that carries it. */
    public record Finding(UUID id, IntakeEntry.ConditionFound found) {}

    /** A visitor's sign and the line that carries it. */
    public record Sign(UUID id, IntakeEntry.VisitorSign sign) {}

    /** What a function did at intake. */
    public record FunctionState(UUID id, Named function, FunctionResult result, String remark) {}

    /** One item of the scope: open, done, or left with its reason. */
    public record ScopeItem(UUID id, Named what, ScopeState state, String reason) {}

    /** Where an item of the scope stands. */
    public enum ScopeState {
        OPEN,
        DONE,
        LEFT
    }
}
