package ruvant.core.plan.board;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import ruvant.core.hours.ShopHours;
import ruvant.core.house.Station;
import ruvant.core.plan.tasks.JobTasks;

/**
 * What is to be planned.
 *
 * @param now the first moment that can be planned
 * @param zone of the shop
 * @param before the plan as it was, by the whole id of each task; empty for none
 */
public record PlanAsk(
        Instant now,
        ZoneId zone,
        List<JobTasks> jobs,
        ShopHours hours,
        List<Station> stations,
        Map<String, Planned> before) {
    public PlanAsk {
        jobs = List.copyOf(jobs);
        stations = List.copyOf(stations);
        before = Map.copyOf(before);
    }

    /** Only some jobs, as if nothing had been planned before. */
    PlanAsk only(List<JobTasks> some) {
        return new PlanAsk(now, zone, some, hours, stations, Map.of());
    }
}
