package ruvant.core.house;

import ruvant.core.log.Entry;
import ruvant.core.units.Check;

/** What makers say of their models. */
public sealed interface SheetEntry extends Entry {
    /** What the maker of a model says of its speeds, in place of what was entered before. */
    record SheetKept(ModelSheet sheet) implements SheetEntry {
        public SheetKept {
            Check.chosen("sheet", sheet);
        }
    }

    /** It counts no more. */
    record SheetTakenBack(String maker, String model) implements SheetEntry {
        public SheetTakenBack {
            maker = Check.name("maker", maker);
            model = Check.name("model", model);
        }
    }
}
