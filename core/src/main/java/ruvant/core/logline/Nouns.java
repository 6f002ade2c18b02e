package ruvant.core.logline;

import java.util.Map;
import java.util.Optional;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.Drive;
import ruvant.core.trade.FastenerKind;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.HeadForm;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.TradeLists;
import ruvant.core.trade.VisitorSignKind;
import ruvant.core.units.Typing;

/** What the nouns of a line mean, as this shop's lists say. */
record Nouns(
        Map<String, Drive> drives,
        Map<String, HeadForm> heads,
        Map<String, FastenerKind> fasteners,
        Map<String, FastenerTrait> traits,
        Map<String, Hazard> hazards,
        Map<String, ConditionKind> conditions,
        Map<String, VisitorSignKind> visitorSigns,
        Map<String, MechanismState> states) {
    static Nouns of(TradeLists lists) {
        return new Nouns(
                lists.nouns("drive", Drive.class),
                lists.nouns("head", HeadForm.class),
                lists.nouns("fastener", FastenerKind.class),
                lists.nouns("trait", FastenerTrait.class),
                lists.nouns("hazard", Hazard.class),
                lists.nouns("condition", ConditionKind.class),
                lists.nouns("visitorSign", VisitorSignKind.class),
                lists.nouns("state", MechanismState.class));
    }

    /** The choice whose word is nearest to this one, if any is near enough. */
    static <T> Optional<T> near(String word, Map<String, T> known) {
        return Spelling.nearest(word, known.keySet()).map(known::get);
    }

    /** A state by its words; more than one letter of forgiveness would turn "mirror cap" into "mirror up". */
    Optional<MechanismState> state(String said, boolean forgiving) {
        return Optional.ofNullable(states.get(said))
                .or(() -> forgiving
                        ? states.keySet().stream()
                                .filter(known -> Typing.distance(known, said) == 1)
                                .findFirst()
                                .map(states::get)
                        : Optional.empty());
    }
}
