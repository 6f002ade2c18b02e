package ruvant.core.house;

import ruvant.core.log.Entry;
import ruvant.core.units.Check;

/** What is true of models, said without a job. */
public sealed interface TruthsEntry extends Entry {
    /** Something was said to be true. */
    record TruthsStated(ModelTruths truths) implements TruthsEntry {
        public TruthsStated {
            Check.chosen("truths", truths);
        }
    }

    /** It counts no more. */
    record TruthTakenBack(String id) implements TruthsEntry {
        public TruthTakenBack {
            id = Check.remark("id", id);
        }
    }
}
