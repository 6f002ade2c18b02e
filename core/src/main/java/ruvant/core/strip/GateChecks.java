package ruvant.core.strip;

import static ruvant.core.units.Phrase.with;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.trade.CheckMoment;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.JointKind;
import ruvant.core.trade.MechanismState;
import ruvant.core.units.Named;

/** The checks that follow from how a part came off. */
final class GateChecks {
    private GateChecks() {}

    static List<AskedCheck> of(StripEntry.Removed removed) {
        return named(removed).stream()
                .map(what -> new AskedCheck(what, what.is("mark") ? whenSeen(removed.mark()) : CheckIds.usually(what)))
                .toList();
    }

    /** The check of a mark besides the first. */
    static AskedCheck further(Mark mark) {
        return new AskedCheck(CheckIds.of("mark", mark.words(), "Mark matched: " + mark.words()), whenSeen(mark));
    }

    /** A mark is looked at once the part is on, in the state in which it holds. */
    private static CheckWhen whenSeen(Mark mark) {
        return CheckWhen.at(CheckMoment.ON)
                .whileIn(MechanismState.in(mark.state()).orElse(null));
    }

    /** The check of a state besides the first. */
    static AskedCheck further(MechanismState state) {
        return AskedCheck.before(CheckIds.of("state", state.label(), "Mechanism as it was: " + state.label()));
    }

    private static List<Named> named(StripEntry.Removed removed) {
        List<Named> checks = new ArrayList<>();
        removed.loose().forEach(one -> checks.add(CheckIds.of("loose", one.name(), one.words() + " in place")));
        if (removed.hazards().contains(Hazard.BALL)
                && removed.loose().stream().noneMatch(one -> one.name().contains("ball"))) {
            checks.add(CheckIds.of("ball", "Ball in its seat"));
        }
        if (removed.mark() != null) {
            checks.add(CheckIds.of("mark", "Mark matched: " + removed.mark().words()));
        }
        if (!removed.stack().isEmpty()) {
            checks.add(CheckIds.of(
                    "stack",
                    "Stack of " + StackSize.words(removed.stack()) + " in order, innermost first: "
                            + String.join(", then ", removed.stack().reversed())));
        }
        if (removed.state() != null) {
            checks.add(CheckIds.of(
                    "state", "Mechanism as it was: " + removed.state().label()));
        }
        if (!removed.setting().isEmpty()) {
            checks.add(CheckIds.of("setting", "Set as it was: " + removed.setting()));
        }
        boolean hooks = removed.joints().stream().anyMatch(one -> one.kind() == JointKind.HOOKED_SPRING);
        if (removed.hazards().contains(Hazard.SPRING) || hooks) {
            checks.add(CheckIds.of("spring", "Spring hooked and free to move"));
        }
        removed.joints().stream()
                .filter(one -> one.kind() == JointKind.SOLDER)
                .forEach(one ->
                        checks.add(CheckIds.of("solder", one.detail(), "Soldered again" + with(": ", one.detail()))));
        boolean leftHand =
                removed.fasteners().stream().anyMatch(one -> one.traits().contains(FastenerTrait.LEFT_HAND));
        if (leftHand || removed.hazards().contains(Hazard.LEFT_HAND)) {
            checks.add(CheckIds.of("leftHand", "Left-hand thread: started the other way round"));
        }
        if (removed.hazards().contains(Hazard.ALUMINIUM)) {
            checks.add(CheckIds.of("aluminium", "Aluminium thread: started by finger, snug only"));
        }
        if (removed.covers()) {
            checks.add(CheckIds.of("trapped", "Nothing trapped under it: levers free, no wire pinched"));
        }
        int screws = removed.screwsOut();
        if (removed.covers() && screws >= StripEntry.Removed.PULL_ASKEW) {
            checks.add(CheckIds.of("startAll", "All " + screws + " started before any is tight"));
        }
        return checks.stream().distinct().toList();
    }
}
