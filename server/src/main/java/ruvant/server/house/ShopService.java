package ruvant.server.house;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.find.FaultChanges;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.FaultsRoom;
import ruvant.core.house.HousePractice;
import ruvant.core.house.HouseRoom;
import ruvant.core.house.SheetRoom;
import ruvant.core.house.Stand;
import ruvant.core.log.Entry;
import ruvant.core.log.Folds;
import ruvant.core.log.LogName;
import ruvant.core.log.NewLine;
import ruvant.core.picture.Shop;
import ruvant.core.picture.ShopRooms;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
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

    private final Materials shippedMaterials;
    private final Lubrication shippedLubrication;
    private final AdjusterBook adjusters;
    private final FaultKnowledge shippedFaults;
    private final Clock clock;
    private final LogKeeper<Entry> house;
    private final LogKeeper<Entry> known;
    private volatile State state;

    public ShopService(
            Database database,
            LineStore lines,
            Events events,
            Clock clock,
            Materials materials,
            Lubrication lubrication,
            AdjusterBook adjusters,
            FaultKnowledge faults) {
        this.shippedMaterials = materials;
        this.shippedLubrication = lubrication;
        this.adjusters = adjusters;
        this.shippedFaults = faults;
        this.clock = clock;
        this.house = new LogKeeper<>(database, lines, new ShopLog(ShopRooms.house(materials), events, this::readAgain));
        this.known =
                new LogKeeper<>(database, lines, new ShopLog(ShopRooms.knowledge(faults), events, this::readAgain));
    }

    /** The shop, and what differs in it from what ships. */
    private record State(Shop shop, TableChanges tables, FaultChanges faults, List<Stand> stands) {}

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
        TableChanges tables = byHouse.of(TablesRoom.Fold.class).changes();
        FaultChanges faults = byKnowledge.of(FaultsRoom.Fold.class).changes();
        try {
            tables.in(shippedMaterials);
        } catch (FieldProblem gap) {
            LOG.warn("Changes of the tables do not fit the tables that ship and are left aside: {}", gap.getMessage());
            tables = TableChanges.NONE;
        }
        try {
            faults.in(shippedFaults);
        } catch (FieldProblem gap) {
            LOG.warn("Changes of faults do not fit what ships and are left aside: {}", gap.getMessage());
            faults = FaultChanges.NONE;
        }
        HouseRoom.Fold settings = byHouse.of(HouseRoom.Fold.class);
        HousePractice practice = settings.practice();
        return new State(
                new Shop(
                        practice.with(practice.speeds()
                                .withSheets(byKnowledge.of(SheetRoom.Fold.class).sheets())),
                        tables.in(shippedMaterials),
                        tables.in(shippedLubrication),
                        adjusters,
                        faults.in(shippedFaults)),
                tables,
                faults,
                settings.stands());
    }

    /** The shop as it works now. */
    public Shop shop() {
        return state().shop();
    }

    /** What this shop changed in its tables. */
    public TableChanges tableChanges() {
        return state().tables();
    }

    /** Every verdict in which it differs from the table that ships. */
    public List<TableChanges.Difference> differences() {
        return tableChanges().differences(shippedMaterials);
    }

    /** What this shop changed in what is known of faults. */
    public FaultChanges faultChanges() {
        return state().faults();
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
