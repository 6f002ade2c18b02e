package ruvant.core;

import ruvant.core.anatomy.Anatomy;
import ruvant.core.anatomy.BodyPlans;

/** How cameras are built, as it ships. */
public final class ShippedAnatomy {
    public static final Anatomy ANATOMY = ShippedData.of(Anatomy.class, "anatomy.json");
    public static final BodyPlans PLANS = new BodyPlans(ANATOMY);

    private ShippedAnatomy() {}
}
