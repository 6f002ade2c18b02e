package ruvant.core.log;

import java.util.List;

/**
 * What a shop changed of something that ships: entries in place of others by their id, or more of them.
 *
 * @param <C> itself
 */
public interface ShopChanges<C extends ShopChanges<C>> {
    /** These, and then others in place of them or besides. */
    C plus(C more);

    /** Ids of all that was changed or added. */
    List<String> ids();

    /** What was changed or added, in words. */
    List<String> labels();
}
