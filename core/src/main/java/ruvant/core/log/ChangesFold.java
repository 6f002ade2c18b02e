package ruvant.core.log;

import java.util.List;
import java.util.Optional;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;

/**
 * Folds what a shop changed of something that ships: changes are added to those before, or taken back one by one.
 *
 * @param <E> the room's entries
 * @param <C> the changes
 */
public abstract class ChangesFold<E extends Entry, C extends ShopChanges<C>> implements RoomFold<E> {
    private C changes;

    /** @param none nothing changed */
    protected ChangesFold(C none) {
        this.changes = none;
    }

    /** What an entry does to the changes. */
    public sealed interface Step<C> {}

    /** More of them. */
    public record Made<C>(C more) implements Step<C> {}

    /** What was changed of the thing with this id counts no more. */
    public record TakenBack<C>(String id) implements Step<C> {}

    /** What an entry of the room does. */
    protected abstract Step<C> step(E entry);

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
        return switch (step(entry)) {
            case Made<C> made -> gaps(changes.plus(made.more()));
            case TakenBack<C> back ->
                changes.ids().contains(back.id())
                        ? gaps(without(changes, back.id()))
                        : Optional.of(
                                new Refusal("notChanged", "Nothing of that was changed here.", "Nothing to enter."));
        };
    }

    private Optional<Refusal> gaps(C all) {
        return Refusal.trying("gaps", () -> fit(all));
    }

    @Override
    public final void take(Line line, E entry) {
        changes = switch (step(entry)) {
            case Made<C> made -> changes.plus(kept(made.more()));
            case TakenBack<C> back -> without(changes, back.id());
        };
    }

    /** All that differs from what ships. */
    public final C changes() {
        return changes;
    }

    /** The ids that a step replaces what stood for. */
    public static <C extends ShopChanges<C>> List<String> replaced(Step<C> step) {
        return switch (step) {
            case Made<C> made -> made.more().ids();
            case TakenBack<C> back -> List.of(back.id());
        };
    }
}
