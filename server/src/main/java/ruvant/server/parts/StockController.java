package ruvant.server.parts;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.parts.KnownPairs;
import ruvant.core.people.Right;
import ruvant.core.shelf.ShelfPicture;
import ruvant.server.access.Needs;
import ruvant.server.shelf.ShelfService;

/** What lies on the shelf, its log, and what interchanges. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api/shelf", produces = MediaType.APPLICATION_JSON_VALUE)
class StockController {
    private static final int ROWS = 300;

    private final ShelfService shelf;
    private final PartsDesk desk;

    StockController(ShelfService shelf, PartsDesk desk) {
        this.shelf = shelf;
        this.desk = desk;
    }

    /** Stock with how much of it is left. */
    record StockRow(ShelfPicture.StockHeld held, String words, int free, boolean low) {}

    /**
     * Stock that was looked for.
     *
     * @param found how many there are, also those that are not shown
     * @param low how many places hold less than they should
     */
    record StockPage(List<StockRow> rows, int found, int all, int low, List<ShelfPicture.AtBench> atBench) {}

    /**
     * Stock by what it is called, what it is for and where it lies.
     *
     * @param find words that must all be found; empty for everything
     * @param only "low" for places that hold too little, "hardware" for screws and the like; empty for all
     */
    @GetMapping("/stock")
    StockPage stock(@RequestParam(defaultValue = "") String find, @RequestParam(defaultValue = "") String only) {
        ShelfPicture picture = shelf.picture();
        List<String> words = Arrays.stream(find.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toList();
        List<StockRow> found = picture.stock().stream()
                .filter(held -> switch (only) {
                    case "low" -> held.low();
                    case "hardware" -> held.stock().hardware() != null;
                    case "parts" -> held.stock().hardware() == null;
                    default -> true;
                })
                .map(held -> new StockRow(held, held.stock().words(), held.free(), held.low()))
                .filter(row -> words.stream().allMatch(text(row)::contains))
                .sorted(Comparator.comparing(
                        row -> row.held().stock().place() + "\n" + row.words(), String.CASE_INSENSITIVE_ORDER))
                .toList();
        return new StockPage(
                found.stream().limit(ROWS).toList(),
                found.size(),
                picture.stock().size(),
                (int) picture.stock().stream()
                        .filter(ShelfPicture.StockHeld::low)
                        .count(),
                desk.atBench());
    }

    private static String text(StockRow row) {
        return ("s-" + row.held().number() + " " + row.words() + " "
                        + row.held().stock().place() + " " + row.held().stock().origin())
                .toLowerCase(Locale.ROOT);
    }

    /** Which parts are known to interchange. */
    @GetMapping("/interchange")
    List<KnownPairs.Pair> interchange() {
        return KnownPairs.of(desk.fits(), shelf.picture().stated());
    }
}
