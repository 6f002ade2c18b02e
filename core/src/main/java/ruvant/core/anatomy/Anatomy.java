package ruvant.core.anatomy;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.trade.Side;
import ruvant.core.units.MayBeNull;

/**
 * The make-up of cameras as data: places in which parts sit, and which words in a part's name tell its place.
 *
 * @param version of the data
 * @param places where parts sit; those of one place are taken to lie over each other in the order in which they came off;
 *     of two with the same id the later one, for fewer cameras, counts
 * @param nouns last words of names that tell a part's role
 * @param kinds parts that are known by name
 */
public record Anatomy(int version, List<Place> places, List<Noun> nouns, List<Kind> kinds) {
    /** Nothing is known of any camera. */
    public static final Anatomy EMPTY = new Anatomy(1, List.of(), List.of(), List.of());

    public Anatomy {
        places = List.copyOf(places);
        nouns = List.copyOf(nouns);
        kinds = List.copyOf(kinds);
    }

    /**
     * A place in some cameras.
     *
     * @param sides from which a part may sit here that nothing else is known of; none where only named parts do
     * @param bodies that have it; none for all
     * @param shutters with which a camera has it; none for all
     * @param encloses whether what sits here closes round the whole camera, so that it waits for everything and everything
     *     that came off before it waits for it
     * @param over ids of other places whose parts may lie under one that sits here
     * @param shellOver more of those, where the one that sits here is a cover
     */
    public record Place(
            String id,
            String label,
            List<Side> sides,
            @MayBeNull List<BodyType> bodies,
            @MayBeNull List<Family> shutters,
            boolean encloses,
            List<String> over,
            @MayBeNull List<String> shellOver) {
        public Place {
            sides = List.copyOf(sides);
            bodies = orNone(bodies);
            shutters = orNone(shutters);
            over = List.copyOf(over);
            shellOver = orNone(shellOver);
        }

        boolean on(BodyType body, Family shutter) {
            return fits(bodies, body) && fits(shutters, shutter);
        }
    }

    /**
     * Last words of names, such as "lever", that tell a role.
     *
     * @param trims whether a thing of this name may be no more than the trim of a control: "wind lever cover"
     */
    public record Noun(Role role, boolean trims, List<String> words) {
        /** Whether a thing of this name reaches beyond what it is named after: "mount plate", but not "mount spring". */
        boolean wide(Role named) {
            return role == Role.CORE || role == Role.SHELL && !(trims && named == Role.CONTROL);
        }

        public Noun {
            words = List.copyOf(words);
        }
    }

    /**
     * A part that is known by name.
     *
     * @param sides from which it comes off; none for any
     * @param bodies that have it; none for all
     * @param shutters with which a camera has it; none for all
     * @param head whether only a name that ends with the words is meant: "shutter", but not "shutter blade spring"
     * @param train which of several trains beside each other it is; none for anything else
     * @param places ids of where it sits
     * @param words phrases that name it, in small letters and the singular
     */
    public record Kind(
            String id,
            String label,
            @MayBeNull List<Side> sides,
            @MayBeNull List<BodyType> bodies,
            @MayBeNull List<Family> shutters,
            boolean head,
            @MayBeNull String train,
            Role role,
            List<String> places,
            List<String> words) {
        public Kind {
            sides = orNone(sides);
            bodies = orNone(bodies);
            shutters = orNone(shutters);
            train = train == null ? "" : train;
            places = List.copyOf(places);
            words = List.copyOf(words);
        }

        boolean on(BodyType body, Family shutter, Side side) {
            return fits(bodies, body) && fits(shutters, shutter) && fits(sides, side);
        }
    }

    private static <T> List<T> orNone(@MayBeNull List<T> some) {
        return some == null ? List.of() : List.copyOf(some);
    }

    private static <T> boolean fits(Collection<T> some, T one) {
        return some.isEmpty() || some.contains(one);
    }

    /** Gaps and slips in the data; empty for sound data. */
    public List<String> problems() {
        Set<String> ids = places.stream().map(Place::id).collect(Collectors.toSet());
        return Stream.of(
                        twice("place", places.stream().map(place -> place.id() + place.bodies() + place.shutters())),
                        twice("kind", kinds.stream().map(Kind::id)),
                        places.stream().flatMap(place -> unknown(place.id(), place.over(), ids)),
                        places.stream().flatMap(place -> unknown(place.id(), place.shellOver(), ids)),
                        kinds.stream().flatMap(kind -> unknown(kind.id(), kind.places(), ids)),
                        kinds.stream().flatMap(Anatomy::wordless),
                        Stream.of(BodyType.values()).flatMap(this::placeless),
                        ambiguous(),
                        places.stream().map(Place::id).distinct().count() > Long.SIZE
                                ? Stream.of("There are more than " + Long.SIZE + " places.")
                                : Stream.<String>empty())
                .flatMap(one -> one)
                .toList();
    }

    private static Stream<String> twice(String what, Stream<String> ids) {
        Set<String> seen = new HashSet<>();
        return ids.filter(id -> !seen.add(id)).map(id -> "There are two of the " + what + " “" + id + "”.");
    }

    private static Stream<String> unknown(String where, List<String> named, Set<String> ids) {
        return named.stream()
                .filter(id -> !ids.contains(id))
                .map(id -> "“" + where + "” names the place “" + id + "”, which is not there.");
    }

    private static Stream<String> wordless(Kind kind) {
        boolean plain = kind.words().stream().allMatch(word -> word.equals(PartWords.plain(word)));
        return kind.words().isEmpty() || kind.places().isEmpty() || !plain
                ? Stream.of("“" + kind.id() + "” needs a place, and words in small letters and the singular.")
                : Stream.empty();
    }

    /** Every camera has somewhere for a part from each side, whatever its shutter. */
    private Stream<String> placeless(BodyType body) {
        return Stream.of(Family.values())
                .flatMap(shutter -> Stream.of(Side.values())
                        .filter(side -> places.stream()
                                .noneMatch(place ->
                                        place.on(body, shutter) && place.sides().contains(side)))
                        .map(side -> "A part from the " + side.label() + " of a camera “" + body.label() + ", "
                                + shutter.label() + "” has no place."));
    }

    /** One phrase may not mean two kinds of one camera and side. */
    private Stream<String> ambiguous() {
        Map<String, List<Kind>> byWords = new HashMap<>();
        kinds.forEach(kind -> kind.words()
                .forEach(word -> byWords.computeIfAbsent(word, name -> new java.util.ArrayList<>())
                        .add(kind)));
        return byWords.entrySet().stream()
                .filter(entry -> entry.getValue().stream()
                        .anyMatch(one -> entry.getValue().stream().anyMatch(other -> other != one && meet(one, other))))
                .map(entry -> "“" + entry.getKey() + "” means two things.");
    }

    private static boolean meet(Kind one, Kind other) {
        return overlap(one.sides(), other.sides())
                && overlap(one.bodies(), other.bodies())
                && overlap(one.shutters(), other.shutters());
    }

    private static <T> boolean overlap(List<T> some, List<T> others) {
        return some.isEmpty() || others.isEmpty() || some.stream().anyMatch(others::contains);
    }
}
