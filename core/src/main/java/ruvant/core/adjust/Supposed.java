package ruvant.core.adjust;

import java.util.Optional;
import java.util.Random;

/**
 * What is supposed of one adjuster before any trial, in tolerances: how its effects stand to each other, and how strong it is as a
 * whole, which nobody knows well. In whatever unit its effects were told, the same is supposed.
 */
final class Supposed {
    /** Of the logarithm of how strong an adjuster is: from an eighth to eight times the likely lie within two. */
    private static final double STRENGTH_SPREAD = 1.0;

    /** What is said of the way an adjuster goes is wrong one time in ten. */
    private static final double WRONG_SIGN = 0.1;

    /** Each result strays by itself from how effects are told to stand to each other. */
    private static final double OWN_SPREAD = 0.3;

    /** And by so much of the strongest effect. */
    private static final double FLOOR = 0.05;

    /** Where nothing is told of the effects, any may be any part of the strongest, and either way. */
    private static final double UNTOLD_SPREAD = 0.8;

    /** Of the whole way: an adjuster is made so that so much of it mends what is usually wrong. */
    private static final double USUAL_PART = 0.25;

    /** In tolerances: an adjuster by which the camera did not go wrong is made to mend errors of about this size. */
    private static final double USUAL_WORST = 4;

    /** How much less is known of the strength of such an adjuster: its spread beside {@link #STRENGTH_SPREAD}. */
    private static final double OTHERS_SPREAD = 1.3;

    /** Turns are worth more on one side than on the other by about this part, over half the way. */
    private static final double LEAN = 0.2;

    /** Play is of about so many turns at the most in old threads. */
    private static final double MOST_PLAY = 0.08;

    /** Parts of what other cameras taught that stray together. */
    private static final double TOGETHER = 0.5;

    private final Adjuster adjuster;
    private final double[] parts;
    private final double likely;
    /** How likely it is that the camera went wrong by this adjuster. */
    private final double byThis;

    /** Where the strength lies if it did not, in standard deviations from the likely one. */
    private final double otherwise;

    private final double[] tolerances;

    Supposed(AdjustCase wanted, Adjuster adjuster) {
        this.adjuster = adjuster;
        int results = wanted.results().size();
        this.tolerances = new double[results];
        this.parts = new double[results];
        double strongest = 0;
        double worst = 2;
        for (int j = 0; j < results; j++) {
            tolerances[j] = wanted.results().get(j).tolerance();
            parts[j] = adjuster.relativeEffect().isEmpty()
                    ? 1
                    : adjuster.relativeEffect().get(j) / tolerances[j];
            strongest = Math.max(strongest, Math.abs(parts[j]));
            worst = Math.max(worst, wanted.first(j) / tolerances[j]);
        }
        for (int j = 0; j < results; j++) {
            // told in another unit the same is to be supposed, to the last digit
            parts[j] = strongest == 0 ? 0 : Math.rint(parts[j] / strongest * 1e9) / 1e9;
        }
        this.likely = worst / (USUAL_PART * adjuster.range());
        this.byThis = 1.0 / wanted.adjusters().size();
        this.otherwise = Math.log(Math.min(1, USUAL_WORST / worst)) / STRENGTH_SPREAD;
    }

    private boolean untold() {
        return adjuster.relativeEffect().isEmpty();
    }

    private boolean taught() {
        return adjuster.learned().stream().anyMatch(Optional::isPresent);
    }

    /** Size of a response as it is likely, in the result's unit for a turn. */
    double size(int result) {
        return adjuster.learned(result)
                .map(learned -> Math.abs(learned.perTurn()))
                .orElse(Math.abs(parts[result]) * likely * tolerances[result]);
    }

    /** One way the adjuster may be. */
    Drawn draw(Random random) {
        return new Drawn(
                sign(random),
                random.nextDouble() < byThis
                        ? random.nextGaussian()
                        : otherwise + OTHERS_SPREAD * random.nextGaussian(),
                LEAN * random.nextGaussian(),
                MOST_PLAY * random.nextDouble(),
                random.nextDouble() - 0.5);
    }

    private int sign(Random random) {
        int told = adjuster.priorSign();
        boolean turned = random.nextDouble() < (told == 0 ? 0.5 : WRONG_SIGN);
        return (told == 0 ? 1 : told) * (turned ? -1 : 1);
    }

    /** Logarithm of how likely it is to be drawn with this sign and strength, but for a constant. */
    double logChance(int sign, double strength) {
        int told = adjuster.priorSign();
        double off = (strength - otherwise) / OTHERS_SPREAD;
        return Math.log(told == 0 ? 0.5 : sign == told ? 1 - WRONG_SIGN : WRONG_SIGN)
                + Math.log(byThis * Math.exp(-0.5 * strength * strength)
                        + (1 - byThis) / OTHERS_SPREAD * Math.exp(-0.5 * off * off));
    }

    /**
     * How an adjuster may be.
     *
     * @param sign of its effects as they are told
     * @param strength standard deviations of the logarithm from the likely one
     * @param lean see {@link AnsweringCamera}
     * @param play turns
     * @param first where in its play it was found, −½ to ½
     */
    record Drawn(int sign, double strength, double lean, double play, double first) {
        Drawn with(int otherSign, double otherStrength) {
            return new Drawn(otherSign, otherStrength, lean, play, first);
        }
    }

    /** Expected response of a result, its unit for a turn, where the adjuster is so. */
    double expected(Drawn drawn, int result) {
        Optional<Adjuster.Learned> learned = adjuster.learned(result);
        if (learned.isPresent()) {
            double perTurn = learned.get().perTurn();
            return perTurn
                    + Math.signum(perTurn) * Math.sqrt(TOGETHER) * learned.get().sd() * drawn.strength();
        }
        if (untold() && adjuster.priorSign() == 0) {
            return 0;
        }
        return (taught() ? 1 : drawn.sign()) * parts[result] * strength(drawn) * tolerances[result];
    }

    /** How far a response may be from that by itself, one standard deviation. */
    double own(Drawn drawn, int result) {
        Optional<Adjuster.Learned> learned = adjuster.learned(result);
        if (learned.isPresent()) {
            return Math.sqrt(1 - TOGETHER) * learned.get().sd();
        }
        double spread = untold() ? UNTOLD_SPREAD : OWN_SPREAD * Math.abs(parts[result]) + FLOOR;
        return spread * strength(drawn) * tolerances[result];
    }

    private double strength(Drawn drawn) {
        return likely * Math.exp(STRENGTH_SPREAD * drawn.strength());
    }
}
