package ruvant.core.signature;

import java.util.Arrays;

/**
 * Focal-plane shutters. An exposure at a place is the delay between the curtains there: what the clock gives (an
 * escapement for slow speeds, a cam or electronics for fast ones), and the difference of both curtains' travel up to
 * that place.
 */
final class FocalFaults implements Faults {
    private final boolean mechanical;

    FocalFaults(boolean mechanical) {
        this.mechanical = mechanical;
    }

    @Override
    public Draw healthy(double[] nominal, Chance chance) {
        Draw shutter = new Draw(nominal);
        Faults.usual(shutter, chance);
        double travel = mechanical ? chance.factor(0.0105, 1.35) : chance.factor(0.007, 1.5);
        // a spread of a fiftieth in travel is a third of a stop across the gate at the fastest speeds
        shutter.curtains = new Draw.Curtains(
                travel,
                chance.even(0, 0.8),
                mechanical ? chance.even(0, 1) : chance.even(0, 0.15),
                chance.about(0, 0.012),
                1,
                Math.abs(chance.about(0, 0.00006)),
                chance.about(0, 0.012),
                1,
                Math.abs(chance.about(0, 0.00006)));
        return shutter;
    }

    private double[] escapement(double[] nominal, Chance chance) {
        double without = Math.pow(2, -chance.even(4.3, 6.3));
        return Arrays.stream(nominal)
                .map(one -> one > 1.2 * without ? Math.clamp(1 - without / one, 0, 1) : 0)
                .toArray();
    }

    @Override
    public void work(ShutterCause cause, double part, Draw shutter, Chance chance) {
        double[] nominal = shutter.nominal;
        switch (cause) {
            case ESCAPEMENT_GUMMED -> Faults.gum(shutter, escapement(nominal, chance), part, chance);
            case ESCAPEMENT_ENGAGEMENT -> {
                double size = part * chance.factor(0.45, 1.7);
                Faults.mesh(shutter, escapement(nominal, chance), chance.once(0.55) ? size : -size, chance);
            }
            case LEADING_WEAK -> leading(shutter, part * chance.factor(0.12, 1.8), chance);
            case LEADING_STRONG -> leading(shutter, -part * chance.factor(0.09, 1.6), chance);
            case TRAILING_WEAK -> trailing(shutter, part * chance.factor(0.12, 1.8), chance);
            case TRAILING_STRONG -> trailing(shutter, -part * chance.factor(0.09, 1.6), chance);
            case LEADING_DRAGS, TRAILING_DRAGS -> drag(cause == ShutterCause.LEADING_DRAGS, shutter, part, chance);
            case BOTH_WEAK -> {
                double size = part * chance.factor(0.17, 1.9);
                leading(shutter, size * chance.factor(1, 1.12), chance);
                trailing(shutter, size * chance.factor(1, 1.12), chance);
            }
            case LATCH_STICKY -> latch(shutter, part, chance);
            case CONTACT_DIRTY -> contact(shutter, part, chance);
            case MAGNET_DEAD -> dead(shutter, chance);
            case MAGNET_RESIDUAL -> residual(shutter, part, chance);
            case TIMING_DRIFT -> drift(shutter, part, chance);
            default -> {
                // what a focal-plane shutter cannot have changes nothing in it
            }
        }
    }

    private static void leading(Draw shutter, double longer, Chance chance) {
        double jitter = Math.abs(chance.about(0, 0.015 * Math.abs(longer) * shutter.curtains.travelSeconds()));
        shutter.curtains = shutter.curtains.withLeading(longer, chance.even(0.9, 1.3), jitter);
    }

    private static void trailing(Draw shutter, double longer, Chance chance) {
        double jitter = Math.abs(chance.about(0, 0.015 * Math.abs(longer) * shutter.curtains.travelSeconds()));
        shutter.curtains = shutter.curtains.withTrailing(longer, chance.even(0.9, 1.3), jitter);
    }

    private static void drag(boolean leading, Draw shutter, double part, Chance chance) {
        double longer = part * chance.factor(0.1, 2);
        double seconds = longer * shutter.curtains.travelSeconds();
        double jitter = seconds * chance.factor(0.2, 2);
        double power = chance.even(0.6, 2.5);
        double sign = leading ? -1 : 1;
        double down = sign * seconds * chance.about(0.2, 0.25);
        double first = sign * seconds * Math.abs(chance.about(0.15, 0.25));
        double hang = leading ? 0 : part * chance.factor(0.02, 3);
        shutter.curtains = leading
                ? shutter.curtains.withLeading(longer, power, jitter)
                : shutter.curtains.withTrailing(longer, power, jitter);
        shutter.lag(0, 0, down, first, hang);
    }

    private static void latch(Draw shutter, double part, Chance chance) {
        double late = part * chance.factor(0.0012, 2.2);
        double scatter = late * chance.factor(0.5, 1.6);
        double down = late * chance.about(0.05, 0.15);
        double first = late * Math.abs(chance.about(0.4, 0.5));
        double hang = part * chance.factor(0.04, 3);
        shutter.lag(late, scatter, down, first, hang);
    }

    private static void contact(Draw shutter, double part, Chance chance) {
        double scatter = part * chance.factor(0.3, 1.8);
        double shift = part * chance.about(0, 0.25);
        double seconds = part * chance.factor(0.0004, 2);
        double hang = Math.min(0.4, part * chance.factor(0.06, 2.2));
        double drop = Math.min(0.4, part * chance.factor(0.06, 2.2));
        shutter.addCommon(shift);
        for (int s = 0; s < shutter.nominal.length; s++) {
            shutter.scatterEv2[s] += scatter * scatter;
            shutter.scatterSeconds2[s] += seconds * seconds;
            shutter.hangs[s] += hang;
            shutter.drops[s] += drop;
        }
    }

    private static void dead(Draw shutter, Chance chance) {
        double least = Math.pow(2, -chance.even(5.5, 13.5));
        for (int s = 0; s < shutter.nominal.length; s++) {
            double here = shutter.nominal[s] * Math.pow(2, shutter.longerEv[s]);
            shutter.longerEv[s] += Math.min(0, Math.log(least / here) / Math.log(2));
        }
    }

    private static void residual(Draw shutter, double part, Chance chance) {
        double late = part * chance.factor(0.001, 2.2) * (chance.once(0.12) ? -0.6 : 1);
        double scatter = Math.abs(late) * chance.factor(0.1, 1.8);
        shutter.lag(late, scatter, 0, 0.1 * late, 0);
    }

    private static void drift(Draw shutter, double part, Chance chance) {
        double size = part * chance.factor(0.4, 1.7) * (chance.once(0.5) ? 1 : -1);
        double tilt = chance.about(0, 0.06);
        for (int s = 0; s < shutter.nominal.length; s++) {
            shutter.longerEv[s] += size * Math.max(0, 1 + tilt * (Math.log(shutter.nominal[s]) / Math.log(2) + 5));
        }
    }
}
