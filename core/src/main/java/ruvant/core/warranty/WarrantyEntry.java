package ruvant.core.warranty;

import ruvant.core.job.JobEntry;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;

/** That a camera was here before. */
public sealed interface WarrantyEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.INTAKE;
    }

    /**
     * It came back; said again, it takes the place of what was said before.
     *
     * @param earlier the job that it belongs to
     * @param judged how the fault stands to the earlier one; null while that is not known
     * @param covered whether the earlier warranty covers it; null while that is not decided
     */
    record CameBack(
            TagNumber earlier,
            @MayBeNull Likeness judged,
            @MayBeNull Boolean covered,
            String why) implements WarrantyEntry {
        public CameBack {
            Check.chosen("earlier", earlier);
            why = Check.optionalRemark("why", why);
        }
    }
}
