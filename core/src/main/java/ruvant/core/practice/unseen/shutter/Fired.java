package ruvant.core.practice.unseen.shutter;

import java.util.List;

/**
 * What a stand saw at one speed.
 *
 * @param places of the sensors along the gate
 * @param seconds for each firing at each sensor, 0 where no light came
 * @param lensDown the same with the lens down; none where that was not tried
 * @param rested whether the first firing came after a rest
 */
public record Fired(
        double nominalSeconds, List<Double> places, List<double[]> seconds, List<double[]> lensDown, boolean rested) {}
