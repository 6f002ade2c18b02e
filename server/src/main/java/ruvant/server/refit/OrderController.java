package ruvant.server.refit;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.picture.Shop;
import ruvant.core.refit.OrderAlone;
import ruvant.core.strip.Taught;
import ruvant.core.strip.Valley;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;

/** The order of parts alone: what may go back of a camera whose record is kept elsewhere. Nothing is kept or learned. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api/refit", produces = MediaType.APPLICATION_JSON_VALUE)
class OrderController {
    private final ShopService shops;

    OrderController(ShopService shops) {
        this.shops = shops;
    }

    /** The parts that are still out, in the order in which they came off. */
    record PartsOut(List<OrderAlone.MayGoBack> parts) {}

    /** Whether each part that is still out may go back, by the rule that the screens use. */
    @PostMapping("/order")
    PartsOut order(@RequestBody OrderRequest request) {
        Shop shop = shops.shop();
        Valley valley = Valley.taken(request.taken(shop.lists()), request.nowBack())
                .ordered(
                        Taught.NOTHING,
                        shop.plans()
                                .of(request.kind().bodyType(), request.kind().family()));
        return new PartsOut(OrderAlone.of(valley));
    }
}
