package ruvant.core.handover;

import java.util.List;
import ruvant.core.units.Named;

/** What stands against handing a camera back. */
@FunctionalInterface
public interface ReturnStops {
    /** All of it, in the order in which it is told. */
    List<ReturnStop> all();

    /**
     * One thing that does.
     *
     * @param what by its id, in words
     * @param why it stands open, or where it lies; may be empty
     * @param passable whether the camera may go out so for a reason
     */
    record ReturnStop(Named what, String why, boolean passable) {}
}
