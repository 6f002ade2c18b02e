package ruvant.server.benchmark;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.logline.LogLine;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.WayBack;
import ruvant.core.said.LineReader;
import ruvant.core.said.taught.TaughtWords;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Owner;
import ruvant.core.trade.Side;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.server.said.ShippedReader;

/** Times the rules that answer while somebody types or looks: on a job with 200 parts out from six sides. */
final class RulesBenchmark {
    private static final Instant NOW = Instant.parse("2031-03-04T09:00:00Z");
    private static final int PARTS = 200;
    private static final String LINE =
            "off front plate, 3 slot 1.4x3 + 1 slot 1.4x3.5, well B1, mark notch at red line, beware spring, tilt it left";

    private final Shop shop;

    RulesBenchmark(Shop shop) {
        this.shop = shop;
    }

    void measure() throws Exception {
        Log<JobEntry> log = deep();
        JobPicture picture = JobPicture.of(log, shop.practice());
        System.out.printf("%n| rule, %d parts out | p50 ms | p95 ms |%n|---|---|---|%n", PARTS);
        row(
                "may go back now, for every part",
                i -> new JobNow(picture, shop, LearnedChecks.NONE, 1, NOW)
                        .refit()
                        .all());
        row("the way back with its chain", i -> WayBack.of(picture.valley(), picture.treat(), NOW, 1));
        LineReader reader = ShippedReader.atBench();
        Supplier<ModelKnowledge> nothing = () -> ModelKnowledge.of(List.of());
        row(
                "read a log line",
                i -> new LogLine(picture, shop, reader, nothing, TaughtWords.NONE, entries -> Optional.empty())
                        .read(LINE));
        row("fold the whole log", i -> JobPicture.of(log, shop.practice()));
    }

    private static void row(String what, Stopwatch.Step step) throws Exception {
        Stopwatch.Times times = Stopwatch.beside(300, 600, step, i -> {}).ours();
        System.out.printf(Locale.ROOT, "| %s | %.2f | %.2f |%n", what, times.p(0.5), times.p(0.95));
    }

    private static Log<JobEntry> deep() {
        List<JobEntry> entries = new ArrayList<>();
        entries.add(new IntakeEntry.Received(
                new Camera("Pellworm", "Twin", "", "", BodyType.TLR, Family.LEAF_LENS),
                new Owner("Measured", "", false, null, null),
                "",
                List.of(),
                "many parts",
                SpeedSeries.DOUBLING,
                List.of("1", "1/60"),
                null));
        for (int i = 0; i < PARTS; i++) {
            entries.add(new StripEntry.Removed(
                    PartName.of("part " + i),
                    Side.values()[i % 6],
                    i % 3 == 0,
                    List.of(Fastener.slotted(1 + i % 4, 1.4, 2 + i % 5)),
                    List.of(),
                    List.of(),
                    "",
                    null,
                    List.of(),
                    java.util.Set.of(),
                    ""));
        }
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            lines.add(new Line(UUID.randomUUID(), i + 1L, NOW.plusSeconds(i), "Ines K.", null, entries.get(i)));
        }
        return JobLog.of(new TagNumber(1), lines);
    }
}
