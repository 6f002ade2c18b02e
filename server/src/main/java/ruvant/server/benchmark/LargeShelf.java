package ruvant.server.benchmark;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import ruvant.core.house.Rates;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.parts.BreakOrMend;
import ruvant.core.parts.Fit;
import ruvant.core.parts.Interchange;
import ruvant.core.parts.NeedRecord;
import ruvant.core.parts.Sharing;
import ruvant.core.parts.Sources;
import ruvant.core.shelf.BodyPart;
import ruvant.core.shelf.Condition;
import ruvant.core.shelf.DonorBody;
import ruvant.core.shelf.ForNeed;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.shelf.ShelfRoom;
import ruvant.core.shelf.Stock;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.Family;
import ruvant.core.trade.FitOutcome;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;

/** A made-up shelf of a large shop with many years behind it. */
record LargeShelf(ShelfPicture shelf, List<Fit> fits, List<NeedRecord> needs, List<Sources.Asked> asked, Rates rates) {
    private static final Instant NOW = Instant.parse("2031-03-04T09:00:00Z");
    private static final int KINDS = 24;
    private static final int PARTS = 60;

    static LargeShelf made() {
        Random random = new Random(60);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < 2_000; i++) {
            Stock stock = new Stock(
                    part(random),
                    kind(random),
                    null,
                    "",
                    Condition.USED,
                    "drawer " + i % 90,
                    "",
                    random.nextInt(900),
                    0,
                    "");
            add(lines, new ShelfEntry.StockAdded(stock, 1 + random.nextInt(4)));
        }
        for (int i = 0; i < 40; i++) {
            List<BodyPart> parts = new ArrayList<>();
            for (int p = i % 2; p < PARTS; p += 2) {
                parts.add(new BodyPart("part " + p, 500 + random.nextInt(3_000), 5 + random.nextInt(30)));
            }
            add(
                    lines,
                    new ShelfEntry.DonorShelved(new DonorBody(
                            kind(random),
                            Family.LEAF_LENS,
                            "",
                            "",
                            "board",
                            "",
                            1_000 + random.nextInt(5_000),
                            8_000 + random.nextInt(9_000),
                            0.3,
                            180,
                            2_000,
                            30,
                            parts)));
        }
        List<Fit> fits = new ArrayList<>();
        for (int i = 0; i < 1_500; i++) {
            fits.add(new Fit(part(random), kind(random), kind(random), FitOutcome.values()[random.nextInt(3)]));
        }
        List<NeedRecord> needs = new ArrayList<>();
        for (int i = 0; i < 5_000; i++) {
            needs.add(new NeedRecord(
                    new TagNumber(i + 1),
                    PartName.of(part(random)),
                    "",
                    kind(random),
                    NOW.minus(Duration.ofDays(random.nextInt(4_000))),
                    false));
        }
        List<Sources.Asked> asked = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            asked.add(new Sources.Asked(
                    new ForNeed(new TagNumber(9_000 + i), PartName.of(part(random))),
                    "",
                    kind(random),
                    9_000,
                    Optional.empty()));
        }
        return new LargeShelf(ShelfPicture.of(new Log<>(ShelfRoom.LOG, lines)), fits, needs, asked, Rates.USUAL);
    }

    private static void add(List<Line> lines, ShelfEntry entry) {
        lines.add(new Line(UUID.randomUUID(), lines.size() + 1L, NOW, "Ines K.", null, entry));
    }

    private static String part(Random random) {
        return "part " + random.nextInt(PARTS);
    }

    private static CameraKind kind(Random random) {
        int kind = random.nextInt(KINDS);
        return new CameraKind("Maker " + kind / 6, "Model " + kind / 3, "pattern " + kind % 3);
    }

    /** As the page asks for it. */
    List<Sharing.Wants> wants() {
        Interchange interchange = new Interchange(fits);
        BreakOrMend breakOrMend = new BreakOrMend(needs, interchange, rates, NOW);
        Map<UUID, Long> loss = new HashMap<>();
        shelf.donors()
                .forEach(donor -> loss.put(donor.id(), breakOrMend.of(donor).openingLossMinor()));
        Sources sources = new Sources(shelf, interchange, loss, List.of(), rates, LocalDate.of(2031, 3, 4));
        return asked.stream()
                .map(one -> new Sharing.Wants(one, sources.of(one)))
                .toList();
    }
}
