package ruvant.core.trade;

import java.util.regex.Pattern;
import ruvant.core.units.Labelled;

/** On which stuck fasteners something is tried: a ring has no slot, and a screw has no face to grip. */
public enum RungOn implements Labelled {
    ANY("screws and rings"),
    SCREWS("screws only"),
    RINGS("rings only");

    private static final Pattern RING = Pattern.compile("\\b(ring|rings|collar|ring nut|retainer|cap|cell)\\b");

    private final String label;

    RungOn(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether it is tried on a fastener of that name, such as "retaining ring" or "screw by the eyepiece". */
    public boolean suits(String fastener) {
        boolean ring = RING.matcher(fastener.toLowerCase(java.util.Locale.ROOT)).find()
                && !fastener.toLowerCase(java.util.Locale.ROOT).contains("screw");
        return switch (this) {
            case ANY -> true;
            case SCREWS -> !ring;
            case RINGS -> ring;
        };
    }
}
