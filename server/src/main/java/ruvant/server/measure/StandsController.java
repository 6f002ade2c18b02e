package ruvant.server.measure;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.house.Stand;
import ruvant.core.people.Right;
import ruvant.core.practice.stand.StandInShutter;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;

/** The shop's stands: which sensors, which lamp, which input. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api/stands", produces = MediaType.APPLICATION_JSON_VALUE)
class StandsController {
    private final ShopService shop;

    StandsController(ShopService shop) {
        this.shop = shop;
    }

    /**
     * The stands, and how the stand-in behaves unless it is told otherwise.
     *
     * @param lastSequence up to which line of the house's log they go
     */
    record Stands(long lastSequence, List<Stand> stands, StandInShutter standIn) {}

    @GetMapping
    Stands stands() {
        return new Stands(shop.houseSequence(), shop.stands(), StandInShutter.usual());
    }
}
