package ruvant.server.shelf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ruvant.core.log.NewLine;
import ruvant.core.shelf.Condition;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.shelf.Stock;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.Drive;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerKind;
import ruvant.core.trade.HeadForm;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Labelled;
import ruvant.server.csv.CsvRows;

/** Stock as a table: one row a place, costs in minor units, words as they stand on screen. */
final class StockCsv {
    private static final List<String> COLUMNS = List.of(
            "number",
            "name",
            "maker",
            "model",
            "pattern",
            "kind",
            "drive",
            "head",
            "thread_mm",
            "length_mm",
            "dimensions",
            "condition",
            "place",
            "origin",
            "cost_minor",
            "least",
            "count",
            "remark");

    private StockCsv() {}

    /** What a table changes, as lines to be added. */
    record Changes(List<NewLine> lines, int added, int changed) {}

    static String written(List<ShelfPicture.StockHeld> stock) {
        return CsvRows.written(COLUMNS, stock, StockCsv::cells);
    }

    private static List<Object> cells(ShelfPicture.StockHeld held) {
        Stock stock = held.stock();
        Optional<Fastener> hardware = Optional.ofNullable(stock.hardware());
        return List.of(
                "S-" + held.number(),
                stock.name(),
                stock.madeFor().maker(),
                stock.madeFor().model(),
                stock.madeFor().pattern(),
                hardware.map(one -> one.kind().label()).orElse(""),
                hardware.map(one -> one.drive().label()).orElse(""),
                hardware.map(one -> one.head().label()).orElse(""),
                hardware.map(Fastener::threadMm).map(String::valueOf).orElse(""),
                hardware.map(Fastener::lengthMm).map(String::valueOf).orElse(""),
                stock.dimensions(),
                stock.condition().label(),
                stock.place(),
                stock.origin(),
                stock.costMinor(),
                stock.least(),
                held.left(),
                stock.remark());
    }

    private record Read(String number, Stock stock, int count) {}

    /** @throws FieldProblem naming the row that cannot be read */
    static Changes read(String csv, ShelfPicture shelf) {
        List<Read> rows = CsvRows.read(csv, List.of("name", "place", "count"), StockCsv::row);
        List<NewLine> lines = new ArrayList<>();
        int added = 0;
        int changed = 0;
        for (Read row : rows) {
            Optional<ShelfPicture.StockHeld> known = shelf.stock().stream()
                    .filter(held -> ("S-" + held.number()).equalsIgnoreCase(row.number()))
                    .findFirst();
            if (known.isEmpty()) {
                lines.add(line(new ShelfEntry.StockAdded(row.stock(), row.count())));
                added++;
            } else {
                changed += change(known.get(), row, lines);
            }
        }
        return new Changes(lines, added, changed);
    }

    private static int change(ShelfPicture.StockHeld held, Read row, List<NewLine> lines) {
        int before = lines.size();
        if (!held.stock().equals(row.stock())) {
            lines.add(line(new ShelfEntry.StockDescribed(held.id(), row.stock())));
        }
        if (held.left() != row.count()) {
            lines.add(line(new ShelfEntry.StockCounted(held.id(), row.count())));
        }
        return lines.size() > before ? 1 : 0;
    }

    private static NewLine line(ShelfEntry entry) {
        return new NewLine(UUID.randomUUID(), null, null, entry);
    }

    private static Read row(CsvRows.Row row) {
        Fastener hardware = row.text("kind").isEmpty()
                ? null
                : new Fastener(
                        choice(FastenerKind.values(), "kind", row),
                        choice(Drive.values(), "drive", row),
                        choice(HeadForm.values(), "head", row),
                        row.figure("thread_mm"),
                        row.figure("length_mm"),
                        1,
                        Set.of());
        return new Read(
                row.text("number"),
                new Stock(
                        row.text("name"),
                        new CameraKind(row.text("maker"), row.text("model"), row.text("pattern")),
                        hardware,
                        row.text("dimensions"),
                        choice(Condition.values(), "condition", row),
                        row.text("place"),
                        row.text("origin"),
                        row.whole("cost_minor"),
                        (int) row.whole("least"),
                        row.text("remark")),
                (int) row.whole("count"));
    }

    private static <E extends Enum<E> & Labelled> E choice(E[] all, String column, CsvRows.Row row) {
        String said = row.text(column).toLowerCase(Locale.ROOT);
        if (said.isEmpty()) {
            return null;
        }
        return Arrays.stream(all)
                .filter(one -> one.label().equalsIgnoreCase(said) || one.name().equalsIgnoreCase(said))
                .findFirst()
                .orElseThrow(() -> new FieldProblem(
                        column,
                        "“" + row.text(column) + "” is not a " + column + ".",
                        "Use one of: " + Arrays.stream(all).map(Labelled::label).collect(Collectors.joining("; "))
                                + "."));
    }
}
