package ruvant.core.picture;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;

/** Places that lie open, so that a look there costs no way. */
public final class OpenPlaces {
    /** So many parts out, and the works lie open. */
    private static final int WORKS_OPEN = 4;

    private OpenPlaces() {}

    /** Names of the parts that lie out; covers are left away, since nothing runs by them. */
    public static List<String> partsOut(Valley valley) {
        return valley.out().stream()
                .filter(part -> !part.removed().covers())
                .map(part -> part.removed().part().text())
                .toList();
    }

    /** By the ids in which looks say where they are taken: a side's name in small letters ("lens front"), or "inside". */
    public static Set<String> of(Valley valley) {
        List<ValleyPart> out = valley.out();
        Set<String> open = new HashSet<>();
        out.stream()
                .filter(part -> part.removed().covers())
                .forEach(part -> open.add(
                        part.removed().side().name().toLowerCase(Locale.ROOT).replace('_', ' ')));
        if (out.size() >= WORKS_OPEN) {
            open.add("inside");
        }
        return open;
    }
}
