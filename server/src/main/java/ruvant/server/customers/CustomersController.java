package ruvant.server.customers;

import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** Customers: finding them, all about one of them, and taking one out of the books. */
@RestController
@Needs(Right.CUSTOMERS)
@RequestMapping(path = "/api/customers", produces = MediaType.APPLICATION_JSON_VALUE)
class CustomersController {
    private final CustomerDesk desk;
    private final ObjectMapper json;

    CustomersController(CustomerDesk desk, ObjectMapper json) {
        this.desk = desk;
        this.json = json;
    }

    @GetMapping
    CustomerDesk.CustomersPage page(@RequestParam(defaultValue = "") String find) {
        return desk.page(find);
    }

    @GetMapping("/one")
    CustomerDesk.CustomerPage one(
            @RequestParam(required = false) UUID id, @RequestParam(required = false) String name) {
        return desk.one(id, name);
    }

    /** All about one person as a file, to be handed to them. */
    @Needs({Right.CUSTOMERS, Right.MONEY})
    @GetMapping("/one/export.json")
    ResponseEntity<byte[]> export(@RequestParam(required = false) UUID id, @RequestParam(required = false) String name)
            throws JacksonException {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("customer.json")
                                .build()
                                .toString())
                .body(json.writerWithDefaultPrettyPrinter().writeValueAsBytes(desk.all(id, name)));
    }

    /** Takes a person out of the books; the repairs stay, and papers as long as the law asks for them. */
    @Needs({Right.CUSTOMERS, Right.HOUSE})
    @PostMapping(path = "/blank", consumes = MediaType.APPLICATION_JSON_VALUE)
    CustomerDesk.Blanked blank(@RequestBody CustomerDesk.BlankAsked asked) {
        return desk.blank(asked);
    }
}
