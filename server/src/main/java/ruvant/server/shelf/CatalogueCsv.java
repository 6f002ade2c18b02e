package ruvant.server.shelf;

import java.util.List;
import ruvant.core.parts.supplier.Catalogue;
import ruvant.core.trade.CameraKind;
import ruvant.server.csv.CsvRows;

/** A catalogue as a table: one row a number; prices in minor units. */
final class CatalogueCsv {
    private static final List<String> COLUMNS =
            List.of("number", "name", "maker", "model", "pattern", "dimensions", "price_minor", "days");

    private CatalogueCsv() {}

    static String written(Catalogue catalogue) {
        return CsvRows.written(
                COLUMNS,
                catalogue.items(),
                item -> List.of(
                        item.number(),
                        item.name(),
                        item.madeFor().maker(),
                        item.madeFor().model(),
                        item.madeFor().pattern(),
                        item.dimensions(),
                        item.priceMinor(),
                        item.days()));
    }

    static List<Catalogue.Item> read(String csv) {
        return CsvRows.read(
                csv,
                List.of("number", "name", "price_minor", "days"),
                row -> new Catalogue.Item(
                        row.text("number"),
                        row.text("name"),
                        new CameraKind(row.text("maker"), row.text("model"), row.text("pattern")),
                        row.text("dimensions"),
                        row.whole("price_minor"),
                        (int) row.whole("days")));
    }
}
