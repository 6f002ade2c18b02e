package ruvant.core.find;

import java.util.List;
import java.util.Optional;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.Room;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Phrase;
import ruvant.core.units.Refusal;

/** What this shop changed in what is known of faults. */
public final class FaultsRoom implements Room<FaultsEntry> {
    private final FaultKnowledge shipped;

    /** @param shipped what is changed */
    public FaultsRoom(FaultKnowledge shipped) {
        this.shipped = shipped;
    }

    @Override
    public Class<FaultsEntry> entries() {
        return FaultsEntry.class;
    }

    @Override
    public RoomFold<FaultsEntry> begin(Folds earlier) {
        return new Fold(shipped);
    }

    @Override
    public Optional<Refusal> rule(FaultsEntry entry, Standing now) {
        return switch (entry) {
            case FaultsEntry.FaultsChanged one -> Optional.empty();
            case FaultsEntry.FaultTakenBack one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(FaultsEntry entry) {
        return switch (entry) {
            case FaultsEntry.FaultsChanged one -> List.of();
            case FaultsEntry.FaultTakenBack one -> List.of();
        };
    }

    @Override
    public List<String> replaces(FaultsEntry entry) {
        return switch (entry) {
            case FaultsEntry.FaultsChanged one -> one.changes().ids();
            case FaultsEntry.FaultTakenBack one -> List.of(one.id());
        };
    }

    @Override
    public String words(FaultsEntry entry, Names names) {
        return switch (entry) {
            case FaultsEntry.FaultsChanged one ->
                "changed: " + Phrase.joined(one.changes().words());
            case FaultsEntry.FaultTakenBack one -> "back to how it came: " + Phrase.readable(one.id());
        };
    }

    /** Folds changes. */
    public static final class Fold implements RoomFold<FaultsEntry> {
        private final FaultKnowledge shipped;
        private FaultChanges changes = FaultChanges.NONE;

        private Fold(FaultKnowledge shipped) {
            this.shipped = shipped;
        }

        @Override
        public Optional<Refusal> objection(Line line, FaultsEntry entry) {
            return switch (entry) {
                case FaultsEntry.FaultsChanged one -> gaps(changes.plus(one.changes()));
                case FaultsEntry.FaultTakenBack one ->
                    changes.ids().contains(one.id())
                            ? gaps(changes.without(one.id()))
                            : Optional.of(new Refusal(
                                    "notChanged", "Nothing of that was changed here.", "Nothing to enter."));
            };
        }

        /** Changes that would leave gaps are refused, with what is missing. */
        private Optional<Refusal> gaps(FaultChanges all) {
            return Refusal.trying("gaps", () -> all.in(shipped));
        }

        @Override
        public void take(Line line, FaultsEntry entry) {
            changes = switch (entry) {
                case FaultsEntry.FaultsChanged one -> changes.plus(one.changes().remembering(known()));
                case FaultsEntry.FaultTakenBack one -> changes.without(one.id());
            };
        }

        /** What was known before an entry; where changes do not fit what ships any more, what ships alone. */
        private FaultKnowledge known() {
            try {
                return changes.in(shipped);
            } catch (FieldProblem gap) {
                return shipped;
            }
        }

        /** All that differs from what ships. */
        public FaultChanges changes() {
            return changes;
        }
    }
}
