package ruvant.core.knowledge;

import java.util.List;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.PartName;

/**
 * What a part is made of, and from what that is known.
 *
 * @param materials ids of the materials table, at least one
 */
public record MadeOf(List<String> materials, From from) {

    /** From where it is known. */
    public enum From {
        SAID_HERE,
        SAID_OF_THE_MODEL,
        GUESSED
    }

    /** What was said of the part in this job, else on another camera of the model, else what its name points to. */
    public static MadeOf of(PartName part, TreatPicture treat, ModelKnowledge known, Materials table) {
        List<String> here = treat.madeOf().get(part);
        if (here != null) {
            return new MadeOf(here, From.SAID_HERE);
        }
        List<String> model = known.madeOf().get(part.key());
        return model != null
                ? new MadeOf(model, From.SAID_OF_THE_MODEL)
                : new MadeOf(table.guess(part.text()), From.GUESSED);
    }
}
