package ruvant.core.trade;

import ruvant.core.units.Check;

/**
 * A kind of camera: a model in one of its patterns. Two ways to write a name are the same.
 *
 * @param pattern may be empty where it is not known
 */
public record CameraKind(String maker, String model, String pattern) {
    /** No camera in particular. */
    public static final CameraKind ANY = new CameraKind("", "", "");

    public CameraKind {
        maker = Check.optionalName("maker", maker);
        model = Check.optionalName("model", model);
        pattern = Check.optionalName("pattern", pattern);
    }

    /** The kind of a camera that came in. */
    public static CameraKind of(Camera camera) {
        return new CameraKind(camera.maker(), camera.model(), camera.pattern());
    }

    /** Whether it is the same model and pattern. */
    public boolean same(CameraKind other) {
        return sameModel(other) && pattern.equalsIgnoreCase(other.pattern);
    }

    /** Whether it is the same model, in whatever pattern. */
    public boolean sameModel(CameraKind other) {
        return maker.equalsIgnoreCase(other.maker) && model.equalsIgnoreCase(other.model);
    }

    /** Whether it names no camera: a part for whatever it fits. */
    public boolean fitsMany() {
        return maker.isEmpty() && model.isEmpty();
    }

    /** In words: "Pellworm Twin, 1st pattern". */
    public String words() {
        return (maker + " " + model).strip() + (pattern.isEmpty() ? "" : ", " + pattern);
    }
}
