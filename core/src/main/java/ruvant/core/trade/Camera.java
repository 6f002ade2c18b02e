package ruvant.core.trade;

import ruvant.core.units.Check;

/**
 * What the camera is.
 *
 * @param pattern design variant within the model; may be empty
 * @param serial may be empty
 */
public record Camera(String maker, String model, String pattern, String serial, BodyType bodyType, Family family) {
    public Camera {
        maker = Check.name("maker", maker);
        model = Check.name("model", model);
        pattern = Check.optionalName("pattern", pattern);
        serial = Check.optionalName("serial", serial);
        Check.chosen("bodyType", bodyType);
        Check.chosen("family", family);
    }

    /** Maker and model, and the pattern where it is known. */
    public String words() {
        return maker + " " + model + (pattern.isEmpty() ? "" : ", " + pattern);
    }
}
