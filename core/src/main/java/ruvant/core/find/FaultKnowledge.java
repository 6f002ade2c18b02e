package ruvant.core.find;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
 * @param works what runs as a whole, and by which parts out of it one knows that it is in pieces
 * @param symptoms with how often each is said though no cause on the list makes it
 */
public record FaultKnowledge(
        int version,
        double none,
        List<Works> works,
        List<Area> areas,
        List<Symptom> symptoms,
        List<Cause> causes,
        List<Look> looks,
        Sayings sayings) {
    public FaultKnowledge {
        sayings = sayings == null ? Sayings.NONE : sayings;
        works = works == null ? List.of() : List.copyOf(works);
    }

    /** Nothing known. */
    public static final FaultKnowledge EMPTY =
            new FaultKnowledge(1, 1, List.of(), List.of(), List.of(), List.of(), List.of(), Sayings.NONE);

    /**
     * What runs as a whole.
     *
     * @param parts without which it does not: names of one word are whole names, longer ones may stand in a longer name
     */
    public record Works(String id, List<String> parts) implements Identified {
        private boolean needs(String part) {
            Set<String> words = SameWords.telling(part);
            return parts.stream()
                    .map(SameWords::telling)
                    .anyMatch(name -> name.size() == 1 ? words.equals(name) : words.containsAll(name));
        }
    }

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
     * @param silent whether it tells nothing that nobody said it, since few people say when a fault shows
     */
    public record Symptom(
            String id,
            String words,
            double otherwise,
            String why,
            List<String> deniedBy,
            List<String> formerly,
            boolean silent)
            implements Identified {
        public Symptom {
            why = why == null ? "found in this shop's own jobs" : why;
            deniedBy = deniedBy == null ? List.of() : List.copyOf(deniedBy);
            formerly = formerly == null ? List.of() : List.copyOf(formerly);
        }

        /** One that no function denies. */
        public Symptom(String id, String words, double otherwise) {
            this(id, words, otherwise, null, List.of(), List.of(), false);
        }

        /** The same, once called otherwise. */
        Symptom once(Symptom before) {
            return new Symptom(
                    id,
                    words,
                    otherwise,
                    why,
                    deniedBy,
                    SameWords.withFormer(formerly, words, before.formerly, before.words),
                    silent);
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
     * @param function of the counter's check without which it cannot be; empty for none
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
            List<BodyType> bodies,
            String function)
            implements Identified {
        public Cause {
            bodies = bodies == null ? List.of() : List.copyOf(bodies);
            function = function == null ? "" : function;
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
                    bodies,
                    function);
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
                    List.of(), "");
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
     * @param runs what has to be together and run for it; empty for nothing
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
            double otherwise,
            String runs)
            implements Identified {
        public Look {
            finds = Map.copyOf(finds);
            runs = runs == null ? "" : runs;
        }

        /** One for which nothing has to run. */
        public Look(
                String id,
                String area,
                String words,
                String seen,
                double minutes,
                String reach,
                String risk,
                Map<String, Double> finds,
                double otherwise) {
            this(id, area, words, seen, minutes, reach, risk, finds, otherwise, "");
        }
    }

    /**
     * What there is to know of a camera built like that: causes that cannot be on it are left out, and looks and symptoms
     * that would tell of nothing else along with them.
     */
    public FaultKnowledge on(BodyType body) {
        return with(cause -> cause.canBeOn(body));
    }

    /** What there is to know of a camera that does not have some functions of the counter's check. */
    public FaultKnowledge without(Set<Named> functions) {
        return with(cause -> cause.function().isEmpty()
                || functions.stream().noneMatch(one -> one.is(Named.idOf(cause.function()))));
    }

    private FaultKnowledge with(Predicate<Cause> possible) {
        List<Cause> here = causes.stream().filter(possible).toList();
        if (here.size() == causes.size()) {
            return this;
        }
        Set<String> ids = here.stream().map(Cause::id).collect(Collectors.toSet());
        Set<String> said = here.stream()
                .flatMap(cause -> cause.symptoms().keySet().stream())
                .collect(Collectors.toSet());
        return narrowed(
                symptoms.stream().filter(one -> said.contains(one.id())).toList(),
                here,
                looks.stream()
                        .filter(look -> look.finds().keySet().stream().anyMatch(ids::contains))
                        .toList());
    }

    private FaultKnowledge narrowed(List<Symptom> symptoms, List<Cause> causes, List<Look> looks) {
        return new FaultKnowledge(version, none, works, areas, symptoms, causes, looks, sayings);
    }

    /** The same without looks for which something has to run that is in pieces, parts of it lying out. */
    public FaultKnowledge whileOut(Collection<String> parts) {
        Set<String> apart = works.stream()
                .filter(one -> parts.stream().anyMatch(one::needs))
                .map(Works::id)
                .collect(Collectors.toSet());
        return narrowed(
                symptoms,
                causes,
                looks.stream().filter(look -> !apart.contains(look.runs())).toList());
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

    /**
     * The cause that is spoken of in whatever words: by its name, else the only one of the family all of whose telling words are
     * in what is said. Empty where that is none, or more than one.
     */
    public Optional<Cause> causeMeant(Named said, Optional<Family> family) {
        List<Cause> possible = family.map(this::causesOf).orElse(causes);
        Optional<Cause> called = causeOf(said);
        return called.filter(possible::contains)
                .or(() -> onlyOneMeant(said, possible))
                .or(() -> called);
    }

    private Optional<Cause> onlyOneMeant(Named said, List<Cause> possible) {
        Speech speech = Speech.of(sayings);
        Speech.Clause clause = speech.clause(said.words());
        List<Cause> meant = possible.stream()
                .filter(cause -> Stream.concat(Stream.of(cause.words()), cause.formerly().stream())
                        .anyMatch(words -> clause.telling()
                                .containsAll(speech.clause(words).telling())))
                .toList();
        return clause.not() || clause.open() || meant.size() != 1 ? Optional.empty() : Optional.of(meant.getFirst());
    }

    /** What is wrong with it, in words; empty where it can be used. */
    public List<String> problems() {
        return FaultProblems.of(this);
    }
}
