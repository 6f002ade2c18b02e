package ruvant.server.shelf;

import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.parts.supplier.Catalogue;
import ruvant.core.people.Right;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.shelf.ShelfRoom;
import ruvant.server.access.Needs;
import ruvant.server.csv.CsvText;
import ruvant.server.record.Events;

/** The shelf and the catalogue as open files, out and in. */
@RestController
@Needs({Right.LOOK, Right.MONEY})
@RequestMapping(path = "/api/shelf")
class ShelfFilesController {
    private static final String CSV = "text/csv;charset=UTF-8";

    private final ShelfService shelf;
    private final SupplierService supplier;
    private final Events events;

    ShelfFilesController(ShelfService shelf, SupplierService supplier, Events events) {
        this.shelf = shelf;
        this.supplier = supplier;
        this.events = events;
    }

    /** How many rows were taken from a file. */
    record RowsTaken(int added, int changed) {}

    /** The whole shelf. */
    record WholeShelf(String format, int version, ShelfPicture shelf) {}

    @GetMapping(path = "/stock.csv", produces = CSV)
    ResponseEntity<String> stock() {
        return file("stock.csv", StockCsv.written(shelf.picture().stock()));
    }

    /** Takes stock from a file: rows with a known number change what lies there, others are added; all or none. */
    @Needs({Right.STOCK, Right.MONEY})
    @PostMapping(path = "/stock.csv", consumes = "text/csv", produces = MediaType.APPLICATION_JSON_VALUE)
    RowsTaken take(@RequestParam String by, @RequestBody byte[] csv) {
        StockCsv.Changes changes = StockCsv.read(CsvText.of(csv), shelf.picture());
        if (!changes.lines().isEmpty()) {
            shelf.append(by, changes.lines());
        }
        return new RowsTaken(changes.added(), changes.changed());
    }

    @GetMapping(path = "/catalogue.csv", produces = CSV)
    ResponseEntity<String> catalogue() {
        return file("catalogue.csv", CatalogueCsv.written(supplier.catalogue()));
    }

    /** Takes another catalogue in place of the one at hand. */
    @Needs({Right.STOCK, Right.MONEY})
    @PutMapping(path = "/catalogue.csv", consumes = "text/csv", produces = MediaType.APPLICATION_JSON_VALUE)
    RowsTaken take(@RequestParam(defaultValue = "") String name, @RequestBody byte[] csv, @RequestParam String by) {
        List<Catalogue.Item> items = CatalogueCsv.read(CsvText.of(csv));
        supplier.take(new Catalogue(name.isBlank() ? supplier.catalogue().supplier() : name, items));
        events.changed(ShelfRoom.LOG, 0);
        return new RowsTaken(items.size(), 0);
    }

    @GetMapping(path = "/shelf.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<WholeShelf> whole() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"shelf.json\"")
                .body(new WholeShelf("ruvant-shelf", 1, shelf.picture()));
    }

    private static ResponseEntity<String> file(String name, String content) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(content);
    }
}
