package ruvant.core.proof;

import ruvant.core.units.Labelled;

/** What is wrong with a frame of a test film. */
public enum FrameFault implements Labelled {
    OVERLAP("overlaps the next frame"),
    WIDE_GAP("wide gap before the next frame"),
    LIGHT_STREAK("streak of light"),
    FOG("fogged"),
    BLANK("blank"),
    DOUBLE("exposed twice"),
    PARTLY("exposed in part only"),
    UNEVEN("darker toward one side"),
    BANDS("bands"),
    TOO_DENSE("overexposed"),
    TOO_THIN("underexposed"),
    SOFT("soft all over"),
    SOFT_SIDE("soft on one side"),
    SCRATCHED("scratched"),
    FLARE("flare");

    private final String label;

    FrameFault(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
