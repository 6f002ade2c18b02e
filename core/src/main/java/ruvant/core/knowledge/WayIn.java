package ruvant.core.knowledge;

import java.time.Duration;
import java.util.List;

/**
 * How a part is reached.
 *
 * @param target the part
 * @param steps what comes off before it, in an order that earlier jobs agree with, the part itself last
 * @param there time to get there, the sum of the steps' middle times
 * @param back time to close up again
 * @param jobs in how many jobs the target came off
 * @param others how some of them got there otherwise
 */
public record WayIn(
        String target, List<OnTheWay> steps, Duration there, Duration back, int jobs, List<KnownPart.OtherWay> others) {
    /**
     * One part on the way.
     *
     * @param care whether there is something to know before it is lifted
     * @param takes middle time to take it off; zero where it is not known
     */
    public record OnTheWay(String part, boolean care, Duration takes) {}
}
