package ruvant.core.proof;

import static ruvant.core.units.Phrase.figure;
import static ruvant.core.units.Phrase.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.Refusal;

/** Acceptance tests. */
public final class ProofRoom implements JobRoom<ProofEntry> {
    @Override
    public Class<ProofEntry> entries() {
        return ProofEntry.class;
    }

    @Override
    public RoomFold<ProofEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(ProofEntry entry, Standing now) {
        return switch (entry) {
            case ProofEntry.ProofMade one -> Optional.empty();
            case ProofEntry.FilmDeveloped one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(ProofEntry entry) {
        return switch (entry) {
            case ProofEntry.ProofMade one -> List.of();
            case ProofEntry.FilmDeveloped one -> List.of();
        };
    }

    @Override
    public String words(ProofEntry entry, Names names) {
        return switch (entry) {
            case ProofEntry.ProofMade one ->
                one.proof()
                        + (one.passed() == null ? "" : one.passed() ? ": passed" : ": failed")
                        + with(
                                ": ",
                                one.readings().stream().map(ProofRoom::words).collect(Collectors.joining(", ")))
                        + with(", ", one.remark());
            case ProofEntry.FilmDeveloped one ->
                "test film developed: " + one.frames() + " frames"
                        + (one.counter() == null ? "" : ", counter at " + one.counter())
                        + (one.faults().isEmpty()
                                ? ", no fault"
                                : ", "
                                        + one.faults().stream()
                                                .map(seen -> "frame " + seen.frame() + " "
                                                        + seen.fault().label())
                                                .collect(Collectors.joining(", ")))
                        + with(", ", one.remark());
        };
    }

    private static String words(ProofEntry.ProofReading reading) {
        return reading.at() == null ? figure(reading.value()) : figure(reading.value()) + " at " + figure(reading.at());
    }

    /** Folds proofs. */
    public static final class Fold implements RoomFold<ProofEntry> {
        private final List<ProofPicture.Made> made = new ArrayList<>();
        private final List<ProofPicture.Film> films = new ArrayList<>();

        @Override
        public Optional<Refusal> objection(Line line, ProofEntry entry) {
            return Optional.empty();
        }

        @Override
        public void take(Line line, ProofEntry entry) {
            switch (entry) {
                case ProofEntry.ProofMade one -> made.add(new ProofPicture.Made(line.id(), line.at(), line.by(), one));
                case ProofEntry.FilmDeveloped one ->
                    films.add(new ProofPicture.Film(line.id(), line.at(), line.by(), one));
            }
        }

        /** The picture so far. */
        public ProofPicture picture() {
            return new ProofPicture(List.copyOf(made), List.copyOf(films));
        }
    }
}
