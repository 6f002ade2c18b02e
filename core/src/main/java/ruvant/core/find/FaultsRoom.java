package ruvant.core.find;

import java.util.function.Function;
import ruvant.core.log.ChangesFold;
import ruvant.core.log.ChangesRoom;
import ruvant.core.log.Folds;
import ruvant.core.log.RoomFold;
import ruvant.core.units.FieldProblem;

/** What this shop changed in what is known of faults. */
public final class FaultsRoom extends ChangesRoom<FaultsEntry, FaultChanges> {
    private final FaultKnowledge shipped;

    /** @param shipped what is changed */
    public FaultsRoom(FaultKnowledge shipped) {
        super(FaultsEntry.class);
        this.shipped = shipped;
    }

    @Override
    protected ChangesFold.Step<FaultChanges> step(FaultsEntry entry) {
        return switch (entry) {
            case FaultsEntry.FaultsChanged one -> new ChangesFold.Made<>(one.changes());
            case FaultsEntry.FaultTakenBack one -> new ChangesFold.TakenBack<>(one.id());
        };
    }

    @Override
    public RoomFold<FaultsEntry> begin(Folds earlier) {
        return new Fold(shipped, this::step);
    }

    /** Folds changes. */
    public static final class Fold extends ChangesFold<FaultsEntry, FaultChanges> {
        private final FaultKnowledge shipped;

        private Fold(FaultKnowledge shipped, Function<FaultsEntry, Step<FaultChanges>> step) {
            super(FaultChanges.NONE, step);
            this.shipped = shipped;
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
