package ruvant.core.strip;

import java.util.List;

/**
 * How a part went back on.
 *
 * @param fasteners how each type was accounted for
 * @param overrideReason why it went back although something stood against it; else empty
 */
public record WentBack(List<FastenersBack> fasteners, String overrideReason) {
    public WentBack {
        fasteners = List.copyOf(fasteners);
    }
}
