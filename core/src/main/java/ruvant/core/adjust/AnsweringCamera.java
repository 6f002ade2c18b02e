package ruvant.core.adjust;

import java.util.List;

/**
 * A camera as it may be: how each of its adjusters answers, and where each takes hold.
 *
 * @param errors of each result as first found
 * @param responses of each adjuster and result, for a turn near where it was found
 * @param leans by how much more a turn does on one side than on the other, over half the way
 * @param plays turns that are lost when an adjuster is turned back
 * @param seats where each adjuster takes hold now
 * @param halves half the way of each, turns
 */
record AnsweringCamera(
        double[] errors, double[][] responses, double[] leans, double[] plays, double[] seats, double[] halves) {

    /** Error of a result once the adjusters are turned somewhere from where they are now. */
    double error(int result, double[] turns) {
        double error = errors[result];
        for (int i = 0; i < turns.length; i++) {
            error += responses[i][result] * counted(i, seat(seats[i], turns[i], plays[i]));
        }
        return error;
    }

    /** The worst of all errors there, as a part of its tolerance. */
    double worst(List<WantedResult> results, double[] turns) {
        double worst = 0;
        for (int j = 0; j < results.size(); j++) {
            worst = Math.max(worst, results.get(j).off(error(j, turns)));
        }
        return worst;
    }

    /** Where an adjuster takes hold once it was turned: what lies within its play moves nothing. */
    static double seat(double before, double turned, double play) {
        return Math.clamp(before, turned - play / 2, turned + play / 2);
    }

    /** Turns as they count. */
    private double counted(int adjuster, double seat) {
        return counted(seat, leans[adjuster], halves[adjuster]);
    }

    static double counted(double seat, double lean, double half) {
        return seat * (1 + lean * seat / half);
    }
}
