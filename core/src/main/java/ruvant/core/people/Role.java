package ruvant.core.people;

import java.util.EnumSet;
import java.util.Set;

/** What somebody is in the shop. */
public enum Role {
    OWNER(EnumSet.allOf(Right.class), Set.of()),
    TECHNICIAN(EnumSet.of(Right.LOOK, Right.BENCH, Right.DESK, Right.STOCK), EnumSet.of(Right.MONEY, Right.CUSTOMERS)),
    /** Somebody who takes cameras in and gives them back, and does not work on them. */
    COUNTER(EnumSet.of(Right.LOOK, Right.DESK, Right.STOCK), EnumSet.of(Right.MONEY, Right.CUSTOMERS)),
    /** Somebody who may read one job and nothing else. */
    GUEST(EnumSet.of(Right.LOOK), Set.of());

    private final Set<Right> always;
    private final Set<Right> ifAllowed;

    Role(Set<Right> always, Set<Right> ifAllowed) {
        this.always = Set.copyOf(always);
        this.ifAllowed = Set.copyOf(ifAllowed);
    }

    /**
     * What somebody of this role may do.
     *
     * @param money whether this person was allowed to see money, which counts only where the role leaves it open
     * @param customers whether this person was allowed to see customers, likewise
     */
    public Set<Right> rights(boolean money, boolean customers) {
        EnumSet<Right> all = EnumSet.copyOf(always);
        if (money && ifAllowed.contains(Right.MONEY)) {
            all.add(Right.MONEY);
        }
        if (customers && ifAllowed.contains(Right.CUSTOMERS)) {
            all.add(Right.CUSTOMERS);
        }
        return Set.copyOf(all);
    }
}
