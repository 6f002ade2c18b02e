package ruvant.server.demo;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;

/** Opens the demo shop beside one's own. */
@RestController
@Needs(Right.HOUSE)
@RequestMapping(path = "/api/demo", produces = MediaType.APPLICATION_JSON_VALUE)
@ConditionalOnProperty(name = "ruvant.demo", havingValue = "false")
class DemoController {
    private final DemoBeside beside;

    DemoController(DemoBeside beside) {
        this.beside = beside;
    }

    /** Where the demo shop is: at the same address, by this port. */
    record DemoShop(int port) {}

    @PostMapping
    DemoShop open() {
        return new DemoShop(beside.port());
    }
}
