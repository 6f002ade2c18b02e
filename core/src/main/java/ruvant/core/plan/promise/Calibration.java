package ruvant.core.plan.promise;

import java.util.ArrayList;
import java.util.List;

/**
 * How far earlier forecasts were right, and what a forecast has to say so that it is. Of each camera that went home it is known where
 * in its own forecast the day lay on which it was done: at 0.7 where seven of ten courses were done by then. Were forecasts right, these
 * positions would lie evenly between 0 and 1; as far as they do not, a chance is read at another place of the next forecast. Ten even
 * positions are taken for granted, so that the first few cameras do not upset it.
 */
public final class Calibration {
    private static final int GRANTED = 10;

    /** Older cameras than the last so many no longer say how the shop works. */
    private static final int LAST = 200;

    private final List<Double> seen;
    private final List<Double> all = new ArrayList<>();

    /** @param positions of the cameras that went home, in the order in which they did */
    public Calibration(List<Double> positions) {
        seen = List.copyOf(positions.subList(Math.max(0, positions.size() - LAST), positions.size()));
        all.addAll(seen);
        for (int at = 0; at < GRANTED; at++) {
            all.add((at + 0.5) / GRANTED);
        }
        all.sort(Double::compare);
    }

    /** Nothing was ever said. */
    public static final Calibration NONE = new Calibration(List.of());

    /** At which place of a forecast a chance is to be read, 0 to 1. */
    public double read(double chance) {
        double at = chance * all.size() - 0.5;
        int low = (int) Math.floor(at);
        double between = at - low;
        return value(low) * (1 - between) + value(low + 1) * between;
    }

    private double value(int at) {
        return at < 0 ? 0 : at >= all.size() ? 1 : all.get(at);
    }

    /** What chance a place of a forecast really stands for. */
    public double chance(double read) {
        double low = 0;
        double high = 1;
        for (int step = 0; step < 40; step++) {
            double middle = (low + high) / 2;
            if (read(middle) < read) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** How many cameras it rests on. */
    public int cameras() {
        return seen.size();
    }

    /** In which part of the cameras it was so that was said with a chance, before any correction; 0 where there were none. */
    public double wasSo(double chance) {
        return seen.isEmpty() ? 0 : seen.stream().filter(one -> one <= chance).count() / (double) seen.size();
    }
}
