package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import ruvant.core.parts.Allocation;

/** Times the sharing of donors among all open needs, at the size of a large shop: made-up cases, each another. */
final class SharingBenchmark {
    private static final int CASES = 24;
    private static final int WARM = 4;
    private static final int KINDS_OF_PART = 12;

    private SharingBenchmark() {}

    static void measure() throws Exception {
        System.out.printf(
                "%n| 60 needs, 2,000 places, 40 donors, 5,000 past needs | p50 ms | p95 ms |%n|---|---|---|%n");
        LargeShelf shelf = LargeShelf.made();
        Stopwatch.Times times =
                Stopwatch.beside(40, 100, i -> shelf.wants(), i -> {}).ours();
        System.out.printf(
                Locale.ROOT, "| sources of all, with every term | %.1f | %.1f |%n", times.p(0.5), times.p(0.95));
        System.out.printf("%n| needs × donors, %d cases | p50 ms | most ms | exact |%n|---|---|---|---|%n", CASES);
        row(20, 15);
        row(60, 40);
    }

    private static void row(int needs, int donors) {
        double[] millis = new double[CASES];
        int exact = 0;
        for (int i = -WARM; i < CASES; i++) {
            Random random = new Random(1_000L * needs + i);
            Map<String, Double> opening = new HashMap<>();
            for (int d = 0; d < donors; d++) {
                opening.put("donor " + d, 300 + 2_500 * random.nextDouble());
            }
            List<Allocation.Offer> offers = offers(random, needs, donors);
            long begun = System.nanoTime();
            Allocation.Result result = Allocation.best(needs, offers, opening);
            if (i >= 0) {
                millis[i] = (System.nanoTime() - begun) / 1e6;
                exact += result.exact() ? 1 : 0;
            }
        }
        Arrays.sort(millis);
        System.out.printf(
                Locale.ROOT,
                "| %d × %d | %.0f | %.0f | %d of %d |%n",
                needs,
                donors,
                millis[CASES / 2],
                millis[CASES - 1],
                exact,
                CASES);
    }

    /** A need is for one kind of part; a third of the donors have one that may fit, some lie on the shelf, some can be bought. */
    private static List<Allocation.Offer> offers(Random random, int needs, int donors) {
        List<Allocation.Offer> offers = new ArrayList<>();
        for (int i = 0; i < needs; i++) {
            String part = "part " + random.nextInt(KINDS_OF_PART);
            for (int d = 0; d < donors; d++) {
                if (random.nextInt(3) == 0) {
                    offers.add(new Allocation.Offer(i, part, "donor " + d, 3_000 * random.nextDouble() - 300));
                }
            }
            if (random.nextInt(3) == 0) {
                offers.add(new Allocation.Offer(i, "shelf " + random.nextInt(8), "", 1_500 * random.nextDouble()));
            }
            if (random.nextInt(2) == 0) {
                offers.add(new Allocation.Offer(i, "", "", 900 * random.nextDouble() - 200));
            }
        }
        return offers;
    }
}
