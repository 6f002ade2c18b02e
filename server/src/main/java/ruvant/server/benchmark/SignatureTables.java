package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import ruvant.core.practice.mechanism.ShutterCases;
import ruvant.core.practice.mechanism.ShutterCases.Looked;
import ruvant.core.signature.Ranking;
import ruvant.core.signature.ShutterKind;
import ruvant.core.signature.Signatures;

/** How often the true cause is ranked first, and how well stated odds come true, on shutters worked out from forces. */
final class SignatureTables {
    private static final int BINS = 5;

    private SignatureTables() {}

    private record Answered(int place, List<Ranking.Ranked> causes, ShutterCases.Case of) {}

    static void into(Consumer<String> say, int cases) {
        say.accept("### What the speeds say");
        say.accept("");
        say.accept(
                "%d shutters for each line, faults in turn, one in five with a second, milder one; 5 firings at 8 to 11 speeds (leaf 8 to 10). "
                                .formatted(cases)
                        + "The shutters are worked out from springs, friction and teeth, not from what the ranking knows of faults. "
                        + "“Wholly”: three sensors, lens down as well, first firing after a rest, curtains' travel held against the "
                        + "maker's. “Exposures only”: one sensor, level. In the last columns: how often a cause said to be that likely was the true one.");
        say.accept("");
        say.accept(
                "| | true cause first | in first two | said 0–20 % | 20–40 % | 40–60 % | 60–80 % | 80–100 % | ms each |");
        say.accept("|---|---|---|---|---|---|---|---|---|");
        for (ShutterKind kind : ShutterKind.values()) {
            for (Looked looked : Looked.values()) {
                say.accept(line(kind, looked, cases));
            }
        }
        say.accept("");
    }

    private static String line(ShutterKind kind, Looked looked, int cases) {
        long from = System.nanoTime();
        List<Answered> answered = IntStream.range(0, cases)
                .mapToObj(seed -> answer(ShutterCases.of(kind, looked, 50_000L + seed)))
                .toList();
        double each = (System.nanoTime() - from) / 1e6 / cases;
        int[] said = new int[BINS];
        int[] right = new int[BINS];
        for (Answered one : answered) {
            for (Ranking.Ranked cause : one.causes()) {
                int bin = Math.min(BINS - 1, (int) (cause.probability() * BINS));
                said[bin]++;
                right[bin] += cause.cause() == one.of().cause() ? 1 : 0;
            }
        }
        List<String> bins = new ArrayList<>();
        for (int i = 0; i < BINS; i++) {
            bins.add(said[i] == 0 ? "–" : "%.0f %% of %d".formatted(100.0 * right[i] / said[i], said[i]));
        }
        return "| %s, %s | %.1f %% | %.1f %% | %s | %.0f |"
                .formatted(
                        kind.key(),
                        looked == Looked.WHOLLY ? "wholly" : "exposures only",
                        100.0 * within(answered, 1) / cases,
                        100.0 * within(answered, 2) / cases,
                        String.join(" | ", bins),
                        each);
    }

    private static long within(List<Answered> answered, int places) {
        return answered.stream().filter(one -> one.place() < places).count();
    }

    private static Answered answer(ShutterCases.Case one) {
        List<Ranking.Ranked> causes =
                Signatures.rank(one.kind(), one.speeds(), one.travel()).causes();
        int place = IntStream.range(0, causes.size())
                .filter(i -> causes.get(i).cause() == one.cause())
                .findFirst()
                .orElseThrow();
        return new Answered(place, causes, one);
    }
}
