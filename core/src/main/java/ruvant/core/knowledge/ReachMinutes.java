package ruvant.core.knowledge;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.strip.Valley;
import ruvant.core.units.PartName;

/** How many minutes it takes to reach a place of a model and close again, by the ways in that earlier jobs took. */
public final class ReachMinutes {
    private static final String INSIDE = "inside";

    private ReachMinutes() {}

    /**
     * Minutes there and back, by the word for a place; what is off already costs nothing more. Places whose way is not known
     * are missing.
     */
    public static Map<String, Double> of(ModelKnowledge known, Valley valley) {
        Set<String> off = valley.out().stream().map(part -> part.name().key()).collect(Collectors.toSet());
        Map<String, Double> minutes = new HashMap<>();
        for (KnownPart part : known.parts()) {
            known.wayTo(part.name()).map(way -> minutes(known, way, off)).ifPresent(takes -> {
                if (part.lies().covers() && takes.whole() > 0) {
                    minutes.merge(part.lies().side().label(), takes.left(), Math::min);
                }
                if (takes.whole() > 0) {
                    minutes.merge(INSIDE, takes.left(), Math::max);
                }
            });
        }
        return minutes;
    }

    private record Takes(double whole, double left) {}

    private static Takes minutes(ModelKnowledge known, WayIn way, Set<String> off) {
        double whole = 0;
        double left = 0;
        List<KnownPart> steps = way.steps().stream()
                .flatMap(step -> known.part(step.part()).stream())
                .toList();
        for (KnownPart step : steps) {
            double takes = minutes(step.takes().off()) + minutes(step.takes().back());
            whole += takes;
            left += off.contains(PartName.of(step.name()).key()) ? 0 : takes;
        }
        return new Takes(whole, left);
    }

    private static double minutes(Duration takes) {
        return takes.toSeconds() / 60.0;
    }
}
