package ruvant.core.measure.trace;

import java.util.List;
import java.util.Optional;

/** A channel with what was measured on it. */
record SeenChannel(ChannelTrace trace, List<ChannelTrace.Measured> measured) {
    /** By which part an automatic level turned it down, empty for none. */
    Optional<Double> fall() {
        return AutomaticLevel.fall(
                trace.lit(), measured.stream().map(ChannelTrace.Measured::pulse).toList());
    }

    boolean clipped() {
        return measured.stream().anyMatch(ChannelTrace.Measured::clipped);
    }
}
