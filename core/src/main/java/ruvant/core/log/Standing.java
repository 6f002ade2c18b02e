package ruvant.core.log;

import java.time.Instant;

/** How things stand at the moment in which an entry is judged: what the rules of a kind of log may look at. */
public interface Standing {
    /**
     * What stands under this class: the picture of a room, a table of the shop, its practice.
     *
     * @throws IllegalArgumentException if nothing does
     */
    <T> T of(Class<T> what);

    /** The moment for which waits are judged. */
    Instant now();

    /** For logs whose rules look at nothing beyond the log. */
    Standing NONE = new Standing() {
        @Override
        public <T> T of(Class<T> what) {
            throw new IllegalArgumentException("No rule of this log can ask for " + what.getName());
        }

        @Override
        public Instant now() {
            return Instant.EPOCH;
        }
    };
}
