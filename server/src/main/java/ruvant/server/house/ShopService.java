package ruvant.server.house;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.springframework.stereotype.Service;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.job.HousePractice;
import ruvant.core.picture.Shop;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;

/** The shop's practice and tables, at hand for every request. */
@Service
public class ShopService {
    private static final String PRACTICE = "practice";

    private final SettingStore settings;
    private final ObjectMapper json;
    private volatile Shop shop;

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
        this.shop = new Shop(practice, materials, lubrication, adjusters, faults);
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
}
