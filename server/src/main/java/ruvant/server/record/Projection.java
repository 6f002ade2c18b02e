package ruvant.server.record;

import java.util.List;
import ruvant.core.log.Effect;

/**
 * What lists need of logs, kept in tables of its own and made from the fold alone. Made again at the start where it was
 * written by another version of itself.
 *
 * @param <P> the picture from which it is made
 */
public interface Projection<P> {
    /** What it is called where its version is kept. */
    String name();

    /** Raised whenever the same log would leave other rows than before. */
    int version();

    /** Whether lines with these effects may change it; asked unless something was struck, which may change anything. */
    boolean concerns(List<Effect> effects);

    /** Writes the rows of one log in place of those it had. */
    void put(P picture);
}
