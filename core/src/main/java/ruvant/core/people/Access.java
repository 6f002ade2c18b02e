package ruvant.core.people;

import java.util.EnumSet;
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

    /** What a phone is for. */
    private static final Set<Right> OF_A_PHONE = Set.of(Right.LOOK, Right.BENCH);

    /** Whoever sits at a machine that nobody else reaches: everything, in any name. */
    public static final Access OF_THE_HOUSE = new Access("", EnumSet.allOf(Right.class), Optional.empty());

    /**
     * A phone beside a bench: of what its holder may do it may look at one job and log work for it.
     *
     * @param job the one it is for now; empty where its bench has none open, and then it may do nothing
     */
    public static Access ofPhone(String signer, Set<Right> holders, Optional<TagNumber> job) {
        EnumSet<Right> rights = EnumSet.noneOf(Right.class);
        job.ifPresent(open -> OF_A_PHONE.stream().filter(holders::contains).forEach(rights::add));
        return new Access(signer, rights, job.or(() -> Optional.of(TagNumber.LAST)));
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
