package ruvant.core.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.job.Fold;
import ruvant.core.job.Line;
import ruvant.core.job.PartsEntry;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/** Folds needs and replacements. */
public final class PartsFold implements Fold<PartsEntry> {
    private final List<PartsPicture.Need> needs = new ArrayList<>();
    private final List<PartsPicture.Replacement> replacements = new ArrayList<>();
    private final List<PartsPicture.SeenFit> fits = new ArrayList<>();

    @Override
    public Optional<Refusal> objection(Line line, PartsEntry entry) {
        return switch (entry) {
            case PartsEntry.NeedOpened opened
            when openFor(opened.part()) -> refuse("needTwice", "A need for “" + opened.part() + "” is open already.");
            case PartsEntry.NeedDropped dropped
            when !openFor(dropped.part()) -> refuse("needUnknown", "No need for “" + dropped.part() + "” is open.");
            case PartsEntry.NeedOpened opened -> Optional.empty();
            case PartsEntry.NeedDropped dropped -> Optional.empty();
            case PartsEntry.Replaced replaced -> Optional.empty();
            case PartsEntry.FitSeen seen -> Optional.empty();
        };
    }

    @Override
    public void take(Line line, PartsEntry entry) {
        switch (entry) {
            case PartsEntry.NeedOpened opened ->
                needs.add(new PartsPicture.Need(line.id(), opened.part(), opened.what(), true, line.at(), ""));
            case PartsEntry.NeedDropped dropped -> close(dropped.part(), dropped.why());
            case PartsEntry.Replaced replaced -> {
                replacements.add(new PartsPicture.Replacement(line.id(), line.at(), replaced));
                close(replaced.part(), replaced.source().label() + ": " + replaced.from());
            }
            case PartsEntry.FitSeen seen -> fits.add(new PartsPicture.SeenFit(line.id(), line.at(), seen));
        }
    }

    private void close(PartName part, String how) {
        needs.replaceAll(need -> need.open() && need.part().equals(part)
                ? new PartsPicture.Need(need.id(), need.part(), need.what(), false, need.since(), how)
                : need);
    }

    private boolean openFor(PartName part) {
        return needs.stream().anyMatch(need -> need.open() && need.part().equals(part));
    }

    private static Optional<Refusal> refuse(String code, String message) {
        return Optional.of(new Refusal(code, message, "Nothing to enter."));
    }

    /** The picture so far. */
    public PartsPicture picture() {
        return new PartsPicture(List.copyOf(needs), List.copyOf(replacements), List.copyOf(fits));
    }
}
