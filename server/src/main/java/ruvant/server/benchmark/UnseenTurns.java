package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import ruvant.core.adjust.AdjustCase;
import ruvant.core.adjust.Adjuster;
import ruvant.core.adjust.Advice;
import ruvant.core.adjust.Advisor;
import ruvant.core.adjust.Trial;
import ruvant.core.adjust.WantedResult;
import ruvant.core.practice.unseen.adjust.UnseenCamera;

/** How many cycles it takes on cameras that were set aside: advised, by hand, and by one who knows every response. */
final class UnseenTurns {
    static final int MOST = 40;

    final List<Integer> advised = new ArrayList<>();
    final List<Integer> byHand = new ArrayList<>();
    final List<Integer> knowing = new ArrayList<>();
    int stops;
    int right;
    int early;
    int reachable;
    int never;
    long nanos;
    long slowest;
    int asked;

    static UnseenTurns over(int adjusters, long from, int cameras) {
        UnseenTurns sum = new UnseenTurns();
        LongStream.iterate(from, seed -> seed + 2)
                .filter(seed -> !new UnseenCamera(adjusters, seed).done())
                .limit(cameras)
                .boxed()
                .toList()
                .parallelStream()
                .map(seed -> one(adjusters, seed))
                .toList()
                .forEach(sum::add);
        return sum;
    }

    private static UnseenTurns one(int adjusters, long seed) {
        UnseenTurns turns = new UnseenTurns();
        UnseenCamera camera = new UnseenCamera(adjusters, seed);
        int needed = MOST;
        boolean goesOn = true;
        while (goesOn && camera.cycles() < MOST) {
            long begun = System.nanoTime();
            Advice advice = Advisor.advise(asCase(camera));
            long took = System.nanoTime() - begun;
            turns.nanos += took;
            turns.slowest = Math.max(turns.slowest, took);
            turns.asked++;
            switch (advice.verdict()) {
                case STOP_IN_TOLERANCE -> {
                    turns.stops++;
                    turns.right += camera.done() ? 1 : 0;
                    goesOn = false;
                }
                case STOP_BEST_COMPROMISE, RESPONSE_NOT_AS_EXPECTED -> {
                    turns.early += camera.reachable() && !camera.done() ? 1 : 0;
                    goesOn = false;
                }
                case TURN, FIRE_MORE -> {
                    camera.turnTo(advice.next().stream()
                            .mapToDouble(Double::doubleValue)
                            .toArray());
                    needed = needed == MOST && camera.done() ? camera.cycles() : needed;
                }
            }
        }
        turns.never = needed == MOST ? 1 : 0;
        turns.advised.add(needed);
        turns.reachable = camera.reachable() ? 1 : 0;
        turns.byHand.add(hands(new UnseenCamera(adjusters, seed)));
        UnseenCamera known = new UnseenCamera(adjusters, seed);
        while (!known.done() && known.cycles() < MOST) {
            known.turnTo(known.knowing());
        }
        turns.knowing.add(known.cycles());
        return turns;
    }

    private static int hands(UnseenCamera camera) {
        int which = 0;
        double turn = 0.25;
        double before = Double.NaN;
        while (!camera.done() && camera.cycles() < MOST) {
            double worst = 0;
            for (int j = 0; j < camera.tolerances().length; j++) {
                worst = Math.max(worst, Math.abs(camera.measured().getLast()[j]) / camera.tolerances()[j]);
            }
            if (!Double.isNaN(before) && worst > before) {
                turn = -turn / 2;
                if (Math.abs(turn) < camera.step(which)) {
                    which = (which + 1) % camera.adjusters();
                    turn = 0.25;
                }
            }
            before = worst;
            double[] there = camera.turns().getLast().clone();
            double wish = Math.clamp(there[which] + turn, camera.least(which), camera.most(which));
            double set = Math.rint(wish / camera.step(which)) * camera.step(which);
            if (set == there[which]) {
                which = (which + 1) % camera.adjusters();
                turn = 0.25;
            }
            there[which] = set;
            camera.turnTo(there);
        }
        return camera.cycles();
    }

    static AdjustCase asCase(UnseenCamera camera) {
        return asCase(camera, 1);
    }

    /** @param unit by which everything told of effects is multiplied */
    static AdjustCase asCase(UnseenCamera camera, double unit) {
        List<Adjuster> adjusters = IntStream.range(0, camera.adjusters())
                .mapToObj(i -> new Adjuster(
                        "adjuster " + i,
                        camera.step(i),
                        camera.least(i),
                        camera.most(i),
                        camera.sign(i),
                        Arrays.stream(camera.told(i))
                                .map(told -> told * unit)
                                .boxed()
                                .toList()))
                .toList();
        List<WantedResult> results = IntStream.range(0, camera.tolerances().length)
                .mapToObj(j -> new WantedResult("result " + j, camera.tolerances()[j], camera.noises()[j]))
                .toList();
        List<Trial> trials = IntStream.range(0, camera.turns().size())
                .mapToObj(t -> Trial.of(camera.turns().get(t), camera.measured().get(t)))
                .toList();
        return new AdjustCase(adjusters, results, trials);
    }

    private void add(UnseenTurns other) {
        advised.addAll(other.advised);
        byHand.addAll(other.byHand);
        knowing.addAll(other.knowing);
        stops += other.stops;
        right += other.right;
        early += other.early;
        reachable += other.reachable;
        never += other.never;
        nanos += other.nanos;
        slowest = Math.max(slowest, other.slowest);
        asked += other.asked;
    }

    static double mean(List<Integer> cycles) {
        return cycles.stream().mapToInt(Integer::intValue).average().orElse(0);
    }

    static int quantile(List<Integer> cycles, double share) {
        return cycles.stream().sorted().toList().get((int) Math.min(cycles.size() - 1, share * cycles.size()));
    }
}
