package ruvant.core.odds;

/**
 * What is made of an estimate before it is relied on.
 *
 * @param factor by which the middle figure is multiplied; 1.3 where such work took a third longer than was estimated
 * @param width by which the distance of the outer figures, as logarithms, is multiplied
 */
public record Correction(double factor, double width) {
    /** Nothing is known that would correct it. */
    public static final Correction NONE = new Correction(1, 1);
}
