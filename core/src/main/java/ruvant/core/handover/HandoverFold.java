package ruvant.core.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.job.Fold;
import ruvant.core.job.HandoverEntry;
import ruvant.core.job.Line;
import ruvant.core.units.Refusal;

/** Folds what the owner is told. */
public final class HandoverFold implements Fold<HandoverEntry> {
    private final List<HandoverPicture.Advice> advice = new ArrayList<>();
    private final List<HandoverPicture.Open> open = new ArrayList<>();
    private String battery;
    private Line returnLine;
    private HandoverEntry.Returned returned;

    @Override
    public Optional<Refusal> objection(Line line, HandoverEntry entry) {
        return entry instanceof HandoverEntry.Returned && returned != null
                ? Optional.of(new Refusal(
                        "returnedTwice",
                        "This camera was returned already.",
                        "Strike that line to open the job again."))
                : Optional.empty();
    }

    @Override
    public void take(Line line, HandoverEntry entry) {
        switch (entry) {
            case HandoverEntry.Advised advised -> advice.add(new HandoverPicture.Advice(line.id(), advised.advice()));
            case HandoverEntry.BatteryChosen chosen -> battery = chosen.cell();
            case HandoverEntry.LeftOpen left -> open.add(new HandoverPicture.Open(line.id(), left.what(), left.why()));
            case HandoverEntry.Returned back -> {
                returned = back;
                returnLine = line;
            }
        }
    }

    /** The picture so far. */
    public HandoverPicture picture() {
        return new HandoverPicture(
                List.copyOf(advice),
                Optional.ofNullable(battery),
                List.copyOf(open),
                Optional.ofNullable(returnLine).map(Line::at),
                Optional.ofNullable(returned));
    }
}
