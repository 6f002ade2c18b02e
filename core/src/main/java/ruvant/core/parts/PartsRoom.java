package ruvant.core.parts;

import static ruvant.core.job.JobEffect.Plain.PARTS_TOLD;
import static ruvant.core.job.JobEffect.Plain.PROOFS_VOID;
import static ruvant.core.job.JobEffect.Plain.READINGS_VOID;
import static ruvant.core.job.JobEffect.Plain.WORK_BETWEEN_FIRINGS;
import static ruvant.core.units.Phrase.part;
import static ruvant.core.units.Phrase.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.job.JobEffect;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/** What a camera needs, and what took a part's place. */
public final class PartsRoom implements JobRoom<PartsEntry> {
    @Override
    public Class<PartsEntry> entries() {
        return PartsEntry.class;
    }

    @Override
    public RoomFold<PartsEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(PartsEntry entry, Standing now) {
        return switch (entry) {
            case PartsEntry.NeedOpened need -> Optional.empty();
            case PartsEntry.NeedDropped need -> Optional.empty();
            case PartsEntry.Replaced replaced -> Optional.empty();
            case PartsEntry.FitSeen seen -> Optional.empty();
            case PartsEntry.PieceFitted fitted -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(PartsEntry entry) {
        return switch (entry) {
            case PartsEntry.NeedOpened need -> List.of(PARTS_TOLD);
            case PartsEntry.NeedDropped need -> List.of(PARTS_TOLD);
            case PartsEntry.Replaced replaced ->
                List.of(
                        new JobEffect.PieceReplaced(replaced.part(), replaced.old()),
                        PROOFS_VOID,
                        READINGS_VOID,
                        WORK_BETWEEN_FIRINGS,
                        PARTS_TOLD);
            case PartsEntry.FitSeen seen -> List.of(PARTS_TOLD);
            case PartsEntry.PieceFitted fitted ->
                List.of(new JobEffect.PieceFitted(fitted.part(), fitted.piece(), fitted.count()), PARTS_TOLD);
        };
    }

    @Override
    public String words(PartsEntry entry, Names names) {
        return switch (entry) {
            case PartsEntry.NeedOpened need ->
                "needed for " + need.part() + with(", ", need.piece()) + ": " + need.words();
            case PartsEntry.NeedDropped need ->
                "no longer needed for " + need.part() + with(", ", need.piece()) + ": " + need.why();
            case PartsEntry.PieceFitted fitted ->
                "fitted " + fitted.count() + " × " + fitted.piece() + " at " + fitted.part() + ", "
                        + fitted.source().label() + with(" ", fitted.from());
            case PartsEntry.Replaced replaced ->
                "replaced " + replaced.part() + " from " + source(replaced)
                        + with(", ", replaced.pattern()) + (replaced.checked() ? ", checked" : ", not checked")
                        + with(", ", replaced.dimensions()) + with(", ", replaced.remark());
            case PartsEntry.FitSeen seen ->
                seen.part() + " of "
                        + (seen.from().fitsMany() ? "elsewhere" : seen.from().words()) + " "
                        + seen.outcome().label() + with(", ", seen.remark());
        };
    }

    private static String source(PartsEntry.Replaced replaced) {
        String kind = replaced.source().label();
        return replaced.from().equalsIgnoreCase(kind) ? kind : kind + " " + replaced.from();
    }

    /** Folds needs and replacements. */
    public static final class Fold implements RoomFold<PartsEntry> {
        private final List<PartsPicture.Need> needs = new ArrayList<>();
        private final List<PartsPicture.Replacement> replacements = new ArrayList<>();
        private final List<PartsPicture.SeenFit> fits = new ArrayList<>();
        private final List<PartsPicture.Fitted> pieces = new ArrayList<>();

        @Override
        public Optional<Refusal> objection(Line line, PartsEntry entry) {
            return switch (entry) {
                case PartsEntry.NeedOpened opened
                when openFor(opened.part(), opened.piece()) ->
                    refuse("needTwice", "A need for “" + opened.part() + "” is already open.");
                case PartsEntry.NeedDropped dropped
                when !openFor(dropped.part(), dropped.piece()) ->
                    refuse("needUnknown", "No need for “" + dropped.part() + "” is open.");
                case PartsEntry.NeedOpened opened -> Optional.empty();
                case PartsEntry.NeedDropped dropped -> Optional.empty();
                case PartsEntry.Replaced replaced -> Optional.empty();
                case PartsEntry.FitSeen seen -> Optional.empty();
                case PartsEntry.PieceFitted fitted -> Optional.empty();
            };
        }

        @Override
        public void take(Line line, PartsEntry entry) {
            switch (entry) {
                case PartsEntry.NeedOpened opened ->
                    needs.add(new PartsPicture.Need(
                            line.id(), opened.part(), opened.piece(), opened.words(), true, line.at(), ""));
                case PartsEntry.NeedDropped dropped -> close(dropped.part(), dropped.piece(), dropped.why());
                case PartsEntry.Replaced replaced -> {
                    replacements.add(new PartsPicture.Replacement(line.id(), line.at(), replaced));
                    close(replaced.part(), "", replaced.source().label() + ": " + replaced.from());
                }
                case PartsEntry.PieceFitted fitted -> {
                    pieces.add(new PartsPicture.Fitted(line.id(), line.at(), fitted));
                    close(fitted.part(), fitted.piece(), fitted.source().label() + with(": ", fitted.from()));
                }
                case PartsEntry.FitSeen seen -> fits.add(new PartsPicture.SeenFit(line.id(), line.at(), seen));
            }
        }

        private void close(PartName part, String piece, String how) {
            needs.replaceAll(need -> need.open() && need.isOf(part, piece)
                    ? new PartsPicture.Need(need.id(), need.part(), need.piece(), need.what(), false, need.since(), how)
                    : need);
        }

        private boolean openFor(PartName part, String piece) {
            return needs.stream().anyMatch(need -> need.open() && need.isOf(part, piece));
        }

        private static Optional<Refusal> refuse(String code, String message) {
            return Optional.of(new Refusal(code, message, "There is nothing to close."));
        }

        /** The picture so far. */
        public PartsPicture picture() {
            return new PartsPicture(
                    List.copyOf(needs), List.copyOf(replacements), List.copyOf(fits), List.copyOf(pieces));
        }
    }
}
