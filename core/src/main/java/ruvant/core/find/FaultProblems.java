package ruvant.core.find;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.regex.PatternSyntaxException;
import ruvant.core.find.FaultKnowledge.Area;
import ruvant.core.find.FaultKnowledge.Cause;
import ruvant.core.find.FaultKnowledge.Look;
import ruvant.core.find.FaultKnowledge.Symptom;

/** Whether what is known of faults has no gaps: a search through it would go astray at each. */
final class FaultProblems {
    private static final Set<String> CALLS = Set.of("clean", "mend", "adjust", "part", "leave");

    private static final Set<String> REACHES =
            Set.of("outside", "top", "bottom", "front", "back", "left", "right", "lens front", "lens rear", "inside");

    private FaultProblems() {}

    static List<String> of(FaultKnowledge knowledge) {
        List<String> problems = new ArrayList<>();
        Set<String> known = new HashSet<>();
        knowledge.works().forEach(one -> twice(known, "works", one.id(), problems));
        knowledge.areas().forEach(one -> twice(known, "area", one.id(), problems));
        knowledge.symptoms().forEach(one -> twice(known, "symptom", one.id(), problems));
        knowledge.causes().forEach(one -> twice(known, "cause", one.id(), problems));
        knowledge.looks().forEach(one -> twice(known, "look", one.id(), problems));
        if (!(knowledge.none() > 0)) {
            problems.add("No chance is left for a cause that is not on the list.");
        }
        for (Symptom symptom : knowledge.symptoms()) {
            chance(symptom.id() + ", otherwise", symptom.otherwise(), problems);
            if (symptom.why().isBlank()) {
                problems.add("“" + symptom.words() + "” has no reason for appearing without a listed cause.");
            }
            if (symptom.words().isBlank() || symptom.deniedBy().stream().anyMatch(String::isBlank)) {
                problems.add("Symptom " + symptom.id() + ", or a function that denies it, has no words.");
            }
        }
        for (Area area : knowledge.areas()) {
            if (area.words().isBlank()) {
                problems.add("Mechanism " + area.id() + " has no words.");
            }
        }
        for (Cause cause : knowledge.causes()) {
            require(known, "area", cause.area(), cause.id(), problems);
            cause.symptoms().forEach((symptom, chance) -> {
                require(known, "symptom", symptom, cause.id(), problems);
                chance(cause.id() + ", " + symptom, chance, problems);
            });
            cause.harms().forEach(harmed -> require(known, "cause", harmed, cause.id(), problems));
            boolean told = knowledge.looks().stream()
                    .anyMatch(look -> look.finds().getOrDefault(cause.id(), 0.0) - look.otherwise() >= 0.5);
            if (!told) {
                problems.add("No look distinguishes “" + cause.words() + "” from the others.");
            }
            if (cause.symptoms().isEmpty()
                    || !(cause.prior() > 0)
                    || cause.why().isBlank()) {
                problems.add("“" + cause.words() + "” has no symptom, no count or no reason.");
            }
            if (cause.words().isBlank() || cause.roots().stream().anyMatch(String::isBlank)) {
                problems.add("Cause " + cause.id() + " or one of its roots has no words.");
            }
            if (!CALLS.contains(cause.calls())) {
                problems.add("“" + cause.words() + "” calls for “" + cause.calls() + "”, which is no kind of work.");
            }
            if (cause.harms().contains(cause.id())) {
                problems.add("“" + cause.words() + "” is its own root cause.");
            }
            if (new HashSet<>(cause.bodies()).size() < cause.bodies().size()) {
                problems.add("“" + cause.words() + "” names a kind of body twice.");
            }
        }
        for (Look look : knowledge.looks()) {
            require(known, "area", look.area(), look.id(), problems);
            chance(look.id() + ", otherwise", look.otherwise(), problems);
            look.finds().forEach((cause, chance) -> {
                require(known, "cause", cause, look.id(), problems);
                chance(look.id() + ", " + cause, chance, problems);
            });
            if (look.words().isBlank() || look.seen().isBlank() || !REACHES.contains(look.reach())) {
                problems.add("Look " + look.id() + " does not say where to look, at what, or for what.");
            }
            if (!look.runs().isEmpty() && !known.contains("works " + look.runs())) {
                problems.add(look.id() + " needs " + look.runs() + ", of which no parts are known.");
            }
            if (!(look.minutes() > 0) || look.finds().isEmpty()) {
                problems.add("Look “" + look.words() + "” has no minutes or tells nothing.");
            }
        }
        for (Sayings.Word word : knowledge.sayings().words()) {
            try {
                Pattern.compile(String.join("|", word.said()));
            } catch (PatternSyntaxException problem) {
                problems.add("A way to say “" + word.token() + "” is no pattern: " + problem.getDescription() + ".");
            }
        }
        knowledge.sayings().symptoms().keySet().forEach(id -> require(known, "symptom", id, "a saying", problems));
        return problems;
    }

    private static void twice(Set<String> known, String kind, String id, List<String> problems) {
        if (!known.add(kind + " " + id)) {
            problems.add("There are two " + kind + "s called " + id + ".");
        }
    }

    private static void require(Set<String> known, String kind, String id, String by, List<String> problems) {
        if (!known.contains(kind + " " + id)) {
            problems.add(by + " names the " + kind + " " + id + ", which is not there.");
        }
    }

    /** Never and always are not chances: a single slip of the eye could not be made good any more. */
    private static void chance(String what, double chance, List<String> problems) {
        if (!(chance > 0 && chance < 1)) {
            problems.add(what + ": " + chance + " is not a chance between 0 and 1.");
        }
    }
}
