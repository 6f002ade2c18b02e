package ruvant.core.plan;

/** The best plan so far. */
final class Best {
    long cost = Long.MAX_VALUE;
    int[] start;
    int[] end;
    int[] hand;

    /** Becomes the same as another, which is no longer changed. */
    void take(Best other) {
        cost = other.cost;
        start = other.start;
        end = other.end;
        hand = other.hand;
    }

    void remember(long its, Bench bench) {
        if (its >= cost) {
            return;
        }
        cost = its;
        start = bench.start.clone();
        end = bench.end.clone();
        hand = bench.hand.clone();
    }
}
