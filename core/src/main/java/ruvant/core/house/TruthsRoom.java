package ruvant.core.house;

import java.util.function.Function;
import ruvant.core.log.ChangesFold;
import ruvant.core.log.ChangesRoom;
import ruvant.core.log.Folds;
import ruvant.core.log.RoomFold;

/** What is true of models, said without a job. */
public final class TruthsRoom extends ChangesRoom<TruthsEntry, ModelTruths> {
    public TruthsRoom() {
        super(TruthsEntry.class);
    }

    @Override
    protected ChangesFold.Step<ModelTruths> step(TruthsEntry entry) {
        return switch (entry) {
            case TruthsEntry.TruthsStated one -> new ChangesFold.Made<>(one.truths());
            case TruthsEntry.TruthTakenBack one -> new ChangesFold.TakenBack<>(one.id());
        };
    }

    @Override
    public RoomFold<TruthsEntry> begin(Folds earlier) {
        return new Fold(this::step);
    }

    /** Folds what was said. */
    public static final class Fold extends ChangesFold<TruthsEntry, ModelTruths> {
        private Fold(Function<TruthsEntry, Step<ModelTruths>> step) {
            super(ModelTruths.NONE, step);
        }

        @Override
        protected ModelTruths without(ModelTruths all, String id) {
            return all.without(id);
        }

        @Override
        protected void fit(ModelTruths all) {
            // anything may be true of a model
        }
    }
}
