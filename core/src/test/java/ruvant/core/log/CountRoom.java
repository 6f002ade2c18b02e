package ruvant.core.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.units.Refusal;

/**
 * A log of pebbles in a jar, so that the kernel is tested on something it cannot know: pebbles are put in and taken out,
 * never more than are there; the jar is labelled, and the last label holds.
 */
final class CountRoom implements Room<CountRoom.Said> {
    /** A wish of the shop: no more than this at once. */
    record Most(int pebbles) {}

    sealed interface Said extends Entry {
        record In(int pebbles) implements Said {}

        record Out(int pebbles) implements Said {}

        record Labelled(String label) implements Said {}
    }

    @Override
    public Class<Said> entries() {
        return Said.class;
    }

    @Override
    public Fold begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(Said entry, Standing now) {
        return switch (entry) {
            case Said.In in ->
                in.pebbles() > now.of(Most.class).pebbles()
                        ? Optional.of(new Refusal("tooMany", "That is a handful.", "Put fewer in at once."))
                        : Optional.empty();
            case Said.Out out -> Optional.empty();
            case Said.Labelled labelled -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(Said entry) {
        return switch (entry) {
            case Said.In in -> List.of();
            case Said.Out out -> List.of();
            case Said.Labelled labelled -> List.of();
        };
    }

    @Override
    public List<String> replaces(Said entry) {
        return entry instanceof Said.Labelled ? List.of("label") : List.of();
    }

    @Override
    public String words(Said entry, Names names) {
        return switch (entry) {
            case Said.In in -> "put in " + in.pebbles();
            case Said.Out out -> "took out " + out.pebbles();
            case Said.Labelled labelled -> "labelled " + labelled.label();
        };
    }

    /** How many are in the jar, and in which order they were counted. */
    static final class Fold implements RoomFold<Said> {
        private int there;
        private String label = "";
        private final List<String> order = new ArrayList<>();

        @Override
        public Optional<Refusal> objection(Line line, Said entry) {
            return entry instanceof Said.Out out && out.pebbles() > there
                    ? Optional.of(new Refusal("tooFew", there + " are there.", "Take fewer."))
                    : Optional.empty();
        }

        @Override
        public void take(Line line, Said entry) {
            switch (entry) {
                case Said.In in -> there += in.pebbles();
                case Said.Out out -> there -= out.pebbles();
                case Said.Labelled labelled -> label = labelled.label();
            }
            order.add(String.valueOf(line.sequence()));
        }

        int there() {
            return there;
        }

        String label() {
            return label;
        }

        /** Sequences of the lines in the order in which they counted. */
        String order() {
            return String.join(" ", order);
        }
    }
}
