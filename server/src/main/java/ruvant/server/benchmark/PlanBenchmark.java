package ruvant.server.benchmark;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import ruvant.server.plan.PlanCommand;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Plans the shipped instances through the command's door and writes what came of them into the page about the plan. */
public final class PlanBenchmark {
    private static final String FOLDER = "/benchmark/plan/";
    private static final List<String> BENCHES = List.of(
            "n10a", "n10b", "n10c", "n20a", "n20b", "n20c", "n40a", "n40b", "n40c", "n60a", "n60b", "n60c", "r10",
            "r20", "r40", "r60");
    private static final List<String> SHOPS = List.of("ft06-at", "ft06-st", "la01-at", "la01-st", "ft10-at", "ft10-st");
    private static final int SEEDS = 3;
    private static final int WARM_UP = 3;

    private final MeasuredPage page;
    private final Path folder;
    private int plans;
    private int broken;

    private PlanBenchmark(MeasuredPage page, Path folder) {
        this.page = page;
        this.folder = folder;
    }

    public static void main(String[] arguments) throws IOException {
        Locale.setDefault(Locale.ROOT);
        Path folder = Files.createTempDirectory("ruvant-plan");
        MeasuredPage page = new MeasuredPage(Path.of(arguments[0]));
        PlanBenchmark benchmark = new PlanBenchmark(page, folder);
        benchmark.run();
        page.write();
    }

    private void run() throws IOException {
        for (String name : List.of("n60c", "r20", "ft10-at")) {
            plan(name, WARM_UP, 1);
        }
        benches();
        shops();
        page.say("");
        page.say(plans + " plans were checked by a judge that shares no code with the solver; " + broken
                + " of them broke a rule.");
    }

    private record Made(PlanJudge.Verdict verdict, double ms) {}

    private Made plan(String name, int seconds, int seed) throws IOException {
        Path file = folder.resolve(name + ".json");
        if (!Files.exists(file)) {
            try (InputStream shipped = PlanBenchmark.class.getResourceAsStream(FOLDER + name + ".json")) {
                Files.copy(shipped, file);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        long begun = System.nanoTime();
        String[] arguments = {file.toString(), "--seconds", "" + seconds, "--seed", "" + seed};
        PlanCommand.run(arguments, new PrintStream(out, true, StandardCharsets.UTF_8), System.err);
        double ms = (System.nanoTime() - begun) / 1e6;
        JsonNode instance = JsonMapper.builderWithJackson2Defaults().build().readTree(file.toFile());
        PlanJudge.Verdict verdict = PlanJudge.of(instance, out.toString(StandardCharsets.UTF_8));
        plans++;
        if (!verdict.broken().isEmpty()) {
            broken++;
            System.err.println(name + ": " + verdict.broken());
        }
        return new Made(verdict, ms);
    }

    private List<PlanJudge.Verdict> seeds(String name, int seconds) throws IOException {
        List<PlanJudge.Verdict> all = new ArrayList<>();
        for (int seed = 1; seed <= SEEDS; seed++) {
            all.add(plan(name, seconds, seed).verdict);
        }
        return all;
    }

    private void benches() throws IOException {
        Map<String, Long> best = best();
        page.say(
                "| bench | tasks | first plan, ms | first plan (best of six rules) | 1 s, three seeds | 5 s, three seeds | best known |");
        page.say("|---|---|---|---|---|---|---|");
        long known = 0;
        long byRule = 0;
        long one = 0;
        long five = 0;
        for (String name : BENCHES) {
            Made first = plan(name, 0, 1);
            List<PlanJudge.Verdict> soon = seeds(name, 1);
            List<PlanJudge.Verdict> later = seeds(name, 5);
            known += SEEDS * best.get(name);
            byRule += SEEDS * first.verdict.cost();
            one += soon.stream().mapToLong(PlanJudge.Verdict::cost).sum();
            five += later.stream().mapToLong(PlanJudge.Verdict::cost).sum();
            page.say(String.format(
                    "| %s | %d | %.0f | %,d | %s | %s | %,d |",
                    name,
                    PlanJudge.tasks(JsonMapper.builderWithJackson2Defaults()
                            .build()
                            .readTree(folder.resolve(name + ".json").toFile())),
                    first.ms,
                    first.verdict.cost(),
                    costs(soon),
                    costs(later),
                    best.get(name)));
        }
        page.say(String.format(
                "| **all** | | | %s | **%s** | **%s** | %,d |",
                over(byRule, known), over(one, known), over(five, known), known / SEEDS));
    }

    private static String costs(List<PlanJudge.Verdict> all) {
        return all.stream()
                .map(one -> String.format("%,d", one.cost()) + (one.moves() > 0 ? " (" + one.moves() + " moves)" : ""))
                .collect(Collectors.joining(" · "));
    }

    private static String over(long sum, long known) {
        return String.format("%+.1f %%", 100.0 * sum / known - 100);
    }

    private void shops() throws IOException {
        page.say("");
        page.say("| job shop | first plan | 1 s, three seeds | 5 s, three seeds | optimum |");
        page.say("|---|---|---|---|---|");
        for (String name : SHOPS) {
            Made first = plan(name, 0, 1);
            String row = String.format(
                    "| %s | %d | %s | %s | %d |",
                    name,
                    first.verdict.lastEnd(),
                    ends(seeds(name, 1)),
                    ends(seeds(name, 5)),
                    JsonMapper.builderWithJackson2Defaults()
                            .build()
                            .readTree(folder.resolve(name + ".json").toFile())
                            .path("optimum")
                            .asInt());
            page.say(row);
        }
    }

    private static String ends(List<PlanJudge.Verdict> all) {
        return all.stream().map(one -> "" + one.lastEnd()).collect(Collectors.joining(" · "));
    }

    private static Map<String, Long> best() throws IOException {
        try (InputStream file = PlanBenchmark.class.getResourceAsStream(FOLDER + "best.csv")) {
            Map<String, Long> best = new HashMap<>();
            new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .map(line -> line.split(","))
                    .forEach(cells -> best.put(cells[0], Long.parseLong(cells[1])));
            return best;
        }
    }
}
