package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import ruvant.core.album.AlbumEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.Shop;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Owner;
import ruvant.core.trade.PinKind;
import ruvant.core.trade.Stop;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;
import ruvant.server.album.PictureStore;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.said.LogLines;

/** What every camera of the demo shop begins with: a bench at some time before now, and what comes over the counter. */
abstract class DemoCounter {
    private final JobService jobs;
    private final LogLines lines;
    private final ShopService shop;
    private final PictureStore pictures;
    private final Random random;
    final Instant now;

    DemoCounter(JobService jobs, LogLines lines, ShopService shop, PictureStore pictures, Random random, Instant now) {
        this.jobs = jobs;
        this.lines = lines;
        this.shop = shop;
        this.pictures = pictures;
        this.random = random;
        this.now = now;
    }

    Shop shop() {
        return shop.shop();
    }

    DemoBench bench(String by, Duration ago) {
        return new DemoBench(jobs, lines, shop, random, by, now.minus(ago));
    }

    LocalDate inDays(int days) {
        return now.atZone(ZoneOffset.UTC).toLocalDate().plusDays(days);
    }

    static IntakeEntry.Received camera(
            DemoCameras.Model model,
            String pattern,
            String serial,
            Owner owner,
            String complaint,
            LocalDate promised,
            String... accessories) {
        return new IntakeEntry.Received(
                new Camera(model.maker(), model.model(), pattern, serial, model.body(), model.family()),
                owner,
                "",
                List.of(accessories),
                complaint,
                model.series(),
                model.speeds(),
                promised);
    }

    static Owner customer(String name, String contact) {
        return new Owner(name, contact, false, null, null);
    }

    /** A picture of a part with a pin on each of its screws, all of one type. */
    JobEntry[] mapped(
            byte[] picture, String part, String shows, String type, List<DemoPictures.Spot> screws, String well) {
        String name = pictures.keep(picture).name();
        List<JobEntry> entries = new ArrayList<>();
        entries.add(new AlbumEntry.Pictured(name, shows, PartName.of(part), Stop.STRIP));
        for (int i = 0; i < screws.size(); i++) {
            DemoPictures.Spot spot = screws.get(i);
            entries.add(new AlbumEntry.Pinned(
                    name, i + 1, spot.x(), spot.y(), PinKind.HOLE, type, PartName.of(part), WellName.parse(well)));
        }
        return entries.toArray(JobEntry[]::new);
    }
}
