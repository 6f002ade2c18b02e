package ruvant.core.find;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ruvant.core.job.FindEntry;
import ruvant.core.job.Fold;
import ruvant.core.job.Line;
import ruvant.core.units.Refusal;

/** Folds the search for the fault. */
public final class FindFold implements Fold<FindEntry> {
    private final List<FindPicture.Said> symptoms = new ArrayList<>();
    private final Map<String, FindPicture.Suspect> suspects = new LinkedHashMap<>();
    private final List<FindPicture.Said> causes = new ArrayList<>();
    private final List<FindPicture.Said> found = new ArrayList<>();
    private final List<FindPicture.Pattern> patterns = new ArrayList<>();
    private final List<FindPicture.Look> looks = new ArrayList<>();

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
        };
    }

    private Optional<Refusal> raisedTwice(FindEntry.SuspectRaised raised) {
        FindPicture.Suspect known = suspects.get(key(raised.suspect()));
        // raising a cleared suspect again is how a judgement is overturned
        return known == null || known.state() == FindPicture.State.CLEARED
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "suspectTwice", "“" + known.name() + "” is on the list already.", "Nothing to enter."));
    }

    private Optional<Refusal> notASuspect(FindEntry.SuspectCleared cleared) {
        FindPicture.Suspect known = suspects.get(key(cleared.suspect()));
        if (known == null) {
            return Optional.of(new Refusal(
                    "suspectUnknown",
                    "“" + cleared.suspect() + "” is not a suspect.",
                    "Raise it first, then clear it."));
        }
        return known.state() == FindPicture.State.CLEARED
                ? Optional.of(new Refusal(
                        "clearedTwice",
                        "“" + known.name() + "” is cleared already: " + known.look() + ".",
                        "Nothing to enter."))
                : Optional.empty();
    }

    @Override
    public void take(Line line, FindEntry entry) {
        switch (entry) {
            case FindEntry.SymptomSeen seen -> symptoms.add(new FindPicture.Said(line.id(), seen.what(), ""));
            case FindEntry.Looked looked -> looks.add(new FindPicture.Look(line.id(), line.at(), line.by(), looked));
            case FindEntry.PatternRead read -> patterns.add(new FindPicture.Pattern(line.id(), line.at(), read));
            case FindEntry.Found thing -> found.add(new FindPicture.Said(line.id(), thing.what(), ""));
            case FindEntry.SuspectRaised raised ->
                suspects.put(
                        key(raised.suspect()),
                        new FindPicture.Suspect(line.id(), raised.suspect(), FindPicture.State.OPEN, raised.why(), ""));
            case FindEntry.SuspectCleared cleared ->
                settle(cleared.suspect(), FindPicture.State.CLEARED, cleared.look(), line);
            case FindEntry.CauseConfirmed cause -> {
                causes.add(new FindPicture.Said(line.id(), cause.cause(), cause.evidence()));
                settle(cause.cause(), FindPicture.State.CAUSE, cause.evidence(), line);
            }
        }
    }

    private void settle(String name, FindPicture.State state, String look, Line line) {
        FindPicture.Suspect before = suspects.get(key(name));
        suspects.put(
                key(name),
                new FindPicture.Suspect(
                        before == null ? line.id() : before.id(),
                        before == null ? name : before.name(),
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
                List.copyOf(looks));
    }

    private static String key(String text) {
        return text.toLowerCase(Locale.ROOT);
    }
}
