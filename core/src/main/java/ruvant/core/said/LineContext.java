package ruvant.core.said;

import java.util.List;
import ruvant.core.trade.Stop;

/**
 * What is known of the camera when a line is typed.
 *
 * @param stop where the technician is
 * @param off names of parts that are off the camera
 * @param known names of other parts of this camera, its model and family
 * @param afterWork whether the fault has been worked on, so that a verdict is a proof and not how it came in
 */
public record LineContext(Stop stop, List<String> off, List<String> known, boolean afterWork) {
    public LineContext {
        off = List.copyOf(off);
        known = List.copyOf(known);
    }
}
