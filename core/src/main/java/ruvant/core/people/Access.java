package ruvant.core.people;

import java.util.Optional;
import java.util.Set;
import ruvant.core.units.TagNumber;

/**
 * What one person, or one phone, may do now.
 *
 * @param name as lines are signed
 * @param onlyJob the one job that the rights are about; empty for the whole shop
 */
public record Access(String name, Set<Right> rights, Optional<TagNumber> onlyJob) {
    public Access {
        rights = Set.copyOf(rights);
    }

    /** Whether something is allowed that concerns the shop as a whole. */
    public boolean may(Right right) {
        return onlyJob.isEmpty() && rights.contains(right);
    }

    /** Whether something is allowed at one job. */
    public boolean may(Right right, TagNumber job) {
        return rights.contains(right) && onlyJob.map(job::equals).orElse(true);
    }

    /** Whether it is shown at all, wherever it stands: what somebody may not see is left out of everything they are shown. */
    public boolean sees(Right right) {
        return rights.contains(right);
    }
}
