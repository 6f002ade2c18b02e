package ruvant.core.warranty;

import static ruvant.core.job.JobEffect.Plain.AT_NO_STOP;
import static ruvant.core.job.JobEffect.Plain.IN_PASSING;
import static ruvant.core.job.JobEffect.Plain.SAID_AFTER_RETURN_TOO;
import static ruvant.core.units.Phrase.with;

import java.util.List;
import java.util.Optional;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.Refusal;

/** Cameras that come back. */
public final class WarrantyRoom implements JobRoom<WarrantyEntry> {
    @Override
    public Class<WarrantyEntry> entries() {
        return WarrantyEntry.class;
    }

    @Override
    public RoomFold<WarrantyEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(WarrantyEntry entry, Standing now) {
        return switch (entry) {
            case WarrantyEntry.CameBack one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(WarrantyEntry entry) {
        return switch (entry) {
            case WarrantyEntry.CameBack one -> List.of(AT_NO_STOP, IN_PASSING, SAID_AFTER_RETURN_TOO);
        };
    }

    @Override
    public List<String> replaces(WarrantyEntry entry) {
        return switch (entry) {
            case WarrantyEntry.CameBack one -> List.of("what is said of its earlier visit");
        };
    }

    @Override
    public String words(WarrantyEntry entry, Names names) {
        return switch (entry) {
            case WarrantyEntry.CameBack one ->
                "was here before as " + one.earlier()
                        + (one.judged() == null ? "" : ", " + one.judged().label())
                        + (one.covered() == null
                                ? ""
                                : one.covered() ? ", covered by the warranty" : ", not covered by the warranty")
                        + with(": ", one.why());
        };
    }

    /** Folds it: the last word holds. */
    public static final class Fold implements RoomFold<WarrantyEntry> {
        private CameBackPicture.SaidOfEarlier said;

        @Override
        public Optional<Refusal> objection(Line line, WarrantyEntry entry) {
            return Optional.empty();
        }

        @Override
        public void take(Line line, WarrantyEntry entry) {
            switch (entry) {
                case WarrantyEntry.CameBack one ->
                    said = new CameBackPicture.SaidOfEarlier(line.id(), line.at(), line.by(), one);
            }
        }

        /** The picture so far. */
        public CameBackPicture picture() {
            return new CameBackPicture(Optional.ofNullable(said));
        }
    }
}
