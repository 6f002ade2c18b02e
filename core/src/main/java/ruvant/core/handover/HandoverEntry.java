package ruvant.core.handover;

import java.util.List;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.Named;

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

    /**
     * Something that stood open when the camera left.
     *
     * @param what by its id, with the words that stood for it
     * @param reason why it went out so, for the owner to read
     */
    record PassedOver(Named what, String reason) {
        public PassedOver {
            Check.chosen("what", what);
            reason = Check.remark("reason", reason);
        }
    }

    /**
     * The camera left the shop; the job is closed.
     *
     * @param passedOver what stood open, each with the reason
     */
    record Returned(String to, String remark, List<PassedOver> passedOver) implements HandoverEntry {
        /** Nothing stood open. */
        public Returned(String to, String remark) {
            this(to, remark, List.of());
        }

        public Returned {
            to = Check.name("to", to);
            remark = Check.optionalRemark("remark", remark);
            passedOver = Check.some("passedOver", passedOver, 200);
        }
    }
}
