package ruvant.core.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * Firings that hung up: far outside what the camera's firings do otherwise. Judged by one speed's own few firings a
 * healthy shutter cries wolf one time in six, so the scatter is pooled over all speeds of the camera, and taken for no
 * smaller than a floor.
 */
public final class HangUps {
    /** Below this a camera's scatter says more about the instrument than about hang-ups, stops. */
    private static final double FLOOR_EV = 0.15;

    /** So many scatters from the middle of its run. */
    private static final double FAR = 3;

    /** A normal scatter is so many times its median distance from the middle. */
    private static final double TO_SCATTER = 1.4826;

    private HangUps() {}

    /**
     * Which firings hung up.
     *
     * @param runs errors of the firings in stops, one array for each speed; runs of fewer than three tell no middle
     * @return for each run and firing, in the same order, whether it hung up; only those that ran long, since a shutter
     *     that hangs does not run short
     */
    public static List<boolean[]> among(List<double[]> runs) {
        double limit = FAR * Math.max(FLOOR_EV, pooledScatter(runs));
        List<boolean[]> hung = new ArrayList<>();
        for (double[] run : runs) {
            boolean[] far = new boolean[run.length];
            if (run.length >= 3) {
                double middle = median(run);
                for (int i = 0; i < run.length; i++) {
                    far[i] = run[i] - middle > limit;
                }
            }
            hung.add(far);
        }
        return hung;
    }

    /** Which firings fell short as far as others hang: the pallet skipped, the contact broke. */
    public static List<boolean[]> fallenShort(List<double[]> runs) {
        return among(runs.stream()
                .map(run -> Arrays.stream(run).map(error -> -error).toArray())
                .toList());
    }

    /** The camera's scatter from all runs of three firings and more, resistant to a quarter of hang-ups; 0 for none. */
    static double pooledScatter(List<double[]> runs) {
        double[] distances = runs.stream()
                .filter(run -> run.length >= 3)
                .flatMapToDouble(run -> {
                    double middle = median(run);
                    // the middle is fitted to the run, which draws it nearer: made good by √(n/(n−1))
                    double widened = Math.sqrt(run.length / (run.length - 1.0));
                    return Arrays.stream(run).map(error -> Math.abs(error - middle) * widened);
                })
                .toArray();
        return distances.length == 0 ? 0 : TO_SCATTER * median(distances);
    }

    private static double median(double[] values) {
        return new Median().evaluate(values);
    }
}
