package ruvant.core.practice.unseen.stand;

import java.util.List;
import java.util.stream.IntStream;
import ruvant.core.trade.StandSetup;

/**
 * A recording and what is true of it.
 *
 * @param samples one array for each channel
 * @param sensors which sensor each channel hears, below 0 for a dead one
 * @param fired in order of time
 * @param wire on which it was recorded
 * @param clicks how many knocks of plug or cable are in it
 */
public record UnseenRecording(
        float[][] samples, StandSetup setup, int[] sensors, List<Fired> fired, Wire wire, int clicks) {
    /**
     * One firing.
     *
     * @param at of its release, seconds from the beginning
     */
    record Fired(double at, Opening opening) {}

    public double rateHz() {
        return wire.rateHz();
    }

    public int firings() {
        return fired.size();
    }

    /** When a firing begins and ends, seconds from the beginning of the recording, what comes back included. */
    public double[] between(int firing) {
        Fired one = fired.get(firing);
        return new double[] {one.at(), one.at() + one.opening().endSeconds()};
    }

    /** Effective exposure of a firing on a channel, from 0. */
    public double exposureSeconds(int firing, int channel) {
        return fired.get(firing).opening().exposureSeconds(sensors[channel]);
    }

    /** Whether a channel hears a sensor that sees light. */
    public boolean sees(int channel) {
        return sensors[channel] >= 0;
    }

    /** Brightest light of a firing on a channel as a part of the whole. */
    public double peak(int firing, int channel) {
        return fired.get(firing).opening().peak(sensors[channel]);
    }

    /** Height of what comes back after a firing, as a part of the whole light. */
    public double rebound(int firing) {
        return fired.get(firing).opening().rebound();
    }

    /** The slit before the narrowest of the seen sensors over its width; large for blades. */
    public double slitOverSensor(int firing) {
        return fired.get(firing).opening() instanceof Slit slit
                ? IntStream.of(sensors)
                        .filter(sensor -> sensor >= 0)
                        .mapToDouble(slit::slitOverSensor)
                        .min()
                        .orElse(1e9)
                : 1e9;
    }

    /** Seconds that the first and the second curtain take over the gate; empty for blades. */
    public double[] travelSeconds(int firing) {
        return fired.get(firing).opening() instanceof Slit slit
                ? new double[] {slit.first().travelSeconds(), slit.second().travelSeconds()}
                : new double[0];
    }

    public double noise() {
        return wire.noise();
    }

    /** Amplitude of the loudest harmonic of the mains, as a part of the whole light. */
    public double hum() {
        return wire.hum().largest();
    }

    /** Depth of the lamp's ripple. */
    public double ripple() {
        return wire.lamp().largest();
    }

    /** Decibels by which an automatic level turns down at most. */
    public double pumpDb() {
        return wire.pump().mostDb();
    }

    public double clips() {
        return wire.clips();
    }
}
