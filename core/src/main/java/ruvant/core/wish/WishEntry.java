package ruvant.core.wish;

import java.time.LocalDate;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;

/** What somebody wants of the plan of one job, and what its owner was promised. */
public sealed interface WishEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.INTAKE;
    }

    /**
     * A task is to be done otherwise than the plan would have it.
     *
     * @param task id of the task within its job, such as "refit"
     * @param wish {@link Wish#NONE} to leave it to the plan again
     */
    record TaskWished(String task, Wish wish) implements WishEntry {
        public TaskWished {
            task = Check.name("task", task);
            Check.chosen("wish", wish);
        }
    }

    /**
     * The owner was told a day; it takes the place of what was promised before.
     *
     * @param by the day by which the camera is done
     * @param chance that it will be, in percent, as reckoned when it was promised; null where nothing was reckoned
     * @param remark to whom and how; may be empty
     */
    record Promised(LocalDate by, @MayBeNull Integer chance, String remark) implements WishEntry {
        public Promised {
            Check.chosen("by", by);
            if (chance != null) {
                Check.count("chance", chance, 0, 100);
            }
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * How much the job's day counts against those of others.
     *
     * @param urgency what a day of lateness weighs
     */
    record UrgencySet(Urgency urgency) implements WishEntry {
        public UrgencySet {
            Check.chosen("urgency", urgency);
        }
    }
}
