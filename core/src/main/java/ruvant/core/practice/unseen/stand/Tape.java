package ruvant.core.practice.unseen.stand;

import java.util.List;
import java.util.Random;

/** Runs firings through the wire, one channel after the other. */
final class Tape {
    private final Wire wire;
    private final List<UnseenRecording.Fired> fired;
    private final double[][] clicks;
    private final int length;

    /** @param clicks each with its time, height, frequency and dying time */
    Tape(Wire wire, List<UnseenRecording.Fired> fired, double[][] clicks, double seconds) {
        this.wire = wire;
        this.fired = fired;
        this.clicks = clicks;
        this.length = (int) (seconds * wire.rateHz());
    }

    /** @param sensor whose light; below 0 for one that sees none */
    float[] channel(int sensor, Random random) {
        double[] light = new double[length];
        for (UnseenRecording.Fired one : sensor < 0 ? List.<UnseenRecording.Fired>of() : fired) {
            int from = Math.max(0, (int) ((one.at() - 0.02) * wire.rateHz()));
            int to = Math.min(length, (int) ((one.at() + one.opening().endSeconds() + 0.02) * wire.rateHz()));
            for (int i = from; i < to; i++) {
                double seconds = i / wire.rateHz();
                light[i] += one.opening().light(sensor, seconds - one.at())
                        * (1 + wire.lamp().at(seconds));
            }
        }
        for (double sink : wire.sinks()) {
            sunk(light, Math.exp(-2 * Math.PI * sink / wire.rateHz()));
        }
        double wander = 0;
        double keeps = Math.exp(-1 / (0.004 * wire.rateHz()));
        double slow = wire.noise() * Math.sqrt(wire.slowNoise());
        double fast = wire.noise() * Math.sqrt(1 - wire.slowNoise());
        for (int i = 0; i < length; i++) {
            wander = keeps * wander + Math.sqrt(1 - keeps * keeps) * slow * random.nextGaussian();
            light[i] += wander + fast * random.nextGaussian() + wire.hum().at(i / wire.rateHz());
        }
        for (double[] click : clicks) {
            int from = (int) (click[0] * wire.rateHz());
            for (int i = from; i < Math.min(length, from + 8 * click[3] * wire.rateHz()); i++) {
                double since = (i - from) / wire.rateHz();
                light[i] += click[1] * Math.exp(-since / click[3]) * Math.sin(2 * Math.PI * click[2] * since);
            }
        }
        return recorded(light);
    }

    private static void sunk(double[] light, double keeps) {
        double before = light.length > 0 ? light[0] : 0;
        double out = 0;
        for (int i = 0; i < light.length; i++) {
            double now = light[i];
            out = keeps * (out + now - before);
            before = now;
            light[i] = out;
        }
    }

    private float[] recorded(double[] light) {
        Wire.Pump pump = wire.pump();
        float[] samples = new float[length];
        double gain = 1;
        double least = Math.pow(10, -pump.mostDb() / 20);
        double falls = 1 - Math.exp(-1 / (pump.down() * wire.rateHz()));
        double rises = 1 - Math.exp(-1 / (pump.up() * wire.rateHz()));
        for (int i = 0; i < length; i++) {
            double loud = Math.abs(light[i]);
            double wants = loud <= pump.from() ? 1 : Math.max(least, pump.from() / loud);
            gain += (wants < gain ? falls : rises) * (wants - gain);
            double value = gain * light[i];
            if (wire.clips() > 0) {
                value = Math.clamp(value, -wire.clips(), wire.clips());
            }
            double out = wire.size() * (wire.down() ? -value : value) + wire.offset();
            samples[i] = (float) (Math.round(Math.clamp(out, -1, 1) * 32_767) / 32_767.0);
        }
        return samples;
    }
}
