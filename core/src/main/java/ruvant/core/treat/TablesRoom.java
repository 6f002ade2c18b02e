package ruvant.core.treat;

import java.util.List;
import java.util.Optional;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
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
        return switch (entry) {
            case TablesEntry.TablesChanged one -> one.changes().ids();
            case TablesEntry.TableTakenBack one -> List.of(one.id());
        };
    }

    @Override
    public String words(TablesEntry entry, Names names) {
        return switch (entry) {
            case TablesEntry.TablesChanged one ->
                "changed: " + Phrase.joined(one.changes().words());
            case TablesEntry.TableTakenBack one -> "back to how it came: " + Phrase.readable(one.id());
        };
    }

    /** Folds changes. */
    public static final class Fold implements RoomFold<TablesEntry> {
        private final Materials shipped;
        private TableChanges changes = TableChanges.NONE;

        private Fold(Materials shipped) {
            this.shipped = shipped;
        }

        @Override
        public Optional<Refusal> objection(Line line, TablesEntry entry) {
            return switch (entry) {
                case TablesEntry.TablesChanged one -> gaps(changes.plus(one.changes()));
                case TablesEntry.TableTakenBack one ->
                    changes.ids().contains(one.id())
                            ? gaps(changes.without(one.id(), shipped))
                            : Optional.of(new Refusal(
                                    "notChanged", "Nothing of that was changed here.", "Nothing to enter."));
            };
        }

        /** Changes that would leave gaps are refused, with what is missing. */
        private Optional<Refusal> gaps(TableChanges all) {
            return Refusal.trying("gaps", () -> all.in(shipped));
        }

        @Override
        public void take(Line line, TablesEntry entry) {
            changes = switch (entry) {
                case TablesEntry.TablesChanged one -> changes.plus(one.changes());
                case TablesEntry.TableTakenBack one -> changes.without(one.id(), shipped);
            };
        }

        /** All that differs from what ships. */
        public TableChanges changes() {
            return changes;
        }
    }
}
