package ruvant.core.knowledge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ruvant.core.strip.AskedCheck;
import ruvant.core.strip.CheckWhen;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.Named;

/** Tells which checks that somebody made of their own accord are worth making again. */
final class ChecksMet {
    private ChecksMet() {}

    /** Those added by hand in some job and, over all jobs, made more often than waived: a waiver counts against it. */
    static List<AskedCheck> learned(List<ValleyPart> parts) {
        Map<Named, Integer> worth = new LinkedHashMap<>();
        Map<Named, CheckWhen> when = new LinkedHashMap<>();
        parts.stream()
                .flatMap(part -> part.checks().stream())
                .filter(GateCheck::own)
                .forEach(check -> {
                    worth.put(check.what(), 0);
                    when.put(check.what(), check.when());
                });
        parts.stream()
                .flatMap(part -> part.checks().stream())
                .filter(check -> worth.containsKey(check.what()))
                .forEach(check -> worth.merge(check.what(), value(check), Integer::sum));
        return worth.entrySet().stream()
                .filter(one -> one.getValue() > 0)
                .map(one -> new AskedCheck(one.getKey(), when.get(one.getKey())))
                .toList();
    }

    private static int value(GateCheck check) {
        return switch (check.state()) {
            case PASSED, FAILED -> 1;
            case WAIVED -> -1;
            case OPEN -> 0;
        };
    }
}
