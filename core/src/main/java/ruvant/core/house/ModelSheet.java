package ruvant.core.house;

import java.util.Map;
import java.util.Optional;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * What the maker of a model says about its speeds.
 *
 * @param source where it is written, such as "service sheet 12"
 * @param limits allowed errors; empty where the maker says nothing of them
 * @param meansSeconds for marked speeds that mean something else than the series says: seconds, by their engraving
 * @param leadingTravelMs of the leading curtain over the gate, 0.5 to 100; empty where not known
 * @param trailingTravelMs likewise
 */
public record ModelSheet(
        String maker,
        String model,
        String source,
        Optional<SpeedLimits> limits,
        Map<String, Double> meansSeconds,
        Optional<Double> leadingTravelMs,
        Optional<Double> trailingTravelMs) {
    private static final int MOST_SPEEDS = 40;

    public ModelSheet {
        maker = Check.name("maker", maker);
        model = Check.name("model", model);
        source = Check.name("source", source);
        limits = Check.or(limits, Optional.<SpeedLimits>empty());
        meansSeconds = meansSeconds == null ? Map.of() : Map.copyOf(meansSeconds);
        if (meansSeconds.size() > MOST_SPEEDS) {
            throw new FieldProblem(
                    "speeds", "That is more speeds than a dial has.", "Enter only those that differ from the series.");
        }
        meansSeconds.forEach((speed, seconds) -> {
            Check.name("speed", speed);
            Check.within("seconds", seconds, 1e-5, 120, "s");
        });
        leadingTravelMs = travel("leadingTravelMs", leadingTravelMs);
        trailingTravelMs = travel("trailingTravelMs", trailingTravelMs);
    }

    private static Optional<Double> travel(String field, Optional<Double> travelMs) {
        Optional<Double> kept = Check.or(travelMs, Optional.<Double>empty());
        kept.ifPresent(one -> Check.within(field, one, 0.5, 100, "ms"));
        return kept;
    }

    /** Whether it is about this model, however it is written. */
    public boolean isOf(String itsMaker, String itsModel) {
        return maker.equalsIgnoreCase(itsMaker) && model.equalsIgnoreCase(itsModel);
    }
}
