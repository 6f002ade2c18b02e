package ruvant.core.signature;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import ruvant.core.trade.Family;

/** Kinds of shutter whose speeds follow from the same few causes. */
public enum ShutterKind {
    LEAF("leaf"),
    FOCAL_MECHANICAL("focalPlaneMechanical"),
    FOCAL_ELECTRONIC("focalPlaneElectronic");

    private final String key;

    ShutterKind(String key) {
        this.key = key;
    }

    /** Its fixed name for programs. */
    public String key() {
        return key;
    }

    /** The kind a program names; empty for a name that is none. */
    public static Optional<ShutterKind> ofKey(String key) {
        return Arrays.stream(values()).filter(one -> one.key.equals(key)).findFirst();
    }

    /** The kind of a family; empty where its speeds follow from other things. */
    public static Optional<ShutterKind> of(Family family) {
        return switch (family) {
            case LEAF_UNIT, LEAF_LENS -> Optional.of(LEAF);
            case FOCAL_CLOTH, FOCAL_METAL -> Optional.of(FOCAL_MECHANICAL);
            case FOCAL_ELECTRONIC -> Optional.of(FOCAL_ELECTRONIC);
            case ROTARY, SWING, SPRING_MOTOR -> Optional.empty();
        };
    }

    /** What can be wrong with one, healthy first. */
    public List<ShutterCause> causes() {
        return Arrays.stream(ShutterCause.values())
                .filter(cause -> cause.kinds().contains(this))
                .toList();
    }
}
