package ruvant.server.refit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.trade.Side;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;
import ruvant.server.formats.PartsMayBeMissing;

/**
 * A camera that was taken apart, told by itself.
 *
 * @param removals in the order in which parts came off
 * @param back parts that are back already, in the order in which they went
 */
@PartsMayBeMissing
record OrderRequest(
        @MayBeNull Kind camera,
        List<Off> removals,
        @MayBeNull List<String> back) {
    /** More than any camera has. */
    private static final int MOST_PARTS = 500;

    /**
     * What the camera is; what is not known of it may be left out.
     *
     * @param body its build: one of the body types, by name or in words
     * @param shutter its mechanism: one of the families, by name or in words
     */
    record Kind(@MayBeNull String body, @MayBeNull String shutter) {
        static final Kind UNKNOWN = new Kind(null, null);

        @MayBeNull
        BodyType bodyType() {
            return CameraWords.body(body);
        }

        @MayBeNull
        Family family() {
            return CameraWords.shutter(shutter);
        }
    }

    /**
     * A part that came off.
     *
     * @param side top, bottom, front, back, left, right, lensFront, lensRear or inside
     * @param fasteners how many held it; that says nothing about the order, nor does the joint
     * @param joint what else held it, such as "solder"
     * @param within the assembly it was taken out of
     */
    record Off(
            String part,
            String side,
            @MayBeNull Integer fasteners,
            @MayBeNull String joint,
            @MayBeNull String within) {
        private StripEntry.Removed removed(TradeLists lists) {
            String name = PartName.of(part).text();
            return StripEntry.Removed.of(name, sideOf(), lists.covers(name))
                    .outOf(within == null || within.isBlank() ? null : PartName.of(within));
        }

        private Side sideOf() {
            String said = side == null ? "" : CameraWords.bare(side);
            return Arrays.stream(Side.values())
                    .filter(one -> CameraWords.bare(one.name()).equals(said))
                    .findFirst()
                    .orElseThrow(() -> new FieldProblem(
                            "side",
                            "“" + part + "” came off the side “" + (side == null ? "" : side)
                                    + "”, which is not known.",
                            "Use top, bottom, front, back, left, right, lensFront, lensRear or inside."));
        }
    }

    Kind kind() {
        return camera == null ? Kind.UNKNOWN : camera;
    }

    /** The removals as the log has them. */
    List<StripEntry.Removed> taken(TradeLists lists) {
        if (removals == null || removals.isEmpty()) {
            throw new FieldProblem("removals", "Nothing came off.", "List what came off, in its order.");
        }
        if (removals.size() > MOST_PARTS) {
            throw new FieldProblem(
                    "removals",
                    removals.size() + " parts are more than the " + MOST_PARTS + " that are taken at once.",
                    "Ask about one assembly at a time.");
        }
        Set<PartName> named = new HashSet<>();
        List<StripEntry.Removed> taken = new ArrayList<>();
        for (Off off : removals) {
            if (off == null) {
                throw new FieldProblem("removals", "One of the removals is empty.", "Name the part, or leave it out.");
            }
            StripEntry.Removed removed = off.removed(lists);
            if (!named.add(removed.part())) {
                throw new FieldProblem(
                        "part", "“" + removed.part() + "” comes off twice.", "Give the second one its own name.");
            }
            taken.add(removed);
        }
        return taken;
    }

    /** What is back, in its order. */
    List<PartName> nowBack() {
        List<PartName> names = back == null
                ? List.of()
                : back.stream().map(one -> PartName.of(one == null ? "" : one)).toList();
        Set<PartName> off =
                removals.stream().map(one -> PartName.of(one.part())).collect(Collectors.toSet());
        names.stream().filter(name -> !off.contains(name)).findFirst().ifPresent(name -> {
            throw new FieldProblem("back", "“" + name + "” never came off.", "List its removal as well.");
        });
        return names;
    }
}
