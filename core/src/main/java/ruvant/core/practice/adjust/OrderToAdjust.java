package ruvant.core.practice.adjust;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.SplittableRandom;
import ruvant.core.adjust.AdjustEntry;
import ruvant.core.adjust.AdjustPicture;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.TurnUnit;

/**
 * A camera of which one only sees which of two events came first: one or two such orders that an adjuster moves, each right
 * over a stretch a few steps wide. Which way it works is told wrongly one time in ten, and one judgement in fifty is
 * mistaken. The same seed makes the same camera.
 */
public final class OrderToAdjust {
    private static final double WRONG_WAY = 0.1;
    private static final double MISTAKEN = 0.02;
    private static final TurnUnit UNIT = TurnUnit.SIXTEENTHS;

    private final AdjustEntry.AdjusterDescribed adjuster;
    private final List<AdjustEntry.ResultDescribed> results = new ArrayList<>();
    private final List<AdjustPicture.Setting> settings = new ArrayList<>();
    private final double from;
    private final double width;
    private final double secondFrom;
    private final double secondWidth;
    private final int way;
    private final Random random;
    private double at;

    /** @param orders 1 or 2, both to come right at once */
    public OrderToAdjust(int orders, long seed) {
        random = new Random(new SplittableRandom(seed * 13 + orders).nextLong());
        way = random.nextBoolean() ? 1 : -1;
        int told = random.nextDouble() < WRONG_WAY ? -way : way;
        List<AdjustEntry.Moves> moves = new ArrayList<>();
        for (int i = 0; i < orders; i++) {
            String name = i == 0 ? "first before second" : "third within the stroke";
            results.add(new AdjustEntry.ResultDescribed(name, "", 0, 1, 0, "too late", "too early"));
            moves.add(new AdjustEntry.Moves(name, told));
        }
        adjuster = new AdjustEntry.AdjusterDescribed(
                "trip", UNIT, -0.5, 0.5, AdjusterLock.NONE, "", "top cover", 10, moves);
        width = UNIT.size() * (1.2 + 3 * random.nextDouble());
        from = way * UNIT.size() * (random.nextInt(13) - 6 - 0.5) - (way < 0 ? width : 0);
        secondWidth = width + UNIT.size() * 2 * random.nextDouble();
        secondFrom = from + (random.nextDouble() - 0.5) * UNIT.size() * 1.5;
        judge(0);
    }

    /** Turns it and tries again. */
    public void turnTo(double turns) {
        at = turns;
        judge(turns);
    }

    private void judge(double turns) {
        List<AdjustPicture.Shot> shots = new ArrayList<>();
        for (int i = 0; i < results.size(); i++) {
            AdjustEntry.Came came = came(i, turns);
            if (random.nextDouble() < MISTAKEN) {
                came = AdjustEntry.Came.values()[random.nextInt(3)];
            }
            shots.add(new AdjustPicture.Judged(
                    new java.util.UUID(settings.size(), i), results.get(i).name(), came));
        }
        settings.add(new AdjustPicture.Setting(Map.of("trip", turns), false, Instant.EPOCH, List.of(), shots));
    }

    private AdjustEntry.Came came(int order, double turns) {
        double low = order == 0 ? from : secondFrom;
        double high = low + (order == 0 ? width : secondWidth);
        return turns >= low && turns <= high
                ? AdjustEntry.Came.RIGHT
                : turns < low == way > 0 ? AdjustEntry.Came.TOO_LOW : AdjustEntry.Came.TOO_HIGH;
    }

    /** Whether all orders truly come right as it stands. */
    public boolean right() {
        return rightAt(at);
    }

    private boolean rightAt(double turns) {
        boolean right = true;
        for (int i = 0; i < results.size(); i++) {
            right &= came(i, turns) == AdjustEntry.Came.RIGHT;
        }
        return right;
    }

    /** Whether any step at all is right. */
    public boolean reachable() {
        for (int step = -8; step <= 8; step++) {
            if (rightAt(step * UNIT.size())) {
                return true;
            }
        }
        return false;
    }

    /** What was turned and seen so far. */
    public AdjustPicture picture() {
        return new AdjustPicture(
                List.of(new AdjustPicture.Known(adjuster, true, at, settings.size() - 1)),
                results,
                List.copyOf(settings));
    }

    /** Trials after the first look. */
    public int trials() {
        return settings.size() - 1;
    }

    /** One step the way the last judgement asks for; the other way once that made it no better for two trials. */
    public void goOnByHand() {
        AdjustEntry.Came last = settings.getLast().shots().stream()
                .map(shot -> ((AdjustPicture.Judged) shot).came())
                .filter(came -> came != AdjustEntry.Came.RIGHT)
                .findFirst()
                .orElse(AdjustEntry.Came.TOO_LOW);
        double told = Math.signum(adjuster.moves().getFirst().effect());
        double turn = UNIT.size() * told * (last == AdjustEntry.Came.TOO_LOW ? 1 : -1);
        // at the end of the range it must have been the other way
        boolean wrongWay =
                settings.stream().anyMatch(setting -> Math.abs(setting.turns().get("trip")) > 0.49);
        double to = at + (wrongWay ? -turn : turn);
        turnTo(Math.clamp(to, -0.5, 0.5));
    }
}
