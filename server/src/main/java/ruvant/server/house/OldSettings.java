package ruvant.server.house;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import ruvant.core.find.FaultChanges;
import ruvant.core.find.FaultsEntry;
import ruvant.core.house.HouseEntry;
import ruvant.core.house.HousePractice;
import ruvant.core.house.HouseRoom;
import ruvant.core.house.SheetEntry;
import ruvant.core.house.Stand;
import ruvant.core.log.Entry;
import ruvant.core.log.LogName;
import ruvant.core.log.NewLine;
import ruvant.core.picture.ShopRooms;
import ruvant.core.treat.TableChanges;
import ruvant.core.treat.TablesEntry;
import ruvant.server.storage.Database;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** Settings of a folder from before they were logs, entered once as the first lines of their logs. */
@Component
@Order(0)
class OldSettings implements ApplicationRunner {
    private static final String BY = "Ruvant, from earlier settings";
    private static final String NOT_SAID = "no reason was given when it was set";

    private final SettingStore settings;
    private final ShopService shop;
    private final ObjectMapper json;
    private final Database database;
    private final Clock clock;

    OldSettings(SettingStore settings, ShopService shop, ObjectMapper json, Database database, Clock clock) {
        this.settings = settings;
        this.shop = shop;
        this.json = json;
        this.database = database;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        List<Entry> house = new ArrayList<>();
        List<Entry> known = new ArrayList<>();
        read("practice", OldPractice.class).ifPresent(practice -> {
            house.addAll(entries(practice));
            practice.sheets().forEach(sheet -> known.add(new SheetEntry.SheetKept(sheet)));
        });
        read("stands", Stand[].class).ifPresent(stands -> house.add(new HouseEntry.StandsSet(Arrays.asList(stands))));
        read("tables", TableChanges.class)
                .ifPresent(changes -> house.add(new TablesEntry.TablesChanged(changes.reasoned(NOT_SAID))));
        read("faults", FaultChanges.class).ifPresent(changes -> known.add(new FaultsEntry.FaultsChanged(changes)));
        database.transaction().executeWithoutResult(status -> {
            enter(HouseRoom.LOG, house);
            enter(ShopRooms.KNOWLEDGE, known);
            List.of("practice", "stands", "tables", "faults").forEach(settings::drop);
        });
    }

    /** Only what a new shop would not have anyway. */
    private static List<HouseEntry> entries(OldPractice was) {
        HousePractice fresh = HousePractice.starting();
        List<HouseEntry> all = new ArrayList<>();
        add(all, was.school() != fresh.school(), new HouseEntry.SchoolChosen(was.school()));
        add(all, !was.trays().equals(fresh.trays()), new HouseEntry.TraysSet(was.trays()));
        add(all, was.streakLength() != fresh.standards().streakLength(), new HouseEntry.StreakSet(was.streakLength()));
        add(all, was.lookAlikeMm() != fresh.standards().lookAlikeMm(), new HouseEntry.LookAlikesSet(was.lookAlikeMm()));
        add(all, !was.people().equals(fresh.people()), new HouseEntry.PeopleSet(was.people()));
        add(
                all,
                !was.shopName().equals(fresh.head().shopName())
                        || was.guaranteeMonths() != fresh.head().guaranteeMonths(),
                new HouseEntry.SheetHeadSet(was.shopName(), was.guaranteeMonths()));
        add(
                all,
                was.ownerAgreesFirst() != fresh.standards().ownerAgreesFirst(),
                new HouseEntry.OwnerAskedFirstSet(was.ownerAgreesFirst()));
        was.limits().forEach((family, limits) -> all.add(new HouseEntry.LimitsSet(family, limits)));
        add(all, !was.stations().equals(fresh.stations()), new HouseEntry.StationsSet(was.stations()));
        add(
                all,
                was.glassPasses() != fresh.standards().glassPasses(),
                new HouseEntry.GlassPassesSet(was.glassPasses()));
        add(all, !was.rates().equals(fresh.reckoning().rates()), new HouseEntry.RatesSet(was.rates()));
        return all;
    }

    private static void add(List<HouseEntry> all, boolean differs, HouseEntry entry) {
        if (differs) {
            all.add(entry);
        }
    }

    private void enter(LogName log, List<Entry> entries) {
        if (!entries.isEmpty()) {
            shop.append(log, BY, 0, entries.stream().map(NewLine::of).toList(), clock.instant());
        }
    }

    private <T> Optional<T> read(String name, Class<T> type) {
        return settings.get(name).map(value -> {
            try {
                return json.readValue(value, type);
            } catch (JacksonException problem) {
                throw new IllegalStateException("The setting “" + name + "” of this folder cannot be read", problem);
            }
        });
    }
}
