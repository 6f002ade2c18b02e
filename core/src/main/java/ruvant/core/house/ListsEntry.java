package ruvant.core.house;

import ruvant.core.log.Entry;
import ruvant.core.units.Check;

/** What a shop changes in the lists of the trade. */
public sealed interface ListsEntry extends Entry {
    /** Entries in place of others by their id, or more of them; all of them, or none. */
    record ListsChanged(ListChanges changes) implements ListsEntry {
        public ListsChanged {
            Check.chosen("changes", changes);
        }
    }

    /** What was changed of one entry counts no more. */
    record ListTakenBack(String id) implements ListsEntry {
        public ListTakenBack {
            id = Check.remark("id", id);
        }
    }
}
