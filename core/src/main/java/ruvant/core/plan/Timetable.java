package ruvant.core.plan;

import java.util.Map;

/**
 * A plan.
 *
 * @param placed when each task is done and by whom, by its id
 * @param lateness weighted minutes beyond what was promised, with the cost of changes; the last end where only that counts
 * @param flow minutes that all jobs are here, from their release to their end
 * @param complete whether every task found a place by the horizon
 */
public record Timetable(Map<String, PlanCase.Placed> placed, long lateness, long flow, boolean complete) {
    public Timetable {
        placed = Map.copyOf(placed);
    }
}
