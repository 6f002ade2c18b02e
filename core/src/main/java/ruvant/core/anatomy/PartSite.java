package ruvant.core.anatomy;

import java.util.Optional;

/**
 * Where a part sits in one kind of camera, as far as its name and side tell.
 *
 * @param known whether its name told the place
 * @param role what it is; empty where its name does not tell
 * @param train which of several trains that lie beside each other; empty for anything else
 * @param pair of which pair it is one, such as the left of two leathers
 * @param at bits of the places in which it sits, or may sit where nothing more is known; none in a camera of which nothing
 *     is known
 * @param over bits of the places whose parts may lie under it, its own among them
 * @param column the column that its side belongs to
 * @param ofLens whether it is reached through the lens, whose parts nothing of the body holds but what is known to
 */
public record PartSite(
        boolean known,
        Optional<Role> role,
        String train,
        Pair pair,
        long at,
        long over,
        Column column,
        boolean ofLens) {
    /**
     * One of a pair.
     *
     * @param of the name without its left or right; empty where it has none
     * @param hand the left or right that was left off
     */
    record Pair(String of, String hand) {
        private boolean with(Pair other) {
            return !of.isEmpty() && of.equals(other.of) && !hand.equals(other.hand);
        }
    }

    /** The columns of a camera: each goes back last out, first in, where nothing more is known. */
    enum Column {
        TOP,
        BOTTOM,
        FRONT,
        INSIDE,
        BACK,
        LEFT,
        RIGHT;

        /** Whether parts of the other column are taken to lie under parts of this one. */
        boolean over(Column other) {
            return this == other || other == INSIDE || this == INSIDE && other == FRONT;
        }

        /** Whether they are opposite sides of the camera, which no single cover reaches. */
        boolean faces(Column other) {
            return opposite() == other;
        }

        private Column opposite() {
            return switch (this) {
                case TOP -> BOTTOM;
                case BOTTOM -> TOP;
                case LEFT -> RIGHT;
                case RIGHT -> LEFT;
                case FRONT, INSIDE -> BACK;
                case BACK -> FRONT;
            };
        }
    }

    /** Whether nothing is known of the camera. */
    boolean nowhere() {
        return at == 0;
    }

    /** Whether they are the two of a pair, trains beside each other, or a skin and what reaches through it. */
    boolean besides(PartSite other) {
        return pair.with(other.pair)
                || !train.isEmpty() && !other.train.isEmpty() && !train.equals(other.train)
                || is(Role.SKIN) && other.is(Role.CONTROL)
                || is(Role.WORK) && other.is(Role.SKIN);
    }

    private boolean is(Role one) {
        return role.isPresent() && role.get() == one;
    }

    /** Whether the other may lie under it. */
    boolean reaches(PartSite other) {
        return (over & other.at) != 0;
    }

    /** Whether it is a cover of one side, and the other something of the next side that nobody knows. */
    boolean mayHold(PartSite other) {
        return is(Role.SHELL)
                && !sharesColumnWith(other)
                && !column.faces(other.column)
                && other.column != Column.BACK
                && !other.known
                && !other.is(Role.CONTROL)
                && !other.is(Role.SKIN)
                && !ofLens
                && !other.ofLens;
    }

    /**
     * Whether it may have come off for the sake of the other although it sits elsewhere: somebody left the other's side,
     * took it off and went on with a cover or the core of the camera there.
     */
    public boolean mayHaveFreed(PartSite other) {
        return !sharesColumnWith(other) && (other.is(Role.SHELL) || other.is(Role.CORE));
    }

    /** Whether both are reached from the same side of the camera. */
    public boolean sharesColumnWith(PartSite other) {
        return column == other.column;
    }

    /** A cover over works of its own place, or a control over the cover through which it reaches. */
    boolean surelyOver(PartSite other) {
        if (role.isEmpty() || other.role.isEmpty()) {
            return false;
        }
        boolean stacked = is(Role.SHELL) && other.role.get().compareTo(Role.SHELL) > 0 && other.known
                || is(Role.CONTROL) && other.is(Role.SHELL) && known;
        boolean sameSpot = (at & other.at) == other.at || (at & other.at) == at;
        return stacked && sameSpot;
    }
}
