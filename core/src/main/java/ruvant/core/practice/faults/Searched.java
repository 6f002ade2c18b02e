package ruvant.core.practice.faults;

import ruvant.core.find.CaseEvidence;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.trade.Family;

/** A camera whose fault is searched for. */
public interface Searched {
    Family family();

    /** Whether that is wrong with it. */
    boolean has(FaultKnowledge.Cause cause);

    /** What the owner says and the counter sees. */
    CaseEvidence asItComesIn();

    /** Takes a look; looking twice shows the same. */
    boolean look(FaultKnowledge.Look look);

    /** Minutes that something takes here that is known to take so long. */
    default double takes(double knownMinutes) {
        return knownMinutes;
    }
}
