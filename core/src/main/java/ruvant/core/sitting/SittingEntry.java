package ruvant.core.sitting;

import java.util.List;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.Stop;
import ruvant.core.trade.ToolStatus;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;

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
     * @param reason may be empty
     * @param open still to be decided
     * @param rejected what else there was, each with why not where that was said; null for nothing
     */
    record Decided(
            String text,
            String reason,
            boolean open,
            @MayBeNull List<String> rejected) implements SittingEntry {
        /** A decision of which nobody said what else there was. */
        public Decided(String text, String reason, boolean open) {
            this(text, reason, open, List.of());
        }

        public Decided {
            text = Check.remark("decision", text);
            reason = Check.optionalRemark("reason", reason);
            rejected = Check.some("rejected", rejected, 12).stream()
                    .map(one -> Check.remark("rejected", one))
                    .toList();
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
     * @param part what it was done to; null where no part was named
     */
    record Slipped(
            String wrong,
            String shown,
            String putRight,
            @MayBeNull PartName part) implements SittingEntry {
        /** A slip of which no part was named. */
        public Slipped(String wrong, String shown, String putRight) {
            this(wrong, shown, putRight, null);
        }

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

    /**
     * What is said of a tool that was at hand.
     *
     * @param part on which it was used; null where no part was named
     * @param why what it did, why not; may be empty
     */
    record ToolSaid(
            String tool, ToolStatus status, @MayBeNull PartName part, String why) implements SittingEntry {
        public ToolSaid {
            tool = Check.name("tool", tool);
            Check.chosen("status", status);
            why = Check.optionalRemark("why", why);
        }
    }

    /**
     * Something that is true of every camera of the model or pattern, not only of this one.
     *
     * @param about the part or thing it is about; empty for the camera as a whole
     * @param says what is true of it
     * @param known where that is known from; may be empty
     * @param sure whether it is certain, not only believed
     */
    record ModelSaid(String about, String says, String known, boolean sure) implements SittingEntry {
        public ModelSaid {
            about = Check.optionalName("about", about);
            says = Check.remark("says", says);
            known = Check.optionalName("known", known);
        }
    }
}
