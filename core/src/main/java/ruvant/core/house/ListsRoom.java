package ruvant.core.house;

import java.util.function.Function;
import ruvant.core.log.ChangesFold;
import ruvant.core.log.ChangesRoom;
import ruvant.core.log.Folds;
import ruvant.core.log.RoomFold;
import ruvant.core.trade.TradeLists;

/** What this shop changed in the lists of the trade. */
public final class ListsRoom extends ChangesRoom<ListsEntry, ListChanges> {
    private final TradeLists shipped;

    /** @param shipped what is changed */
    public ListsRoom(TradeLists shipped) {
        super(ListsEntry.class);
        this.shipped = shipped;
    }

    @Override
    protected ChangesFold.Step<ListChanges> step(ListsEntry entry) {
        return switch (entry) {
            case ListsEntry.ListsChanged one -> new ChangesFold.Made<>(one.changes());
            case ListsEntry.ListTakenBack one -> new ChangesFold.TakenBack<>(one.id());
        };
    }

    @Override
    public RoomFold<ListsEntry> begin(Folds earlier) {
        return new Fold(shipped, this::step);
    }

    /** Folds changes. */
    public static final class Fold extends ChangesFold<ListsEntry, ListChanges> {
        private final TradeLists shipped;

        private Fold(TradeLists shipped, Function<ListsEntry, Step<ListChanges>> step) {
            super(ListChanges.NONE, step);
            this.shipped = shipped;
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
