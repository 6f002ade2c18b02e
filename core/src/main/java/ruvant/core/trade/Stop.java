package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** The nine places of a job: down the left slope, over the floor, up the right slope. */
public enum Stop implements Labelled {
    INTAKE,
    STRIP,
    FIND,
    CLEAN,
    MEND,
    OIL,
    REFIT,
    PROVE,
    RETURN;

    @Override
    public String label() {
        return name().charAt(0) + name().substring(1).toLowerCase(java.util.Locale.ROOT);
    }
}
