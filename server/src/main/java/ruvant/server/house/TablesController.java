package ruvant.server.house;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TableChanges;
import ruvant.server.record.Events;

/** The tables of agents, materials, soils and waits, and what this shop changed in them. */
@RestController
@RequestMapping(path = "/api/tables", produces = MediaType.APPLICATION_JSON_VALUE)
class TablesController {
    private final ShopService shop;
    private final Events events;

    TablesController(ShopService shop, Events events) {
        this.shop = shop;
        this.events = events;
    }

    /**
     * The tables as they hold here.
     *
     * @param changed ids of what was changed or added here
     * @param differences verdicts that differ from the table that ships
     */
    record Tables(
            Materials materials,
            List<Lubrication.WaitKind> waits,
            List<String> changed,
            List<TableChanges.Difference> differences) {}

    @GetMapping
    Tables tables() {
        return new Tables(
                shop.shop().materials(),
                shop.shop().lubrication().waits(),
                shop.tableChanges().ids(),
                shop.differences());
    }

    /** Changes or adds entries, as one; refused where the tables would have gaps then. */
    @PostMapping
    Tables change(@RequestBody TableChanges changes) {
        shop.change(shop.tableChanges().plus(changes));
        events.houseChanged();
        return tables();
    }

    /** Takes back what was changed of one entry. */
    @DeleteMapping
    Tables takeBack(@RequestParam String id) {
        shop.takeBack(id);
        events.houseChanged();
        return tables();
    }
}
