package ruvant.core.shelf;

import java.util.UUID;
import ruvant.core.units.Check;
import ruvant.core.units.PartName;

/**
 * Something that can be taken: pieces of stock, or one part of a donor.
 *
 * @param of the line that put the stock or the donor on the shelf
 * @param part of a donor, its part; empty for stock
 */
public record Thing(UUID of, String part) {
    public Thing {
        Check.chosen("thing", of);
        part = Check.optionalName("part", part);
    }

    /** Pieces of stock. */
    public static Thing stock(UUID of) {
        return new Thing(of, "");
    }

    boolean isOfDonor() {
        return !part.isEmpty();
    }

    String partKey() {
        return part.isEmpty() ? "" : PartName.of(part).key();
    }

    boolean same(Thing other) {
        return of.equals(other.of) && partKey().equals(other.partKey());
    }
}
