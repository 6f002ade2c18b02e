package ruvant.core.job;

import ruvant.core.units.Check;

/** What is wrong, and how one got to know. */
public sealed interface FindEntry extends Entry {
    @Override
    default Stop stop() {
        return Stop.FIND;
    }

    /** What is seen to be wrong. */
    record SymptomSeen(String what) implements FindEntry {
        public SymptomSeen {
            what = Check.name("symptom", what);
        }
    }

    /** A possible cause; the reason may be empty. */
    record SuspectRaised(String suspect, String why) implements FindEntry {
        public SuspectRaised {
            suspect = Check.name("suspect", suspect);
            why = Check.optionalRemark("why", why);
        }
    }

    /** A suspect is out of it, by a look. */
    record SuspectCleared(String suspect, String look) implements FindEntry {
        public SuspectCleared {
            suspect = Check.name("suspect", suspect);
            look = Check.remark("look", look);
        }
    }

    /** A suspect is the cause; the evidence says why. */
    record CauseConfirmed(String cause, String evidence) implements FindEntry {
        public CauseConfirmed {
            cause = Check.name("cause", cause);
            evidence = Check.remark("evidence", evidence);
        }
    }

    /** Something found inside on the way: a torn seal, a bent lever. */
    record Found(String what) implements FindEntry {
        public Found {
            what = Check.name("found", what);
        }
    }
}
