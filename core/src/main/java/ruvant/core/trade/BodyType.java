package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** How a camera is built outside. */
public enum BodyType implements Labelled {
    FOLDING("folding with bellows"),
    RIGID("rigid rangefinder or finder camera"),
    SLR("single-lens reflex"),
    TLR("twin-lens reflex"),
    BOX("box"),
    MODULAR("medium-format modular"),
    SUBMINIATURE("subminiature or half-frame"),
    LENS("lens in shutter");

    private final String label;

    BodyType(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
