package ruvant.core.trade;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import ruvant.core.units.Labelled;

/** What nouns of the log line are about, and which choices each topic has. */
public enum NounTopic implements Labelled {
    FASTENER("fastener", "kind of fastener", FastenerKind.class),
    DRIVE("drive", "drive", Drive.class),
    HEAD("head", "head", HeadForm.class),
    TRAIT("trait", "about a fastener", FastenerTrait.class),
    HAZARD("hazard", "hazard", Hazard.class),
    CONDITION("condition", "condition outside", ConditionKind.class),
    VISITOR_SIGN("visitorSign", "sign of earlier work", VisitorSignKind.class),
    STATE("state", "state of the mechanism", MechanismState.class);

    private final String id;
    private final String label;
    private final Class<? extends Enum<?>> choices;

    <E extends Enum<E> & Labelled> NounTopic(String id, String label, Class<E> choices) {
        this.id = id;
        this.label = label;
        this.choices = choices;
    }

    /** What the data call it. */
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    /** Everything that can be meant. */
    List<Enum<?>> choices() {
        return List.of(choices.getEnumConstants());
    }

    /** The choice of this name; empty where there is none. */
    Optional<Labelled> choice(String means) {
        return choices().stream()
                .filter(one -> one.name().equals(means))
                .map(Labelled.class::cast)
                .findFirst();
    }

    /** The topic that the data call so. */
    static Optional<NounTopic> of(String id) {
        return Arrays.stream(values()).filter(one -> one.id.equals(id)).findFirst();
    }
}
