package ruvant.core.knowledge;

import java.util.List;
import ruvant.core.shelf.BodyPart;

/** What is in a camera of a model, as far as it came off others of it here. */
public final class PartsList {
    /** Where nobody's times are known: a part once its way is open. */
    private static final int USUAL_MINUTES = 15;

    private PartsList() {}

    /** Its parts with the minutes to take each out; what they are worth is for the shop to say. */
    public static List<BodyPart> of(ModelKnowledge known) {
        return known.parts().stream()
                .map(part -> new BodyPart(part.name(), 0, minutes(part)))
                .toList();
    }

    private static int minutes(KnownPart part) {
        return part.takes().off().isZero()
                ? USUAL_MINUTES
                : (int) Math.max(1, part.takes().off().toMinutes());
    }
}
