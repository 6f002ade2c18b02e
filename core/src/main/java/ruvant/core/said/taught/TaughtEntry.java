package ruvant.core.said.taught;

import ruvant.core.log.Entry;
import ruvant.core.units.Check;

/** What the log line learned from corrections. */
public sealed interface TaughtEntry extends Entry {
    /** Words were taught. */
    record WordsTaught(TaughtWords words) implements TaughtEntry {
        public WordsTaught {
            Check.chosen("words", words);
        }
    }

    /** A word counts no more. */
    record WordTakenBack(String id) implements TaughtEntry {
        public WordTakenBack {
            id = Check.remark("id", id);
        }
    }
}
