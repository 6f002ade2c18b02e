package ruvant.server.knowledge;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import ruvant.core.picture.JobPicture;
import ruvant.core.refit.WayBack;
import ruvant.core.trade.Stop;
import ruvant.server.job.JobService;
import ruvant.server.job.SummaryStore;

/** How fast this shop closes cameras up, learned from the last ones that went home; looked at again now and then. */
@Component
public class RefitPace {
    private static final int LEARNED_FROM = 40;
    private static final int ABOVE_ALL_TAGS = Integer.MAX_VALUE;

    private final JobService jobs;
    private final SummaryStore summaries;
    private volatile double pace = WayBack.USUAL_PACE;

    public RefitPace(JobService jobs, SummaryStore summaries) {
        this.jobs = jobs;
        this.summaries = summaries;
    }

    /** The pace as a multiple of the usual. */
    public double now() {
        return pace;
    }

    /** Reads whole logs, which nobody who waits for a page is to pay for. */
    @Scheduled(initialDelay = 10, fixedDelay = 1800, timeUnit = TimeUnit.SECONDS)
    public void learn() {
        List<WayBack.Past> past = summaries.returned(ABOVE_ALL_TAGS, LEARNED_FROM).stream()
                .map(summary -> jobs.picture(summary.tag()))
                .map(RefitPace::past)
                .toList();
        pace = WayBack.pace(past);
    }

    private static WayBack.Past past(JobPicture picture) {
        return new WayBack.Past(picture.sitting().minutesByStop().getOrDefault(Stop.REFIT, 0L), picture.valley());
    }
}
