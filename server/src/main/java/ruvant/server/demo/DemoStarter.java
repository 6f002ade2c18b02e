package ruvant.server.demo;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import ruvant.core.job.HousePractice;
import ruvant.core.job.ModelSheet;
import ruvant.core.job.Rates;
import ruvant.core.job.School;
import ruvant.core.job.SpeedLimits;
import ruvant.core.job.TrayShape;
import ruvant.server.files.PictureStore;
import ruvant.server.house.ShopService;
import ruvant.server.measure.StandRuns;
import ruvant.server.parts.ShelfService;
import ruvant.server.record.JobService;
import ruvant.server.record.LogStore;

/** Fills an empty file with the demo, or moves one that was furnished earlier on to today. */
@Component
@ConditionalOnProperty("ruvant.demo")
class DemoStarter implements ApplicationRunner {
    private static final long SEED = 20_411;
    private static final int CLOSED_JOBS = 60;

    private final JobService jobs;
    private final LogStore logs;
    private final ShopService shop;
    private final DemoStore demo;
    private final Clock clock;
    private final PictureStore pictures;
    private final StandRuns stand;
    private final ShelfService shelf;

    DemoStarter(
            JobService jobs,
            LogStore logs,
            ShopService shop,
            DemoStore demo,
            Clock clock,
            PictureStore pictures,
            StandRuns stand,
            ShelfService shelf) {
        this.jobs = jobs;
        this.logs = logs;
        this.shop = shop;
        this.demo = demo;
        this.clock = clock;
        this.pictures = pictures;
        this.stand = stand;
        this.shelf = shelf;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        Instant now = clock.instant();
        if (logs.tags().isEmpty()) {
            furnish(now);
            demo.made(now);
        } else {
            demo.madeAt().ifPresent(madeAt -> demo.moveOn(madeAt, now));
        }
    }

    private void furnish(Instant now) {
        shop.change(new HousePractice(
                School.OIL,
                List.of(
                        new TrayShape("large", 4, 6),
                        new TrayShape("lidded", 3, 6),
                        new TrayShape("", 4, 6),
                        new TrayShape("", 4, 6),
                        new TrayShape("magnetic", 3, 5),
                        new TrayShape("", 4, 6)),
                36,
                1.0,
                List.of("Ines K.", "Teo B."),
                "Saltmarsh Camera Repair, Harbour Lane 4, Veldmouth",
                6,
                true,
                Map.of(),
                List.of(new ModelSheet(
                        "Osterby",
                        "M",
                        "works manual, page 31",
                        Optional.of(new SpeedLimits(0.25, 0.40, 0.08, 0.25, 0.45)),
                        Map.of(),
                        Optional.of(11.6),
                        Optional.of(11.6))),
                null,
                0,
                new Rates(4_000, 200, 12_000, 120)));
        Random random = new Random(SEED);
        new DemoHistory(jobs, shop, random).tell(CLOSED_JOBS, now);
        new DemoShopToday(jobs, shop, pictures, stand, random, now).tell();
        new DemoShelf(shelf, now).tell(new DemoNeeding(jobs, shop, pictures, random, now).tell());
    }
}
