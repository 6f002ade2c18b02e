package ruvant.server.house;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.said.taught.TaughtWord;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TableChanges;
import ruvant.server.access.Needs;

/** The tables of agents, materials, soils and waits, and what this shop changed in them. */
@RestController
@Needs(value = Right.LOOK, ofNoJob = true)
@RequestMapping(path = "/api/tables", produces = MediaType.APPLICATION_JSON_VALUE)
class TablesController {
    private final ShopService shop;

    TablesController(ShopService shop) {
        this.shop = shop;
    }

    /**
     * The tables as they hold here.
     *
     * @param lastSequence up to which line of the house's log they go
     * @param changed ids of what was changed or added here
     * @param differences verdicts that differ from the table that ships
     * @param taught words that the log line learned from corrections
     */
    record Tables(
            long lastSequence,
            Materials materials,
            List<Lubrication.WaitKind> waits,
            TradeLists lists,
            List<TradeLists.NounChoice> nouns,
            List<String> changed,
            List<TableChanges.Difference> differences,
            List<TaughtWord> taught) {}

    @GetMapping
    Tables tables() {
        return new Tables(
                shop.houseSequence(),
                shop.shop().materials(),
                shop.shop().lubrication().waits(),
                shop.shop().lists(),
                shop.shop().lists().nounChoices(),
                Stream.concat(shop.tableChanges().ids().stream(), shop.listChanges().ids().stream())
                        .toList(),
                shop.differences(),
                shop.taught().words());
    }
}
