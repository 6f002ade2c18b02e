package ruvant.core.practice.adjust;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.adjust.AdjustCase;
import ruvant.core.adjust.Trial;

/** As hands do it: one adjuster at a time, on while it gets better, back by half when it gets worse, then the next. */
public final class ByHand {
    private static final double FIRST_TURN = 0.25;
    private int adjuster;
    private double step;
    private double before = Double.NaN;

    /** Turns once. */
    public void goOn(CameraToAdjust camera) {
        AdjustCase known = camera.asCase();
        Trial now = known.trials().getLast();
        double worst = 0;
        for (int j = 0; j < known.results().size(); j++) {
            worst = Math.max(
                    worst,
                    Math.abs(now.measured().get(j)) / known.results().get(j).tolerance());
        }
        double least = known.adjusters().get(adjuster).stepTurns();
        if (Double.isNaN(before)) {
            step = FIRST_TURN;
        } else if (worst > before) {
            step = -step / 2;
            if (Math.abs(step) < least) {
                adjuster = (adjuster + 1) % known.adjusters().size();
                step = FIRST_TURN;
            }
        }
        before = worst;
        List<Double> turns = new ArrayList<>(now.turns());
        double there = known.adjusters().get(adjuster).nearest(turns.get(adjuster) + step);
        if (there == turns.get(adjuster)) {
            adjuster = (adjuster + 1) % known.adjusters().size();
            step = FIRST_TURN;
            there = known.adjusters().get(adjuster).nearest(turns.get(adjuster) + step);
        }
        turns.set(adjuster, there);
        camera.turnTo(turns);
    }
}
