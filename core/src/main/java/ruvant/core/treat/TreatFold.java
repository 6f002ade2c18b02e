package ruvant.core.treat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.job.Fold;
import ruvant.core.job.Line;
import ruvant.core.job.TreatEntry;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/** Folds cleaning, waits, mending and oil. */
public final class TreatFold implements Fold<TreatEntry> {
    private final List<TreatPicture.Done<TreatEntry.Cleaned>> cleaned = new ArrayList<>();
    private final Map<UUID, TreatPicture.Wait> waits = new LinkedHashMap<>();
    private final List<TreatPicture.Done<TreatEntry.Mended>> mended = new ArrayList<>();
    private final List<TreatPicture.Done<TreatEntry.Lubricated>> lubricated = new ArrayList<>();
    private final List<TreatPicture.Shown> cautions = new ArrayList<>();
    private final List<TreatPicture.Done<TreatEntry.RunDry>> dryRuns = new ArrayList<>();
    private final List<TreatPicture.Done<TreatEntry.Modified>> modified = new ArrayList<>();
    private final List<TreatPicture.Done<TreatEntry.Probed>> probed = new ArrayList<>();
    private final Map<PartName, List<String>> madeOf = new LinkedHashMap<>();

    @Override
    public Optional<Refusal> objection(Line line, TreatEntry entry) {
        if (entry instanceof TreatEntry.Modified next) {
            return Modifications.objection(modified, next);
        }
        if (!(entry instanceof TreatEntry.WaitEnded ended)) {
            return Optional.empty();
        }
        TreatPicture.Wait wait = waits.get(ended.waitId());
        if (wait == null) {
            return Optional.of(new Refusal("waitUnknown", "No such wait was started.", "Choose one that runs."));
        }
        return wait.endedAt().isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new Refusal("waitEnded", "“" + wait.what() + "” was ended already.", "Nothing to enter."));
    }

    @Override
    public void take(Line line, TreatEntry entry) {
        switch (entry) {
            case TreatEntry.Cleaned one -> cleaned.add(new TreatPicture.Done<>(line.id(), line.at(), one));
            case TreatEntry.Mended one -> mended.add(new TreatPicture.Done<>(line.id(), line.at(), one));
            case TreatEntry.Lubricated one -> lubricated.add(new TreatPicture.Done<>(line.id(), line.at(), one));
            case TreatEntry.RunDry one -> dryRuns.add(new TreatPicture.Done<>(line.id(), line.at(), one));
            case TreatEntry.Modified one -> modified.add(new TreatPicture.Done<>(line.id(), line.at(), one));
            case TreatEntry.Probed one -> probed.add(new TreatPicture.Done<>(line.id(), line.at(), one));
            case TreatEntry.MadeOf one -> madeOf.put(one.part(), one.materials());
            case TreatEntry.CautionShown shown ->
                cautions.add(new TreatPicture.Shown(line.at(), line.by(), shown.caution()));
            case TreatEntry.WaitStarted wait -> waits.put(line.id(), begun(line, wait));
            case TreatEntry.WaitEnded ended ->
                waits.computeIfPresent(ended.waitId(), (id, wait) -> ended(wait, line.at()));
        }
    }

    private static TreatPicture.Wait begun(Line line, TreatEntry.WaitStarted wait) {
        return new TreatPicture.Wait(
                line.id(),
                wait.part(),
                wait.what(),
                line.at(),
                line.at().plus(Duration.ofMinutes(wait.minutes())),
                wait.latestMinutes() == 0
                        ? Optional.empty()
                        : Optional.of(line.at().plus(Duration.ofMinutes(wait.latestMinutes()))),
                wait.station(),
                wait.late(),
                Optional.empty());
    }

    private static TreatPicture.Wait ended(TreatPicture.Wait wait, Instant at) {
        return new TreatPicture.Wait(
                wait.id(),
                wait.part(),
                wait.what(),
                wait.startedAt(),
                wait.endsAt(),
                wait.latestAt(),
                wait.station(),
                wait.late(),
                Optional.of(at));
    }

    /** The picture so far. */
    public TreatPicture picture() {
        return new TreatPicture(
                List.copyOf(cleaned),
                List.copyOf(waits.values()),
                List.copyOf(mended),
                List.copyOf(lubricated),
                List.copyOf(cautions),
                List.copyOf(dryRuns),
                List.copyOf(modified),
                List.copyOf(probed),
                Map.copyOf(madeOf));
    }
}
