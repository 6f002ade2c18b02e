package ruvant.core.handover;

import ruvant.core.job.JobEntry;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;

/** What the owner is told, and the return. */
public sealed interface HandoverEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.RETURN;
    }

    /** How to use it so that it lasts. */
    record Advised(String advice) implements HandoverEntry {
        public Advised {
            advice = Check.remark("advice", advice);
        }
    }

    /** The cell to use from now on. */
    record BatteryChosen(String cell) implements HandoverEntry {
        public BatteryChosen {
            cell = Check.remark("cell", cell);
        }
    }

    /** Something is left as it is. */
    record LeftOpen(String what, String why) implements HandoverEntry {
        public LeftOpen {
            what = Check.name("what", what);
            why = Check.remark("why", why);
        }
    }

    /** The camera left the shop; the job is closed. */
    record Returned(String to, String remark) implements HandoverEntry {
        public Returned {
            to = Check.name("to", to);
            remark = Check.optionalRemark("remark", remark);
        }
    }
}
