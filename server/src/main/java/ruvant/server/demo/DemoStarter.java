package ruvant.server.demo;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import ruvant.core.job.HousePractice;
import ruvant.core.job.School;
import ruvant.server.house.ShopService;
import ruvant.server.record.JobService;
import ruvant.server.record.LogStore;

/** Fills an empty file with the demo when asked to. */
@Component
@ConditionalOnProperty("ruvant.demo")
class DemoStarter implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoStarter.class);
    private static final long SEED = 20_411;
    private static final int CLOSED_JOBS = 60;

    private final JobService jobs;
    private final LogStore logs;
    private final ShopService shop;
    private final Clock clock;

    DemoStarter(JobService jobs, LogStore logs, ShopService shop, Clock clock) {
        this.jobs = jobs;
        this.logs = logs;
        this.shop = shop;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!logs.tags().isEmpty()) {
            return;
        }
        shop.change(new HousePractice(
                School.OIL,
                4,
                6,
                36,
                1.0,
                List.of("Ines K.", "Teo B."),
                "Saltmarsh Camera Repair, Harbour Lane 4, Veldmouth",
                6));
        Random random = new Random(SEED);
        Instant now = clock.instant();
        new DemoHistory(jobs, shop, random).tell(CLOSED_JOBS, now);
        new DemoShopToday(jobs, shop, random, now).tell();
        LOG.info("The demo shop is furnished: {} cameras", logs.tags().size());
    }
}
