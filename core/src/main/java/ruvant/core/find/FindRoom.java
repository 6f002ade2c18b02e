package ruvant.core.find;

import static ruvant.core.units.Phrase.figure;
import static ruvant.core.units.Phrase.with;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.Named;
import ruvant.core.units.Refusal;

/** What is wrong, and how one got to know. */
public final class FindRoom implements JobRoom<FindEntry> {
    @Override
    public Class<FindEntry> entries() {
        return FindEntry.class;
    }

    @Override
    public RoomFold<FindEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(FindEntry entry, Standing now) {
        return switch (entry) {
            case FindEntry.SymptomSeen seen -> Optional.empty();
            case FindEntry.SuspectRaised raised -> Optional.empty();
            case FindEntry.SuspectCleared cleared -> Optional.empty();
            case FindEntry.CauseConfirmed cause -> Optional.empty();
            case FindEntry.Found found -> Optional.empty();
            case FindEntry.PatternRead read -> Optional.empty();
            case FindEntry.Looked looked -> Optional.empty();
            case FindEntry.Predicted predicted -> Optional.empty();
            case FindEntry.Observed observed -> Optional.empty();
            case FindEntry.SwapTried swap -> Optional.empty();
            case FindEntry.Reopened reopened -> Optional.empty();
            case FindEntry.RootNamed root -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(FindEntry entry) {
        return switch (entry) {
            case FindEntry.SymptomSeen seen -> List.of();
            case FindEntry.SuspectRaised raised -> List.of();
            case FindEntry.SuspectCleared cleared -> List.of();
            case FindEntry.CauseConfirmed cause -> List.of();
            case FindEntry.Found found -> List.of();
            case FindEntry.PatternRead read -> List.of();
            case FindEntry.Looked looked -> List.of();
            case FindEntry.Predicted predicted -> List.of();
            case FindEntry.Observed observed -> List.of();
            case FindEntry.SwapTried swap -> List.of();
            case FindEntry.Reopened reopened -> List.of();
            case FindEntry.RootNamed root -> List.of();
        };
    }

    @Override
    public String words(FindEntry entry, Names names) {
        return switch (entry) {
            case FindEntry.SymptomSeen seen ->
                "symptom: " + seen.what()
                        + (seen.shown() == null ? "" : seen.shown().words());
            case FindEntry.SuspectRaised raised -> "suspect: " + raised.suspect() + with(", ", raised.why());
            case FindEntry.SuspectCleared cleared -> "cleared: " + cleared.suspect() + ": " + cleared.look();
            case FindEntry.CauseConfirmed cause -> "cause: " + cause.cause() + ", " + cause.evidence();
            case FindEntry.Found found -> "found " + found.what();
            case FindEntry.Looked looked ->
                "look: " + looked.words() + (looked.seen() ? ", seen" : ", not seen")
                        + (looked.sure() ? "" : ", as far as can be seen") + with(", ", looked.remark());
            case FindEntry.Predicted predicted ->
                "predicted: " + predicted.what() + " " + figure(predicted.expected()) + with(" ", predicted.unit());
            case FindEntry.Observed observed -> "result: " + figure(observed.seen()) + with(", ", observed.remark());
            case FindEntry.SwapTried swap ->
                "swap test, " + swap.suspect() + ": " + swap.part() + " of " + swap.from()
                        + (swap.changed() ? ", changed" : ", no change") + with(": ", swap.seen());
            case FindEntry.Reopened reopened ->
                "reopened: " + reopened.was() + "; points to " + reopened.suspect() + ", " + reopened.why();
            case FindEntry.RootNamed root -> "root cause of " + root.cause() + ": " + root.root();
            case FindEntry.PatternRead read ->
                "what the speeds show: " + read.sentence() + " "
                        + read.likely().stream()
                                .limit(3)
                                .map(one -> one.words() + " %.0f %%".formatted(100 * one.probability()))
                                .collect(Collectors.joining(", "));
        };
    }

    /** Folds the search for the fault. */
    public static final class Fold implements RoomFold<FindEntry> {
        /** Lines closer together were typed one after the other; what lies further apart was no single look. */
        private static final Duration SHORTEST = Duration.ofSeconds(20);

        /** A look that seems to have taken longer was interrupted, and teaches nothing about looks. */
        private static final Duration LONGEST = Duration.ofMinutes(45);

        private Instant before;
        private final Set<UUID> taken = new HashSet<>();
        private final List<FindPicture.Said> symptoms = new ArrayList<>();
        private final Map<Named, FindPicture.Suspect> suspects = new LinkedHashMap<>();
        private final List<FindPicture.Said> causes = new ArrayList<>();
        private final List<FindPicture.Said> found = new ArrayList<>();
        private final List<FindPicture.Pattern> patterns = new ArrayList<>();
        private final List<FindPicture.TakenLook> looks = new ArrayList<>();
        private final Map<UUID, FindPicture.Prediction> predictions = new LinkedHashMap<>();
        private final List<FindPicture.Swap> swaps = new ArrayList<>();
        private final List<FindPicture.Overturned> overturned = new ArrayList<>();
        private final List<FindPicture.Said> roots = new ArrayList<>();
        private final Map<UUID, Seen> seenThings = new LinkedHashMap<>();
        private final Map<UUID, Shown> shown = new LinkedHashMap<>();

        @Override
        public Optional<Refusal> objection(Line line, FindEntry entry) {
            return switch (entry) {
                case FindEntry.SuspectRaised raised -> raisedTwice(raised);
                case FindEntry.SuspectCleared cleared -> notASuspect(cleared);
                case FindEntry.SymptomSeen seen -> Optional.empty();
                case FindEntry.CauseConfirmed cause -> Optional.empty();
                case FindEntry.Found thing -> Optional.empty();
                case FindEntry.PatternRead read -> Optional.empty();
                case FindEntry.Looked looked -> Optional.empty();
                case FindEntry.Predicted predicted -> Optional.empty();
                case FindEntry.Observed observed -> notForetold(observed);
                case FindEntry.SwapTried swap -> Optional.empty();
                case FindEntry.Reopened reopened -> nothingToReopen(reopened);
                case FindEntry.RootNamed root -> notACause(root);
            };
        }

        private Optional<Refusal> nothingToReopen(FindEntry.Reopened reopened) {
            return taken.contains(reopened.finding())
                    ? Optional.empty()
                    : Optional.of(new Refusal(
                            "lineUnknown", "That finding is not in this job.", "Choose an earlier line of this job."));
        }

        private Optional<Refusal> raisedTwice(FindEntry.SuspectRaised raised) {
            FindPicture.Suspect known = suspects.get(onList(raised.suspect()));
            // raising a cleared suspect again is how a judgement is overturned
            return known == null || known.state() == FindPicture.State.CLEARED
                    ? Optional.empty()
                    : Optional.of(new Refusal(
                            "suspectTwice",
                            "“" + known.name() + "” is already on the list.",
                            "There is nothing to add."));
        }

        private Optional<Refusal> notForetold(FindEntry.Observed observed) {
            FindPicture.Prediction known = predictions.get(observed.predicted());
            if (known == null) {
                return Optional.of(new Refusal(
                        "notForetold", "Nothing like that was predicted.", "Predict first, then save the result."));
            }
            return known.seen().isPresent()
                    ? Optional.of(new Refusal(
                            "observedTwice",
                            "“" + known.what().what() + "” already has a result.",
                            "Strike that result out, or predict again."))
                    : Optional.empty();
        }

        private Optional<Refusal> notACause(FindEntry.RootNamed root) {
            FindPicture.Suspect known = suspects.get(onList(root.cause()));
            return known != null && known.state() == FindPicture.State.CAUSE
                    ? Optional.empty()
                    : Optional.of(new Refusal(
                            "causeUnknown",
                            "“" + root.cause() + "” is not confirmed as a cause.",
                            "Confirm the cause first, then enter its root cause."));
        }

        private Optional<Refusal> notASuspect(FindEntry.SuspectCleared cleared) {
            FindPicture.Suspect known = suspects.get(onList(cleared.suspect()));
            if (known == null) {
                return Optional.of(new Refusal(
                        "suspectUnknown",
                        "“" + cleared.suspect() + "” is not a suspect.",
                        "Add it as a suspect first, then clear it."));
            }
            return known.state() == FindPicture.State.CLEARED
                    ? Optional.of(new Refusal(
                            "clearedTwice",
                            "“" + known.name() + "” is already cleared: " + known.look() + ".",
                            "There is nothing to add."))
                    : Optional.empty();
        }

        @Override
        public void take(Line line, FindEntry entry) {
            switch (entry) {
                case FindEntry.SymptomSeen seen -> {
                    symptoms.add(new FindPicture.Said(
                            line.id(),
                            line.at(),
                            seen.what(),
                            seen.shown() == null ? "" : seen.shown().words()));
                    if (seen.shown() != null) {
                        shown.put(line.id(), seen.shown());
                    }
                }
                case FindEntry.Looked looked ->
                    looks.add(new FindPicture.TakenLook(line.id(), line.at(), line.by(), looked, took(line.at())));
                case FindEntry.PatternRead read -> patterns.add(new FindPicture.Pattern(line.id(), line.at(), read));
                case FindEntry.Found thing -> {
                    found.add(new FindPicture.Said(line.id(), line.at(), Named.of(thing.what()), ""));
                    if (thing.seen() != null) {
                        seenThings.put(line.id(), thing.seen());
                    }
                }
                case FindEntry.SuspectRaised raised ->
                    suspects.put(
                            onList(raised.suspect()),
                            new FindPicture.Suspect(
                                    line.id(), raised.suspect(), FindPicture.State.OPEN, raised.why(), ""));
                case FindEntry.SuspectCleared cleared ->
                    settle(cleared.suspect(), FindPicture.State.CLEARED, cleared.look(), line);
                case FindEntry.CauseConfirmed cause -> {
                    causes.add(new FindPicture.Said(line.id(), line.at(), cause.cause(), cause.evidence()));
                    settle(cause.cause(), FindPicture.State.CAUSE, cause.evidence(), line);
                }
                case FindEntry.Predicted predicted ->
                    predictions.put(
                            line.id(),
                            new FindPicture.Prediction(line.id(), predicted, Optional.empty(), Optional.empty()));
                case FindEntry.Observed observed -> observe(observed);
                case FindEntry.SwapTried swap -> swap(line, swap);
                case FindEntry.Reopened reopened -> {
                    overturned.add(new FindPicture.Overturned(line.id(), reopened));
                    raise(line, reopened.suspect(), reopened.was() + ": " + reopened.why());
                }
                case FindEntry.RootNamed root ->
                    roots.add(new FindPicture.Said(line.id(), line.at(), root.cause(), root.root()));
            }
        }

        private Optional<Duration> took(Instant at) {
            Duration since = before == null ? Duration.ZERO : Duration.between(before, at);
            return since.compareTo(SHORTEST) < 0 || since.compareTo(LONGEST) > 0
                    ? Optional.empty()
                    : Optional.of(since);
        }

        private void observe(FindEntry.Observed observed) {
            FindPicture.Prediction known = predictions.get(observed.predicted());
            boolean held = Math.abs(observed.seen() - known.what().expected())
                    <= known.what().allowed() * (1 + 1e-9);
            predictions.put(
                    known.id(),
                    new FindPicture.Prediction(
                            known.id(), known.what(), Optional.of(observed.seen()), Optional.of(held)));
        }

        private void swap(Line line, FindEntry.SwapTried swap) {
            swaps.add(new FindPicture.Swap(line.id(), swap));
            String words = swap.part() + " of " + swap.from() + " fitted as a test: ";
            if (swap.changed()) {
                raise(line, swap.suspect(), words + (swap.seen().isEmpty() ? "it changed" : swap.seen()));
            } else {
                settle(swap.suspect(), FindPicture.State.CLEARED, words + "no change", line);
            }
        }

        /** Puts a suspect on the list, or back on it; what is the cause already stays so. */
        private void raise(Line line, Named said, String why) {
            Named name = onList(said);
            FindPicture.Suspect known = suspects.get(name);
            if (known == null || known.state() != FindPicture.State.CAUSE) {
                suspects.put(
                        name,
                        new FindPicture.Suspect(
                                known == null ? line.id() : known.id(),
                                known == null ? name : known.what(),
                                FindPicture.State.OPEN,
                                why,
                                ""));
            }
        }

        /** By what it stands on the list: a suspect may be raised by its words once, and by its id later. */
        private Named onList(Named said) {
            return suspects.containsKey(said)
                    ? said
                    : suspects.keySet().stream()
                            .filter(one -> one.means(said))
                            .findFirst()
                            .orElse(said);
        }

        private void settle(Named said, FindPicture.State state, String look, Line line) {
            Named name = onList(said);
            FindPicture.Suspect before = suspects.get(name);
            suspects.put(
                    name,
                    new FindPicture.Suspect(
                            before == null ? line.id() : before.id(),
                            before == null ? name : before.what(),
                            state,
                            before == null ? "" : before.why(),
                            look));
        }

        /** The picture so far. */
        public FindPicture picture() {
            return new FindPicture(
                    List.copyOf(symptoms),
                    List.copyOf(suspects.values()),
                    List.copyOf(causes),
                    List.copyOf(found),
                    List.copyOf(patterns),
                    List.copyOf(looks),
                    List.copyOf(predictions.values()),
                    List.copyOf(swaps),
                    List.copyOf(overturned),
                    List.copyOf(roots),
                    Collections.unmodifiableMap(new LinkedHashMap<>(seenThings)),
                    Collections.unmodifiableMap(new LinkedHashMap<>(shown)));
        }

        @Override
        public void followed(Line line, List<Effect> effects) {
            before = line.at();
            taken.add(line.id());
        }
    }
}
