package ruvant.server.house;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.springframework.stereotype.Service;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.find.FaultChanges;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.job.HousePractice;
import ruvant.core.picture.Shop;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;

/** The shop's practice and tables, at hand for every request. */
@Service
public class ShopService {
    private static final String PRACTICE = "practice";

    private static final String FAULTS = "faults";

    private final SettingStore settings;
    private final ObjectMapper json;
    private final FaultKnowledge shippedFaults;
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
        this.shop = new Shop(practice, materials, lubrication, adjusters, faultChanges.in(faults));
    }

    /** The shop as it works now. */
    public Shop shop() {
        return shop;
    }

    /** Changes the practice. */
    public synchronized void change(HousePractice practice) {
        try {
            settings.put(PRACTICE, json.writeValueAsString(practice));
        } catch (JsonProcessingException problem) {
            throw new IllegalStateException("The practice cannot be written", problem);
        }
        shop = shop.with(practice);
    }

    /** What this shop changed in what is known of faults. */
    public FaultChanges faultChanges() {
        return faultChanges;
    }

    /** Changes what is known of faults; nothing is changed where it would have gaps then. */
    public synchronized void change(FaultChanges changes) {
        FaultKnowledge faults = changes.in(shippedFaults);
        try {
            settings.put(FAULTS, json.writeValueAsString(changes));
        } catch (JsonProcessingException problem) {
            throw new IllegalStateException("What is known of faults cannot be written", problem);
        }
        faultChanges = changes;
        shop = shop.with(faults);
    }
}
