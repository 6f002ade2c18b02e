package ruvant.core.parts.supplier;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import ruvant.core.trade.CameraKind;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * What a supplier offers.
 *
 * @param supplier its name
 * @param items each number once
 */
public record Catalogue(String supplier, List<Item> items) {
    private static final int MOST_ITEMS = 20_000;

    public Catalogue {
        supplier = Check.name("supplier", supplier);
        items = Check.some("items", items, MOST_ITEMS);
        Set<String> numbers = new HashSet<>();
        items.forEach(item -> {
            if (!numbers.add(item.number().toLowerCase(Locale.ROOT))) {
                throw new FieldProblem(
                        "items",
                        "The number “" + item.number() + "” is in the catalogue twice.",
                        "Give each item its own number.");
            }
        });
    }

    /**
     * One thing that can be ordered.
     *
     * @param madeFor {@link CameraKind#ANY} for what fits many
     * @param priceMinor of one, minor units
     * @param days until it is here
     */
    public record Item(String number, String name, CameraKind madeFor, String dimensions, long priceMinor, int days) {
        public Item {
            number = Check.name("number", number);
            name = Check.name("name", name);
            madeFor = Check.or(madeFor, CameraKind.ANY);
            dimensions = Check.optionalName("dimensions", dimensions);
            Check.within("price", priceMinor, 0, 10_000_000, "minor units");
            Check.count("days", days, 0, 365);
        }

        /** In words, with the camera it is for. */
        public String words() {
            return name
                    + (madeFor.fitsMany() ? "" : " for " + madeFor.words())
                    + (dimensions.isEmpty() ? "" : ", " + dimensions);
        }
    }

    /** The item of this number. */
    public Optional<Item> item(String number) {
        return items.stream()
                .filter(one -> one.number().equalsIgnoreCase(number.strip()))
                .findFirst();
    }
}
