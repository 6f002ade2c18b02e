package ruvant.server.benchmark;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import ruvant.core.said.LineContext;
import ruvant.core.said.LineReader;
import ruvant.core.trade.Stop;
import ruvant.server.said.ShippedReader;
import tools.jackson.databind.JsonNode;

/** Measures how well and how fast lines are read, on lines written down by hand, into the page about the log line. */
public final class LineBenchmark {
    /** The files, and what each was for. */
    static final Map<String, String> FILES = Map.of(
            "practice.json", "to learn from and to test with",
            "first.txt", "written first; tuned on after its first sight",
            "tune.txt", "to tune on",
            "tune2.txt", "to tune on, a chattier hand",
            "tune3.txt", "to tune on, traps",
            "aside.txt", "only to report",
            "chat.txt", "talk, plans, rules, questions");

    private static final List<String> ORDER =
            List.of("practice.json", "tune.txt", "tune2.txt", "tune3.txt", "first.txt", "aside.txt", "chat.txt");
    private static final int PARTS_OFF = 200;
    private static final int ROUNDS = 12;

    private LineBenchmark() {}

    public static void main(String[] arguments) throws IOException {
        Locale.setDefault(Locale.ROOT);
        MeasuredPage page = new MeasuredPage(Path.of(arguments[0]));
        page.say("| lines | what for | right | of these a remark | silent | wrong | harmful |");
        page.say("|---|---|---|---|---|---|---|");
        for (String file : ORDER) {
            page.say(row(file));
        }
        page.say("");
        page.say(speed("A line is read", ShippedReader.read()));
        page.say(speed("At the bench, with the short commands", ShippedReader.atBench()));
        page.write();
    }

    private static String row(String file) {
        List<LineScore.Judged> judged = judged(file);
        Map<LineScore.Verdict, Integer> counts = new EnumMap<>(LineScore.Verdict.class);
        judged.forEach(one -> counts.merge(one.verdict(), 1, Integer::sum));
        long remarks = judged.stream()
                .filter(one -> one.verdict() == LineScore.Verdict.RIGHT
                        && one.reading().statements().isEmpty())
                .count();
        double all = judged.size();
        return String.format(
                "| %s (%d) | %s | %.1f %% | %.1f %% | %.1f %% | %.1f %% | %d |",
                file,
                judged.size(),
                FILES.get(file),
                100 * counts.getOrDefault(LineScore.Verdict.RIGHT, 0) / all,
                100 * remarks / all,
                100 * counts.getOrDefault(LineScore.Verdict.SILENT, 0) / all,
                100 * counts.getOrDefault(LineScore.Verdict.WRONG, 0) / all,
                counts.getOrDefault(LineScore.Verdict.HARMFUL, 0));
    }

    /** How every line of a file is read. */
    static List<LineScore.Judged> judged(String file) {
        LineReader reader = ShippedReader.read();
        return LineScore.items(file).stream()
                .map(item -> LineScore.judge(item, reader))
                .toList();
    }

    private static String speed(String what, LineReader reader) {
        List<String> off = IntStream.range(0, PARTS_OFF)
                .mapToObj(number -> "plate of layer " + number)
                .toList();
        List<String> lines = ORDER.stream()
                .flatMap(file -> LineScore.items(file).stream())
                .map(item -> item.path("line"))
                .map(JsonNode::asText)
                .toList();
        LineContext context = new LineContext(Stop.STRIP, off, List.of(), false);
        double[] millis = new double[lines.size()];
        for (int round = 0; round < ROUNDS; round++) {
            for (int line = 0; line < millis.length; line++) {
                long start = System.nanoTime();
                reader.hear(lines.get(line), context);
                millis[line] = (System.nanoTime() - start) / 1e6;
            }
        }
        Arrays.sort(millis);
        return String.format(
                "%s: %.2f ms (median; 95th percentile %.2f ms, longest %.1f ms) with %d parts off.",
                what,
                millis[millis.length / 2],
                millis[millis.length * 95 / 100],
                millis[millis.length - 1],
                PARTS_OFF);
    }
}
