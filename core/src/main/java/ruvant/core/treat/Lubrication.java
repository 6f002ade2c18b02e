package ruvant.core.treat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.house.School;
import ruvant.core.trade.Family;
import ruvant.core.units.ById;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/**
 * What each school puts on each kind of point.
 *
 * @param points kinds of point
 * @param lubricants what a shop has on its shelf, by id
 * @param waits waits that recur, with their usual length
 * @param families points that cameras of a family have
 * @param elsewhere id of the lubricant that is proposed where a point is of no known kind
 * @param oneThing names that parts of one kind go by in different shops, such as retard train and slow train
 */
public record Lubrication(
        int version,
        List<PointKind> points,
        List<Lubricant> lubricants,
        List<WaitKind> waits,
        Map<Family, List<FamilyPoint>> families,
        String elsewhere,
        List<List<String>> oneThing) {
    public Lubrication {
        oneThing = oneThing == null ? List.of() : oneThing;
        families = families == null ? Map.of() : families;
        elsewhere = elsewhere == null ? NONE : elsewhere;
    }

    /** Points of which nothing is said by family. */
    public Lubrication(int version, List<PointKind> points, List<Lubricant> lubricants, List<WaitKind> waits) {
        this(version, points, lubricants, waits, Map.of(), NONE, List.of());
    }

    /**
     * A point that cameras of a family have.
     *
     * @param kind id of its kind
     */
    public record FamilyPoint(String part, String point, String kind) {}

    /** Id of what is left dry on purpose. */
    public static final String NONE = "none";

    /**
     * A kind of point.
     *
     * @param bySchool what each school uses, in words
     * @param suggested id of the lubricant each school uses; "none" for left dry
     * @param never ids of lubricants that must never come here
     * @param neverWhy what must never come here, in words
     * @param words words in a point's name that tell its kind
     */
    public record PointKind(
            String id,
            String label,
            Map<School, String> bySchool,
            Map<School, String> suggested,
            List<String> never,
            String neverWhy,
            List<String> words)
            implements Identified, Labelled {}

    /** A lubricant, or "none". */
    public record Lubricant(String id, String label) implements Identified, Labelled {}

    /**
     * A wait that recurs.
     *
     * @param minutes as this shop counts them
     * @param latestMinutes from its start until it is too late to go on; 0 where it never is
     * @param station what it usually lies in or on; empty for nothing
     * @param late what to do where it became too late; empty where it cannot
     * @param then id of the wait that follows it in a chain of coats; empty where none does
     * @param follows after which kind of work it usually comes, where nothing else is known: clean, mend; empty for none
     */
    public record WaitKind(
            String id,
            String label,
            int minutes,
            int latestMinutes,
            String station,
            String late,
            String then,
            String follows)
            implements Identified, Labelled {
        public WaitKind {
            station = station == null ? "" : station;
            late = late == null ? "" : late;
            then = then == null ? "" : then;
            follows = follows == null ? "" : follows;
        }

        /** One that follows no kind of work in particular. */
        public WaitKind(
                String id, String label, int minutes, int latestMinutes, String station, String late, String then) {
            this(id, label, minutes, latestMinutes, station, late, then, "");
        }

        /** Whether it is what is spoken of, by its id or, as waits once were told, by its words. */
        public boolean is(Named said) {
            return said.is(id) || said.is(Named.idOf(label));
        }
    }

    /** The wait that follows this one in a chain; empty where none does. */
    public Optional<WaitKind> after(Named what) {
        return waits.stream()
                .filter(one -> one.is(what) && !one.then().isEmpty())
                .flatMap(one -> ById.find(waits, one.then()).stream())
                .findFirst();
    }

    /** The wait that usually comes after a kind of work; empty where none does. */
    public Optional<WaitKind> usuallyAfter(String work) {
        return waits.stream()
                .filter(one -> !work.isEmpty() && one.follows().equals(work))
                .findFirst();
    }

    /** The kind of point of this id. */
    public Optional<PointKind> point(String id) {
        return ById.find(points, id);
    }

    /** The kind of point that a name points to: of several, the one with the longest word in the name. */
    public Optional<PointKind> guess(String pointName) {
        String name = pointName.toLowerCase(java.util.Locale.ROOT);
        PointKind best = null;
        int longest = 0;
        for (PointKind kind : points) {
            int length = kind.words().stream()
                    .filter(name::contains)
                    .mapToInt(String::length)
                    .max()
                    .orElse(0);
            // of equal words the kind further down is the narrower one
            if (length > 0 && length >= longest) {
                best = kind;
                longest = length;
            }
        }
        return Optional.ofNullable(best);
    }

    /** Whether two names are of one thing, by themselves or by the names that are listed for it. */
    public boolean same(PartName one, PartName other) {
        return one.equals(other)
                || oneThing.stream()
                        .anyMatch(names -> names.stream().map(PartName::of).anyMatch(one::equals)
                                && names.stream().map(PartName::of).anyMatch(other::equals));
    }

    /**
     * What the house says to a point before anything is logged.
     *
     * @param kind the kind of point; empty where the table has none for it
     * @param houseWords what house practice puts there, in words; empty where nothing is settled
     * @param lubricant id of the one asked about, else of the house's own
     * @param objection why that one needs a reason
     */
    public record PointAdvice(
            Optional<PointKind> kind, String houseWords, String lubricant, Optional<Refusal> objection) {}

    /**
     * What the house says to a point.
     *
     * @param pointName the point in words; its kind is guessed from it where none is given
     * @param kindId id of the kind, or empty
     * @param lubricantId id of the lubricant that somebody has in mind, or empty for the house's own
     */
    public PointAdvice advice(String pointName, String kindId, String lubricantId, School school) {
        Optional<PointKind> kind = kindId.isEmpty() ? guess(pointName) : point(kindId);
        String usual = kind.map(one -> one.suggested().getOrDefault(school, "")).orElse("");
        String lubricant = !lubricantId.isEmpty() ? lubricantId : usual.isEmpty() ? elsewhere : usual;
        return new PointAdvice(
                kind,
                kind.map(one -> one.bySchool().getOrDefault(school, "")).orElse(""),
                lubricant,
                kind.flatMap(one -> objection(one, lubricant, school)));
    }

    /** Why an oiling cannot be taken without a reason: it never goes there, or departs from the house practice. */
    public Optional<Refusal> objection(TreatEntry.Lubricated oiled, School school) {
        if (oiled.pointKind().isEmpty()) {
            return Optional.empty();
        }
        PointKind kind = point(oiled.pointKind())
                .orElseThrow(() -> new FieldProblem(
                        "pointKind",
                        "“" + oiled.pointKind() + "” is not a kind of point.",
                        "Choose one that is listed."));
        return oiled.reason().isEmpty() ? objection(kind, oiled.lubricant().id(), school) : Optional.empty();
    }

    private Optional<Refusal> objection(PointKind kind, String lubricant, School school) {
        if (kind.never().contains(lubricant)) {
            return Optional.of(new Refusal(
                    "neverHere",
                    label(lubricant) + " never goes on " + kind.label() + ": " + kind.neverWhy() + ".",
                    "Leave it dry, choose another lubricant, or say why it is right here."));
        }
        String usual = kind.suggested().getOrDefault(school, "");
        if (usual.isEmpty() || usual.equals(lubricant)) {
            return Optional.empty();
        }
        return Optional.of(new Refusal(
                "departs",
                "House practice (" + school.label() + ") on " + kind.label() + " is: "
                        + kind.bySchool().get(school) + ".",
                "Use that, or say why " + label(lubricant) + " is better here."));
    }

    /** The words for a lubricant's id. */
    public String label(String lubricantId) {
        return ById.find(lubricants, lubricantId).map(Lubricant::label).orElse(lubricantId);
    }
}
