package ruvant.core.measure.trace;

import java.util.List;

/** A channel with what was measured on it. */
record SeenChannel(ChannelTrace trace, List<ChannelTrace.Measured> measured) {
    boolean clipped() {
        return measured.stream().anyMatch(ChannelTrace.Measured::clipped);
    }
}
