package ruvant.core.signature;

import java.util.List;
import ruvant.core.signature.Likelihood.Feature;
import ruvant.core.signature.Signatures.Explained;

/** What about the firings speaks for one cause rather than another, and what against it. */
final class Speaks {
    /** Less than this in the logarithm of likelihoods is not worth a word; 1 is odds of about 3 to 1. */
    private static final double WORTH_A_WORD = 1;

    private Speaks() {}

    static String of(
            Explained cause, Explained other, List<SpeedFirings> speeds, CurtainTravel travel, Likelihood likelihood) {
        double[][] by = new double[Feature.values().length][speeds.size()];
        double byTravel = add(by, cause, likelihood, 1) - add(by, other, likelihood, -1);
        String most = "";
        String least = "";
        double highest = WORTH_A_WORD;
        double lowest = -WORTH_A_WORD;
        for (Feature feature : Feature.values()) {
            double sum = 0;
            for (double one : by[feature.ordinal()]) {
                sum += one;
            }
            if (sum > highest) {
                highest = sum;
                most = feature.words + ", most at "
                        + speeds.get(extreme(by[feature.ordinal()], 1)).marked();
            }
            if (sum < lowest) {
                lowest = sum;
                least = feature.words + ", most at "
                        + speeds.get(extreme(by[feature.ordinal()], -1)).marked();
            }
        }
        boolean known =
                travel.leadingLog2().isPresent() || travel.trailingLog2().isPresent();
        if (known && byTravel > highest) {
            most = "the curtains' travel";
        }
        if (known && byTravel < lowest) {
            least = "the curtains' travel";
        }
        String against = " (against “" + other.cause().words() + "”)";
        if (most.isEmpty() && least.isEmpty()) {
            return "the firings do not tell it from “" + other.cause().words() + "”";
        }
        return (most.isEmpty() ? "" : "for it: " + most)
                + (most.isEmpty() || least.isEmpty() ? "" : "; ")
                + (least.isEmpty() ? "" : "against it: " + least)
                + against;
    }

    private static double add(double[][] by, Explained cause, Likelihood likelihood, int sign) {
        double travel = 0;
        double each = 1.0 / cause.shutters().size();
        for (Draw shutter : cause.shutters()) {
            travel += each * likelihood.travel(shutter);
            for (int s = 0; s < by[0].length; s++) {
                double[] parts = likelihood.parts(shutter, s);
                for (int f = 0; f < parts.length; f++) {
                    by[f][s] += sign * each * parts[f];
                }
            }
        }
        return travel;
    }

    private static int extreme(double[] values, int sign) {
        int at = 0;
        for (int i = 1; i < values.length; i++) {
            if (sign * values[i] > sign * values[at]) {
                at = i;
            }
        }
        return at;
    }
}
