package ruvant.core.practice.stand;

import java.util.List;
import java.util.Random;

/** Records firings of a simulated shutter. The same seed makes the same recording. */
public final class SimulatedStand {
    private static final int SUBSTEPS = 4;

    private SimulatedStand() {}

    /**
     * A firing and when it is released.
     *
     * @param atSeconds from the beginning of the recording; may lie before it, so that the recording begins in a firing
     */
    public record Released(double atSeconds, Motion motion) {}

    /**
     * What each diode's channel recorded.
     *
     * @param samples one array for each diode, full scale ±1
     */
    public record Recorded(double rateHz, float[][] samples) {}

    /** Runs the firings past the diodes and through the input. */
    public static Recorded record(
            List<Released> firings, int diodes, StandLamp lamp, StandInput input, double lengthSeconds, long seed) {
        Random random = Seeds.random(seed);
        int length = (int) Math.ceil(lengthSeconds * input.rateHz());
        float[][] samples = new float[diodes][];
        for (int diode = 0; diode < diodes; diode++) {
            double[] light = light(firings, diode, lamp, input.rateHz(), length);
            couple(light, input.coupling().cutoffHz(), input.rateHz());
            couple(light, input.coupling().secondCutoffHz(), input.rateHz());
            samples[diode] = heard(light, input, random);
        }
        return new Recorded(input.rateHz(), samples);
    }

    private static double[] light(List<Released> firings, int diode, StandLamp lamp, double rateHz, int length) {
        double[] light = new double[length];
        for (Released one : firings) {
            int from = (int) Math.floor(one.atSeconds() * rateHz) - 2;
            int to = (int) Math.ceil((one.atSeconds() + one.motion().endSeconds()) * rateHz) + 2;
            for (int i = Math.max(0, from); i < Math.min(length, to); i++) {
                double sum = 0;
                for (int step = 0; step < SUBSTEPS; step++) {
                    double at = (i + (step + 0.5) / SUBSTEPS - 0.5) / rateHz;
                    sum += one.motion().transmission(diode, at - one.atSeconds());
                }
                light[i] += sum / SUBSTEPS * lamp.level(i / rateHz);
            }
        }
        return light;
    }

    /** A stage of first order that lets nothing steady through; before the recording it had come to rest. */
    private static void couple(double[] signal, double cutoffHz, double rateHz) {
        if (cutoffHz <= 0) {
            return;
        }
        double keeps = Math.exp(-2 * Math.PI * cutoffHz / rateHz);
        double before = signal[0];
        double out = 0;
        for (int i = 0; i < signal.length; i++) {
            out = keeps * (out + signal[i] - before);
            before = signal[i];
            signal[i] = out;
        }
    }

    private static float[] heard(double[] light, StandInput input, Random random) {
        float[] heard = new float[light.length];
        double noise = input.scale().plateau() * Math.pow(10, -input.snrDb() / 20);
        double sign = input.scale().inverted() ? -1 : 1;
        double limit = input.scale().clipAt() > 0
                ? input.scale().clipAt() * input.scale().plateau()
                : Double.MAX_VALUE;
        double step = input.bits() > 0 ? Math.scalb(1.0, 1 - input.bits()) : 0;
        for (int i = 0; i < heard.length; i++) {
            double hum = input.hum().depth()
                    * input.scale().plateau()
                    * Math.sin(2 * Math.PI * input.hum().hz() * i / input.rateHz());
            double value = light[i] * input.scale().plateau() + hum + noise * random.nextGaussian();
            value = sign * Math.min(limit, value) + input.scale().offset();
            if (step > 0) {
                value = Math.rint(value / step) * step;
                value = Math.clamp(value, -1, 1 - step);
            }
            heard[i] = (float) value;
        }
        return heard;
    }
}
