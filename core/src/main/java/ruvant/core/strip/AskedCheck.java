package ruvant.core.strip;

import ruvant.core.units.Named;

/** A check and its moment. */
public record AskedCheck(Named what, CheckWhen when) {
    /** One that is made before the part goes on. */
    public static AskedCheck before(Named what) {
        return new AskedCheck(what, CheckWhen.BEFORE);
    }
}
