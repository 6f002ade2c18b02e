package ruvant.core.signature;

import java.util.Arrays;

/**
 * Leaf shutters. A spring drives the blade ring; slower speeds are made by a train that holds it, the slowest of them
 * with the pallet in. Times without the train are those of ring and spring alone, so friction of the ring shows at the
 * fast end, the train's at the slow end.
 */
final class LeafFaults implements Faults {
    @Override
    public Draw healthy(double[] nominal, Chance chance) {
        Draw shutter = new Draw(nominal);
        Faults.usual(shutter, chance);
        return shutter;
    }

    /** Part of the exposure that the train makes. */
    private static double[] train(double[] nominal, Chance chance) {
        double without = Math.pow(2, -chance.even(6.5, 8.6));
        return Arrays.stream(nominal)
                .map(one -> Math.clamp(1 - without / one, 0, 1))
                .toArray();
    }

    private static double[] pallet(double[] nominal, Chance chance) {
        double from = Math.pow(2, -chance.even(2.4, 5.6));
        return Arrays.stream(nominal)
                .map(one -> one > from ? Math.clamp(1 - 0.25 * from / one, 0, 1) : 0)
                .toArray();
    }

    @Override
    public void work(ShutterCause cause, double part, Draw shutter, Chance chance) {
        double[] nominal = shutter.nominal;
        switch (cause) {
            case TRAIN_GUMMED ->
                Faults.gum(shutter, chance.once(0.75) ? train(nominal, chance) : pallet(nominal, chance), part, chance);
            case TRAIN_TOO_DEEP -> mesh(shutter, part, chance);
            case TRAIN_TOO_SHALLOW -> mesh(shutter, -part, chance);
            case PALLET_SKIPS -> skip(shutter, part, chance);
            case MAIN_SPRING_WEAK -> spring(shutter, part * chance.factor(0.4, 1.6), chance);
            case MAIN_SPRING_STRONG -> spring(shutter, -part * chance.factor(0.35, 1.6), chance);
            case RING_DRAGS -> drag(shutter, part, chance);
            case OIL_ON_BLADES -> oil(shutter, part, chance);
            case CAM_WORN_AT_ONE_SPEED -> {
                int at = chance.below(nominal.length);
                double size = part * chance.factor(0.55, 1.6);
                shutter.longerEv[at] += chance.once(0.5) ? size : -size;
            }
            default -> {
                // what a leaf shutter cannot have changes nothing in it
            }
        }
    }

    private static void mesh(Draw shutter, double part, Chance chance) {
        if (chance.once(0.5)) {
            Faults.mesh(shutter, train(shutter.nominal, chance), part * chance.factor(0.5, 1.7), chance);
            return;
        }
        // the same few teeth more at every speed that uses them: a time with the pallet, a shorter one without
        double[] withTrain = train(shutter.nominal, chance);
        double[] withPallet = pallet(shutter.nominal, chance);
        double ofTrain = part * chance.factor(0.003, 2);
        double ofPallet = part * chance.factor(0.02, 2.2);
        for (int s = 0; s < withTrain.length; s++) {
            double seconds = withPallet[s] > 0 ? ofPallet : ofTrain * Math.min(1, 3 * withTrain[s]);
            shutter.longerSeconds[s] += Math.max(-0.6 * shutter.nominal[s] * withTrain[s], seconds);
        }
    }

    private static void skip(Draw shutter, double part, Chance chance) {
        double[] share = pallet(shutter.nominal, chance);
        double size = part * chance.factor(0.9, 1.6);
        double scatter = size * chance.factor(0.35, 1.8);
        double drop = Math.min(0.5, part * chance.factor(0.12, 2.2));
        double tilt = chance.about(0, 0.1);
        double down = size * chance.about(0, 0.15);
        for (int s = 0; s < share.length; s++) {
            double late = Math.max(0.2, 1 + tilt * (Math.log(shutter.nominal[s]) / Math.log(2) + 2));
            shutter.longerEv[s] -= size * late * share[s];
            shutter.scatterEv2[s] += scatter * scatter * share[s];
            shutter.drops[s] += drop * share[s];
            shutter.downEv[s] += down * share[s];
        }
    }

    private static void spring(Draw shutter, double sizeEv, Chance chance) {
        // the train is driven by the same spring, but its own friction and inertia count for more or less
        double inTrain = chance.even(0.4, 1.1);
        double scatter = Math.abs(chance.about(0, 0.02));
        double[] share = train(shutter.nominal, chance);
        for (int s = 0; s < share.length; s++) {
            shutter.longerEv[s] += sizeEv * (1 + (inTrain - 1) * share[s]);
            shutter.scatterEv2[s] += scatter * scatter;
        }
    }

    private static void drag(Draw shutter, double part, Chance chance) {
        double quickest = Math.pow(2, -chance.even(6.5, 9));
        double sizeEv = part * chance.factor(0.5, 1.8);
        double inTrain = chance.even(0, 0.6);
        double differs = chance.factor(0.3, 1.8);
        double down = chance.about(0.15, 0.25);
        double first = chance.about(0.15, 0.25);
        double hang = part * chance.factor(0.012, 3);
        double[] share = train(shutter.nominal, chance);
        for (int s = 0; s < share.length; s++) {
            double ring = Math.min(shutter.nominal[s], quickest) * (Math.pow(2, sizeEv) - 1);
            double held = sizeEv * inTrain * share[s];
            shutter.longerSeconds[s] += ring;
            shutter.longerEv[s] += held;
            shutter.scatterSeconds2[s] += square(differs * ring);
            shutter.scatterEv2[s] += square(differs * held);
            shutter.downSeconds[s] += down * ring;
            shutter.downEv[s] += down * held;
            shutter.firstSeconds[s] += first * ring;
            shutter.firstEv[s] += first * held;
            shutter.hangs[s] += hang;
        }
    }

    private static void oil(Draw shutter, double part, Chance chance) {
        double late = part * chance.factor(0.0007, 2.5);
        double scatter = late * chance.factor(0.55, 1.8);
        // oil that never gums makes no difference after a rest
        double first = chance.once(0.35) ? 0 : late * chance.factor(1.5, 2.2);
        double hang = chance.once(0.35) ? 0 : part * chance.factor(0.06, 2.5);
        double slower = part * Math.abs(chance.about(0, 0.12));
        double[] share = train(shutter.nominal, chance);
        shutter.lag(late, scatter, 0, first, hang);
        for (int s = 0; s < share.length; s++) {
            shutter.longerEv[s] += slower * (1 - share[s]);
        }
    }

    private static double square(double value) {
        return value * value;
    }
}
