package ruvant.core.intake;

import static ruvant.core.job.JobEffect.Plain.FOUND_BY_OTHER_WORDS;
import static ruvant.core.units.Phrase.figure;
import static ruvant.core.units.Phrase.part;
import static ruvant.core.units.Phrase.with;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.trade.MarkedSpeed;
import ruvant.core.units.Named;
import ruvant.core.units.Refusal;

/** What came in: the camera, its owner, its outside, what worked, and what is to be done. */
public final class IntakeRoom implements JobRoom<IntakeEntry> {
    @Override
    public Class<IntakeEntry> entries() {
        return IntakeEntry.class;
    }

    @Override
    public RoomFold<IntakeEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(IntakeEntry entry, Standing now) {
        return switch (entry) {
            case IntakeEntry.Received in -> readable(in);
            case IntakeEntry.ConditionFound found -> Optional.empty();
            case IntakeEntry.VisitorSign sign -> Optional.empty();
            case IntakeEntry.FunctionChecked checked -> Optional.empty();
            case IntakeEntry.BatteryFound battery -> Optional.empty();
            case IntakeEntry.ScopeAdded scope -> Optional.empty();
            case IntakeEntry.ScopeSettled scope -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(IntakeEntry entry) {
        return switch (entry) {
            case IntakeEntry.Received in -> List.of(FOUND_BY_OTHER_WORDS);
            case IntakeEntry.ConditionFound found -> List.of();
            case IntakeEntry.VisitorSign sign -> List.of();
            case IntakeEntry.FunctionChecked checked -> List.of();
            case IntakeEntry.BatteryFound battery -> List.of();
            case IntakeEntry.ScopeAdded scope -> List.of();
            case IntakeEntry.ScopeSettled scope -> List.of();
        };
    }

    @Override
    public String words(IntakeEntry entry, Names names) {
        return switch (entry) {
            case IntakeEntry.Received in ->
                "checked in: " + in.camera().words() + " of " + in.owner().words() + ", “" + in.complaint() + "”";
            case IntakeEntry.ConditionFound found ->
                "outside, " + found.region().label() + ": " + found.severity().label() + " "
                        + found.condition().label() + with(", ", found.remark());
            case IntakeEntry.VisitorSign sign ->
                "sign of earlier repair" + part(", ", sign.part()) + ": "
                        + sign.sign().label() + with(", ", sign.remark());
            case IntakeEntry.FunctionChecked checked ->
                checked.function() + " " + checked.result().label()
                        + (checked.tried() == null ? "" : checked.tried().words()) + with(", ", checked.remark());
            case IntakeEntry.BatteryFound battery ->
                "battery " + battery.cell() + (battery.volts() == null ? "" : ", " + figure(battery.volts()) + " V")
                        + with(", ", battery.chamber());
            case IntakeEntry.ScopeAdded scope -> "to do: " + scope.what();
            case IntakeEntry.ScopeSettled scope ->
                (scope.done() ? "done: " : "not done: ") + scope.what() + with(", ", scope.reason());
        };
    }

    private static Optional<Refusal> readable(IntakeEntry.Received in) {
        return Refusal.trying(
                "speedUnreadable", () -> in.speeds().forEach(speed -> MarkedSpeed.nominalSeconds(speed, in.series())));
    }

    /** Folds what was said at intake. */
    public static final class Fold implements RoomFold<IntakeEntry> {
        private IntakeEntry.Received received;
        private UUID receivedId;
        private Instant receivedAt;
        private final List<IntakePicture.Finding> findings = new ArrayList<>();
        private final List<IntakePicture.Sign> signs = new ArrayList<>();
        private final Map<Named, IntakePicture.FunctionState> functions = new LinkedHashMap<>();
        private final Map<Named, IntakePicture.ScopeItem> scope = new LinkedHashMap<>();
        private IntakeEntry.BatteryFound battery;

        @Override
        public Optional<Refusal> objection(Line line, IntakeEntry entry) {
            return switch (entry) {
                case IntakeEntry.Received in -> promisedTooEarly(line, in.promised());
                case IntakeEntry.ScopeSettled settled
                when !scope.containsKey(settled.what()) ->
                    Optional.of(new Refusal(
                            "scopeUnknown",
                            "“" + settled.what() + "” is not in the work to do.",
                            "Add it to the work to do first."));
                case IntakeEntry.ScopeAdded added
                when scope.containsKey(added.what()) ->
                    Optional.of(new Refusal(
                            "scopeTwice",
                            "“" + added.what() + "” is already in the work to do.",
                            "Give the new item another name."));
                case IntakeEntry.ScopeSettled settled -> Optional.empty();
                case IntakeEntry.ScopeAdded added -> Optional.empty();
                case IntakeEntry.ConditionFound found -> Optional.empty();
                case IntakeEntry.VisitorSign sign -> Optional.empty();
                case IntakeEntry.FunctionChecked checked -> Optional.empty();
                case IntakeEntry.BatteryFound found -> Optional.empty();
            };
        }

        private Optional<Refusal> promisedTooEarly(Line line, LocalDate promised) {
            Instant came = receivedAt == null ? line.at() : receivedAt;
            // a day's grace, since the shop's own date may be a day behind or ahead of UTC
            LocalDate earliest = came.atZone(ZoneOffset.UTC).toLocalDate().minusDays(1);
            if (promised == null || !promised.isBefore(earliest)) {
                return Optional.empty();
            }
            return Optional.of(new Refusal(
                    "promisedBeforeIntake",
                    "The promised date, " + promised + ", is before the camera came in (" + earliest.plusDays(1) + ").",
                    "Enter a later date, or none."));
        }

        @Override
        public void take(Line line, IntakeEntry entry) {
            switch (entry) {
                case IntakeEntry.Received in -> {
                    received = in;
                    receivedId = line.id();
                    receivedAt = receivedAt == null ? line.at() : receivedAt;
                }
                case IntakeEntry.ConditionFound found -> findings.add(new IntakePicture.Finding(line.id(), found));
                case IntakeEntry.VisitorSign sign -> signs.add(new IntakePicture.Sign(line.id(), sign));
                case IntakeEntry.FunctionChecked checked ->
                    functions.put(
                            checked.function(),
                            new IntakePicture.FunctionState(
                                    line.id(), checked.function(), checked.result(), checked.remark()));
                case IntakeEntry.BatteryFound found -> battery = found;
                case IntakeEntry.ScopeAdded added ->
                    scope.put(
                            added.what(),
                            new IntakePicture.ScopeItem(line.id(), added.what(), IntakePicture.ScopeState.OPEN, ""));
                case IntakeEntry.ScopeSettled settled ->
                    scope.computeIfPresent(
                            settled.what(),
                            (what, item) -> new IntakePicture.ScopeItem(
                                    item.id(),
                                    item.what(),
                                    settled.done() ? IntakePicture.ScopeState.DONE : IntakePicture.ScopeState.LEFT,
                                    settled.reason()));
            }
        }

        /** The picture so far. */
        public IntakePicture picture() {
            return new IntakePicture(
                    Optional.ofNullable(received),
                    Optional.ofNullable(receivedId),
                    Optional.ofNullable(receivedAt),
                    List.copyOf(findings),
                    List.copyOf(signs),
                    List.copyOf(functions.values()),
                    List.copyOf(scope.values()),
                    Optional.ofNullable(battery));
        }

        @Override
        public Optional<Refusal> objectionToAny(Line line, List<Effect> effects) {
            return received == null && !(line.entry() instanceof IntakeEntry.Received)
                    ? Optional.of(new Refusal(
                            "noCamera", "No camera is checked in on this tag yet.", "Check the camera in first."))
                    : Optional.empty();
        }
    }
}
