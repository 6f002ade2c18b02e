package ruvant.core.find;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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

    /** A function that is doubtful speaks for half of one that fails. */
    private static final double DOUBTFUL = 0.5;

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

    /** Functions that the camera does not have: what was said of each last. */
    static Set<Named> missing(IntakePicture intake) {
        return intake.functions().stream()
                .filter(one -> one.result() == FunctionResult.NOT_FITTED)
                .map(IntakePicture.FunctionState::function)
                .collect(Collectors.toSet());
    }

    /** Functions that failed, each as what it can show; one that is doubtful counts for half. */
    static List<CaseEvidence.OneOf> failing(IntakePicture intake, FaultKnowledge knowledge) {
        Map<Set<String>, Double> failing = new LinkedHashMap<>();
        for (IntakePicture.FunctionState function : intake.functions()) {
            double counts = function.result() == FunctionResult.FAILS
                    ? 1
                    : function.result() == FunctionResult.DOUBTFUL ? DOUBTFUL : 0;
            Set<String> shown = knowledge.symptoms().stream()
                    .filter(symptom ->
                            symptom.deniedBy().stream().anyMatch(named -> isNamed(function.function(), named, intake)))
                    .map(FaultKnowledge.Symptom::id)
                    .collect(Collectors.toSet());
            if (counts > 0 && !shown.isEmpty()) {
                // several speeds that fail are one failure
                failing.merge(shown, counts, Math::max);
            }
        }
        return failing.entrySet().stream()
                .map(one -> new CaseEvidence.OneOf(one.getKey(), one.getValue()))
                .toList();
    }

    private static boolean works(IntakePicture intake, String function) {
        List<IntakePicture.FunctionState> named = intake.functions().stream()
                .filter(one -> isNamed(one.function(), function, intake))
                .filter(one -> one.result().tried())
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
