package ruvant.core.intake;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.job.Fold;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.Line;
import ruvant.core.units.Refusal;

/** Folds what was said at intake. */
public final class IntakeFold implements Fold<IntakeEntry> {
    private IntakeEntry.Received received;
    private UUID receivedId;
    private Instant receivedAt;
    private final List<IntakePicture.Finding> findings = new ArrayList<>();
    private final List<IntakePicture.Sign> signs = new ArrayList<>();
    private final Map<String, IntakePicture.FunctionState> functions = new LinkedHashMap<>();
    private final Map<String, IntakePicture.ScopeItem> scope = new LinkedHashMap<>();
    private IntakeEntry.BatteryFound battery;

    @Override
    public Optional<Refusal> objection(Line line, IntakeEntry entry) {
        return switch (entry) {
            case IntakeEntry.Received in -> promisedTooEarly(line, in.promised());
            case IntakeEntry.ScopeSettled settled
            when !scope.containsKey(key(settled.what())) ->
                Optional.of(new Refusal(
                        "scopeUnknown", "“" + settled.what() + "” is not in the scope.", "Add it to the scope first."));
            case IntakeEntry.ScopeAdded added
            when scope.containsKey(key(added.what())) ->
                Optional.of(new Refusal(
                        "scopeTwice",
                        "“" + added.what() + "” is in the scope already.",
                        "Name the new item differently."));
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
                "The promised date " + promised + " lies before the camera came in (" + earliest.plusDays(1) + ").",
                "Give a later date, or none."));
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
                        key(checked.function()),
                        new IntakePicture.FunctionState(
                                line.id(), checked.function(), checked.result(), checked.remark()));
            case IntakeEntry.BatteryFound found -> battery = found;
            case IntakeEntry.ScopeAdded added ->
                scope.put(
                        key(added.what()),
                        new IntakePicture.ScopeItem(line.id(), added.what(), IntakePicture.ScopeState.OPEN, ""));
            case IntakeEntry.ScopeSettled settled ->
                scope.computeIfPresent(
                        key(settled.what()),
                        (key, item) -> new IntakePicture.ScopeItem(
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

    private static String key(String text) {
        return text.toLowerCase(Locale.ROOT);
    }
}
