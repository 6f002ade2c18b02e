package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What can hurt the hands or the camera at this part. */
public enum Hazard implements Labelled {
    SPRING("spring under tension"),
    BALL("loose ball"),
    BLADES("blades"),
    FOIL("foil curtain"),
    CAPACITOR("charged capacitor"),
    MERCURY("mercury cell"),
    LEFT_HAND("left-hand thread"),
    ALUMINIUM("aluminium thread"),
    IRREPLACEABLE("irreplaceable part");

    private final String label;

    Hazard(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
