package ruvant.core.handover;

import static ruvant.core.job.JobEffect.Plain.SAID_AFTER_RETURN_TOO;
import static ruvant.core.units.Phrase.figure;
import static ruvant.core.units.Phrase.minutes;
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

/** What the owner is told, and the camera's return. */
public final class HandoverRoom implements JobRoom<HandoverEntry> {
    @Override
    public Class<HandoverEntry> entries() {
        return HandoverEntry.class;
    }

    @Override
    public RoomFold<HandoverEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(HandoverEntry entry, Standing now) {
        return switch (entry) {
            case HandoverEntry.Advised advised -> Optional.empty();
            case HandoverEntry.BatteryChosen battery -> Optional.empty();
            case HandoverEntry.LeftOpen left -> Optional.empty();
            case HandoverEntry.ComeAgain again -> Optional.empty();
            case HandoverEntry.Estimated estimate -> Optional.empty();
            case HandoverEntry.Returned back -> Closing.objection(back, now);
        };
    }

    @Override
    public List<Effect> effects(HandoverEntry entry) {
        return switch (entry) {
            case HandoverEntry.Advised advised -> List.of(SAID_AFTER_RETURN_TOO);
            case HandoverEntry.BatteryChosen battery -> List.of(SAID_AFTER_RETURN_TOO);
            case HandoverEntry.LeftOpen left -> List.of(SAID_AFTER_RETURN_TOO);
            case HandoverEntry.ComeAgain again -> List.of(SAID_AFTER_RETURN_TOO);
            case HandoverEntry.Estimated estimate -> List.of();
            case HandoverEntry.Returned back -> List.of(SAID_AFTER_RETURN_TOO);
        };
    }

    @Override
    public String words(HandoverEntry entry, Names names) {
        return switch (entry) {
            case HandoverEntry.Advised advised -> "advice: " + advised.advice();
            case HandoverEntry.BatteryChosen battery -> "battery to use: " + battery.cell();
            case HandoverEntry.LeftOpen left -> "left as it is: " + left.what() + ", " + left.why();
            case HandoverEntry.ComeAgain again ->
                "to be looked at again after " + again.months() + (again.months() == 1 ? " month" : " months")
                        + with(": ", again.why());
            case HandoverEntry.Estimated estimate ->
                "estimate" + with(", ", estimate.what()) + ":"
                        + (estimate.money() == null ? "" : " " + figure(estimate.money()))
                        + (estimate.minutes() == null ? "" : " " + minutes(estimate.minutes()))
                        + (estimate.odds() == null ? "" : " " + Math.round(100 * estimate.odds()) + " %");
            case HandoverEntry.Returned back ->
                "returned to " + back.to() + with(", ", back.remark())
                        + back.passedOver().stream()
                                .map(passed -> "; " + passed.what() + " passed over, " + passed.reason())
                                .collect(Collectors.joining());
        };
    }

    /** Folds what the owner is told. */
    public static final class Fold implements RoomFold<HandoverEntry> {
        private final List<HandoverPicture.Advice> advice = new ArrayList<>();
        private final List<HandoverPicture.Estimate> estimates = new ArrayList<>();
        private final List<HandoverPicture.Open> open = new ArrayList<>();
        private String battery;
        private HandoverEntry.ComeAgain comeAgain;
        private Line returnLine;
        private HandoverEntry.Returned returned;

        @Override
        public Optional<Refusal> objection(Line line, HandoverEntry entry) {
            return entry instanceof HandoverEntry.Returned && returned != null
                    ? Optional.of(new Refusal(
                            "returnedTwice",
                            "This camera has already been returned.",
                            "Strike that line out to reopen the job."))
                    : Optional.empty();
        }

        @Override
        public void take(Line line, HandoverEntry entry) {
            switch (entry) {
                case HandoverEntry.Advised advised ->
                    advice.add(new HandoverPicture.Advice(line.id(), advised.advice()));
                case HandoverEntry.BatteryChosen chosen -> battery = chosen.cell();
                case HandoverEntry.LeftOpen left ->
                    open.add(new HandoverPicture.Open(line.id(), left.what(), left.why()));
                case HandoverEntry.ComeAgain again -> comeAgain = again;
                case HandoverEntry.Estimated estimate ->
                    estimates.add(new HandoverPicture.Estimate(line.id(), estimate));
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
                    List.copyOf(estimates),
                    Optional.ofNullable(returnLine).map(Line::at),
                    Optional.ofNullable(returned),
                    Optional.ofNullable(comeAgain));
        }

        @Override
        public Optional<Refusal> objectionToAny(Line line, List<Effect> effects) {
            return returned != null && !effects.contains(SAID_AFTER_RETURN_TOO)
                    ? Optional.of(new Refusal(
                            "jobClosed",
                            "This camera was returned to " + returned.to() + ".",
                            "Strike the return out to reopen the job."))
                    : Optional.empty();
        }
    }
}
