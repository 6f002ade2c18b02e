package ruvant.server.house;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.function.BiFunction;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import ruvant.core.adjust.AdjusterChanges;
import ruvant.core.adjust.AdjustersRoom;
import ruvant.core.find.FaultChanges;
import ruvant.core.find.FaultsRoom;
import ruvant.core.hours.HoursRoom;
import ruvant.core.hours.ShopHours;
import ruvant.core.house.HousePractice;
import ruvant.core.house.HouseRoom;
import ruvant.core.house.ListChanges;
import ruvant.core.house.ListsRoom;
import ruvant.core.house.ModelTruths;
import ruvant.core.house.SheetRoom;
import ruvant.core.house.SpeedsAllowed;
import ruvant.core.house.Stand;
import ruvant.core.house.TruthsRoom;
import ruvant.core.log.Entry;
import ruvant.core.log.Folds;
import ruvant.core.log.LogName;
import ruvant.core.log.NewLine;
import ruvant.core.money.MoneyRoom;
import ruvant.core.money.Pricing;
import ruvant.core.picture.Shipped;
import ruvant.core.picture.Shop;
import ruvant.core.picture.ShopRooms;
import ruvant.core.said.taught.TaughtRoom;
import ruvant.core.said.taught.TaughtWords;
import ruvant.core.treat.TableChanges;
import ruvant.core.treat.TablesRoom;
import ruvant.core.units.FieldProblem;
import ruvant.server.record.Events;
import ruvant.server.record.LineStore;
import ruvant.server.record.LineView;
import ruvant.server.record.LogDoor;
import ruvant.server.record.LogKeeper;
import ruvant.server.storage.Database;

/** The shop as it works now, by its two own logs: how it works, and what it knows. */
@Service
public class ShopService implements LogDoor {
    private static final Logger LOG = LoggerFactory.getLogger(ShopService.class);

    private final Shipped shipped;
    private final Clock clock;
    private final LogKeeper<Entry> house;
    private final LogKeeper<Entry> known;
    private volatile State state;

    public ShopService(Database database, LineStore lines, Events events, Clock clock, Shipped shipped) {
        this.shipped = shipped;
        this.clock = clock;
        this.house = new LogKeeper<>(
                database,
                lines,
                new ShopLog(ShopRooms.house(shipped.materials(), shipped.lists()), events, this::readAgain));
        this.known = new LogKeeper<>(
                database,
                lines,
                new ShopLog(ShopRooms.knowledge(shipped.faults(), shipped.adjusters()), events, this::readAgain));
    }

    /** The shop, and what differs in it from what ships. */
    private record State(
            Shop shop,
            TableChanges tables,
            ListChanges lists,
            FaultChanges faults,
            AdjusterChanges adjusters,
            List<Stand> stands,
            ShopHours hours,
            Pricing pricing,
            TaughtWords taught,
            ModelTruths truths) {}

    private void readAgain() {
        state = null;
    }

    private State state() {
        State now = state;
        if (now == null) {
            now = read();
            state = now;
        }
        return now;
    }

    private State read() {
        Folds byHouse = house.folds(HouseRoom.LOG);
        Folds byKnowledge = known.folds(ShopRooms.KNOWLEDGE);
        TableChanges tables = fitting(
                "tables",
                byHouse.of(TablesRoom.Fold.class).changes(),
                TableChanges.NONE,
                shipped.materials(),
                TableChanges::in);
        ListChanges lists = fitting(
                "lists",
                byHouse.of(ListsRoom.Fold.class).changes(),
                ListChanges.NONE,
                shipped.lists(),
                ListChanges::in);
        FaultChanges faults = fitting(
                "faults",
                byKnowledge.of(FaultsRoom.Fold.class).changes(),
                FaultChanges.NONE,
                shipped.faults(),
                FaultChanges::in);
        AdjusterChanges adjusters = fitting(
                "adjusters",
                byKnowledge.of(AdjustersRoom.Fold.class).changes(),
                AdjusterChanges.NONE,
                shipped.adjusters(),
                AdjusterChanges::in);
        HouseRoom.Fold settings = byHouse.of(HouseRoom.Fold.class);
        HousePractice practice = settings.practice();
        SpeedsAllowed speeds = practice.speeds()
                .withSheets(byKnowledge.of(SheetRoom.Fold.class).sheets());
        Pricing pricing = byHouse.of(MoneyRoom.Fold.class)
                .pricing(practice.reckoning().rates().hourMinor());
        return new State(
                shipped.shop(practice.with(speeds), tables, lists, faults, adjusters, pricing),
                tables,
                lists,
                faults,
                adjusters,
                settings.stands(),
                byHouse.of(HoursRoom.Fold.class).hours(practice.people()),
                pricing,
                byHouse.of(TaughtRoom.Fold.class).changes(),
                byKnowledge.of(TruthsRoom.Fold.class).changes());
    }

    /** What ships may be of a later version than a shop's changes; where they do not fit it any more, it counts alone. */
    private static <C, T> C fitting(String what, C changes, C none, T ships, BiFunction<C, T, T> in) {
        try {
            in.apply(changes, ships);
            return changes;
        } catch (FieldProblem gap) {
            LOG.warn("Changes to {} do not fit the shipped data and are ignored: {}", what, gap.getMessage());
            return none;
        }
    }

    /** The shop as it works now. */
    public Shop shop() {
        return state().shop();
    }

    /** What this shop changed in its tables. */
    public TableChanges tableChanges() {
        return state().tables();
    }

    /** What this shop changed in the lists of the trade. */
    public ListChanges listChanges() {
        return state().lists();
    }

    /** Every verdict in which it differs from the table that ships. */
    public List<TableChanges.Difference> differences() {
        return tableChanges().differences(shipped.materials());
    }

    /** What this shop changed in what is known of faults. */
    public FaultChanges faultChanges() {
        return state().faults();
    }

    /** What this shop changed in what is known of adjusters. */
    public AdjusterChanges adjusterChanges() {
        return state().adjusters();
    }

    /** Words that the log line learned from corrections here. */
    public TaughtWords taught() {
        return state().taught();
    }

    /** What is true of models, said without a job. */
    public ModelTruths truths() {
        return state().truths();
    }

    /** When it works. */
    public ShopHours hours() {
        return state().hours();
    }

    /** At what it charges. */
    public Pricing pricing() {
        return state().pricing();
    }

    /** Its shutter stands. */
    public List<Stand> stands() {
        return state().stands();
    }

    /** Up to which line the log of the house goes. */
    public long houseSequence() {
        return house.log(HouseRoom.LOG).lastSequence();
    }

    /** Up to which line the log of what is known goes. */
    public long knowledgeSequence() {
        return known.log(ShopRooms.KNOWLEDGE).lastSequence();
    }

    @Override
    public boolean has(LogName log) {
        return log.equals(HouseRoom.LOG) || log.equals(ShopRooms.KNOWLEDGE);
    }

    @Override
    public long append(LogName log, String by, long basedOn, List<NewLine> lines) {
        return append(log, by, basedOn, lines, clock.instant());
    }

    /** Adds lines at a time other than now. */
    public long append(LogName log, String by, long basedOn, List<NewLine> lines, Instant at) {
        return keeper(log).append(log, by, basedOn, lines, at).lastSequence();
    }

    @Override
    public List<LineView> lines(LogName log) {
        return keeper(log).lines(log);
    }

    private LogKeeper<Entry> keeper(LogName log) {
        return log.equals(HouseRoom.LOG) ? house : known;
    }
}
