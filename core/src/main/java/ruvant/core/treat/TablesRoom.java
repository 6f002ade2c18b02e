package ruvant.core.treat;

import java.util.Optional;
import java.util.function.Function;
import ruvant.core.log.ChangesFold;
import ruvant.core.log.ChangesRoom;
import ruvant.core.log.Folds;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.Refusal;

/** What this shop changed in the tables of agents, materials, soils and waits. */
public final class TablesRoom extends ChangesRoom<TablesEntry, TableChanges> {
    private final Materials shipped;

    /** @param shipped what is changed */
    public TablesRoom(Materials shipped) {
        super(TablesEntry.class);
        this.shipped = shipped;
    }

    @Override
    protected ChangesFold.Step<TableChanges> step(TablesEntry entry) {
        return switch (entry) {
            case TablesEntry.TablesChanged one -> new ChangesFold.Made<>(one.changes());
            case TablesEntry.TableTakenBack one -> new ChangesFold.TakenBack<>(one.id());
        };
    }

    /** Care without a reason teaches nobody anything; what is in the log already stands. */
    @Override
    public Optional<Refusal> rule(TablesEntry entry, Standing now) {
        return switch (step(entry)) {
            case ChangesFold.Made<TableChanges> made ->
                made.more()
                        .unreasoned()
                        .map(verdict -> new Refusal(
                                "noReason",
                                "“" + verdict + "” has no reason.",
                                "Say briefly what happens, such as “softens it”."));
            case ChangesFold.TakenBack<TableChanges> back -> Optional.empty();
        };
    }

    @Override
    public RoomFold<TablesEntry> begin(Folds earlier) {
        return new Fold(shipped, this::step);
    }

    /** Folds changes. */
    public static final class Fold extends ChangesFold<TablesEntry, TableChanges> {
        private final Materials shipped;

        private Fold(Materials shipped, Function<TablesEntry, Step<TableChanges>> step) {
            super(TableChanges.NONE, step);
            this.shipped = shipped;
        }

        @Override
        protected TableChanges without(TableChanges all, String id) {
            return all.without(id, shipped);
        }

        @Override
        protected void fit(TableChanges all) {
            all.in(shipped);
        }
    }
}
