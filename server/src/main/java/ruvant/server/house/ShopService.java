package ruvant.server.house;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import org.springframework.stereotype.Service;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.find.FaultChanges;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.job.HousePractice;
import ruvant.core.picture.Shop;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TableChanges;

/** The shop's practice and tables, at hand for every request. */
@Service
public class ShopService {
    private static final String PRACTICE = "practice";

    private static final String FAULTS = "faults";

    private final SettingStore settings;
    private final ObjectMapper json;
    private static final String TABLES = "tables";

    private final FaultKnowledge shippedFaults;
    private final Materials shippedMaterials;
    private final Lubrication shippedLubrication;
    private volatile TableChanges tableChanges;
    private volatile Shop shop;
    private volatile FaultChanges faultChanges;

    public ShopService(
            SettingStore settings,
            ObjectMapper json,
            Materials materials,
            Lubrication lubrication,
            AdjusterBook adjusters,
            FaultKnowledge faults)
            throws JsonProcessingException {
        this.settings = settings;
        this.json = json;
        var stored = settings.get(PRACTICE);
        HousePractice practice =
                stored.isPresent() ? json.readValue(stored.get(), HousePractice.class) : HousePractice.starting();
        var changed = settings.get(FAULTS);
        this.shippedFaults = faults;
        this.faultChanges = changed.isPresent() ? json.readValue(changed.get(), FaultChanges.class) : FaultChanges.NONE;
        this.shippedMaterials = materials;
        this.shippedLubrication = lubrication;
        var tables = settings.get(TABLES);
        this.tableChanges = tables.isPresent() ? json.readValue(tables.get(), TableChanges.class) : TableChanges.NONE;
        this.shop = new Shop(
                practice, tableChanges.in(materials), tableChanges.in(lubrication), adjusters, faultChanges.in(faults));
    }

    /** What this shop changed in its tables. */
    public TableChanges tableChanges() {
        return tableChanges;
    }

    /** Every verdict in which it differs from the table that ships. */
    public List<TableChanges.Difference> differences() {
        return tableChanges.differences(shippedMaterials);
    }

    /** Takes back what was changed of one entry of the tables. */
    public synchronized void takeBack(String id) {
        change(tableChanges.without(id, shippedMaterials));
    }

    /** Changes the tables; nothing is changed where they would have gaps then. */
    public synchronized void change(TableChanges changes) {
        Materials materials = changes.in(shippedMaterials);
        Lubrication lubrication = changes.in(shippedLubrication);
        keep(TABLES, changes);
        tableChanges = changes;
        shop = shop.with(materials, lubrication);
    }

    private void keep(String name, Object value) {
        try {
            settings.put(name, json.writeValueAsString(value));
        } catch (JsonProcessingException problem) {
            throw new IllegalStateException("What was changed under “" + name + "” cannot be written", problem);
        }
    }

    /** The shop as it works now. */
    public Shop shop() {
        return shop;
    }

    /** Changes the practice. */
    public synchronized void change(HousePractice practice) {
        keep(PRACTICE, practice);
        shop = shop.with(practice);
    }

    /** What this shop changed in what is known of faults. */
    public FaultChanges faultChanges() {
        return faultChanges;
    }

    /** Changes what is known of faults; nothing is changed where it would have gaps then. */
    public synchronized void change(FaultChanges changes) {
        FaultKnowledge faults = changes.in(shippedFaults);
        keep(FAULTS, changes);
        faultChanges = changes;
        shop = shop.with(faults);
    }
}
