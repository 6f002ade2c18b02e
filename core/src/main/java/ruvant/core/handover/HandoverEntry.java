package ruvant.core.handover;

import java.util.List;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
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

    /**
     * When it should be looked at again.
     *
     * @param months from its return, 1 to 240
     * @param why it should; may be empty
     */
    record ComeAgain(int months, String why) implements HandoverEntry {
        public ComeAgain {
            Check.count("months", months, 1, 240);
            why = Check.optionalRemark("why", why);
        }
    }

    /**
     * What the work is thought to come to, or its chance.
     *
     * @param what what it is about; empty for the whole work
     * @param odds that it comes out well, 0 to 1; null where nobody said
     * @param money in the shop's currency; null where nobody said
     * @param minutes of work; null where nobody said
     */
    record Estimated(
            String what,
            @MayBeNull Double odds,
            @MayBeNull Double money,
            @MayBeNull Integer minutes) implements HandoverEntry {
        public Estimated {
            what = Check.optionalName("what", what);
            Check.optionalWithin("odds", odds, 0, 1, "of 1");
            Check.optionalWithin("money", money, 0, 1e7, "");
            if (minutes != null) {
                Check.count("minutes", minutes, 1, 100_000);
            }
            if (odds == null && money == null && minutes == null) {
                throw new FieldProblem("money", "Nothing is estimated.", "Enter an amount, minutes, or a chance.");
            }
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
