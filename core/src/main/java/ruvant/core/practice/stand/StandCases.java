package ruvant.core.practice.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import ruvant.core.trade.StandSetup;

/**
 * Recordings with known truth over the range of what a stand may meet: rates, noise, coupling, polarity, offset, widths
 * of sensors, ramps, travel, acceleration and taper all drawn again for each. The same seed makes the same case.
 */
public final class StandCases {
    private static final double[] RATES = {44_100, 48_000, 96_000, 192_000};
    private static final double GATE_MM = 36;
    private static final List<Double> PLACES_MM = List.of(4.0, 18.0, 32.0);

    private StandCases() {}

    /** How the input lets the signal through. */
    public enum Through {
        DIRECT,
        COUPLED,
        TWICE_COUPLED
    }

    /** What disturbs a case besides noise. */
    public enum Trouble {
        NONE,
        RIPPLE,
        HUM,
        BOUNCE,
        CLIPPED
    }

    /**
     * What a case is about.
     *
     * @param nominalSeconds about how long the firings are, each straying by a third of a stop
     * @param rateHz 0 for any
     * @param leastSnrDb and most: between which the noise is drawn
     */
    public record Wanted(
            boolean focalPlane,
            double nominalSeconds,
            Through through,
            Trouble trouble,
            double rateHz,
            double leastSnrDb,
            double mostSnrDb) {}

    /**
     * A recording and what is true of it.
     *
     * @param bounced for each firing whether light came back
     */
    public record Case(
            SimulatedStand.Recorded recorded,
            StandSetup setup,
            StandInput input,
            List<SimulatedStand.Released> firings,
            List<Boolean> bounced) {}

    /** Makes one. */
    public static Case of(Wanted wanted, long seed) {
        Random random = Seeds.random(seed);
        double rate = wanted.rateHz() > 0 ? wanted.rateHz() : RATES[random.nextInt(RATES.length)];
        StandInput input = input(wanted, rate, random);
        StandLamp lamp = wanted.trouble() == Trouble.RIPPLE
                ? new StandLamp(
                        random.nextBoolean() ? 100 : 120,
                        0.02 + 0.18 * random.nextDouble(),
                        0.2 * random.nextDouble(),
                        2 * Math.PI * random.nextDouble(),
                        0)
                : StandLamp.STEADY;
        double width = 0.3 + 1.7 * random.nextDouble();
        double travel = 0.006 + 0.008 * random.nextDouble();
        List<SimulatedStand.Released> firings = new ArrayList<>();
        List<Boolean> bounced = new ArrayList<>();
        double at = 0.3 + 0.5 * random.nextDouble();
        for (int left = 1 + random.nextInt(5); left > 0; left--) {
            boolean bounces = wanted.trouble() == Trouble.BOUNCE && random.nextBoolean();
            double seconds = wanted.nominalSeconds() * Math.pow(2, 0.3 * random.nextGaussian());
            Motion motion = wanted.focalPlane()
                    ? curtains(seconds, width, travel, bounces, random)
                    : leaf(seconds, bounces, random);
            firings.add(new SimulatedStand.Released(at, motion));
            bounced.add(bounces);
            at += motion.endSeconds() + 0.4 + random.nextDouble();
        }
        int diodes = wanted.focalPlane() ? PLACES_MM.size() : 1;
        StandSetup setup = wanted.focalPlane()
                ? StandSetup.focalPlane(
                        GATE_MM,
                        PLACES_MM.stream()
                                .map(place -> new StandSetup.Sensor(place, width))
                                .toList())
                : StandSetup.leaf();
        return new Case(
                SimulatedStand.record(firings, diodes, lamp, input, at, random.nextLong()),
                setup,
                input,
                firings,
                bounced);
    }

    private static StandInput input(Wanted wanted, double rate, Random random) {
        double snr = wanted.leastSnrDb() + (wanted.mostSnrDb() - wanted.leastSnrDb()) * random.nextDouble();
        double cutoff = 2 * Math.pow(10, random.nextDouble());
        StandInput input = switch (wanted.through()) {
            case DIRECT -> StandInput.direct(rate, snr);
            case COUPLED -> StandInput.coupled(rate, snr, cutoff);
            case TWICE_COUPLED -> StandInput.coupled(rate, snr, cutoff).withSecond(0.5 + 1.5 * random.nextDouble());
        };
        input = random.nextBoolean() ? input.upsideDown() : input;
        input = input.withOffset(0.2 * (random.nextDouble() - 0.5));
        return switch (wanted.trouble()) {
            case HUM -> input.withHum(random.nextBoolean() ? 50 : 60, 0.01 + 0.05 * random.nextDouble());
            case CLIPPED -> input.clippedAt(0.8 + 0.1 * random.nextDouble());
            case NONE, RIPPLE, BOUNCE -> input;
        };
    }

    private static Motion leaf(double seconds, boolean bounces, Random random) {
        double longest = 0.7 * seconds;
        return new LeafMotion(
                seconds,
                Math.min(longest, 0.0005 + 0.002 * random.nextDouble()),
                Math.min(longest, 0.0005 + 0.002 * random.nextDouble()),
                1 + random.nextDouble(),
                1 + random.nextDouble(),
                0,
                0,
                bounces ? 0.05 : 0,
                0.001 + 0.006 * random.nextDouble(),
                0.0008 + 0.002 * random.nextDouble());
    }

    private static Motion curtains(double seconds, double width, double travel, boolean bounces, Random random) {
        double gain = 0.6 * (random.nextDouble() - 0.3);
        return new CurtainsMotion(
                GATE_MM,
                PLACES_MM,
                List.of(width, width, width),
                new CurtainsMotion.Run(travel, gain),
                new CurtainsMotion.Run(
                        travel * (1 + 0.06 * random.nextGaussian()), gain + 0.05 * random.nextGaussian()),
                seconds,
                bounces ? 0.05 : 0,
                0.002 + 0.006 * random.nextDouble(),
                0.001 + 0.002 * random.nextDouble());
    }
}
