package ruvant.server.adjust;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.adjust.RangeMark;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;

/** What is known of adjusters before any camera taught more, and what this shop changed in it. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api/adjusters", produces = MediaType.APPLICATION_JSON_VALUE)
class AdjustersController {
    private final ShopService shop;

    AdjustersController(ShopService shop) {
        this.shop = shop;
    }

    /**
     * All that is known.
     *
     * @param lastSequence up to which line of the log of what is known it goes
     * @param marks where a range of speeds may begin and end
     * @param changed ids of what was changed or added here
     */
    record AdjustersView(long lastSequence, AdjusterBook book, List<RangeMark> marks, List<String> changed) {}

    @GetMapping
    AdjustersView adjusters() {
        return new AdjustersView(
                shop.knowledgeSequence(),
                shop.shop().adjusters(),
                RangeMark.all(),
                shop.adjusterChanges().ids());
    }
}
