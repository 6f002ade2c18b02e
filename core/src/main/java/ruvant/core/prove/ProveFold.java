package ruvant.core.prove;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.job.Fold;
import ruvant.core.job.Line;
import ruvant.core.job.ProveEntry;
import ruvant.core.units.Refusal;

/** Folds proofs. */
public final class ProveFold implements Fold<ProveEntry> {
    private final List<ProvePicture.Timed> timed = new ArrayList<>();
    private final List<ProvePicture.EarGuess> guesses = new ArrayList<>();
    private final Map<String, ProvePicture.Function> functions = new LinkedHashMap<>();
    private final Set<String> triedSinceWork = new LinkedHashSet<>();
    private int current;
    private int firings;
    private int misses;

    @Override
    public Optional<Refusal> objection(Line line, ProveEntry entry) {
        return Optional.empty();
    }

    @Override
    public void take(Line line, ProveEntry entry) {
        switch (entry) {
            case ProveEntry.FiringsTimed run -> {
                timed.add(ProvePicture.Timed.typed(line, run));
                triedSinceWork.add(("speed " + run.speed()).toLowerCase(Locale.ROOT));
            }
            case ProveEntry.FiringsMeasured run -> {
                timed.add(ProvePicture.Timed.measured(line, run));
                triedSinceWork.add(("speed " + run.speed()).toLowerCase(Locale.ROOT));
            }
            case ProveEntry.SpeedGuessed guess ->
                guesses.add(new ProvePicture.EarGuess(
                        line.id(),
                        line.at(),
                        line.by(),
                        guess.speed(),
                        guess.phase(),
                        guess.said(),
                        guess.errorEv(),
                        timed.size()));
            case ProveEntry.Fired fired -> {
                firings++;
                misses += fired.good() ? 0 : 1;
                current = fired.good() ? current + 1 : 0;
            }
            case ProveEntry.FunctionProved proved -> {
                String key = proved.function().toLowerCase(Locale.ROOT);
                functions.put(
                        key, new ProvePicture.Function(line.id(), proved.function(), proved.result(), proved.remark()));
                triedSinceWork.add(key);
            }
        }
    }

    /** The mechanism was worked on: what it did before proves nothing any more. */
    public void workedOn() {
        triedSinceWork.clear();
        current = 0;
        firings = 0;
        misses = 0;
    }

    /** The picture so far; {@code wanted} is the length of streak that the shop asks for. */
    public ProvePicture picture(int wanted) {
        return new ProvePicture(
                List.copyOf(timed),
                List.copyOf(guesses),
                new Streak(current, wanted, firings, misses),
                List.copyOf(functions.values()),
                List.copyOf(triedSinceWork));
    }
}
