package ruvant.core.signature;

import static ruvant.core.signature.ShutterKind.FOCAL_ELECTRONIC;
import static ruvant.core.signature.ShutterKind.FOCAL_MECHANICAL;
import static ruvant.core.signature.ShutterKind.LEAF;

import java.util.List;

/** What can make speeds wrong, and how each would show. */
public enum ShutterCause {
    HEALTHY("healthy", "healthy, or nearly", "all speeds near, none scattered", all()),

    TRAIN_GUMMED(
            "trainGummed",
            "retard train gummed",
            "speeds that use the train are late and scattered, the fast ones are not",
            List.of(LEAF)),
    TRAIN_TOO_DEEP(
            "trainTooDeep",
            "retard train engages too deep",
            "speeds that use the train are late but steady",
            List.of(LEAF)),
    TRAIN_TOO_SHALLOW(
            "trainTooShallow",
            "retard train engages too little",
            "speeds that use the train are short but steady",
            List.of(LEAF)),
    PALLET_SKIPS(
            "palletSkips",
            "pallet skips or is not engaged",
            "the slowest speeds are much too short, now and then right",
            List.of(LEAF)),
    MAIN_SPRING_WEAK("mainSpringWeak", "main spring weak", "all speeds are late by about as much", List.of(LEAF)),
    MAIN_SPRING_STRONG(
            "mainSpringStrong", "main spring too strong", "all speeds are short by about as much", List.of(LEAF)),
    RING_DRAGS(
            "ringDrags",
            "blade ring drags",
            "the fastest speeds are late and scattered, the slow ones hardly",
            List.of(LEAF)),
    OIL_ON_BLADES(
            "oilOnBlades",
            "oil on the blades",
            "the first firing after a rest is late or sticks, the next ones are better",
            List.of(LEAF)),
    CAM_WORN_AT_ONE_SPEED(
            "camWornAtOneSpeed",
            "speed cam worn or bent at one speed",
            "one speed is off by itself, its neighbours are not",
            List.of(LEAF)),

    ESCAPEMENT_GUMMED(
            "escapementGummed",
            "escapement gummed",
            "only speeds that use the escapement are late and scattered",
            List.of(FOCAL_MECHANICAL)),
    ESCAPEMENT_ENGAGEMENT(
            "escapementEngagement",
            "escapement engages too deep or too little",
            "speeds that use the escapement are off but steady",
            List.of(FOCAL_MECHANICAL)),
    LEADING_WEAK(
            "leadingWeak",
            "leading-curtain tension low",
            "fast speeds get shorter toward the end of the gate, the leading curtain travels long",
            focalPlane()),
    LEADING_STRONG(
            "leadingStrong",
            "leading-curtain tension high",
            "fast speeds get longer toward the end of the gate, the leading curtain travels short",
            List.of(FOCAL_MECHANICAL)),
    LEADING_DRAGS(
            "leadingDrags",
            "leading curtain drags",
            "fast speeds get shorter toward the end of the gate, and differ from firing to firing",
            focalPlane()),
    TRAILING_WEAK(
            "trailingWeak",
            "trailing-curtain tension low",
            "fast speeds get longer toward the end of the gate, the trailing curtain travels long",
            focalPlane()),
    TRAILING_STRONG(
            "trailingStrong",
            "trailing-curtain tension high",
            "fast speeds get shorter toward the end of the gate, the trailing curtain travels short",
            List.of(FOCAL_MECHANICAL)),
    TRAILING_DRAGS(
            "trailingDrags",
            "trailing curtain drags",
            "fast speeds get longer toward the end of the gate, and differ from firing to firing",
            focalPlane()),
    BOTH_WEAK(
            "bothWeak",
            "both curtains' tensions low",
            "both curtains travel long, exposures are even and long at the fast speeds or hardly off",
            List.of(FOCAL_MECHANICAL)),
    LATCH_STICKY(
            "latchSticky",
            "trailing-curtain latch sticks",
            "every speed is late by about the same time, differing from firing to firing",
            List.of(FOCAL_MECHANICAL)),

    CONTACT_DIRTY(
            "contactDirty",
            "timing contact dirty",
            "all timed speeds are erratic, both ways",
            List.of(FOCAL_ELECTRONIC)),
    MAGNET_DEAD(
            "magnetDead",
            "magnet or its circuit dead",
            "every timed speed runs at the mechanical minimum",
            List.of(FOCAL_ELECTRONIC)),
    MAGNET_RESIDUAL(
            "magnetResidual",
            "magnet lets go late",
            "every speed is late by about the same time, steadily",
            List.of(FOCAL_ELECTRONIC)),
    TIMING_DRIFT(
            "timingDrift",
            "timing circuit drifted",
            "all timed speeds are off by about as many stops, steadily",
            List.of(FOCAL_ELECTRONIC));

    private final String id;
    private final String words;
    private final String shows;
    private final List<ShutterKind> kinds;

    ShutterCause(String id, String words, String shows, List<ShutterKind> kinds) {
        this.id = id;
        this.words = words;
        this.shows = shows;
        this.kinds = kinds;
    }

    private static List<ShutterKind> all() {
        return List.of(LEAF, FOCAL_MECHANICAL, FOCAL_ELECTRONIC);
    }

    private static List<ShutterKind> focalPlane() {
        return List.of(FOCAL_MECHANICAL, FOCAL_ELECTRONIC);
    }

    /** Its fixed name for programs. */
    public String id() {
        return id;
    }

    /** Its name for people. */
    public String words() {
        return words;
    }

    /** How it shows in the speeds, in a few words. */
    public String shows() {
        return shows;
    }

    /** Kinds of shutter that can have it. */
    public List<ShutterKind> kinds() {
        return kinds;
    }
}
