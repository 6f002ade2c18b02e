package ruvant.core.practice.unseen.shutter;

/** What a shutter does when it is fired. */
interface Works {
    /**
     * Exposure at each place.
     *
     * @param speed its place in the list of speeds
     */
    double[] fire(int speed, double[] places, Shot shot, Dice dice);

    /** How long the curtains took over the gate at the last firing, as parts of sound ones; none for blades. */
    double[] travels();
}
