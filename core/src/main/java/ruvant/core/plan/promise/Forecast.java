package ruvant.core.plan.promise;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Optional;

/**
 * When a camera may be done: what came of many courses of the work, each with other minutes and other arrivals.
 *
 * @param done when it was done in each course, sorted; never for courses in which it was not by the end of what is planned
 */
public record Forecast(ZoneId zone, Instant[] done) {
    /** Later than anything that is planned. */
    public static final Instant NEVER = Instant.MAX;

    public Forecast {
        done = done.clone();
        Arrays.sort(done);
    }

    @Override
    public Instant[] done() {
        return done.clone();
    }

    /** The moment by which it is done with a chance, 0 to 1, as the courses have it. */
    public Instant at(double chance) {
        int at = (int) Math.ceil(chance * done.length) - 1;
        return done[Math.clamp(at, 0, done.length - 1)];
    }

    /** The day in which that moment lies; empty where it is later than what is planned. */
    public Optional<LocalDate> by(double chance) {
        Instant moment = at(chance);
        return moment.equals(NEVER)
                ? Optional.empty()
                : Optional.of(moment.atZone(zone).toLocalDate());
    }

    /**
     * The part of the courses in which it is done by the end of a day; never wholly 0 or 1, since so many courses cannot tell what
     * happens more seldom.
     */
    public double chance(LocalDate day) {
        Instant end = day.plusDays(1).atStartOfDay(zone).toInstant();
        long by = Arrays.stream(done).filter(one -> one.isBefore(end)).count();
        return (by + 0.5) / (done.length + 1.0);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Forecast that && zone.equals(that.zone) && Arrays.equals(done, that.done);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(done);
    }

    @Override
    public String toString() {
        return "done by " + by(0.5) + " or, with 95 %, " + by(0.95);
    }
}
