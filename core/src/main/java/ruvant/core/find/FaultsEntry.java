package ruvant.core.find;

import ruvant.core.log.Entry;
import ruvant.core.units.Check;

/** What a shop changes in what is known of faults. */
public sealed interface FaultsEntry extends Entry {
    /** Entries in place of others by their id, or more of them; all of them, or none. */
    record FaultsChanged(FaultChanges changes) implements FaultsEntry {
        public FaultsChanged {
            Check.chosen("changes", changes);
        }
    }

    /** What was changed of one entry counts no more. */
    record FaultTakenBack(String id) implements FaultsEntry {
        public FaultTakenBack {
            id = Check.remark("id", id);
        }
    }
}
