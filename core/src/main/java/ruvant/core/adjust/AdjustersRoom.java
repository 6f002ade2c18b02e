package ruvant.core.adjust;

import java.util.function.Function;
import ruvant.core.log.ChangesFold;
import ruvant.core.log.ChangesRoom;
import ruvant.core.log.Folds;
import ruvant.core.log.RoomFold;

/** What this shop changed in what is known of adjusters. */
public final class AdjustersRoom extends ChangesRoom<AdjustersEntry, AdjusterChanges> {
    private final AdjusterBook shipped;

    /** @param shipped what is changed */
    public AdjustersRoom(AdjusterBook shipped) {
        super(AdjustersEntry.class);
        this.shipped = shipped;
    }

    @Override
    protected ChangesFold.Step<AdjusterChanges> step(AdjustersEntry entry) {
        return switch (entry) {
            case AdjustersEntry.AdjustersChanged one -> new ChangesFold.Made<>(one.changes());
            case AdjustersEntry.AdjusterTakenBack one -> new ChangesFold.TakenBack<>(one.id());
        };
    }

    @Override
    public RoomFold<AdjustersEntry> begin(Folds earlier) {
        return new Fold(shipped, this::step);
    }

    /** Folds changes. */
    public static final class Fold extends ChangesFold<AdjustersEntry, AdjusterChanges> {
        private final AdjusterBook shipped;

        private Fold(AdjusterBook shipped, Function<AdjustersEntry, Step<AdjusterChanges>> step) {
            super(AdjusterChanges.NONE, step);
            this.shipped = shipped;
        }

        @Override
        protected AdjusterChanges without(AdjusterChanges all, String id) {
            return all.without(id, shipped);
        }

        @Override
        protected void fit(AdjusterChanges all) {
            all.in(shipped);
        }
    }
}
