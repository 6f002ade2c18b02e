package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import ruvant.core.adjust.Advice;
import ruvant.core.adjust.Advisor;
import ruvant.core.practice.adjust.ByHand;
import ruvant.core.practice.adjust.CameraToAdjust;

/** How many turns and measurements it takes until all is right, advised and by hand. */
final class AdjustTables {
    private static final int MOST = 60;

    private AdjustTables() {}

    static void into(Consumer<String> say, int cameras) {
        say.accept("### The next turn");
        say.accept("");
        say.accept(
                "%d cameras for each line, found out of tolerance: responses bend by a quarter, stray by a quarter from what is supposed, have the wrong sign one time in ten; backlash to 0.06 turn; a trial measures to 0.10 to 0.25 of the tolerance. "
                                .formatted(cameras)
                        + "Cycles (a turn and a measurement) until all results are truly within tolerance, or within a tenth of it from the best compromise: median / 95th percentile. "
                        + "“Not at all” counts cameras where it stopped before. By hand: one adjuster at a time, halving on overshoot, at most %d."
                                .formatted(MOST));
        say.accept("");
        say.accept(
                "| adjusters | cycles | where it can be reached | not at all | by hand | stops in tolerance that are right | best compromise said where it could be reached | ms for an advice |");
        say.accept("|---|---|---|---|---|---|---|---|");
        for (int adjusters = 1; adjusters <= 3; adjusters++) {
            say.accept(line(adjusters, cameras));
        }
        say.accept("");
    }

    private static String line(int adjusters, int cameras) {
        List<Integer> cycles = new ArrayList<>();
        List<Integer> reachable = new ArrayList<>();
        List<Integer> byHand = new ArrayList<>();
        int never = 0;
        int stops = 0;
        int right = 0;
        int early = 0;
        int asked = 0;
        long nanos = 0;
        for (long seed = 10_000; byHand.size() < cameras; seed++) {
            CameraToAdjust camera = new CameraToAdjust(adjusters, seed);
            if (camera.done()) {
                continue;
            }
            int needed = MOST;
            boolean goesOn = true;
            while (goesOn && camera.cycles() < MOST) {
                long from = System.nanoTime();
                Advice advice = Advisor.advise(camera.asCase());
                nanos += System.nanoTime() - from;
                asked++;
                switch (advice.verdict()) {
                    case STOP_IN_TOLERANCE -> {
                        stops++;
                        right += camera.done() ? 1 : 0;
                        goesOn = false;
                    }
                    case STOP_BEST_COMPROMISE, RESPONSE_NOT_AS_EXPECTED -> {
                        early += camera.reachable() && !camera.done() ? 1 : 0;
                        goesOn = false;
                    }
                    case TURN, FIRE_MORE -> {
                        camera.turnTo(advice.next());
                        needed = needed == MOST && camera.done() ? camera.cycles() : needed;
                    }
                }
            }
            cycles.add(needed);
            never += needed == MOST ? 1 : 0;
            if (camera.reachable()) {
                reachable.add(needed);
            }
            byHand.add(hands(new CameraToAdjust(adjusters, seed)));
        }
        return "| %d | %s | %s | %d | %s | %.1f %% of %d | %.1f %% | %.1f |"
                .formatted(
                        adjusters,
                        spread(cycles),
                        spread(reachable),
                        never,
                        spread(byHand),
                        100.0 * right / Math.max(1, stops),
                        stops,
                        100.0 * early / Math.max(1, reachable.size()),
                        nanos / 1e6 / asked);
    }

    private static int hands(CameraToAdjust camera) {
        ByHand hands = new ByHand();
        while (!camera.done() && camera.cycles() < MOST) {
            hands.goOn(camera);
        }
        return camera.cycles();
    }

    private static String spread(List<Integer> cycles) {
        List<Integer> sorted = cycles.stream().sorted().toList();
        int high = sorted.get((int) (0.95 * sorted.size()));
        return sorted.get(sorted.size() / 2) + " / " + (high == MOST ? "over " + MOST : high);
    }
}
