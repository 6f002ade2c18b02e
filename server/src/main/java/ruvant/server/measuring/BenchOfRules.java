package ruvant.server.measuring;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import ruvant.core.job.BodyType;
import ruvant.core.job.Entry;
import ruvant.core.job.Family;
import ruvant.core.job.Fastener;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.JobLog;
import ruvant.core.job.Line;
import ruvant.core.job.Side;
import ruvant.core.job.SpeedSeries;
import ruvant.core.job.StripEntry;
import ruvant.core.logline.LogLine;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.refit.WayBack;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;

/** Times the rules that answer while somebody types or looks: on a job with 200 parts out from six sides. */
final class BenchOfRules {
    private static final Instant NOW = Instant.parse("2031-03-04T09:00:00Z");
    private static final int PARTS = 200;
    private static final String LINE =
            "off front plate, 3 slot 1.4x3 + 1 slot 1.4x3.5, well B1, mark notch at red line, beware spring, tilt it left";

    private final Shop shop;

    BenchOfRules(Shop shop) {
        this.shop = shop;
    }

    void measure() throws Exception {
        JobLog log = deep();
        JobPicture picture = JobPicture.of(log, shop.practice());
        System.out.printf("%n| rule, %d parts out | p50 ms | p95 ms |%n|---|---|---|%n", PARTS);
        row("may go back now, for every part", i -> picture.refit(NOW).all());
        row("the way back with its chain", i -> WayBack.of(picture.valley(), picture.treat(), NOW, 1));
        row("read a log line", i -> new LogLine(picture, shop).read(LINE));
        row("fold the whole log", i -> JobPicture.of(log, shop.practice()));
    }

    private static void row(String what, Stopwatch.Step step) throws Exception {
        Stopwatch.Times times = Stopwatch.beside(300, 600, step, i -> {}).ours();
        System.out.printf(Locale.ROOT, "| %s | %.2f | %.2f |%n", what, times.p(0.5), times.p(0.95));
    }

    private static JobLog deep() {
        List<Entry> entries = new ArrayList<>();
        entries.add(new IntakeEntry.Received(
                new IntakeEntry.Camera("Pellworm", "Twin", "", "", BodyType.TLR, Family.LEAF_LENS),
                new IntakeEntry.Owner("Measured", "", false, null, null),
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
        return new JobLog(new TagNumber(1), lines);
    }
}
