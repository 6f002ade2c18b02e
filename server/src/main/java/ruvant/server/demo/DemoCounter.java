package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Random;
import ruvant.core.job.IntakeEntry;
import ruvant.server.house.ShopService;
import ruvant.server.record.JobService;

/** What every camera of the demo shop begins with: a bench at some time before now, and what comes over the counter. */
abstract class DemoCounter {
    private final JobService jobs;
    private final ShopService shop;
    private final Random random;
    final Instant now;

    DemoCounter(JobService jobs, ShopService shop, Random random, Instant now) {
        this.jobs = jobs;
        this.shop = shop;
        this.random = random;
        this.now = now;
    }

    DemoBench bench(String by, Duration ago) {
        return new DemoBench(jobs, shop, random, by, now.minus(ago));
    }

    LocalDate inDays(int days) {
        return now.atZone(ZoneOffset.UTC).toLocalDate().plusDays(days);
    }

    static IntakeEntry.Received camera(
            DemoCameras.Model model,
            String pattern,
            String serial,
            IntakeEntry.Owner owner,
            String complaint,
            LocalDate promised,
            String... accessories) {
        return new IntakeEntry.Received(
                new IntakeEntry.Camera(model.maker(), model.model(), pattern, serial, model.body(), model.family()),
                owner,
                "",
                List.of(accessories),
                complaint,
                model.series(),
                model.speeds(),
                promised);
    }

    static IntakeEntry.Owner customer(String name, String contact) {
        return new IntakeEntry.Owner(name, contact, false, null, null);
    }
}
