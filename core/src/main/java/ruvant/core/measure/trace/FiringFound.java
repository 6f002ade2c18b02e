package ruvant.core.measure.trace;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruvant.core.trade.FiringFlag;

/**
 * One firing in a recording. Times are seconds from the beginning of the recording, uncertainties one standard deviation.
 *
 * @param index from 1, in order of time
 * @param usable whether the exposure may be counted
 * @param channels that saw it, in the order of the recording
 * @param exposureSeconds of the whole: in the middle of the gate where that is known; empty where it was not timed
 * @param curtains empty unless two sensors or more saw both curtains
 */
public record FiringFound(
        int index,
        double startSeconds,
        double endSeconds,
        boolean usable,
        Set<FiringFlag> flags,
        List<OnChannel> channels,
        Optional<Double> exposureSeconds,
        Optional<Double> uncertaintySeconds,
        Optional<Curtains> curtains) {
    /** The same in a longer recording: under another number, and later. */
    FiringFound moved(int otherIndex, double seconds) {
        return new FiringFound(
                otherIndex,
                startSeconds + seconds,
                endSeconds + seconds,
                usable,
                flags,
                channels.stream().map(one -> one.moved(seconds)).toList(),
                exposureSeconds,
                uncertaintySeconds,
                curtains);
    }

    /**
     * What one channel saw.
     *
     * @param channel from 1
     * @param exposureSeconds effective: area under the light over its plateau
     * @param openRampSeconds from 10 to 90 % of the light
     * @param closeRampSeconds from 90 to 10 %
     */
    public record OnChannel(
            int channel,
            double exposureSeconds,
            double uncertaintySeconds,
            double openEdgeSeconds,
            double closeEdgeSeconds,
            double openRampSeconds,
            double closeRampSeconds,
            Optional<Rebound> bounce) {
        OnChannel moved(double seconds) {
            return new OnChannel(
                    channel,
                    exposureSeconds,
                    uncertaintySeconds,
                    openEdgeSeconds + seconds,
                    closeEdgeSeconds + seconds,
                    openRampSeconds,
                    closeRampSeconds,
                    bounce.map(back -> new Rebound(back.atSeconds() + seconds, back.relative())));
        }

        /** Total open time, from 10 to 10 % of the light, taking the ramps for straight. */
        public double totalSeconds() {
            return exposureSeconds + (openRampSeconds + closeRampSeconds) / 2;
        }

        /** Effective over total time, 0 to 1. */
        public double efficiency() {
            return exposureSeconds / totalSeconds();
        }
    }

    /**
     * Light that comes back after closing.
     *
     * @param relative its height as a part of the plateau
     */
    public record Rebound(double atSeconds, double relative) {}
}
