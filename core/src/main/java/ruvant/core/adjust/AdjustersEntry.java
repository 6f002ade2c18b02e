package ruvant.core.adjust;

import ruvant.core.log.Entry;
import ruvant.core.units.Check;

/** What a shop changes in what is known of adjusters. */
public sealed interface AdjustersEntry extends Entry {
    /** Kinds in place of others by their id, or more of them; all of them, or none. */
    record AdjustersChanged(AdjusterChanges changes) implements AdjustersEntry {
        public AdjustersChanged {
            Check.chosen("changes", changes);
        }
    }

    /** What was changed of one kind counts no more. */
    record AdjusterTakenBack(String id) implements AdjustersEntry {
        public AdjusterTakenBack {
            id = Check.remark("id", id);
        }
    }
}
