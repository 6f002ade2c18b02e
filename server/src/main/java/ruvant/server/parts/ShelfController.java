package ruvant.server.parts;

import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.parts.KnownPairs;
import ruvant.core.parts.shelf.ShelfEntry;
import ruvant.core.parts.shelf.ShelfFold;
import ruvant.core.parts.shelf.ShelfLine;
import ruvant.core.parts.shelf.ShelfPicture;
import ruvant.core.parts.shelf.ShelfWords;

/** What lies on the shelf, its log, and what interchanges. */
@RestController
@RequestMapping(path = "/api/shelf", produces = MediaType.APPLICATION_JSON_VALUE)
class ShelfController {
    private static final int ROWS = 300;
    private static final int LINES = 200;

    private final ShelfService shelf;
    private final PartsDesk desk;

    ShelfController(ShelfService shelf, PartsDesk desk) {
        this.shelf = shelf;
        this.desk = desk;
    }

    /** Lines to add as one. */
    record ShelfAppending(String by, List<ShelfService.NewShelfLine> lines) {}

    /** How many lines the shelf has now. */
    record ShelfSaid(int lines) {}

    /** Stock with how much of it is left. */
    record StockRow(ShelfPicture.StockHeld held, String words, int free, boolean low) {}

    /**
     * Stock that was looked for.
     *
     * @param found how many there are, also those that are not shown
     * @param low how many places hold less than they should
     */
    record StockPage(List<StockRow> rows, int found, int all, int low, List<ShelfPicture.AtBench> atBench) {}

    /** A line in words. */
    record ShelfLineView(UUID id, Instant at, String by, String words, boolean counts, boolean strike) {}

    @PostMapping("/entries")
    ShelfSaid append(@RequestBody ShelfAppending added) {
        shelf.append(added.by(), added.lines());
        return new ShelfSaid(shelf.lines().size());
    }

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

    @GetMapping("/log")
    List<ShelfLineView> log() {
        List<ShelfLine> lines = shelf.lines();
        ShelfPicture picture = shelf.picture();
        Set<UUID> counted = new HashSet<>(
                ShelfFold.counted(lines).stream().map(ShelfLine::id).toList());
        return lines.reversed().stream()
                .limit(LINES)
                .map(line -> new ShelfLineView(
                        line.id(),
                        line.at(),
                        line.by(),
                        ShelfWords.of(line.entry(), picture),
                        counted.contains(line.id()),
                        line.entry() instanceof ShelfEntry.ShelfStruck))
                .toList();
    }

    /** Which parts are known to interchange. */
    @GetMapping("/interchange")
    List<KnownPairs.Pair> interchange() {
        return KnownPairs.of(desk.fits(), shelf.picture().stated());
    }
}
