package ruvant.core.odds;

import java.util.List;
import java.util.function.Predicate;
import ruvant.core.trade.Family;

/**
 * How often repairs worked in this shop. A chance is the mean of a beta posterior, each group leaning on the next wider one as if
 * that had been seen four times: cause in this model, cause in such shutters, such shutters, the shop, shops in general.
 */
public final class RepairsHere {
    /** So many cases the next wider group counts for. */
    private static final double LEANS = 4;

    /** In shops in general so many repairs work. */
    private static final double SHOPS = 0.85;

    private final List<Repair> repairs;

    /** @param repairs all that are over */
    public RepairsHere(List<Repair> repairs) {
        this.repairs = List.copyOf(repairs);
    }

    /** How closely a group of repairs resembles the one that is asked about. */
    public enum Like {
        CAUSE_AND_MODEL,
        CAUSE,
        MODEL,
        SHUTTER,
        ANY
    }

    /**
     * What is known of such repairs.
     *
     * @param worked how many worked
     * @param of how many there were
     * @param like the closest group of which there is at least one; any where the shop has no history
     * @param chance that the next one works, 0 to 1
     */
    public record RepairsKnown(int worked, int of, Like like, double chance) {}

    /**
     * Repairs of such a camera with such a cause.
     *
     * @param cause its id; empty where it is not known
     */
    public RepairsKnown like(String model, Family family, String cause) {
        Predicate<Repair> shutter = one -> one.family() == family;
        Predicate<Repair> same = one -> one.model().equalsIgnoreCase(model);
        Predicate<Repair> its = one -> !cause.isEmpty() && one.causes().contains(cause);
        double chance = SHOPS;
        RepairsKnown known = new RepairsKnown(0, 0, Like.ANY, chance);
        for (Group group : List.of(
                new Group(Like.ANY, one -> true),
                new Group(Like.SHUTTER, shutter),
                new Group(Like.MODEL, same),
                new Group(Like.CAUSE, its.and(shutter)),
                new Group(Like.CAUSE_AND_MODEL, its.and(same)))) {
            List<Repair> there = repairs.stream().filter(group.which()).toList();
            if (!there.isEmpty()) {
                int worked = (int) there.stream().filter(Repair::worked).count();
                chance = (worked + LEANS * chance) / (there.size() + LEANS);
                known = new RepairsKnown(worked, there.size(), group.like(), chance);
            }
        }
        return known;
    }

    private record Group(Like like, Predicate<Repair> which) {}

    /** All repairs that are over. */
    public List<Repair> all() {
        return repairs;
    }
}
