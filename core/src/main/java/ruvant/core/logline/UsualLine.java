package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.knowledge.KnownPart;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.MechanismState;
import ruvant.core.units.WellName;

/** Writes the line that takes a part off as earlier jobs did, to be looked over and logged or corrected first. */
public final class UsualLine {
    private UsualLine() {}

    /**
     * The line; the log line reads it back as this removal.
     *
     * @param well where its pieces may lie; left out when the part leaves no small pieces
     */
    public static String of(KnownPart part, Optional<WellName> well) {
        List<String> pieces = new ArrayList<>();
        pieces.add("off " + part.name());
        pieces.add(part.lies().side().label());
        pieces.add(part.lies().covers() ? "covers" : "covers nothing");
        if (!part.held().fasteners().isEmpty()) {
            pieces.add(part.held().fasteners().stream().map(Shorthand::of).collect(Collectors.joining(" + ")));
        }
        well.filter(any -> !part.held().fasteners().isEmpty()).ifPresent(name -> pieces.add("well " + name));
        part.beware().hazards().stream().map(UsualLine::beware).forEach(pieces::add);
        if (part.beware().state() != null) {
            pieces.add(state(part.beware().state()));
        }
        return String.join(", ", pieces);
    }

    private static String beware(Hazard hazard) {
        return "beware " + hazard.label();
    }

    private static String state(MechanismState state) {
        return state.of() == MechanismState.Of.FOCUS ? "state " + state.label() : state.label();
    }
}
