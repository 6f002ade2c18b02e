package ruvant.core.shelf;

import ruvant.core.units.Check;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;

/** The camera and the part for which something is meant. */
public record ForNeed(TagNumber tag, PartName part) {
    public ForNeed {
        Check.chosen("camera", tag);
        Check.chosen("part", part);
    }

    @Override
    public String toString() {
        return tag + ", " + part;
    }
}
