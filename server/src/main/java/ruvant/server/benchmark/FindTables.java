package ruvant.server.benchmark;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import ruvant.core.find.CaseEvidence;
import ruvant.core.find.Diagnosis;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.NextLooks;
import ruvant.core.practice.faults.HiddenFault;
import ruvant.core.practice.faults.Search;
import ruvant.core.trade.Family;
import tools.jackson.databind.json.JsonMapper;

/** How soon hidden faults are found, advised and down a checklist, and how well stated odds come true. */
final class FindTables {
    private static final int[] LOOKS = {0, 1, 2, 4, 8};
    private static final int BINS = 10;
    private static final int PLAYED = 60;
    private static final int MANY = 40;
    private static final long SET_ASIDE = 30_001;

    private FindTables() {}

    static void into(Consumer<String> say, int cameras) throws IOException {
        FaultKnowledge knowledge = knowledge();
        Search search = new Search(knowledge);
        say.accept("### Suspects and the next look");
        say.accept("");
        say.accept(
                "%d cameras of all families, one in five with a second fault; how their faults show strays from what is known (odds by a factor of two). "
                                .formatted(cameras)
                        + "Minutes at the bench until the cause is named at 85 %, mended in vain counted in with 30 minutes; covers closed at the beginning. "
                        + "“Two ahead” chooses by this look and the next one; “played through” plays the search to its end from each of the best five on ten cameras drawn from what is believed, on as many of the first cameras as stated; the checklist goes down the looks of the mechanisms concerned as written, those from outside first.");
        say.accept("");
        say.accept("| way | found | minutes, mean | median | looks | mended in vain |");
        say.accept("|---|---|---|---|---|---|");
        List<Search.Ended> advised = List.of();
        for (Search.Way way : Search.Way.values()) {
            int tried = way == Search.Way.PLAYED_THROUGH ? Math.min(cameras, PLAYED) : cameras;
            List<Search.Ended> ended = IntStream.range(0, tried)
                    .mapToObj(seed -> search.go(new HiddenFault(knowledge, 7_000L + seed), way))
                    .toList();
            advised = way == Search.Way.ADVISED ? ended : advised;
            if (way == Search.Way.PLAYED_THROUGH) {
                say.accept(row("advised, the first " + tried, advised.subList(0, tried)));
            }
            say.accept(row(name(way) + (tried < cameras ? ", the first " + tried : ""), ended));
        }
        say.accept("");
        say.accept("| after looks | 0 | 1 | 2 | 4 | 8 |");
        say.accept("|---|---|---|---|---|---|");
        say.accept("| true cause first | " + ranks(advised, 1) + " |");
        say.accept("| in first three | " + ranks(advised, 3) + " |");
        say.accept("");
        calibration(say, knowledge, cameras);
    }

    /** Faults that were set aside. */
    static void unseen(Consumer<String> say, int cameras, int played) throws IOException {
        FaultKnowledge knowledge = knowledge();
        say.accept("### The next look on faults that were set aside");
        say.accept("");
        say.accept(
                "%d cameras of all families from a second simulator that shares no code and no constants with the search. How common each fault is differs from what is known by a factor of two, and the odds of each symptom and look by a factor of two and a half. The severity of the fault and the skill of the person looking shift all of them together. One camera in four has a second fault, owners mention half to all of what they see, and minutes differ by a third. These are odd seeds; nothing was tuned on the even ones either. “At the likeliest”: the look that shows the likeliest suspect best for its minutes."
                        .formatted(cameras));
        say.accept("");
        say.accept("| way | found | minutes, mean | median | looks | mended in vain |");
        say.accept("|---|---|---|---|---|---|");
        List<Search.Ended> advised = List.of();
        for (Search.Way way : Search.Way.values()) {
            int tried = way == Search.Way.PLAYED_THROUGH ? played : cameras;
            List<Search.Ended> ended = UnseenSearch.over(knowledge, way, SET_ASIDE, tried);
            advised = way == Search.Way.ADVISED ? ended : advised;
            if (way == Search.Way.PLAYED_THROUGH) {
                say.accept(row("advised, the first " + tried, advised.subList(0, tried)));
            }
            say.accept(row(name(way) + (tried < cameras ? ", the first " + tried : ""), ended));
        }
        say.accept("");
    }

    private static FaultKnowledge knowledge() throws IOException {
        try (InputStream in = FaultKnowledge.class.getResourceAsStream("faults.json")) {
            return JsonMapper.builderWithJackson2Defaults().build().readValue(in, FaultKnowledge.class);
        }
    }

    private static String name(Search.Way way) {
        return switch (way) {
            case ADVISED -> "advised";
            case TWO_AHEAD -> "two ahead";
            case PLAYED_THROUGH -> "played through";
            case LIKELIEST -> "at the likeliest";
            case CHECKLIST -> "checklist";
        };
    }

