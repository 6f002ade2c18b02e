package ruvant.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import ruvant.core.house.HouseEntry;
import ruvant.core.house.HouseRoom;
import ruvant.core.house.ModelSheet;
import ruvant.core.house.Rates;
import ruvant.core.house.SheetEntry;
import ruvant.core.house.SpeedLimits;
import ruvant.core.house.TrayShape;
import ruvant.core.log.NewLine;
import ruvant.core.picture.ShopRooms;
import ruvant.server.accounts.AccountsService;
import ruvant.server.album.PictureStore;
import ruvant.server.customers.CustomersService;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobNumberStore;
import ruvant.server.job.JobService;
import ruvant.server.job.Projecting;
import ruvant.server.measure.StandRuns;
import ruvant.server.said.LogLines;
import ruvant.server.shelf.ShelfService;

/** Fills an empty file with the demo, or moves one that was furnished earlier on to today. */
@Component
@ConditionalOnProperty("ruvant.demo")
class DemoStarter implements ApplicationRunner {
    private static final long SEED = 20_411;
    private static final int CLOSED_JOBS = 60;
    private static final Duration OPENED = Duration.ofDays(900);

    private final JobService jobs;
    private final JobNumberStore numbers;
    private final Projecting projecting;
    private final LogLines lines;
    private final ShopService shop;
    private final DemoStore demo;
    private final Clock clock;
    private final PictureStore pictures;
    private final StandRuns stand;
    private final ShelfService shelf;
    private final AccountsService accounts;
    private final CustomersService customers;

    DemoStarter(
            JobService jobs,
            JobNumberStore numbers,
            Projecting projecting,
            LogLines lines,
            ShopService shop,
            DemoStore demo,
            Clock clock,
            PictureStore pictures,
            StandRuns stand,
            ShelfService shelf,
            AccountsService accounts,
            CustomersService customers) {
        this.jobs = jobs;
        this.numbers = numbers;
        this.projecting = projecting;
        this.lines = lines;
        this.shop = shop;
        this.demo = demo;
        this.clock = clock;
        this.pictures = pictures;
        this.stand = stand;
        this.shelf = shelf;
        this.accounts = accounts;
        this.customers = customers;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        Instant now = clock.instant();
        if (numbers.all().isEmpty()) {
            furnish(now);
            demo.made(now);
        } else {
            demo.madeAt().ifPresent(madeAt -> moveOn(madeAt, now));
        }
    }

    /** Lists are made again from the logs that were moved. */
    void moveOn(Instant madeAt, Instant now) {
        demo.moveOn(madeAt, now);
        jobs.readAgain();
        accounts.readAgain();
        projecting.rebuildAll();
    }

    private void furnish(Instant now) {
        house(
                now,
                new HouseEntry.TraysSet(List.of(
                        new TrayShape("large", 4, 6),
                        new TrayShape("lidded", 3, 6),
                        new TrayShape("", 4, 6),
                        new TrayShape("", 4, 6),
                        new TrayShape("magnetic", 3, 5),
                        new TrayShape("", 4, 6))),
                new HouseEntry.PeopleSet(List.of("Ines K.", "Teo B.")),
                new HouseEntry.SheetHeadSet("Saltmarsh Camera Repair, Harbour Lane 4, Veldmouth", 6),
                new HouseEntry.RatesSet(new Rates(4_000, 200, 12_000, 120)));
        shop.append(
                ShopRooms.KNOWLEDGE,
                "Ines K.",
                0,
                List.of(NewLine.of(new SheetEntry.SheetKept(new ModelSheet(
                        "Osterby",
                        "M",
                        "works manual, page 31",
                        Optional.of(new SpeedLimits(0.25, 0.40, 0.08, 0.25, 0.45)),
                        Map.of(),
                        Optional.of(11.6),
                        Optional.of(11.6))))),
                now.minus(OPENED));
        Random random = new Random(SEED);
        new DemoHistory(jobs, lines, shop, random).tell(CLOSED_JOBS, now);
        new DemoShopToday(jobs, lines, shop, pictures, stand, random, now).tell();
        new DemoPlan(jobs, shop, now).tell();
        new DemoOwners(jobs, customers, now).tell();
        new DemoMoney(jobs, shop, accounts, now).tell(numbers.all());
        new DemoShelf(shelf, pictures, now).tell(new DemoNeeding(jobs, lines, shop, pictures, random, now).tell());
        new DemoCameBack(jobs, lines, shop, now).tell(numbers.all());
    }

    private void house(Instant now, HouseEntry... settings) {
        shop.append(
                HouseRoom.LOG,
                "Ines K.",
                0,
                Arrays.stream(settings).map(NewLine::of).toList(),
                now.minus(OPENED));
    }
}
