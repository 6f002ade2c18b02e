package ruvant.core.refit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.parts.PartsPicture;
import ruvant.core.strip.AskedCheck;
import ruvant.core.strip.CheckIds;
import ruvant.core.strip.CheckWhen;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.StripNotes;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/**
 * The checks at each part: what follows from how it came off, what follows from what lies under it, what earlier
 * jobs of the model learned to look at, and the technician's own.
 *
 * @param under for each part, what lies under it, directly or not
 * @param untried functions that worked at intake and were not tried since the mechanism was last worked on
 * @param proof what the camera has shown since
 */
record Gates(
        Valley valley,
        Map<PartName, Set<PartName>> under,
        StripNotes notes,
        TreatPicture treat,
        PartsPicture parts,
        List<String> untried,
        LearnedChecks learned,
        TradeLists lists,
        ProofSoFar proof) {
    private static final Named EMPTY = CheckIds.of("traysEmpty", "Trays checked: nothing in them but its own pieces");
    private static final Named TRIED =
            CheckIds.of("triedAgain", "What worked at intake tried again while it can be reached");

    /** All checks at a part, each as it stands: what the camera has to show holds as soon as it has shown it. */
    List<GateCheck> checks(ValleyPart part) {
        Map<Named, CheckWhen> asked = new LinkedHashMap<>();
        learned.at(part.name()).forEach(one -> asked.putIfAbsent(one.what(), one.when()));
        Set<Named> known = part.checks().stream().map(GateCheck::what).collect(Collectors.toCollection(HashSet::new));
        Stream<AskedCheck> taught = asked.entrySet().stream()
                .map(one -> new AskedCheck(one.getKey(), one.getValue()))
                .filter(one -> part.out() || !one.when().moment().isBefore());
        Stream<AskedCheck> below = part.out() ? fromBelow(part).stream().map(AskedCheck::before) : Stream.of();
        Stream<GateCheck> own = part.checks().stream()
                .map(check -> new GateCheck(
                        check.what(),
                        asked.getOrDefault(check.what(), check.when()),
                        check.state(),
                        check.reason(),
                        check.own()));
        return Stream.concat(
                        own,
                        Stream.concat(below, taught)
                                .filter(one -> known.add(one.what()))
                                .map(one -> GateCheck.open(one, false)))
                .map(this::shown)
                .toList();
    }

    private GateCheck shown(GateCheck check) {
        CheckWhen when = check.when();
        boolean holds = check.isOpen()
                && when.isShown()
                && (when.speed().isEmpty() || proof.withinTolerance(when.speed()))
                && (!when.moment().isBefore() || proof.inARow() >= when.firings());
        return holds ? check.answered(GateCheck.State.PASSED, when.shownBy()) : check;
    }

    /** Whether a check can be made now, as far as its moment goes. */
    boolean isDue(ValleyPart part, GateCheck check) {
        MechanismState wanted = check.when().state();
        if (wanted != null && notes.contradicts(wanted)) {
            return false;
        }
        return switch (check.when().moment()) {
            case BEFORE -> part.out();
            case ON, TIGHT -> part.state() == ValleyPart.State.BACK;
            case FIRED ->
                part.state() == ValleyPart.State.BACK
                        && proof.fired() >= Math.max(1, check.when().firings());
            case CLOSED -> part.state() == ValleyPart.State.BACK && valley.out().isEmpty();
        };
    }

    List<String> stillToTry(ValleyPart part) {
        return checks(part).stream().anyMatch(check -> check.what().equals(TRIED) && check.isOpen())
                ? untried
                : List.of();
    }

    private List<Named> fromBelow(ValleyPart part) {
        Set<PartName> below = under.get(part.name());
        List<Named> checks = new ArrayList<>();
        if (lastOut() && valley.parts().stream().anyMatch(Gates::cameFromAWell)) {
            checks.add(EMPTY);
        }
        if (!part.removed().covers() || below.isEmpty()) {
            return checks;
        }
        List<PartName> dry = DryPoints.of(treat, lists).stream()
                .filter(one -> !learned.leftDry(one))
                .toList();
        dry.stream()
                .filter(below::contains)
                .forEach(one -> checks.add(CheckIds.of("unoiled", one.text(), "Cleaned, but not oiled: " + one)));
        treat.cleaned().stream()
                .map(one -> one.what().part())
                .distinct()
                .filter(cleaned -> below.contains(cleaned) && !dry.contains(cleaned))
                .flatMap(cleaned -> notOiled(cleaned).stream())
                .forEach(point ->
                        checks.add(CheckIds.of("notOiled", point.words(), "Not oiled since it was cleaned: " + point)));
        if (part.place().level() == 0 && !untried.isEmpty() && workedOn(below)) {
            checks.add(TRIED);
        }
        if (part.place().level() == 0) {
            notes.letDown()
                    .forEach(spring -> checks.add(CheckIds.of(
                            "wound", spring.name(), "Wound again, or meant to stay let down: " + spring.name())));
        }
        return checks;
    }

    private List<Named> notOiled(PartName part) {
        return learned.oilPoints(part).stream()
                .filter(point -> treat.lubricated().stream()
                        .noneMatch(one -> one.what().part().equals(part)
                                && one.what().point().equals(point)))
                .toList();
    }

    private boolean lastOut() {
        return valley.parts().stream().filter(ValleyPart::out).limit(2).count() == 1;
    }

    private static boolean cameFromAWell(ValleyPart other) {
        return !other.out() && !other.removed().wells().isEmpty();
    }

    private boolean workedOn(Set<PartName> some) {
        Stream<PartName> worked = Stream.concat(
                treat.workedOn(),
                parts.replacements().stream().map(one -> one.what().part()));
        // what was worked on without coming off was reached in place, under any cover that was off
        return worked.anyMatch(part -> some.contains(part) || valley.part(part).isEmpty());
    }
}
