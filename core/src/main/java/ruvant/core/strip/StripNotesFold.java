package ruvant.core.strip;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ruvant.core.job.Line;
import ruvant.core.job.MechanismState;
import ruvant.core.job.RefitEntry;
import ruvant.core.job.StripEntry;
import ruvant.core.job.StuckRung;
import ruvant.core.units.Refusal;

/** Folds what is known beside the parts. */
public final class StripNotesFold {
    private final Map<MechanismState.Of, MechanismState> states = new EnumMap<>(MechanismState.Of.class);
    private final Map<String, StripNotes.Spring> letDown = new LinkedHashMap<>();
    private final List<StripNotes.Stray> missing = new ArrayList<>();
    private final List<StripNotes.Stray> surplus = new ArrayList<>();
    private final Map<String, List<StripEntry.StuckTried>> stuck = new LinkedHashMap<>();
    private final List<StripNotes.Alone> alone = new ArrayList<>();
    private StripNotes.Trial trial;

    /** Why a spring cannot be wound: it was not let down. */
    public Optional<Refusal> objection(StripEntry entry) {
        return entry instanceof StripEntry.SpringWound wound && !letDown.containsKey(key(wound.spring()))
                ? Optional.of(new Refusal(
                        "springNotDown",
                        "“" + wound.spring() + "” was not let down.",
                        letDown.isEmpty()
                                ? "No spring is let down."
                                : "Let down are: "
                                        + String.join(
                                                ", ",
                                                letDown.values().stream()
                                                        .map(StripNotes.Spring::name)
                                                        .toList())
                                        + "."))
                : Optional.empty();
    }

    /** Why a word about a trial assembly makes no sense: one is on, or none. */
    public Optional<Refusal> objection(RefitEntry entry) {
        return switch (entry) {
            case RefitEntry.TrialAssembled laid
            when trial != null ->
                Optional.of(new Refusal(
                        "trialOn",
                        "A trial assembly is on already: " + trial.what().how() + ".",
                        "Say that it is undone first."));
            case RefitEntry.TrialUndone undone
            when trial == null -> Optional.of(new Refusal("noTrial", "No trial assembly is on.", "Nothing to enter."));
            default -> Optional.empty();
        };
    }

    /** Takes what concerns the mechanism as a whole; the rest is the valley's. */
    public void take(Line line, StripEntry entry) {
        switch (entry) {
            case StripEntry.StateSet set -> states.put(set.state().of(), set.state());
            case StripEntry.SpringLetDown down ->
                letDown.put(
                        key(down.spring()),
                        new StripNotes.Spring(line.id(), down.spring(), down.turns(), down.remark()));
            case StripEntry.SpringWound wound -> letDown.remove(key(wound.spring()));
            case StripEntry.MissingOnArrival gone ->
                missing.add(new StripNotes.Stray(line.id(), gone.what(), gone.count(), gone.where()));
            case StripEntry.Surplus more ->
                surplus.add(new StripNotes.Stray(line.id(), more.what(), more.count(), more.kept()));
            case StripEntry.Removed off -> {
                if (off.state() != null) {
                    states.put(off.state().of(), off.state());
                }
            }
            case StripEntry.StuckTried tried ->
                stuck.computeIfAbsent(key(tried.part() + "/" + tried.fastener()), name -> new ArrayList<>())
                        .add(tried);
            case StripEntry.LeaveAlone said -> alone.add(new StripNotes.Alone(line.id(), said.what(), said.why()));
            case StripEntry.Moved moved -> {}
            case StripEntry.EdgeSet edge -> {}
            case StripEntry.Lost lost -> {}
            case StripEntry.Destroyed destroyed -> {}
            case StripEntry.FoundAgain found -> {}
        }
    }

    /** Takes trial assemblies on and off. */
    public void take(Line line, RefitEntry entry) {
        if (entry instanceof RefitEntry.TrialAssembled laid) {
            trial = new StripNotes.Trial(line.id(), line.at(), laid);
        } else if (entry instanceof RefitEntry.TrialUndone) {
            trial = null;
        }
    }

    /** The picture so far. */
    public StripNotes picture() {
        return new StripNotes(
                Map.copyOf(states),
                List.copyOf(letDown.values()),
                List.copyOf(missing),
                List.copyOf(surplus),
                Optional.ofNullable(trial),
                stuck.values().stream().map(StripNotesFold::stuck).toList(),
                List.copyOf(alone));
    }

    private static StripNotes.Stuck stuck(List<StripEntry.StuckTried> tries) {
        StripEntry.StuckTried last = tries.getLast();
        int highest = tries.stream().mapToInt(one -> one.rung().ordinal()).max().orElse(-1);
        boolean freed = last.freed();
        Optional<StuckRung> next = freed || highest + 1 >= StuckRung.values().length
                ? Optional.empty()
                : Optional.of(StuckRung.values()[highest + 1]);
        return new StripNotes.Stuck(last.part(), last.fastener(), List.copyOf(tries), freed, next);
    }

    private static String key(String spring) {
        return spring.toLowerCase(Locale.ROOT);
    }
}
