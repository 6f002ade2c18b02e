package ruvant.core.sitting;

import ruvant.core.job.JobEntry;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;

/** What goes on at the bench whatever the stop: sitting down, deciding, noting. */
public sealed interface SittingEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.STRIP;
    }

    /**
     * Somebody sat down to this camera.
     *
     * @param stop where work goes on
     * @param step what is being done, may be empty
     */
    record SatDown(Stop stop, String step) implements SittingEntry {
        public SatDown {
            Check.chosen("stop", stop);
            step = Check.optionalName("step", step);
        }
    }

    /**
     * Got up again.
     *
     * @param remark may be empty
     */
    record GotUp(String remark) implements SittingEntry {
        public GotUp {
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * What was decided and why.
     *
     * @param text the decision, or the question while it is open
     * @param reason may be empty only while open
     * @param open still to be decided
     */
    record Decided(String text, String reason, boolean open) implements SittingEntry {
        public Decided {
            text = Check.remark("decision", text);
            reason = open ? Check.optionalRemark("reason", reason) : Check.remark("reason", reason);
        }
    }

    /**
     * A free note.
     *
     * @param text what to remember
     */
    record Noted(String text) implements SittingEntry {
        public Noted {
            text = Check.remark("note", text);
        }
    }

    /**
     * Something was done wrong, which happens and is worth keeping.
     *
     * @param wrong what was put or done wrong
     * @param shown how it showed; may be empty
     * @param putRight how it was put right; may be empty while it is not
     */
    record Slipped(String wrong, String shown, String putRight) implements SittingEntry {
        public Slipped {
            wrong = Check.name("slip", wrong);
            shown = Check.optionalRemark("shown", shown);
            putRight = Check.optionalRemark("putRight", putRight);
        }
    }

    /**
     * A tool that the work waits for, or no longer.
     *
     * @param atHand false while it is lacking; true once it was got or made
     * @param remark what for, where from; may be empty
     */
    record ToolNoted(String tool, boolean atHand, String remark) implements SittingEntry {
        public ToolNoted {
            tool = Check.name("tool", tool);
            remark = Check.optionalRemark("remark", remark);
        }
    }
}
