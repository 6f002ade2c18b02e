package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** The kind of mechanism, whoever made it. */
public enum Family implements Labelled {
    LEAF_UNIT("leaf shutter, unit"),
    LEAF_LENS("leaf shutter, lens-mounted"),
    FOCAL_CLOTH("horizontal cloth focal-plane"),
    FOCAL_METAL("vertical metal focal-plane"),
    FOCAL_ELECTRONIC("electronic-release focal-plane"),
    ROTARY("rotary single-blade"),
    SWING("swing-lens"),
    SPRING_MOTOR("spring-motor advance");

    private final String label;

    Family(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
