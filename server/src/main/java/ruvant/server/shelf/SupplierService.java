package ruvant.server.shelf;

import java.io.IOException;
import java.io.InputStream;
import org.springframework.stereotype.Service;
import ruvant.core.parts.supplier.Catalogue;
import ruvant.core.parts.supplier.StandInSupplier;
import ruvant.core.shelf.ShelfPicture;
import ruvant.server.house.SettingStore;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** The catalogue at hand, and the parcels that the stand-in supplier sends. */
@Service
public class SupplierService {
    private static final String SETTING = "catalogue";

    private final SettingStore settings;
    private final ObjectMapper json;
    private volatile Catalogue catalogue;

    SupplierService(SettingStore settings, ObjectMapper json) throws IOException {
        this.settings = settings;
        this.json = json;
        var own = settings.get(SETTING);
        if (own.isPresent()) {
            catalogue = json.readValue(own.get(), Catalogue.class);
        } else {
            try (InputStream shipped = Catalogue.class.getResourceAsStream("catalogue.json")) {
                catalogue = json.readValue(shipped, Catalogue.class);
            }
        }
    }

    /** The catalogue at hand. */
    public Catalogue catalogue() {
        return catalogue;
    }

    /** Takes another catalogue in place of the one at hand. */
    synchronized void take(Catalogue other) {
        try {
            settings.put(SETTING, json.writeValueAsString(other));
        } catch (JacksonException problem) {
            throw new IllegalStateException("The catalogue cannot be saved", problem);
        }
        catalogue = other;
    }

    /** The parcel that an order leads to. */
    public StandInSupplier.Parcel parcel(ShelfPicture.OrderHeld order) {
        return new StandInSupplier(catalogue).parcel(order.id(), order.at(), order.what());
    }
}
