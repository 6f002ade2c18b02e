package ruvant.core.log;

/** Folds of several rooms over the same log, by what they are. */
@FunctionalInterface
public interface Folds {
    /**
     * The fold of this class.
     *
     * @throws IllegalArgumentException if no room has one
     */
    <F extends RoomFold<?>> F of(Class<F> fold);
}
