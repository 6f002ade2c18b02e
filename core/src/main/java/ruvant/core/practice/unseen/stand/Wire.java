package ruvant.core.practice.unseen.stand;

/**
 * What becomes of the light on its way into the recording. Amplitudes are parts of the lamp's whole light.
 *
 * @param rateHz samples a second
 * @param noise of one sample, one standard deviation
 * @param slowNoise part of its variance that wanders instead of jumping
 * @param sinks cut-off of each coupling stage, Hz; none for an input that passes everything
 * @param hum of the mains
 * @param lamp ripples of the lamp
 * @param pump automatic level
 * @param clips where the input is cut off, as a part of the whole light; 0 for nowhere
 * @param offset of the dark
 * @param down whether light makes it fall
 * @param size of the whole light in the recording
 */
record Wire(
        double rateHz,
        double noise,
        double slowNoise,
        double[] sinks,
        Wave hum,
        Wave lamp,
        Pump pump,
        double clips,
        double offset,
        boolean down,
        double size) {
    /**
     * A wave and its harmonics.
     *
     * @param parts amplitude of the first, second, third … harmonic; empty for none
     */
    record Wave(double hz, double[] parts, double[] phases) {
        static final Wave NONE = new Wave(50, new double[0], new double[0]);

        double at(double seconds) {
            double sum = 0;
            for (int k = 0; k < parts.length; k++) {
                if (parts[k] != 0) {
                    sum += parts[k] * Math.cos(2 * Math.PI * (k + 1) * hz * seconds + phases[k]);
                }
            }
            return sum;
        }

        double largest() {
            double most = 0;
            for (double part : parts) {
                most = Math.max(most, part);
            }
            return most;
        }
    }

    /**
     * An automatic level as sound inputs have it.
     *
     * @param mostDb by how much it turns down at most, 0 for none
     * @param down seconds in which it turns down
     * @param up seconds in which it comes back
     * @param from level above which it does
     */
    record Pump(double mostDb, double down, double up, double from) {
        static final Pump NONE = new Pump(0, 0.01, 1, 1);
    }
}
