package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * A firing's light on one channel, coupling undone, as a part of the lamp's level, with what was found on it.
 *
 * @param channel from 1
 * @param stretches around the edges, or the whole of a short firing
 * @param openSeconds when it opens, of the same area as if at once
 * @param closeSeconds when it closes
 * @param openFrom and the others: where the windows of both edges begin and end
 */
public record FiringLight(
        int channel,
        List<Stretch> stretches,
        double openSeconds,
        double closeSeconds,
        double openFrom,
        double openTo,
        double closeFrom,
        double closeTo) {
    /** As many as a plot is wide, in pixels. */
    private static final int MOST_POINTS = 700;

    /**
     * Even samples of light.
     *
     * @param fromSeconds from the beginning of the recording
     * @param light 0 dark, 1 wide open
     */
    public record Stretch(double fromSeconds, double stepSeconds, List<Double> light) {}

    /** The same in a longer recording. */
    FiringLight moved(double seconds) {
        return new FiringLight(
                channel,
                stretches.stream()
                        .map(one -> new Stretch(one.fromSeconds() + seconds, one.stepSeconds(), one.light()))
                        .toList(),
                openSeconds + seconds,
                closeSeconds + seconds,
                openFrom + seconds,
                openTo + seconds,
                closeFrom + seconds,
                closeTo + seconds);
    }

    static FiringLight of(int channel, ChannelTrace.Measured measured) {
        Pulse pulse = measured.pulse();
        double rate = pulse.opening().rateHz();
        List<Stretch> stretches = new ArrayList<>();
        stretches.add(stretch(pulse.opening(), measured.level()));
        if (pulse.opening().light() != pulse.closing().light()) {
            stretches.add(stretch(pulse.closing(), measured.level()));
        }
        long opens = pulse.opening().from();
        long closes = pulse.closing().from();
        return new FiringLight(
                channel,
                stretches,
                measured.timed().openSeconds(),
                measured.timed().closeSeconds(),
                (opens + pulse.openWindow().from()) / rate,
                (opens + pulse.openWindow().to()) / rate,
                (closes + pulse.closeWindow().from()) / rate,
                (closes + pulse.closeWindow().to()) / rate);
    }

    private static Stretch stretch(Side side, double level) {
        int group = Math.max(1, (int) Math.ceil((double) side.light().length / MOST_POINTS));
        List<Double> light = new ArrayList<>();
        for (int i = 0; i + group <= side.light().length; i += group) {
            double sum = 0;
            for (int j = i; j < i + group; j++) {
                sum += side.light()[j];
            }
            light.add(Math.round(sum / group / level * 1e4) / 1e4);
        }
        return new Stretch((side.from() + (group - 1) / 2.0) / side.rateHz(), group / side.rateHz(), light);
    }
}
