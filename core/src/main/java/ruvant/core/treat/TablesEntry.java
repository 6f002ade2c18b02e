package ruvant.core.treat;

import ruvant.core.log.Entry;
import ruvant.core.units.Check;

/** What a shop changes in the tables of agents, materials, soils and waits. */
public sealed interface TablesEntry extends Entry {
    /** Entries in place of others by their id, or more of them; all of them, or none. */
    record TablesChanged(TableChanges changes) implements TablesEntry {
        public TablesChanged {
            Check.chosen("changes", changes);
        }
    }

    /** What was changed of one entry counts no more. */
    record TableTakenBack(String id) implements TablesEntry {
        public TableTakenBack {
            id = Check.remark("id", id);
        }
    }
}
