package ruvant.core.trade;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import ruvant.core.units.ById;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/**
 * Words and short lists of the trade that ship as data, since a shop may know better: which names speak of a cover, which
 * washed parts want oil, what is tried out at intake, which cells can be had, what is done about a stuck fastener, and
 * what the nouns of the log line mean.
 *
 * @param version of the data
 * @param words lists of words in the names of parts
 * @param functions what is tried out at intake, in the order in which a hand comes to it
 * @param cells for light meters whose own cell is no longer made
 * @param rungs what is tried on a stuck fastener, the gentlest first
 * @param nouns of the log line
 */
public record TradeLists(
        int version,
        List<WordList> words,
        List<Functions> functions,
        List<MeterCell> cells,
        List<Rung> rungs,
        List<Noun> nouns) {
    /** Lists in which nothing stands. */
    public static final TradeLists EMPTY = new TradeLists(1, List.of(), List.of(), List.of(), List.of(), List.of());

    /** Names with one of these words usually lie over what is under them. */
    public static final String COVERING = "covering";

    /** Names with one of these words do not, whatever else they say. */
    public static final String NEVER_COVERING = "neverCovering";

    /** Names that end with one of these turn or slide: washed, they want oil before they are closed in. */
    public static final String MOVING = "moving";

    /** Fasteners with one of these words are turned as a whole and have no slot. */
    public static final String RINGS = "rings";

    private static final double MOST_VOLTS = 30;
    private static final int LONGEST_MINUTES = 43_200;

    public TradeLists {
        words = List.copyOf(words);
        functions = List.copyOf(functions);
        cells = List.copyOf(cells);
        rungs = List.copyOf(rungs);
        nouns = List.copyOf(nouns);
    }

    /** Words under one name, in small letters. */
    public record WordList(String id, String label, List<String> words) implements Identified, Labelled {
        public WordList {
            words = inSmallLetters(words);
        }
    }

    private static List<String> inSmallLetters(List<String> words) {
        return words.stream()
                .map(one -> one.strip().toLowerCase(Locale.ROOT))
                .filter(one -> !one.isEmpty())
                .distinct()
                .toList();
    }

    /**
     * Functions that cameras of some kinds have.
     *
     * @param bodies the kinds; none for all
     */
    public record Functions(String id, String label, List<BodyType> bodies, List<Named> functions)
            implements Identified, Labelled {
        public Functions {
            bodies = bodies == null ? List.of() : List.copyOf(bodies);
            functions = List.copyOf(functions);
        }

        private boolean on(BodyType body) {
            return bodies.isEmpty() || bodies.contains(body);
        }
    }

    /**
     * A cell, or a cell with something before it.
     *
     * @param freshVolts under the meter's load when new
     * @param spentVolts when it is thrown away
     */
    public record MeterCell(String id, String label, double freshVolts, double spentVolts, String note)
            implements Identified, Labelled {}

    /**
     * Something that is tried on a stuck fastener.
     *
     * @param how it is done, in a line
     * @param risk what it may cost
     * @param waitMinutes how long it has to act; 0 for not at all
     * @param irreversible whether it is the owner's to agree to
     * @param on on which fasteners it is tried; on any where nothing is said
     */
    public record Rung(
            String id, String label, String how, String risk, int waitMinutes, boolean irreversible, RungOn on)
            implements Identified, Labelled {
        public Rung {
            on = on == null ? RungOn.ANY : on;
        }

        /** What entries call it. */
        public Named named() {
            return new Named(id, label);
        }
    }

    /**
     * What some words of the log line mean. Its id is its topic and its meaning.
     *
     * @param topic such as "drive"
     * @param means the name of the choice in that topic, such as "SLOTTED"
     */
    public record Noun(String topic, String means, List<String> words) implements Identified, Labelled {
        public Noun {
            words = inSmallLetters(words);
        }

        @Override
        public String id() {
            return topic + "." + means;
        }

        /** What is meant, in the word that people see for the choice. */
        @Override
        public String label() {
            return choice().map(Labelled::label).orElse(means);
        }

        private Optional<Labelled> choice() {
            return NounTopic.of(topic).flatMap(of -> of.choice(means));
        }
    }

    /**
     * Something that the log line can name.
     *
     * @param id that of its noun
     * @param noun the words that name it here; none where it has none yet
     * @param label what it is
     * @param about its topic in words
     */
    public record NounChoice(String id, Noun noun, String label, String about) {}

    /** Everything that the log line can name, whether it has a word yet or not, topic by topic. */
    public List<NounChoice> nounChoices() {
        return Arrays.stream(NounTopic.values())
                .flatMap(topic -> topic.choices().stream().map(means -> {
                    Noun bare = new Noun(topic.id(), means.name(), List.of());
                    Noun noun = ById.find(nouns, bare.id()).orElse(bare);
                    return new NounChoice(noun.id(), noun, noun.label(), topic.label());
                }))
                .toList();
    }

    /** The words of a list; none where there is no such list. */
    public List<String> words(String list) {
        return ById.find(words, list).map(WordList::words).orElse(List.of());
    }

    /** Whether a part of this name usually covers. It is always shown, and changed with one key. */
    public boolean covers(String partName) {
        Set<String> said = wordsIn(partName);
        return words(COVERING).stream().anyMatch(said::contains)
                && words(NEVER_COVERING).stream().noneMatch(said::contains);
    }

    private static Set<String> wordsIn(String name) {
        return new HashSet<>(Arrays.asList(name.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")));
    }

    /** Whether a fastener of this name is a ring: "retaining ring", but not "set screw of the speed ring". */
    private boolean ring(String fastener) {
        Set<String> said = wordsIn(fastener);
        Map<String, FastenerKind> kinds = nouns(NounTopic.FASTENER.id(), FastenerKind.class);
        return words(RINGS).stream().anyMatch(said::contains)
                && said.stream()
                        .map(kinds::get)
                        .noneMatch(kind -> kind == FastenerKind.SCREW || kind == FastenerKind.SET_SCREW);
    }

    /** Whether a part of this name wants oil once it was washed: its last word says so. */
    public boolean moves(PartName part) {
        return words(MOVING).contains(lastWord(part.key()));
    }

    /** The word at the end of a name, which says what the thing is. */
    public static String lastWord(String name) {
        return name.substring(name.lastIndexOf(' ') + 1);
    }

    /** What is tried out at intake on a camera of this kind, besides its marked speeds. */
    public List<Named> functionsOf(BodyType body) {
        return functions.stream()
                .filter(one -> one.on(body))
                .flatMap(one -> one.functions().stream())
                .distinct()
                .toList();
    }

    /** A rung by what an entry calls it. */
    public Optional<Rung> rung(Named said) {
        return rungs.stream().filter(one -> said.is(one.id())).findFirst();
    }

    /** Whether what an entry calls this cannot be undone; a rung that nobody knows is taken for one that cannot. */
    public boolean cannotBeUndone(Named said) {
        return rung(said).map(Rung::irreversible).orElse(true);
    }

    /** What to try on a fastener after these, one step further than the boldest of them; empty at the end of the ladder. */
    public Optional<Rung> rungAfter(String fastener, Collection<Named> tried) {
        int boldest = -1;
        for (int i = 0; i < rungs.size(); i++) {
            String id = rungs.get(i).id();
            boldest = tried.stream().anyMatch(one -> one.is(id)) ? i : boldest;
        }
        boolean ring = ring(fastener);
        return rungs.stream()
                .skip(boldest + 1L)
                .filter(one -> one.on().suits(ring))
                .findFirst();
    }

    /** The nouns of a topic, each with the choice that it means. */
    public <E extends Enum<E>> Map<String, E> nouns(String topic, Class<E> choices) {
        Map<String, E> meaning = new TreeMap<>();
        nouns.stream()
                .filter(one -> one.topic().equals(topic))
                .forEach(one -> one.words().forEach(word -> meaning.put(word, Enum.valueOf(choices, one.means()))));
        return meaning;
    }

    /** Gaps and slips in the data; empty for sound lists. */
    public List<String> problems() {
        List<String> problems = new ArrayList<>();
        Stream.of(COVERING, NEVER_COVERING, MOVING)
                .filter(list -> words(list).isEmpty())
                .forEach(list -> problems.add("The words of “" + list + "” are missing."));
        twice("word list", words, WordList::id, problems);
        twice("group of functions", functions, Functions::id, problems);
        twice("cell", cells, MeterCell::id, problems);
        twice("rung", rungs, Rung::id, problems);
        functions.forEach(group -> {
            if (group.functions().isEmpty()) {
                problems.add("“" + group.label() + "” has no functions.");
            }
        });
        for (BodyType body : BodyType.values()) {
            if (functionsOf(body).isEmpty()) {
                problems.add("A camera of the kind “" + body.label() + "” has nothing to try.");
            }
        }
        cells.forEach(cell -> cell(cell, problems));
        rungs.forEach(rung -> rung(rung, problems));
        nouns.forEach(noun -> noun(noun, problems));
        return problems;
    }

    private static void cell(MeterCell cell, List<String> problems) {
        boolean sound = cell.spentVolts() > 0
                && cell.spentVolts() <= cell.freshVolts()
                && cell.freshVolts() <= MOST_VOLTS
                && !cell.label().isBlank();
        if (!sound) {
            problems.add("The cell “" + cell.label() + "” is spent at " + cell.spentVolts() + " V and fresh at "
                    + cell.freshVolts() + " V.");
        }
    }

    private void rung(Rung rung, List<String> problems) {
        if (rung.label().isBlank() || rung.how().isBlank() || rung.risk().isBlank()) {
            problems.add("“" + rung.id() + "” does not say how it is done and what it risks.");
        }
        if (rung.waitMinutes() < 0 || rung.waitMinutes() > LONGEST_MINUTES) {
            problems.add("“" + rung.label() + "” acts for " + rung.waitMinutes() + " minutes.");
        }
        boolean bolderBefore = rungs.stream().takeWhile(one -> one != rung).anyMatch(Rung::irreversible);
        if (bolderBefore && !rung.irreversible()) {
            problems.add("“" + rung.label() + "” can be undone and comes after what cannot.");
        }
    }

    private void noun(Noun noun, List<String> problems) {
        if (noun.choice().isEmpty() || noun.words().isEmpty()) {
            problems.add("Nothing is meant by “" + noun.means() + "” of “" + noun.topic() + "”.");
        }
        nouns.stream()
                .takeWhile(one -> one != noun)
                .filter(one -> one.topic().equals(noun.topic()))
                .flatMap(one -> one.words().stream())
                .filter(noun.words()::contains)
                .forEach(word -> problems.add("“" + word + "” means two things of “" + noun.topic() + "”."));
    }

    private static <T> void twice(String what, List<T> all, Function<T, String> id, List<String> problems) {
        Set<String> seen = new HashSet<>();
        all.stream()
                .map(id)
                .filter(one -> one.isBlank() || !seen.add(one))
                .forEach(one -> problems.add("There are two of the " + what + " “" + one + "”, or it has no id."));
    }
}
