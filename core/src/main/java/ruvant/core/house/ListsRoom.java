package ruvant.core.house;

import java.util.List;
import java.util.Optional;
import ruvant.core.log.ChangesFold;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Names;
import ruvant.core.log.Room;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.Phrase;
import ruvant.core.units.Refusal;

/** What this shop changed in the lists of the trade. */
public final class ListsRoom implements Room<ListsEntry> {
    private final TradeLists shipped;

    /** @param shipped what is changed */
    public ListsRoom(TradeLists shipped) {
        this.shipped = shipped;
    }

    @Override
    public Class<ListsEntry> entries() {
        return ListsEntry.class;
    }

    @Override
    public RoomFold<ListsEntry> begin(Folds earlier) {
        return new Fold(shipped);
    }

    @Override
    public Optional<Refusal> rule(ListsEntry entry, Standing now) {
        return switch (entry) {
            case ListsEntry.ListsChanged one -> Optional.empty();
            case ListsEntry.ListTakenBack one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(ListsEntry entry) {
        return switch (entry) {
            case ListsEntry.ListsChanged one -> List.of();
            case ListsEntry.ListTakenBack one -> List.of();
        };
    }

    @Override
    public List<String> replaces(ListsEntry entry) {
        return ChangesFold.replaced(step(entry));
    }

    @Override
    public String words(ListsEntry entry, Names names) {
        return switch (entry) {
            case ListsEntry.ListsChanged one ->
                "changed: " + Phrase.joined(one.changes().labels());
            case ListsEntry.ListTakenBack one -> "back to how it came: " + Phrase.readable(one.id());
        };
    }

    private static ChangesFold.Step<ListChanges> step(ListsEntry entry) {
        return switch (entry) {
            case ListsEntry.ListsChanged one -> new ChangesFold.Made<>(one.changes());
            case ListsEntry.ListTakenBack one -> new ChangesFold.TakenBack<>(one.id());
        };
    }

    /** Folds changes. */
    public static final class Fold extends ChangesFold<ListsEntry, ListChanges> {
        private final TradeLists shipped;

        private Fold(TradeLists shipped) {
            super(ListChanges.NONE);
            this.shipped = shipped;
        }

        @Override
        protected Step<ListChanges> step(ListsEntry entry) {
            return ListsRoom.step(entry);
        }

        @Override
        protected ListChanges without(ListChanges all, String id) {
            return all.without(id);
        }

        @Override
        protected void fit(ListChanges all) {
            all.in(shipped);
        }
    }
}