    private static String row(String name, List<Search.Ended> ended) {
        double[] minutes =
                ended.stream().mapToDouble(Search.Ended::minutes).sorted().toArray();
        return "| %s | %.1f %% | %.1f | %.0f | %.1f | %.2f |"
                .formatted(
                        name,
                        100.0 * ended.stream().filter(Search.Ended::found).count() / ended.size(),
                        ended.stream()
                                .mapToDouble(Search.Ended::minutes)
                                .average()
                                .orElse(0),
                        minutes[minutes.length / 2],
                        ended.stream()
                                .mapToDouble(Search.Ended::looks)
                                .average()
                                .orElse(0),
                        ended.stream()
                                .mapToDouble(Search.Ended::inVain)
                                .average()
                                .orElse(0));
    }

    /** A search that ended before keeps its last rank. */
    private static String ranks(List<Search.Ended> ended, int within) {
        List<String> cells = new ArrayList<>();
        for (int looks : LOOKS) {
            long good = ended.stream()
                    .filter(one -> one.rank().get(Math.min(looks, one.rank().size() - 1)) <= within)
                    .count();
            cells.add("%.0f %%".formatted(100.0 * good / ended.size()));
        }
        return String.join(" | ", cells);
    }

    private static void calibration(Consumer<String> say, FaultKnowledge knowledge, int cameras) {
        int[] said = new int[BINS];
        int[] right = new int[BINS];
        double[] odds = new double[BINS];
        long nanos = 0;
        int asked = 0;
        for (int seed = 0; seed < cameras; seed++) {
            HiddenFault camera = new HiddenFault(knowledge, 90_000L + seed);
            CaseEvidence evidence = camera.asItComesIn();
            for (int looks = 0; looks < 4; looks++) {
                long from = System.nanoTime();
                Diagnosis diagnosis = Diagnosis.of(knowledge, camera.family(), evidence);
                List<NextLooks.Ranked> next = NextLooks.of(knowledge, camera.family(), diagnosis, evidence, Set.of());
                nanos += System.nanoTime() - from;
                asked++;
                for (Diagnosis.Suspected one : diagnosis.suspects(evidence)) {
                    int bin = Math.min(BINS - 1, (int) (one.probability() * BINS));
                    said[bin]++;
                    odds[bin] += one.probability();
                    right[bin] += camera.has(one.cause()) ? 1 : 0;
                }
                if (next.isEmpty()) {
                    break;
                }
                evidence = evidence.with(new CaseEvidence.Result(
                        next.getFirst().look().id(), camera.look(next.getFirst().look()), true));
            }
        }
        say.accept("Odds said, and how often it was so, over the first four looks:");
        say.accept("");
        say.accept("| said on average | so it was | suspects |");
        say.accept("|---|---|---|");
        for (int i = 0; i < BINS; i++) {
            if (said[i] > 0) {
                say.accept("| %.0f %% | %.0f %% | %d |"
                        .formatted(100 * odds[i] / said[i], 100.0 * right[i] / said[i], said[i]));
            }
        }
        say.accept("");
        say.accept("Suspects and all looks ranked in %.1f ms on average. %s"
                .formatted(nanos / 1e6 / asked, afterManyLooks(knowledge)));
        say.accept("");
    }

    /** A long search: forty results in, suspects and looks asked again. */
    private static String afterManyLooks(FaultKnowledge knowledge) {
        Family family = Family.LEAF_LENS;
        List<FaultKnowledge.Look> looks = knowledge.looksOf(family);
        List<CaseEvidence.Result> results = looks.stream()
                .limit(MANY)
                .map(look -> new CaseEvidence.Result(look.id(), false, true))
                .toList();
        CaseEvidence evidence =
                new CaseEvidence(Set.of("slowLate"), Set.of(), results, Set.of(), Set.of(), Map.of(), Map.of(), 0);
        double[] ms = new double[60];
        for (int n = 0; n < ms.length; n++) {
            long from = System.nanoTime();
            Diagnosis diagnosis = Diagnosis.of(knowledge, family, evidence);
            diagnosis.suspects(evidence);
            NextLooks.of(knowledge, family, diagnosis, evidence, Set.of());
            ms[n] = (System.nanoTime() - from) / 1e6;
        }
        java.util.Arrays.sort(ms);
        return "With %d causes, %d looks and %d results in: median %.1f ms, 95th percentile %.1f ms."
                .formatted(
                        knowledge.causesOf(family).size(),
                        looks.size(),
                        results.size(),
                        ms[ms.length / 2],
                        ms[(int) (0.95 * ms.length)]);
    }
}
