package ruvant.core.strip;

import static ruvant.core.job.JobEffect.Plain.MODEL_TAUGHT;
import static ruvant.core.job.JobEffect.Plain.PROOFS_VOID;
import static ruvant.core.job.JobEffect.Plain.WORK_BETWEEN_FIRINGS;
import static ruvant.core.units.Phrase.joined;
import static ruvant.core.units.Phrase.part;
import static ruvant.core.units.Phrase.some;
import static ruvant.core.units.Phrase.turns;
import static ruvant.core.units.Phrase.with;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.intake.OwnersWord;
import ruvant.core.job.JobEffect;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.PartName;
import ruvant.core.units.Phrase;
import ruvant.core.units.Refusal;
import ruvant.core.units.WellName;

/** What came off and how it lay, where its pieces are, and how the mechanism stands. */
public final class StripRoom implements JobRoom<StripEntry> {
    @Override
    public Class<StripEntry> entries() {
        return StripEntry.class;
    }

    @Override
    public RoomFold<StripEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(StripEntry entry, Standing now) {
        return switch (entry) {
            case StripEntry.Removed removed ->
                now.of(Trays.class)
                        .objection(removed.wells())
                        .or(() -> now.of(Valley.class).objection(removed));
            case StripEntry.EdgeSet edge -> now.of(Valley.class).objection(edge);
            case StripEntry.FreeOf free -> Optional.empty();
            case StripEntry.Lost lost -> Optional.empty();
            case StripEntry.Destroyed destroyed -> Optional.empty();
            case StripEntry.MissingOnArrival missing -> Optional.empty();
            case StripEntry.Surplus surplus -> Optional.empty();
            case StripEntry.StateSet set -> Optional.empty();
            case StripEntry.SpringLetDown down -> Optional.empty();
            case StripEntry.SpringWound wound -> Optional.empty();
            case StripEntry.StuckTried tried ->
                now.of(TradeLists.class).cannotBeUndone(tried.rung())
                        ? OwnersWord.missing(now, tried.agreed(), tried.rung().words())
                        : Optional.empty();
            case StripEntry.Moved moved -> now.of(Trays.class).objection(moved.wells());
            case StripEntry.LeaveAlone alone -> Optional.empty();
            case StripEntry.FoundAgain found -> Optional.empty();
            case StripEntry.LeftEmpty empty -> Optional.empty();
            case StripEntry.AlsoMarked marked -> Optional.empty();
            case StripEntry.AlsoWants wants -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(StripEntry entry) {
        return switch (entry) {
            case StripEntry.Removed removed ->
                List.of(new JobEffect.TakenOff(removed.part()), PROOFS_VOID, WORK_BETWEEN_FIRINGS);
            case StripEntry.EdgeSet edge -> List.of(MODEL_TAUGHT);
            case StripEntry.FreeOf free -> List.of(MODEL_TAUGHT);
            case StripEntry.Lost lost -> List.of();
            case StripEntry.Destroyed destroyed -> List.of();
            case StripEntry.MissingOnArrival missing -> List.of();
            case StripEntry.Surplus surplus -> List.of();
            case StripEntry.StateSet set -> List.of();
            case StripEntry.SpringLetDown down -> List.of();
            case StripEntry.SpringWound wound -> List.of();
            case StripEntry.StuckTried tried -> List.of();
            case StripEntry.Moved moved -> List.of();
            case StripEntry.LeaveAlone alone -> List.of();
            case StripEntry.FoundAgain found -> List.of();
            case StripEntry.LeftEmpty empty -> List.of();
            case StripEntry.AlsoMarked marked -> List.of();
            case StripEntry.AlsoWants wants -> List.of();
        };
    }

    @Override
    public String words(StripEntry entry, Names names) {
        return switch (entry) {
            case StripEntry.Removed off ->
                joined(Stream.of(
                                Stream.of("took off " + off.part()
                                        + part(" out of ", off.within()) + ", "
                                        + off.side().label()),
                                off.fasteners().stream().map(Fastener::words),
                                off.joints().stream().map(Joint::words),
                                off.loose().stream().map(LoosePart::words),
                                off.wells().stream().map(well -> "well " + well),
                                some(with("stack of ", String.join(" / ", off.stack()))),
                                some(off.state() == null ? "" : off.state().label()),
                                some(with("was set to ", off.setting())),
                                some(
                                        off.mark() == null
                                                ? ""
                                                : "mark " + off.mark().words()),
                                off.hazards().stream()
                                        .sorted()
                                        .map(Hazard::label)
                                        .map(one -> "caution: " + one),
                                off.away() == null
                                        ? Stream.<String>empty()
                                        : off.away().pieces(),
                                some(off.remark()))
                        .flatMap(one -> one)
                        .toList());
            case StripEntry.EdgeSet edge ->
                edge.over() + (edge.present() ? " lies over " : " does not lie over ") + edge.under();
            case StripEntry.FreeOf free ->
                free.part() + " lies neither over nor under "
                        + joined(free.others().stream().map(PartName::text).toList());
            case StripEntry.Lost lost -> "lost " + lost.count() + " × " + lost.piece() + " of " + lost.part();
            case StripEntry.Destroyed gone ->
                "destroyed " + gone.count() + " × " + gone.piece() + " of " + gone.part() + with(", ", gone.how());
            case StripEntry.MissingOnArrival missing ->
                "missing on arrival: " + missing.count() + " × " + missing.what() + with(", ", missing.where());
            case StripEntry.Surplus surplus ->
                "left over: " + surplus.count() + " × " + surplus.what() + with(", kept in ", surplus.kept());
            case StripEntry.StateSet set -> "now " + set.state().label();
            case StripEntry.SpringLetDown down ->
                "let down " + down.spring() + turns(", ", down.turns()) + with(", ", down.remark());
            case StripEntry.SpringWound wound ->
                "wound " + wound.spring() + turns(", ", wound.turns()) + with(", ", wound.remark());
            case StripEntry.StuckTried tried ->
                "stuck " + tried.fastener() + " of " + tried.part() + ": "
                        + tried.rung().words() + (tried.freed() ? ", freed" : ", did not work")
                        + with(", ", tried.remark())
                        + with(", agreed ", tried.agreed());
            case StripEntry.Moved moved ->
                moved.part() + " is in "
                        + (moved.wells().isEmpty()
                                ? "no well"
                                : moved.wells().stream().map(WellName::toString).collect(Collectors.joining(" "))
                                        + " now");
            case StripEntry.LeaveAlone alone -> "leave alone: " + alone.what() + with(", ", alone.why());
            case StripEntry.FoundAgain found ->
                "found again " + found.count() + " × " + found.piece() + " of " + found.part()
                        + with(", ", found.where())
                        + (found.minutes() == 0 ? "" : ", after " + Phrase.minutes(found.minutes()));
            case StripEntry.AlsoMarked marked ->
                "another mark of " + marked.part() + ": " + marked.mark().words();
            case StripEntry.AlsoWants wants ->
                wants.part() + " goes on " + wants.state().label() + ", too";
            case StripEntry.LeftEmpty empty ->
                "left empty: " + empty.count() + " × " + empty.piece() + " of " + empty.part() + ", " + empty.why();
        };
    }

    /** Folds removals, and what is known beside the parts. */
    public static final class Fold implements RoomFold<StripEntry> {
        private final ValleyTracks valley = new ValleyTracks();
        private final Map<MechanismState.Of, MechanismState> states = new EnumMap<>(MechanismState.Of.class);
        private final Map<String, StripNotes.Spring> letDown = new LinkedHashMap<>();
        private final List<StripNotes.Stray> missing = new ArrayList<>();
        private final List<StripNotes.Stray> surplus = new ArrayList<>();
        private final Map<String, List<StripEntry.StuckTried>> stuck = new LinkedHashMap<>();
        private final List<StripNotes.Alone> alone = new ArrayList<>();
        private final PlaceFold places = new PlaceFold();

        @Override
        public Optional<Refusal> objection(Line line, StripEntry entry) {
            return switch (entry) {
                case StripEntry.Removed removed -> valley.objection(removed);
                case StripEntry.EdgeSet edge -> valley.objection(edge);
                case StripEntry.FreeOf free -> valley.objection(free);
                case StripEntry.Lost lost -> valley.notThere(lost.part(), lost.piece(), lost.count(), lost.unlisted());
                case StripEntry.Destroyed destroyed ->
                    valley.notThere(destroyed.part(), destroyed.piece(), destroyed.count(), destroyed.unlisted());
                case StripEntry.MissingOnArrival missing -> Optional.empty();
                case StripEntry.Surplus surplus -> Optional.empty();
                case StripEntry.StateSet set -> Optional.empty();
                case StripEntry.SpringLetDown down -> Optional.empty();
                case StripEntry.SpringWound wound -> notDown(wound);
                case StripEntry.StuckTried tried -> Optional.empty();
                case StripEntry.Moved moved -> valley.mustBeOut(moved.part(), "moved");
                case StripEntry.LeaveAlone alone -> Optional.empty();
                case StripEntry.FoundAgain found -> valley.objection(found);
                case StripEntry.LeftEmpty empty -> nothingEmpty(empty);
                case StripEntry.AlsoMarked marked -> valley.mustBeOut(marked.part(), "marked");
                case StripEntry.AlsoWants wants -> valley.mustBeOut(wants.part(), "given a state");
            };
        }

        private Optional<Refusal> nothingEmpty(StripEntry.LeftEmpty empty) {
            int open = places.accounts(valley).stream()
                    .filter(account ->
                            account.place().key().equals(empty.place().key()))
                    .mapToInt(PlaceAccount::open)
                    .sum();
            return open >= empty.count()
                    ? Optional.empty()
                    : Optional.of(new Refusal(
                            "notEmpty",
                            "At “" + empty.part() + "” " + open + " × " + empty.piece() + " are open, not "
                                    + empty.count() + ".",
                            "Log it as lost, destroyed or missing on arrival first."));
        }

        private Optional<Refusal> notDown(StripEntry.SpringWound wound) {
            if (letDown.containsKey(key(wound.spring()))) {
                return Optional.empty();
            }
            List<String> down =
                    letDown.values().stream().map(StripNotes.Spring::name).toList();
            return Optional.of(new Refusal(
                    "springNotDown",
                    "“" + wound.spring() + "” was not let down.",
                    down.isEmpty() ? "No spring is let down." : "Let down are: " + joined(down) + "."));
        }

        @Override
        public void take(Line line, StripEntry entry) {
            switch (entry) {
                case StripEntry.Removed removed -> {
                    valley.off(line, removed);
                    if (removed.state() != null) {
                        states.put(removed.state().of(), removed.state());
                    }
                }
                case StripEntry.EdgeSet edge -> valley.set(edge);
                case StripEntry.FreeOf free -> valley.free(free);
                case StripEntry.Lost lost -> valley.lost(lost);
                case StripEntry.FoundAgain found -> valley.found(found);
                case StripEntry.Destroyed gone -> valley.destroyed(gone);
                case StripEntry.Moved moved -> valley.moved(moved);
                case StripEntry.StateSet set -> states.put(set.state().of(), set.state());
                case StripEntry.SpringLetDown down ->
                    letDown.put(
                            key(down.spring()),
                            new StripNotes.Spring(line.id(), down.spring(), down.turns(), down.remark()));
                case StripEntry.SpringWound wound -> letDown.remove(key(wound.spring()));
                case StripEntry.MissingOnArrival gone -> {
                    missing.add(new StripNotes.Stray(line.id(), gone.what(), gone.count(), gone.where()));
                    places.missing(gone.place(), gone.count());
                }
                case StripEntry.AlsoMarked marked -> valley.marked(marked);
                case StripEntry.AlsoWants wants -> valley.wants(wants);
                case StripEntry.LeftEmpty empty -> places.leftEmpty(empty.place(), empty.count(), empty.why());
                case StripEntry.Surplus more ->
                    surplus.add(new StripNotes.Stray(line.id(), more.what(), more.count(), more.kept()));
                case StripEntry.StuckTried tried ->
                    stuck.computeIfAbsent(key(tried.part() + "/" + tried.fastener()), name -> new ArrayList<>())
                            .add(tried);
                case StripEntry.LeaveAlone said -> alone.add(new StripNotes.Alone(line.id(), said.what(), said.why()));
            }
        }

        @Override
        public void hear(Line line, Effect effect) {
            if (effect instanceof JobEffect.PieceReplaced replaced) {
                valley.replaced(replaced.part(), replaced.old());
            } else if (effect instanceof JobEffect.PieceFitted fitted
                    && !valley.fitted(fitted.part(), fitted.piece(), fitted.count())) {
                places.fitted(new PiecePlace(fitted.part(), fitted.piece()), fitted.count());
            }
        }

        /** The parts while they are read; refit goes on with them. */
        public ValleyTracks valley() {
            return valley;
        }

        /** What is known beside the parts so far. */
        public StripNotes notes() {
            return new StripNotes(
                    Map.copyOf(states),
                    List.copyOf(letDown.values()),
                    List.copyOf(missing),
                    List.copyOf(surplus),
                    stuck.values().stream().map(Fold::stuck).toList(),
                    List.copyOf(alone),
                    places.accounts(valley));
        }

        private static StripNotes.Stuck stuck(List<StripEntry.StuckTried> tries) {
            StripEntry.StuckTried last = tries.getLast();
            return new StripNotes.Stuck(last.part(), last.fastener(), List.copyOf(tries), last.freed());
        }

        private static String key(String spring) {
            return spring.toLowerCase(Locale.ROOT);
        }
    }
}
