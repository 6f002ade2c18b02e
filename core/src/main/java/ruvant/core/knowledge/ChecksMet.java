package ruvant.core.knowledge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.ValleyPart;

/** Tells which checks that somebody made of their own accord are worth making again. */
final class ChecksMet {
    private ChecksMet() {}

    /** Those added by hand in some job and, over all jobs, made more often than waived: a waiver counts against it. */
    static List<String> learned(List<ValleyPart> parts) {
        Map<String, Integer> worth = new LinkedHashMap<>();
        parts.stream()
                .flatMap(part -> part.checks().stream())
                .filter(GateCheck::own)
                .forEach(check -> worth.put(check.text(), 0));
        parts.stream()
                .flatMap(part -> part.checks().stream())
                .filter(check -> worth.containsKey(check.text()))
                .forEach(check -> worth.merge(check.text(), value(check), Integer::sum));
        return worth.entrySet().stream()
                .filter(one -> one.getValue() > 0)
                .map(Map.Entry::getKey)
                .toList();
    }

    private static int value(GateCheck check) {
        return switch (check.state()) {
            case PASSED -> 1;
            case WAIVED -> -1;
            case OPEN -> 0;
        };
    }
}
