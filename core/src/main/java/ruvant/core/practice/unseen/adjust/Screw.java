package ruvant.core.practice.unseen.adjust;

import java.util.Random;

/**
 * One adjuster as it truly is.
 *
 * @param step smallest turn
 * @param least as far as it goes the one way, turns from where it was found
 * @param most as far as it goes the other way
 * @param effects on each result in its unit, for a turn near where it was found
 * @param lean how much more it does on one side than on the other, over half its way
 * @param fades how much less it does far out
 * @param play turns that are lost when it is turned back
 */
record Screw(double step, double least, double most, double[] effects, double lean, double fades, double play) {
    /** Turns as they count, bends included. */
    double counted(double seat) {
        double part = 2 * seat / (most - least);
        return seat * (1 + lean * part) / (1 + fades * part * part);
    }

    /** Where it takes hold after it was turned. */
    double seat(double before, double turned) {
        return Math.clamp(before, turned - play / 2, turned + play / 2);
    }

    static Screw drawn(double[] tolerances, Random random) {
        double[] steps = {0.125, 0.0625, 0.05, 0.25};
        double step = steps[random.nextInt(steps.length)];
        double way = step * Math.round((0.6 + 3 * random.nextDouble()) / step);
        // how many tolerances a turn moves the result it moves most: from hardly one to some twenty
        double strength = 0.7 * Math.pow(32, random.nextDouble());
        double[] effects = new double[tolerances.length];
        int strongest = random.nextInt(tolerances.length);
        int sign = random.nextBoolean() ? 1 : -1;
        for (int j = 0; j < effects.length; j++) {
            double part = j == strongest ? 1 : Math.pow(random.nextDouble(), 0.7);
            int turned = j != strongest && random.nextInt(4) == 0 ? -1 : 1;
            effects[j] = sign * turned * part * strength * tolerances[j];
        }
        return new Screw(
                step,
                -way,
                way,
                effects,
                0.3 * (2 * random.nextDouble() - 1),
                0.3 * random.nextDouble(),
                0.1 * random.nextDouble());
    }
}
