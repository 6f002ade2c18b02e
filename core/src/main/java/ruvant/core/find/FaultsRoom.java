package ruvant.core.find;

import java.util.List;
import java.util.Optional;
import ruvant.core.log.ChangesFold;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
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
        return ChangesFold.replaced(step(entry));
    }

    @Override
    public String words(FaultsEntry entry, Names names) {
        return switch (entry) {
            case FaultsEntry.FaultsChanged one ->
                "changed: " + Phrase.joined(one.changes().words());
            case FaultsEntry.FaultTakenBack one -> "back to how it came: " + Phrase.readable(one.id());
        };
    }

    private static ChangesFold.Step<FaultChanges> step(FaultsEntry entry) {
        return switch (entry) {
            case FaultsEntry.FaultsChanged one -> new ChangesFold.Made<>(one.changes());
            case FaultsEntry.FaultTakenBack one -> new ChangesFold.TakenBack<>(one.id());
        };
    }

    /** Folds changes. */
    public static final class Fold extends ChangesFold<FaultsEntry, FaultChanges> {
        private final FaultKnowledge shipped;

        private Fold(FaultKnowledge shipped) {
            super(FaultChanges.NONE);
            this.shipped = shipped;
        }

        @Override
        protected Step<FaultChanges> step(FaultsEntry entry) {
            return FaultsRoom.step(entry);
        }

        @Override
        protected FaultChanges without(FaultChanges all, String id) {
            return all.without(id);
        }

        @Override
        protected void fit(FaultChanges all) {
            all.in(shipped);
        }

        @Override
        protected FaultChanges kept(FaultChanges more) {
            return more.remembering(known());
        }

        /** What was known before an entry; where changes do not fit what ships any more, what ships alone. */
        private FaultKnowledge known() {
            try {
                return changes().in(shipped);
            } catch (FieldProblem gap) {
                return shipped;
            }
        }
    }
}
