package ruvant.server.record;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;
import ruvant.core.job.Stop;
import ruvant.core.picture.JobPicture;
import ruvant.core.refit.WayBack;

/** How fast this shop closes cameras up, learned from the last ones that went home; looked at anew now and then. */
@Component
public class RefitPace {
    private static final int LEARNED_FROM = 40;
    private static final Duration KEPT = Duration.ofMinutes(30);
    private static final int ABOVE_ALL_TAGS = Integer.MAX_VALUE;

    private final JobService jobs;
    private final SummaryStore summaries;
    private final Clock clock;
    private volatile Known known = new Known(Instant.MIN, WayBack.USUAL_PACE);

    public RefitPace(JobService jobs, SummaryStore summaries, Clock clock) {
        this.jobs = jobs;
        this.summaries = summaries;
        this.clock = clock;
    }

    private record Known(Instant at, double pace) {}

    /** The pace as a multiple of the usual. */
    public double now() {
        Instant now = clock.instant();
        if (known.at().isBefore(now.minus(KEPT))) {
            known = new Known(now, learned());
        }
        return known.pace();
    }

    private double learned() {
        List<WayBack.Past> past = summaries.returned(ABOVE_ALL_TAGS, LEARNED_FROM).stream()
                .map(summary -> jobs.picture(summary.tag()))
                .map(RefitPace::past)
                .toList();
        return WayBack.pace(past);
    }

    private static WayBack.Past past(JobPicture picture) {
        return new WayBack.Past(picture.bench().minutesByStop().getOrDefault(Stop.REFIT, 0L), picture.valley());
    }
}
