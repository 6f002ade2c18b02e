package ruvant.core.plan.promise;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import ruvant.core.hours.ShopHours;
import ruvant.core.plan.PlanCase;
import ruvant.core.plan.shop.ShopTime;

/**
 * Time as a shop has it: only minutes in which somebody works go by. In it a camera that takes twice as long as was thought is done in
 * working hours as well, and not in the middle of the night.
 */
public final class OpenTime {
    private final Instant origin;
    private final int[] start;
    private final int[] end;
    private final int[] before;

    private OpenTime(Instant origin, List<PlanCase.Span> open) {
        this.origin = origin;
        int count = open.size();
        start = new int[count];
        end = new int[count];
        before = new int[count];
        int sum = 0;
        for (int at = 0; at < count; at++) {
            start[at] = open.get(at).start();
            end[at] = open.get(at).end();
            before[at] = sum;
            sum += end[at] - start[at];
        }
    }

    /**
     * The time of a shop by the hours that it has now, as if it had always had them.
     *
     * @param from the first moment that is asked about
     * @param days how many days after it may be asked about
     */
    public static OpenTime of(ShopHours hours, ZoneId zone, Instant from, int days) {
        ShopTime time = new ShopTime(zone, from, days);
        return new OpenTime(
                from,
                ShopTime.anybody(hours.hours().stream()
                        .map(one -> time.windows(one, hours.off()))
                        .toList()));
    }

    /** Working minutes from the first moment to another; 0 before it. */
    double minutes(Instant moment) {
        double minute = Duration.between(origin, moment).toSeconds() / 60.0;
        int at = last(minute);
        return at < 0 ? 0 : before[at] + Math.min(end[at], minute) - start[at];
    }

    /** The last stretch that begins by a minute. */
    private int last(double minute) {
        int low = 0;
        int high = start.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (start[middle] <= minute) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low - 1;
    }

    /** The moment at which so many working minutes are over; never where there are not so many. */
    Instant at(double minutes) {
        int low = 0;
        int high = before.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (before[middle] < minutes) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        int at = Math.max(0, low - 1);
        if (at >= before.length || minutes > before[at] + end[at] - start[at]) {
            return Forecast.NEVER;
        }
        return origin.plusSeconds(Math.round((start[at] + minutes - before[at]) * 60));
    }

    /** All working minutes there are. */
    double all() {
        return start.length == 0 ? 0 : before[before.length - 1] + end[end.length - 1] - start[start.length - 1];
    }
}
