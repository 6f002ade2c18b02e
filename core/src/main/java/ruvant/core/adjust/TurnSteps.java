package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.TurnUnit;

/** What the hands do to turn an adjuster: what to mind comes before anything is let go. */
final class TurnSteps {
    private static final String HOLD_FIRST =
            "Hold the shaft before the pawl is lifted: let go, and all its tension is lost.";

    private TurnSteps() {}

    static AdjustPlan.Turn of(AdjustEntry.AdjusterDescribed adjuster, double at, double by) {
        return new AdjustPlan.Turn(
                adjuster.name(), by, at + by, adjuster.unit().signed(by), steps(adjuster, by), line(adjuster, by));
    }

    private static List<String> steps(AdjustEntry.AdjusterDescribed adjuster, double by) {
        List<String> steps = new ArrayList<>();
        if (!adjuster.caution().isEmpty()) {
            steps.add(adjuster.caution());
        }
        if (adjuster.lock() == AdjusterLock.RATCHET && adjuster.caution().isEmpty()) {
            steps.add(HOLD_FIRST);
        }
        String turn = "Turn it " + adjuster.unit().signed(by) + ".";
        switch (adjuster.lock()) {
            case SCREW -> {
                steps.add("Loosen its lock screw.");
                steps.add(turn);
                steps.add("Tighten the lock screw before you test: tightening moves it.");
            }
            case PAINT -> {
                steps.add("Soften the lock paint; do not scrape.");
                steps.add(turn);
            }
            case RATCHET -> {
                steps.add(by < 0 ? "Lift the pawl with the shaft held." : "Turn against the pawl; it clicks over.");
                steps.add(turn);
                steps.add("Make sure the pawl is seated before you let go.");
            }
            case NONE, FRICTION, WORM -> steps.add(turn);
        }
        if (!adjuster.triedWith().isEmpty()) {
            steps.add("Put on " + adjuster.triedWith() + " to test it"
                    + (adjuster.coverMinutes() > 0
                            ? ": " + adjuster.coverMinutes() + " min to put on and take off."
                            : "."));
        }
        return steps;
    }

    /** As a hand would type it. */
    static String line(AdjustEntry.AdjusterDescribed adjuster, double by) {
        TurnUnit unit = adjuster.unit();
        long steps = Math.abs(Math.round(by / unit.size()));
        String amount = switch (unit) {
            case QUARTERS -> steps + "/4";
            case EIGHTHS -> steps + "/8";
            case SIXTEENTHS -> steps + "/16";
            case DEGREES -> 10 * steps + " deg";
            case TEETH, DETENTS -> unit.words(Math.abs(by));
        };
        return String.format(
                Locale.ROOT,
                "turn %s %s %s",
                adjuster.name(),
                amount,
                unit.isPlaces() ? by > 0 ? "on" : "back" : by > 0 ? "in" : "out");
    }
}
