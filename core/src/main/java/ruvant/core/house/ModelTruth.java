package ruvant.core.house;

import ruvant.core.units.Check;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;
import ruvant.core.units.Named;

/**
 * Something that is true of every camera of a model, said without a job: how it works, its usual weakness, which wire is which.
 *
 * @param id of the model, what it is about and what is said
 * @param about the part or thing it is about; empty for the camera as a whole
 * @param says what is true of it
 * @param known where that is known from; may be empty
 * @param sure whether it is certain, not only believed
 */
public record ModelTruth(String id, String maker, String model, String about, String says, String known, boolean sure)
        implements Identified, Labelled {
    public ModelTruth {
        maker = Check.name("maker", maker);
        model = Check.name("model", model);
        about = Check.optionalName("about", about);
        says = Check.remark("says", says);
        known = Check.optionalName("known", known);
        id = Named.idOf(maker + " " + model + " " + about + " " + says);
    }

    @Override
    public String label() {
        return maker + " " + model + (about.isEmpty() ? "" : ", " + about) + ": " + says;
    }

    /** Whether it is about this model, however it is written. */
    public boolean isOf(String itsMaker, String itsModel) {
        return maker.equalsIgnoreCase(itsMaker) && model.equalsIgnoreCase(itsModel);
    }

    /** What is true, with what it is about, how it is known and how sure that is. */
    public String words() {
        return (about.isEmpty() ? "" : about + ": ")
                + says
                + (known.isEmpty() ? "" : " (" + known + ")")
                + (sure ? "" : " (not certain)");
    }
}
