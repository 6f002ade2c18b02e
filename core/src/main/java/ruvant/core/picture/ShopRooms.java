package ruvant.core.picture;

import java.util.List;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.adjust.AdjustersRoom;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.FaultsRoom;
import ruvant.core.hours.HoursRoom;
import ruvant.core.house.HouseRoom;
import ruvant.core.house.ListsRoom;
import ruvant.core.house.SheetRoom;
import ruvant.core.house.TruthsRoom;
import ruvant.core.log.LogName;
import ruvant.core.log.Rooms;
import ruvant.core.money.MoneyRoom;
import ruvant.core.said.taught.TaughtRoom;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TablesRoom;

/** The rooms of the shop's own logs: how it works, and what it knows. */
public final class ShopRooms {
    /** What the log of what is known is called. */
    public static final LogName KNOWLEDGE = new LogName("knowledge");

    private ShopRooms() {}

    /** The rooms of the house's log. */
    public static Rooms house(Materials shipped, TradeLists lists) {
        return new Rooms(List.of(
                new HouseRoom(),
                new HoursRoom(),
                new MoneyRoom(),
                new TablesRoom(shipped),
                new ListsRoom(lists),
                new TaughtRoom()));
    }

    /** The rooms of the log of what is known. */
    public static Rooms knowledge(FaultKnowledge faults, AdjusterBook adjusters) {
        return new Rooms(
                List.of(new SheetRoom(), new FaultsRoom(faults), new AdjustersRoom(adjusters), new TruthsRoom()));
    }
}
