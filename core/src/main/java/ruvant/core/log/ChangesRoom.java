package ruvant.core.log;

import java.util.List;
import java.util.Optional;
import ruvant.core.units.Phrase;
import ruvant.core.units.Refusal;

/**
 * A room of what a shop changed of something that ships. Its entries only change what is known or how the shop works:
 * none does anything to a camera, and mostly none forbids another. A kind of entry that is neither a change nor the taking back
 * of one does not fit here.
 *
 * @param <E> the room's entries
 * @param <C> the changes
 */
public abstract class ChangesRoom<E extends Entry, C extends ShopChanges<C>> implements Room<E> {
    private final Class<E> entries;

    /** @param entries the sealed family of this room */
    protected ChangesRoom(Class<E> entries) {
        this.entries = entries;
    }

    /** What an entry does to the changes: a switch over the family without a default branch. */
    protected abstract ChangesFold.Step<C> step(E entry);

    @Override
    public final Class<E> entries() {
        return entries;
    }

    @Override
    public Optional<Refusal> rule(E entry, Standing now) {
        return Optional.empty();
    }

    @Override
    public final List<Effect> effects(E entry) {
        return List.of();
    }

    @Override
    public final List<String> replaces(E entry) {
        return switch (step(entry)) {
            case ChangesFold.Made<C> made -> made.more().ids();
            case ChangesFold.TakenBack<C> back -> List.of(back.id());
        };
    }

    @Override
    public final String words(E entry, Names names) {
        return switch (step(entry)) {
            case ChangesFold.Made<C> made ->
                "changed: " + Phrase.joined(made.more().labels());
            case ChangesFold.TakenBack<C> back -> "reset to what ships: " + Phrase.readable(back.id());
        };
    }
}
