package ruvant.core.plan.promise;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How far earlier forecasts were right, and what a forecast comes to with that. For a chance, each camera that went home says how many
 * times as long it took as its own forecast had said with that chance; a day is put off so far that as many of those cameras would have
 * been done by then (conformal quantiles: right in the long run whatever the forecast is like, as long as the shop works as it did).
 * Time is counted in minutes in which somebody works.
 * Ten places of the forecast itself count along, so that the first few cameras do not upset it.
 */
public final class Calibration {
    private static final int GRANTED = 10;

    /** Older cameras than the last so many no longer say how the shop works. */
    private static final int LAST = 300;

    private static final int PLACES = 99;

    /** Fewer working minutes than these are no time to be compared by. */
    private static final double LEAST = 20;

    private final List<Came> came;
    private final OpenTime time;
    private final double[] took;

    /** What was said of a camera, when, and when it was done. */
    public record Came(Forecast said, Instant at, Instant done) {}

    /**
     * @param came cameras that went home, in the order in which they did
     * @param time of the shop, from before the first of them to beyond what is planned
     */
    public Calibration(List<Came> came, OpenTime time) {
        this.time = time;
        this.came = List.copyOf(came.subList(Math.max(0, came.size() - LAST), came.size()));
        this.took = this.came.stream()
                .mapToDouble(one -> lead(one.at(), one.done()))
                .toArray();
    }

    /**
     * A forecast with what earlier ones taught.
     *
     * @param now from when its time counts
     */
    public Forecast corrected(Forecast forecast, Instant now) {
        if (came.isEmpty()) {
            return forecast;
        }
        Instant[] done = new Instant[PLACES];
        for (int at = 0; at < PLACES; at++) {
            done[at] = when(forecast, now, (at + 0.5) / PLACES);
        }
        return new Forecast(forecast.zone(), done);
    }

    private Instant when(Forecast forecast, Instant now, double chance) {
        double said = lead(now, forecast.at(chance));
        double[] all = new double[came.size() + GRANTED];
        for (int at = 0; at < came.size(); at++) {
            Came one = came.get(at);
            all[at] = said * took[at] / lead(one.at(), one.said().at(chance));
        }
        for (int at = 0; at < GRANTED; at++) {
            all[came.size() + at] = lead(now, forecast.at((at + 0.5) / GRANTED));
        }
        Arrays.sort(all);
        double place = Math.clamp(chance * (all.length + 1) - 1, 0, all.length - 1);
        int low = (int) place;
        int high = Math.min(all.length - 1, low + 1);
        double minutes = all[low] + (place - low) * (all[high] - all[low]);
        return time.at(time.minutes(now) + minutes);
    }

    /** Working minutes between two moments; what is not done within what is planned is reckoned with all there are. */
    private double lead(Instant from, Instant to) {
        double until = to.equals(Forecast.NEVER) ? time.all() + 1 : time.minutes(to);
        return Math.max(LEAST, until - time.minutes(from));
    }

    /** How many cameras it rests on. */
    public int cameras() {
        return came.size();
    }

    /**
     * In which part of the cameras it was so that was said with a chance, each with what could be known when it was said: only cameras
     * that had gone home by then correct it. 0 where there were none.
     */
    public double wasSo(double chance) {
        List<Came> before = new ArrayList<>();
        int so = 0;
        for (Came one : came) {
            List<Came> known = before.stream()
                    .filter(other -> other.done().isBefore(one.at()))
                    .toList();
            Instant said = new Calibration(known, time).when(one.said(), one.at(), chance);
            so += one.done().isAfter(said) ? 0 : 1;
            before.add(one);
        }
        return came.isEmpty() ? 0 : so / (double) came.size();
    }
}
