package ruvant.server.plan.shop;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Repository;
import ruvant.core.plan.promise.Calibration;
import ruvant.core.plan.promise.Forecast;
import ruvant.core.units.TagNumber;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** The first forecast of each camera. It is kept as it was said and never made anew: what came of it is to be held against it. */
@Repository
class ForecastStore {
    private static final int PLACES = 21;
    private static final String NEVER = "never";

    private final Database database;

    ForecastStore(Database database) {
        this.database = database;
    }

    /** Keeps a forecast where there is none of this camera yet. */
    void keep(TagNumber tag, Instant now, Forecast forecast) {
        Instant[] done = forecast.done();
        String places = Arrays.stream(at(done))
                .map(one -> one.equals(Forecast.NEVER) ? NEVER : Long.toString(one.getEpochSecond()))
                .collect(Collectors.joining(","));
        database.writes()
                .sql("insert into forecast (job, said_at, places) values (?, ?, ?) on conflict do nothing")
                .params(tag.number(), Times.text(now), places)
                .update();
    }

    private static Instant[] at(Instant[] done) {
        Instant[] places = new Instant[PLACES];
        for (int at = 0; at < PLACES; at++) {
            places[at] = done[Math.round(at * (done.length - 1) / (PLACES - 1f))];
        }
        return places;
    }

    /** Tags of which a forecast is kept. */
    List<Integer> kept() {
        return database.reads()
                .sql("select job from forecast")
                .query(Integer.class)
                .list();
    }

    /** What became of the last forecasts, in the order in which the cameras went home. */
    List<Calibration.Came> came(int most, ZoneId zone) {
        return database.reads()
                .sql("""
                        select said_at, places, returned_at
                          from forecast join job_summary on job_summary.job = forecast.job
                         where returned_at is not null
                         order by returned_at desc limit ?
                        """)
                .param(most)
                .query((row, index) -> new Calibration.Came(
                        read(row.getString("places"), zone),
                        Times.time(row.getString("said_at")),
                        Times.time(row.getString("returned_at"))))
                .list()
                .reversed();
    }

    private static Forecast read(String places, ZoneId zone) {
        return new Forecast(
                zone,
                Arrays.stream(places.split(","))
                        .map(one -> one.equals(NEVER) ? Forecast.NEVER : Instant.ofEpochSecond(Long.parseLong(one)))
                        .toArray(Instant[]::new));
    }
}
