package ruvant.core.practice.unseen.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import ruvant.core.trade.StandSetup;

/** Draws recordings of every kind of trouble, wide of what a good stand would give. The same seed makes the same one. */
public final class UnseenStand {
    private static final double[] RATES = {44_100, 48_000, 48_000, 96_000, 192_000};

    private final Trouble trouble;
    private final Random random;

    /** What a recording is about. */
    public enum Trouble {
        CLEAN_LEAF("leaf, clean", false),
        CLEAN_GATE("focal plane, clean", true),
        NOISY_LEAF("leaf, 12 to 20 dB", false),
        NOISY_GATE("focal plane, 12 to 20 dB", true),
        HUM_LEAF("leaf, hum with its harmonics", false),
        HUM_GATE("focal plane, hum with its harmonics", true),
        RIPPLE("leaf, lamp ripples 3 to 20 %", false),
        PUMP("leaf, automatic level", false),
        CLICKS("leaf, knocks on the cable", false),
        REBOUND_LEAF("leaf, rebounds of 5 to 100 %", false),
        REBOUND_GATE("focal plane, rebounds of 5 to 100 %", true),
        NARROW("slit narrower than the sensor", true),
        TWO_SENSORS("one sensor of three dead", true),
        ONE_SENSOR("focal plane, one sensor", true),
        CLIPPED("leaf, cut off at 60 to 95 %", false),
        ALL("leaf, something of everything", false);

        private final String words;
        private final boolean gate;

        Trouble(String words, boolean gate) {
            this.words = words;
            this.gate = gate;
        }

        public String words() {
            return words;
        }

        public boolean gate() {
            return gate;
        }
    }

    private UnseenStand(Trouble trouble, long seed) {
        this.trouble = trouble;
        this.random = new Random(seed * 0x9E3779B97F4A7C15L ^ (trouble.ordinal() + 1) * 0xC2B2AE3D27D4EB4FL);
    }

    /** Makes one. */
    public static UnseenRecording of(Trouble trouble, long seed) {
        return new UnseenStand(trouble, seed).recording();
    }

    private UnseenRecording recording() {
        Wire wire = wire();
        double[] places = {3 + 3 * random.nextDouble(), 16 + 4 * random.nextDouble(), 30 + 4 * random.nextDouble()};
        double gate = 36;
        double wide = trouble == Trouble.NARROW ? between(1.5, 5) : between(0.4, 3);
        Shutter shutter = trouble.gate() ? curtains(gate, places, wide) : blades();
        List<UnseenRecording.Fired> fired = new ArrayList<>();
        double at = between(0.25, 0.7);
        double fastest = trouble.gate() ? 0.001 : 0.002;
        double slowest = random.nextInt(5) == 0 ? 1 : 0.12;
        double same = logBetween(fastest, slowest);
        boolean alike = random.nextBoolean();
        for (int left = 3 + random.nextInt(4); left > 0; left--) {
            double seconds = (alike ? same : logBetween(fastest, slowest)) * Math.exp(0.06 * random.nextGaussian());
            if (trouble == Trouble.NARROW && (alike || left > 1)) {
                seconds = wide * between(0.25, 0.9) / 1000 / between(1.8, 3.6);
            }
            Opening opening = shutter.firing(seconds);
            fired.add(new UnseenRecording.Fired(at, opening));
            at += opening.endSeconds() + between(0.35, 1.2);
        }
        int[] sensors = sensors();
        double[][] clicks = clicks(fired, at);
        Tape tape = new Tape(wire, fired, clicks, at);
        float[][] samples = new float[sensors.length][];
        for (int channel = 0; channel < sensors.length; channel++) {
            samples[channel] = tape.channel(sensors[channel], random);
        }
        return new UnseenRecording(samples, setup(gate, places, wide), sensors, fired, wire, clicks.length);
    }

    private StandSetup setup(double gate, double[] places, double wide) {
        if (!trouble.gate()) {
            return StandSetup.leaf();
        }
        List<StandSetup.Sensor> all = new ArrayList<>();
        for (double place : places) {
            all.add(new StandSetup.Sensor(place, wide));
        }
        return StandSetup.focalPlane(gate, trouble == Trouble.ONE_SENSOR ? List.of(all.get(1)) : all);
    }

    private int[] sensors() {
        if (!trouble.gate()) {
            return new int[] {0};
        }
        if (trouble == Trouble.ONE_SENSOR) {
            return new int[] {1};
        }
        int[] sensors = {0, 1, 2};
        if (trouble == Trouble.TWO_SENSORS) {
            sensors[random.nextInt(3)] = -1;
        }
        return sensors;
    }

    private interface Shutter {
        Opening firing(double seconds);
    }

    private Shutter blades() {
        double[] runs = {between(0.0004, 0.003), between(0.0004, 0.003)};
        double[] bends = {between(0.7, 2.2), between(0.7, 2.2)};
        return seconds -> Iris.exposing(seconds, runs, bends, rebound());
    }

