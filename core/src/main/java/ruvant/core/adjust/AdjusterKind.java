package ruvant.core.adjust;

import java.util.List;
import java.util.stream.Stream;
import ruvant.core.measure.DialSpeed;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.TurnUnit;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;
import ruvant.core.units.Named;

/**
 * An adjuster that cameras of some kinds have.
 *
 * @param id by which a shop's own word takes the place of what ships; two of one name on different shutters have two
 * @param name what it is called, and by which the entries of a job refer to it
 * @param speeds how it moves the marked speeds, at most 8 ranges of them
 * @param moves how it moves other results
 * @param on which cameras have it
 * @param why what it does, in a line
 */
public record AdjusterKind(
        String id,
        Named name,
        Limits travel,
        HeldBy held,
        List<OverSpeeds> speeds,
        List<AdjustEntry.Moves> moves,
        Where on,
        String why)
        implements Identified, Labelled {
    private static final int MOST_MOVED = 16;

    /** How far it goes, as in {@link AdjustEntry.AdjusterDescribed}. */
    public record Limits(TurnUnit unit, double least, double most) {}

    /** What holds it and what is in its way, as in {@link AdjustEntry.AdjusterDescribed}. */
    public record HeldBy(AdjusterLock lock, String caution, String triedWith, int coverMinutes) {
        /** Nothing holds it, and it can be reached as the camera stands. */
        public static final HeldBy FREE = new HeldBy(AdjusterLock.NONE, "", "", 0);
    }

    /**
     * Speeds that are moved alike.
     *
     * @param fromSeconds nominal exposure from which on, 0 to 1000
     * @param toSeconds up to but not including, more than that
     * @param effect as in {@link AdjustEntry.Moves}
     */
    public record OverSpeeds(double fromSeconds, double toSeconds, double effect) {
        public OverSpeeds {
            Check.within("fromSeconds", fromSeconds, 0, 1000, "s");
            Check.within("toSeconds", toSeconds, 0, 1000, "s");
            Check.within("effect", effect, -100, 100, "times");
            if (!(toSeconds > fromSeconds) || effect == 0) {
                throw new FieldProblem(
                        "speeds",
                        "A range of speeds ends before it starts, or has no effect.",
                        "Enter the fastest speed first, and what turning does to the range.");
            }
        }

        private boolean holds(DialSpeed speed) {
            return speed.nominalSeconds() >= fromSeconds && speed.nominalSeconds() < toSeconds;
        }
    }

    /**
     * On which cameras it is.
     *
     * @param families shutters that have it; none for all
     * @param bodies kinds of bodies that have it; none for all
     */
    public record Where(List<Family> families, List<BodyType> bodies) {
        /** On every camera. */
        public static final Where ALL = new Where(List.of(), List.of());

        public Where {
            families = Check.some("families", families, Family.values().length);
            bodies = Check.some("bodies", bodies, BodyType.values().length);
        }
    }

    public AdjusterKind {
        name = Named.in("adjuster", name);
        id = id == null || id.isBlank() ? name.id() : Check.name("id", id);
        travel = Check.chosen("travel", travel);
        held = Check.or(held, HeldBy.FREE);
        speeds = Check.some("speeds", speeds, 8);
        on = Check.or(on, Where.ALL);
        why = Check.optionalRemark("why", why);
        AdjustEntry.AdjusterDescribed checked = described(name, travel, held, moves);
        moves = checked.moves();
        held = new HeldBy(checked.lock(), checked.caution(), checked.triedWith(), checked.coverMinutes());
    }

    private static AdjustEntry.AdjusterDescribed described(
            Named name, Limits travel, HeldBy held, List<AdjustEntry.Moves> moves) {
        return new AdjustEntry.AdjusterDescribed(
                name,
                travel.unit(),
                travel.least(),
                travel.most(),
                held.lock(),
                held.caution(),
                held.triedWith(),
                held.coverMinutes(),
                moves);
    }

    @Override
    public String label() {
        return name.words();
    }

    /** Whether a shutter of that family may have it. */
    boolean isOf(Family family) {
        return on.families().isEmpty() || on.families().contains(family);
    }

    /** Whether that camera may have it, by its shutter and by how it is built. */
    public boolean isIn(Camera camera) {
        return isOf(camera.family()) && (on.bodies().isEmpty() || on.bodies().contains(camera.bodyType()));
    }

    /** As it is entered on a job of a camera with those speeds. */
    AdjustEntry.AdjusterDescribed described(List<DialSpeed> dial) {
        Stream<AdjustEntry.Moves> overSpeeds = dial.stream()
                .flatMap(speed -> speeds.stream()
                        .filter(one -> one.holds(speed))
                        .limit(1)
                        .map(one -> new AdjustEntry.Moves(Named.of(speed.words()), one.effect())));
        return described(
                name,
                travel,
                held,
                Stream.concat(overSpeeds, moves.stream()).limit(MOST_MOVED).toList());
    }
}
