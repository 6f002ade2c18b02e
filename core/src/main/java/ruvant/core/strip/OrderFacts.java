package ruvant.core.strip;

import java.util.List;
import java.util.Map;
import ruvant.core.trade.Side;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;

/**
 * What a log says about the order of its parts, before anything is concluded from it.
 *
 * @param tracks the parts, in the order in which they first came off
 * @param said what the hand said of two parts
 */
public record OrderFacts(List<Track> tracks, Map<Pair, Boolean> said) {
    /** Nothing came off. */
    public static final OrderFacts NONE = new OrderFacts(List.of(), Map.of());

    public OrderFacts {
        tracks = List.copyOf(tracks);
        said = Map.copyOf(said);
    }

    /** Two parts, of which the one may lie over the other. */
    public record Pair(PartName over, PartName under) {}

    /**
     * A time at which a part came off or went back.
     *
     * @param at the place of the line in the order of work
     * @param forced whether it went back although something stood in its way
     */
    public record Moment(int at, boolean off, boolean forced) {}

    /**
     * One part.
     *
     * @param side from which it came the last time
     * @param covers whether it was logged as lying over what is taken off under it on its side
     * @param within the assembly it was taken out of; null for the camera itself
     * @param moments in their order
     */
    public record Track(
            PartName part,
            Side side,
            boolean covers,
            @MayBeNull PartName within,
            List<Moment> moments) {
        public Track {
            moments = List.copyOf(moments);
        }

        private boolean outAt(int moment) {
            boolean out = false;
            for (Moment one : moments) {
                if (one.at() >= moment) {
                    break;
                }
                out = one.off();
            }
            return out;
        }

        /** Whether this one was out of the way whenever the other came off or went on unforced. */
        public boolean outWheneverMoved(Track other) {
            for (Moment one : other.moments) {
                if (!one.forced() && !outAt(one.at())) {
                    return false;
                }
            }
            return true;
        }

        /** Whether this one went back unforced while the other was out. */
        boolean wentBackWithout(Track other) {
            return moments.stream().anyMatch(one -> !one.off() && !one.forced() && other.outAt(one.at()));
        }
    }
}