    private Shutter curtains(double gate, double[] places, double wide) {
        double travel = between(0.007, 0.016);
        double power = between(1.15, 2.1);
        double runUp = between(2, 12);
        double second = travel * (1 + 0.05 * random.nextGaussian());
        boolean round = random.nextBoolean();
        return seconds -> Slit.exposing(
                Math.max(seconds, 0.0004),
                new Blind(gate, runUp, power, travel * (1 + 0.004 * random.nextGaussian())),
                new Blind(gate, runUp * 1.1, power, second * (1 + 0.004 * random.nextGaussian())),
                places,
                wide,
                round,
                rebound());
    }

    private Rebound rebound() {
        boolean comes = switch (trouble) {
            case REBOUND_LEAF, REBOUND_GATE -> random.nextInt(4) > 0;
            case ALL -> random.nextInt(4) == 0;
            default -> false;
        };
        return comes
                ? new Rebound(
                        logBetween(0.05, 1),
                        logBetween(0.0015, 0.02),
                        logBetween(0.0006, 0.004),
                        0.5 * random.nextDouble())
                : Rebound.NONE;
    }

    private Wire wire() {
        boolean all = trouble == Trouble.ALL;
        double decibels = switch (trouble) {
            case NOISY_LEAF, NOISY_GATE -> between(12, 20);
            case ALL -> between(20, 40);
            default -> between(24, 45);
        };
        int stages = random.nextInt(3) == 0 ? 0 : 1;
        if (trouble == Trouble.CLIPPED) {
            stages = 0;
        }
        double[] sinks = new double[stages];
        for (int k = 0; k < stages; k++) {
            sinks[k] = logBetween(1, 15);
        }
        boolean hums = trouble == Trouble.HUM_LEAF || trouble == Trouble.HUM_GATE || all && random.nextBoolean();
        boolean ripples = trouble == Trouble.RIPPLE || all && random.nextInt(3) == 0;
        return new Wire(
                RATES[random.nextInt(RATES.length)],
                Math.pow(10, -decibels / 20),
                random.nextInt(4) == 0 ? between(0, 0.15) : 0,
                sinks,
                hums ? hum() : Wire.Wave.NONE,
                ripples ? ripple() : Wire.Wave.NONE,
                trouble == Trouble.PUMP
                        ? new Wire.Pump(between(3, 10), logBetween(0.001, 0.03), logBetween(0.15, 2), between(0.2, 0.6))
                        : Wire.Pump.NONE,
                trouble == Trouble.CLIPPED ? between(0.6, 0.95) : 0,
                0.1 * (random.nextDouble() - 0.5),
                random.nextInt(3) == 0,
                between(0.15, 0.55));
    }

    private Wire.Wave hum() {
        double first = logBetween(0.02, 0.12);
        double[] parts = {
            first,
            first * between(0, 0.15),
            first * between(0.1, 0.6),
            first * between(0, 0.1),
            first * between(0.05, 0.4)
        };
        return new Wire.Wave(
                (random.nextBoolean() ? 50 : 60) + 0.05 * random.nextGaussian(), parts, phases(parts.length));
    }

    private Wire.Wave ripple() {
        double first = logBetween(0.03, 0.2);
        double[] parts = {first, first * between(0, 0.25), first * between(0, 0.08)};
        return new Wire.Wave((random.nextBoolean() ? 100 : 120) + 0.08 * random.nextGaussian(), parts, phases(3));
    }

    private double[] phases(int count) {
        double[] phases = new double[count];
        for (int k = 0; k < count; k++) {
            phases[k] = 2 * Math.PI * random.nextDouble();
        }
        return phases;
    }

    /** Knocks: at some releases, and somewhere between the firings. */
    private double[][] clicks(List<UnseenRecording.Fired> fired, double end) {
        if (trouble != Trouble.CLICKS && !(trouble == Trouble.ALL && random.nextInt(3) == 0)) {
            return new double[0][];
        }
        List<double[]> clicks = new ArrayList<>();
        for (UnseenRecording.Fired one : fired) {
            double before = one.at() - between(0.12, 0.2);
            if (random.nextBoolean() && before > 0.05) {
                clicks.add(click(before));
            }
        }
        if (clicks.isEmpty()) {
            clicks.add(click(end - 0.12));
        }
        return clicks.toArray(double[][]::new);
    }

    private double[] click(double at) {
        return new double[] {at, logBetween(0.3, 1.5), logBetween(400, 4_000), logBetween(0.0003, 0.003)};
    }

    private double between(double least, double most) {
        return least + (most - least) * random.nextDouble();
    }

    private double logBetween(double least, double most) {
        return least * Math.pow(most / least, random.nextDouble());
    }
}
