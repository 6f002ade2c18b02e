package ruvant.core.strip;

import ruvant.core.trade.JointKind;
import ruvant.core.units.Check;

/**
 * A join that is not a fastener.
 *
 * @param detail which wire from where to where, which end; may be empty
 */
public record Joint(JointKind kind, String detail) {
    public Joint {
        Check.chosen("joint", kind);
        detail = Check.optionalName("detail", detail);
    }

    /** The kind, with its detail. */
    public String words() {
        return kind.label() + (detail.isEmpty() ? "" : ": " + detail);
    }
}
