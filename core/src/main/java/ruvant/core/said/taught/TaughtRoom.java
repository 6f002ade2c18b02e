package ruvant.core.said.taught;

import java.util.function.Function;
import ruvant.core.log.ChangesFold;
import ruvant.core.log.ChangesRoom;
import ruvant.core.log.Folds;
import ruvant.core.log.RoomFold;

/** The words that a shop's people taught. */
public final class TaughtRoom extends ChangesRoom<TaughtEntry, TaughtWords> {
    public TaughtRoom() {
        super(TaughtEntry.class);
    }

    @Override
    protected ChangesFold.Step<TaughtWords> step(TaughtEntry entry) {
        return switch (entry) {
            case TaughtEntry.WordsTaught one -> new ChangesFold.Made<>(one.words());
            case TaughtEntry.WordTakenBack one -> new ChangesFold.TakenBack<>(one.id());
        };
    }

    @Override
    public RoomFold<TaughtEntry> begin(Folds earlier) {
        return new Fold(this::step);
    }

    /** Folds words. */
    public static final class Fold extends ChangesFold<TaughtEntry, TaughtWords> {
        private Fold(Function<TaughtEntry, Step<TaughtWords>> step) {
            super(TaughtWords.NONE, step);
        }

        @Override
        protected TaughtWords without(TaughtWords all, String id) {
            return all.without(id);
        }

        @Override
        protected void fit(TaughtWords all) {
            // any word may be taught beside those that ship
        }
    }
}
