package ruvant.core.find;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import ruvant.core.intake.FunctionList;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.intake.IntakePicture;
import ruvant.core.measure.DialSpeed;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Severity;
import ruvant.core.units.ById;
import ruvant.core.units.Named;

/** What the counter saw, as evidence: functions that work speak against faults, marks of a visitor, a fall or a cell for some. */
final class CounterSays {
    private static final String SLOW_SPEEDS = "slow speeds";
    private static final String FAST_SPEEDS = "fast speeds";

    /** Slower than this a train holds the shutter, faster the curtains or the ring alone. */
    private static final double SLOW = 1.0 / 45;

    private CounterSays() {}

    /** Known symptoms that the counter noted without naming them. */
    static Set<String> symptoms(IntakePicture intake, FaultKnowledge knowledge) {
        Set<String> seen = new HashSet<>();
        if (!intake.visitorSigns().isEmpty()) {
            seen.add("openedBefore");
        }
        boolean crust = intake.battery()
                .map(IntakeEntry.BatteryFound::chamber)
                .filter(chamber -> chamber.toLowerCase(Locale.ROOT)
                        .matches(".*\\b(green|white|crust\\w*|corro\\w*|leak\\w*)\\b.*"))
                .isPresent();
        if (crust) {
            seen.add("corroded");
        }
        for (IntakePicture.Finding finding : intake.findings()) {
            if (finding.found().condition() == ConditionKind.FOAM) {
                seen.add("sticky");
            }
            if (finding.found().condition() == ConditionKind.DENT
                    && finding.found().severity() == Severity.GRAVE) {
                seen.add("dropped");
            }
        }
        seen.removeIf(id -> ById.find(knowledge.symptoms(), id).isEmpty());
        return seen;
    }

    /** Known symptoms that are denied by functions that work, but for those that are seen anyway. */
    static Set<String> denied(IntakePicture intake, FaultKnowledge knowledge, Set<String> seen) {
        Set<String> denied = new HashSet<>();
        for (FaultKnowledge.Symptom symptom : knowledge.symptoms()) {
            boolean works = !symptom.deniedBy().isEmpty()
                    && symptom.deniedBy().stream().allMatch(function -> works(intake, function));
            if (works && !seen.contains(symptom.id())) {
                denied.add(symptom.id());
            }
        }
        return denied;
    }

    private static boolean works(IntakePicture intake, String function) {
        List<IntakePicture.FunctionState> named = intake.functions().stream()
                .filter(one -> isNamed(one.function(), function, intake))
                .filter(one -> one.result() != FunctionResult.NOT_TRIED)
                .toList();
        return !named.isEmpty() && named.stream().allMatch(one -> one.result() == FunctionResult.WORKS);
    }

    private static boolean isNamed(Named said, String function, IntakePicture intake) {
        if (!function.equals(SLOW_SPEEDS) && !function.equals(FAST_SPEEDS)) {
            return said.is(Named.idOf(function));
        }
        return intake.received().stream()
                .flatMap(in -> in.speeds().stream()
                        .filter(speed -> FunctionList.speed(speed).equals(said))
                        .map(speed -> DialSpeed.of(speed, in, Optional.empty()).nominalSeconds()))
                .anyMatch(seconds -> seconds > SLOW == function.equals(SLOW_SPEEDS));
    }
}
