package ruvant.core.log;

import java.util.Optional;
import java.util.function.Function;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;

/**
 * Folds what a shop changed of something that ships: changes are added to those before, or taken back one by one.
 *
 * @param <E> the room's entries
 * @param <C> the changes
 */
public abstract class ChangesFold<E extends Entry, C extends ShopChanges<C>> implements RoomFold<E> {
    private final Function<E, Step<C>> step;
    private C changes;

    /**
     * @param none nothing changed
     * @param step what an entry does
     */
    protected ChangesFold(C none, Function<E, Step<C>> step) {
        this.changes = none;
        this.step = step;
    }

    /** What an entry does to the changes. */
    public sealed interface Step<C> {}

    /** More of them. */
    public record Made<C>(C more) implements Step<C> {}

    /** What was changed of the thing with this id counts no more. */
    public record TakenBack<C>(String id) implements Step<C> {}

    /** Changes without what was changed of one thing. */
    protected abstract C without(C all, String id);

    /**
     * Puts changes in place of what ships.
     *
     * @throws FieldProblem where that would leave gaps, naming what is missing
     */
    protected abstract void fit(C all);

    /** Changes as they are kept, where they are to remember what was before them. */
    protected C kept(C more) {
        return more;
    }

    @Override
    public final Optional<Refusal> objection(Line line, E entry) {
        return switch (step.apply(entry)) {
            case Made<C> made -> gaps(changes.plus(made.more()));
            case TakenBack<C> back ->
                changes.ids().contains(back.id())
                        ? gaps(without(changes, back.id()))
                        : Optional.of(new Refusal(
                                "notChanged", "That was never changed here.", "There is nothing to reset."));
        };
    }

    private Optional<Refusal> gaps(C all) {
        return Refusal.trying("gaps", () -> fit(all));
    }

    @Override
    public final void take(Line line, E entry) {
        changes = switch (step.apply(entry)) {
            case Made<C> made -> changes.plus(kept(made.more()));
            case TakenBack<C> back -> without(changes, back.id());
        };
    }

    /** All that differs from what ships. */
    public final C changes() {
        return changes;
    }
}
