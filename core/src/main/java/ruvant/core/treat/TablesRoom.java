package ruvant.core.treat;

import java.util.List;
import java.util.Optional;
import ruvant.core.log.ChangesFold;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Names;
import ruvant.core.log.Room;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.Phrase;
import ruvant.core.units.Refusal;

/** What this shop changed in the tables of agents, materials, soils and waits. */
public final class TablesRoom implements Room<TablesEntry> {
    private final Materials shipped;

    /** @param shipped what is changed */
    public TablesRoom(Materials shipped) {
        this.shipped = shipped;
    }

    @Override
    public Class<TablesEntry> entries() {
        return TablesEntry.class;
    }

    @Override
    public RoomFold<TablesEntry> begin(Folds earlier) {
        return new Fold(shipped);
    }

    @Override
    public Optional<Refusal> rule(TablesEntry entry, Standing now) {
        return switch (entry) {
            case TablesEntry.TablesChanged one -> Optional.empty();
            case TablesEntry.TableTakenBack one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(TablesEntry entry) {
        return switch (entry) {
            case TablesEntry.TablesChanged one -> List.of();
            case TablesEntry.TableTakenBack one -> List.of();
        };
    }

    @Override
    public List<String> replaces(TablesEntry entry) {
        return ChangesFold.replaced(step(entry));
    }

    @Override
    public String words(TablesEntry entry, Names names) {
        return switch (entry) {
            case TablesEntry.TablesChanged one ->
                "changed: " + Phrase.joined(one.changes().labels());
            case TablesEntry.TableTakenBack one -> "back to how it came: " + Phrase.readable(one.id());
        };
    }

    private static ChangesFold.Step<TableChanges> step(TablesEntry entry) {
        return switch (entry) {
            case TablesEntry.TablesChanged one -> new ChangesFold.Made<>(one.changes());
            case TablesEntry.TableTakenBack one -> new ChangesFold.TakenBack<>(one.id());
        };
    }

    /** Folds changes. */
    public static final class Fold extends ChangesFold<TablesEntry, TableChanges> {
        private final Materials shipped;

        private Fold(Materials shipped) {
            super(TableChanges.NONE);
            this.shipped = shipped;
        }

        @Override
        protected Step<TableChanges> step(TablesEntry entry) {
            return TablesRoom.step(entry);
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
