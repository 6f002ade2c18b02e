package ruvant.server.find;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.find.FaultChanges;
import ruvant.core.find.FaultKnowledge;
import ruvant.server.house.ShopService;
import ruvant.server.record.Events;

/** What is known of faults, and what this shop changed in it. */
@RestController
@RequestMapping(path = "/api/faults", produces = MediaType.APPLICATION_JSON_VALUE)
class FaultsController {
    private final ShopService shop;
    private final Events events;

    FaultsController(ShopService shop, Events events) {
        this.shop = shop;
        this.events = events;
    }

    /** All that is known, and ids of what was changed or added here. */
    record FaultsView(FaultKnowledge knowledge, List<String> changed) {}

    @GetMapping
    FaultsView faults() {
        FaultChanges changes = shop.faultChanges();
        return new FaultsView(
                shop.shop().faults(),
                Stream.of(
                                changes.symptoms().stream().map(FaultKnowledge.Symptom::id),
                                changes.causes().stream().map(FaultKnowledge.Cause::id),
                                changes.looks().stream().map(FaultKnowledge.Look::id))
                        .flatMap(one -> one)
                        .toList());
    }

    /** Changes or adds entries, as one; refused where what is known would have gaps then. */
    @PostMapping
    FaultsView change(@RequestBody FaultChanges changes) {
        shop.change(shop.faultChanges().plus(changes));
        events.houseChanged();
        return faults();
    }

    /** Takes back what was changed of one entry. */
    @DeleteMapping
    FaultsView takeBack(@RequestParam String id) {
        shop.change(shop.faultChanges().without(id));
        events.houseChanged();
        return faults();
    }
}
