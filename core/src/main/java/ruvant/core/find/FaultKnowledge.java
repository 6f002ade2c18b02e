package ruvant.core.find;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.units.ById;
import ruvant.core.units.Identified;
import ruvant.core.units.Named;

/**
 * What is known of faults before any camera of a shop was mended: causes with how common each is, what each does to each
 * symptom, and what each look would show.
 *
 * @param version of the format
 * @param none pseudo-count of a cause that is not on the list
 * @param symptoms with how often each is said though no cause on the list makes it
 */
public record FaultKnowledge(
        int version, double none, List<Area> areas, List<Symptom> symptoms, List<Cause> causes, List<Look> looks) {
    /** Nothing known. */
    private static final Set<String> CALLS = Set.of("clean", "mend", "adjust", "part", "leave");

    private static final Set<String> REACHES =
            Set.of("outside", "top", "bottom", "front", "back", "left", "right", "lens front", "lens rear", "inside");

    public static final FaultKnowledge EMPTY = new FaultKnowledge(1, 1, List.of(), List.of(), List.of(), List.of());

    /**
     * A mechanism with its own causes.
     *
     * @param families that have it; empty for all
     */
    public record Area(String id, String words, List<Family> families) implements Identified {
        /** Whether a camera of that family has it. */
        public boolean isIn(Family family) {
            return families.isEmpty() || families.contains(family);
        }
    }

    /**
     * What is seen.
     *
     * @param otherwise its chance where no cause on the list makes it, 0 to 1
     * @param why that chance is what it is: what else is taken for it, or makes it
     * @param deniedBy functions of the counter's check that speak against it where all of them work
     * @param formerly what it was called before, so that what was said then is still understood
     */
    public record Symptom(
            String id, String words, double otherwise, String why, List<String> deniedBy, List<String> formerly)
            implements Identified {
        public Symptom {
            why = why == null ? "found in this shop's own jobs" : why;
            deniedBy = deniedBy == null ? List.of() : List.copyOf(deniedBy);
            formerly = formerly == null ? List.of() : List.copyOf(formerly);
        }

        /** One that no function denies. */
        public Symptom(String id, String words, double otherwise) {
            this(id, words, otherwise, null, List.of(), List.of());
        }

        /** The same, once called otherwise. */
        Symptom once(Symptom before) {
            return new Symptom(
                    id,
                    words,
                    otherwise,
                    why,
                    deniedBy,
                    SameWords.withFormer(formerly, words, before.formerly, before.words));
        }
    }

    /**
     * A possible cause.
     *
     * @param prior pseudo-count among the causes of its area, above 0
     * @param why one line in the trade's words
     * @param symptoms chance of each with this cause, by id
     * @param calls what it calls for: clean, mend, adjust, part, leave
     * @param signature the cause of the shutter's speeds that it is; empty for none
     * @param roots what may have brought it about, in words
     * @param harms causes that it may have brought about in turn, by id: worth a look while one is there
     * @param advice how the owner keeps it from coming back; empty for none
     * @param formerly what it was called before, so that what was said then is still known to be it
     * @param bodies on which kinds of bodies it can be; empty for all
     */
    public record Cause(
            String id,
            String area,
            String words,
            double prior,
            String why,
            Map<String, Double> symptoms,
            String calls,
            String signature,
            List<String> roots,
            List<String> harms,
            String advice,
            List<String> formerly,
            List<BodyType> bodies)
            implements Identified {
        public Cause {
            bodies = bodies == null ? List.of() : List.copyOf(bodies);
            symptoms = Map.copyOf(symptoms);
            signature = signature == null ? "" : signature;
            roots = roots == null ? List.of() : List.copyOf(roots);
            harms = harms == null ? List.of() : List.copyOf(harms);
            advice = advice == null ? "" : advice;
            formerly = formerly == null ? List.of() : List.copyOf(formerly);
        }

        /** The same, once called otherwise. */
        Cause once(Cause before) {
            return new Cause(
                    id,
                    area,
                    words,
                    prior,
                    why,
                    symptoms,
                    calls,
                    signature,
                    roots,
                    harms,
                    advice,
                    SameWords.withFormer(formerly, words, before.formerly, before.words),
                    bodies);
        }

        /** Whether a camera built like that can have it. */
        public boolean canBeOn(BodyType body) {
            return bodies.isEmpty() || bodies.contains(body);
        }

        /** One of which neither root nor harm is known. */
        public Cause(
                String id,
                String area,
                String words,
                double prior,
                String why,
                Map<String, Double> symptoms,
                String calls,
                String signature) {
            this(
                    id, area, words, prior, why, symptoms, calls, signature, List.of(), List.of(), "", List.of(),
                    List.of());
        }
    }

    /**
     * A test that can raise or clear suspects.
     *
     * @param seen what is seen when it speaks for a cause
     * @param minutes attended, once the place is reached
     * @param reach what has to be off: outside, top, bottom, front, lens front, inside
     * @param risk what can be harmed; empty for nothing
     * @param finds chance that it is seen, by cause
     * @param otherwise chance that it is seen with any other cause
     */
    public record Look(
            String id,
            String area,
            String words,
            String seen,
            double minutes,
            String reach,
            String risk,
            Map<String, Double> finds,
            double otherwise)
            implements Identified {
        public Look {
            finds = Map.copyOf(finds);
        }
    }

    /**
     * What there is to know of a camera built like that: causes that cannot be on it are left out, and looks and symptoms
     * that would tell of nothing else along with them.
     */
    public FaultKnowledge on(BodyType body) {
        List<Cause> here = causes.stream().filter(cause -> cause.canBeOn(body)).toList();
        if (here.size() == causes.size()) {
            return this;
        }
        Set<String> ids = here.stream().map(Cause::id).collect(Collectors.toSet());
        Set<String> said = here.stream()
                .flatMap(cause -> cause.symptoms().keySet().stream())
                .collect(Collectors.toSet());
        return new FaultKnowledge(
                version,
                none,
                areas,
                symptoms.stream().filter(one -> said.contains(one.id())).toList(),
                here,
                looks.stream()
                        .filter(look -> look.finds().keySet().stream().anyMatch(ids::contains))
                        .toList());
    }

    /** Causes that a camera of that family can have. */
    public List<Cause> causesOf(Family family) {
        Set<String> here = areasOf(family);
        return causes.stream().filter(one -> here.contains(one.area())).toList();
    }

    /** Looks that make sense on a camera of that family. */
    public List<Look> looksOf(Family family) {
        Set<String> here = areasOf(family);
        return looks.stream().filter(one -> here.contains(one.area())).toList();
    }

    /** Symptoms that some cause of a camera of that family makes. */
    public List<Symptom> symptomsOf(Family family) {
        Set<String> here = causesOf(family).stream()
                .flatMap(cause -> cause.symptoms().keySet().stream())
                .collect(Collectors.toSet());
        return symptoms.stream().filter(one -> here.contains(one.id())).toList();
    }

    private Set<String> areasOf(Family family) {
        return areas.stream().filter(one -> one.isIn(family)).map(Area::id).collect(Collectors.toSet());
    }

    /** The words for a mechanism; its id where it has none. */
    public String area(String id) {
        return ById.find(areas, id).map(Area::words).orElse(id);
    }

    /** The look of that name; empty for none. */
    public Optional<Look> look(String id) {
        return ById.find(looks, id);
    }

    /** The symptom that is said; empty where it is not known. */
    public Optional<Symptom> symptomOf(Named said) {
        return ById.find(symptoms, said.id())
                .or(() -> symptoms.stream()
                        .filter(one -> SameWords.called(said, one.words(), one.formerly()))
                        .findFirst());
    }

    /**
     * The cause that is spoken of: the one with this id, else the one that is or was called so, in whatever order of words;
     * empty where it is not known.
     */
    public Optional<Cause> causeOf(Named said) {
        return ById.find(causes, said.id())
                .or(() -> causes.stream()
                        .filter(one -> SameWords.called(said, one.words(), one.formerly()))
                        .findFirst());
    }

    /** What is wrong with it, in words; empty where it can be used. */
    public List<String> problems() {
        List<String> problems = new ArrayList<>();
        Set<String> known = new HashSet<>();
        areas.forEach(one -> twice(known, "area", one.id(), problems));
        symptoms.forEach(one -> twice(known, "symptom", one.id(), problems));
        causes.forEach(one -> twice(known, "cause", one.id(), problems));
        looks.forEach(one -> twice(known, "look", one.id(), problems));
        if (!(none > 0)) {
            problems.add("No chance is left for a cause that is not on the list.");
        }
        for (Symptom symptom : symptoms) {
            chance(symptom.id() + ", otherwise", symptom.otherwise(), problems);
            if (symptom.why().isBlank()) {
                problems.add("“" + symptom.words() + "” has no reason for appearing without a listed cause.");
            }
            if (symptom.words().isBlank() || symptom.deniedBy().stream().anyMatch(String::isBlank)) {
                problems.add("Symptom " + symptom.id() + ", or a function that denies it, has no words.");
            }
        }
        for (Area area : areas) {
            if (area.words().isBlank()) {
                problems.add("Mechanism " + area.id() + " has no words.");
            }
        }
        for (Cause cause : causes) {
            require(known, "area", cause.area(), cause.id(), problems);
            cause.symptoms().forEach((symptom, chance) -> {
                require(known, "symptom", symptom, cause.id(), problems);
                chance(cause.id() + ", " + symptom, chance, problems);
            });
            cause.harms().forEach(harmed -> require(known, "cause", harmed, cause.id(), problems));
            boolean told = looks.stream()
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
        for (Look look : looks) {
            require(known, "area", look.area(), look.id(), problems);
            chance(look.id() + ", otherwise", look.otherwise(), problems);
            look.finds().forEach((cause, chance) -> {
                require(known, "cause", cause, look.id(), problems);
                chance(look.id() + ", " + cause, chance, problems);
            });
            if (look.words().isBlank() || look.seen().isBlank() || !REACHES.contains(look.reach())) {
                problems.add("Look " + look.id() + " does not say where to look, at what, or for what.");
            }
            if (!(look.minutes() > 0) || look.finds().isEmpty()) {
                problems.add("Look “" + look.words() + "” has no minutes or tells nothing.");
            }
        }
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
