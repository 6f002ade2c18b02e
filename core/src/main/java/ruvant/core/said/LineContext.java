package ruvant.core.said;

import java.util.List;
import java.util.Map;
import ruvant.core.trade.Stop;

/**
 * What is known of the camera when a line is typed.
 *
 * @param stop where the technician is
 * @param off names of parts that are off the camera
 * @param known names of other parts of this camera, its model and family
 * @param afterWork whether the fault has been worked on, so that a verdict is a proof and not how it came in
 * @param words phrases of this shop and this camera by the class that they join, each as {@code phrase} or {@code value = phrase}
 */
public record LineContext(
        Stop stop, List<String> off, List<String> known, boolean afterWork, Map<String, List<String>> words) {
    public LineContext {
        off = List.copyOf(off);
        known = List.copyOf(known);
        words = Map.copyOf(words);
    }

    /** A camera of which no words of its own are known. */
    public LineContext(Stop stop, List<String> off, List<String> known, boolean afterWork) {
        this(stop, off, known, afterWork, Map.of());
    }
}
