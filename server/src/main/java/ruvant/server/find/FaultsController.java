package ruvant.server.find;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;

/** What is known of faults, and what this shop changed in it. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api/faults", produces = MediaType.APPLICATION_JSON_VALUE)
class FaultsController {
    private final ShopService shop;

    FaultsController(ShopService shop) {
        this.shop = shop;
    }

    /**
     * All that is known.
     *
     * @param lastSequence up to which line of the log of what is known it goes
     * @param changed ids of what was changed or added here
     */
    record FaultsView(long lastSequence, FaultKnowledge knowledge, List<String> changed) {}

    @GetMapping
    FaultsView faults() {
        return new FaultsView(
                shop.knowledgeSequence(),
                shop.shop().faults(),
                shop.faultChanges().ids());
    }
}
