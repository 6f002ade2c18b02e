package ruvant.core.adjust;

import java.util.List;
import java.util.Optional;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Named;

/**
 * Something that can be turned. Turns count from where it was found first, positive for clockwise or inward.
 *
 * @param stepTurns the smallest turn it allows, 0.001 to 5
 * @param minTurns as far as it goes the one way, -50 to 50, usually below 0
 * @param maxTurns as far as it goes the other way, more than that by a step at least
 * @param priorSign 1 where turning it in makes results longer, -1 where shorter, 0 where nothing is known
 * @param relativeEffect how much it moves each result against the others, one for each; empty where nothing is known
 * @param learned what other cameras taught of its response, one for each result; empty where none did
 */
public record Adjuster(
        Named name,
        double stepTurns,
        double minTurns,
        double maxTurns,
        int priorSign,
        List<Double> relativeEffect,
        List<Optional<Learned>> learned) {
    private static final int MOST_STEPS = 400;

    /**
     * What is to be expected of a response after other cameras.
     *
     * @param perTurn expected change of the result for a turn, in its unit
     * @param sd how far this camera may be from that, one standard deviation, above 0
     */
    public record Learned(double perTurn, double sd) {
        public Learned {
            Check.within("sd", sd, 1e-9, 1e9, "per turn");
        }
    }

    /** One of which other cameras taught nothing. */
    public Adjuster(
            String name,
            double stepTurns,
            double minTurns,
            double maxTurns,
            int priorSign,
            List<Double> relativeEffect) {
        this(Named.of(name), stepTurns, minTurns, maxTurns, priorSign, relativeEffect, List.of());
    }

    public Adjuster {
        name = Named.in("adjuster", name);
        Check.within("stepTurns", stepTurns, 0.001, 5, "turns");
        Check.within("minTurns", minTurns, -50, 50, "turns");
        Check.within("maxTurns", maxTurns, -50, 50, "turns");
        Check.count("priorSign", priorSign, -1, 1);
        relativeEffect = Check.some("relativeEffect", relativeEffect, 20);
        learned = Check.some("learned", learned, 20);
        relativeEffect.forEach(one -> Check.within("relativeEffect", one, -1e9, 1e9, "times"));
        if ((maxTurns - minTurns) / stepTurns > MOST_STEPS || maxTurns - minTurns < stepTurns) {
            throw new FieldProblem(
                    "stepTurns",
                    "“" + name + "” needs 1 to " + MOST_STEPS + " steps to turn by.",
                    "Enter a step that fits its range.");
        }
    }

    /** What other cameras taught of its response to one result. */
    Optional<Learned> learned(int result) {
        return learned.isEmpty() ? Optional.empty() : learned.get(result);
    }

    /** From end to end. */
    double range() {
        return maxTurns - minTurns;
    }

    /** The allowed setting nearest to a wish. */
    public double nearest(double turns) {
        double stepped = Math.rint(turns / stepTurns) * stepTurns;
        double low = Math.ceil(minTurns / stepTurns - 1e-9) * stepTurns;
        double high = Math.floor(maxTurns / stepTurns + 1e-9) * stepTurns;
        return Math.clamp(stepped, low, high);
    }
}
