package ruvant.core;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.job.BodyType;
import ruvant.core.job.Entry;
import ruvant.core.job.Family;
import ruvant.core.job.HousePractice;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.JobLog;
import ruvant.core.job.Line;
import ruvant.core.job.School;
import ruvant.core.job.SpeedSeries;
import ruvant.core.job.TrayShape;
import ruvant.core.job.Verdict;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.JobRules;
import ruvant.core.picture.Shop;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;

/** A log being written in a test, with a clock that the test moves. */
public final class Logs {
    public static final Instant START = Instant.parse("2031-03-04T09:00:00Z");
    public static final Shop SHOP = new Shop(
            new HousePractice(
                    School.OIL,
                    List.of(new TrayShape("", 4, 6)),
                    36,
                    1.0,
                    List.of("Ada"),
                    "Test bench",
                    6,
                    true,
                    java.util.Map.of(),
                    java.util.List.of(),
                    null,
                    0,
                    null),
            new Materials(
                    1,
                    List.of(
                            new Materials.Material("metal", "metal", List.of("gear")),
                            new Materials.Material("cloth", "cloth", List.of("curtain"))),
                    List.of(new Materials.Agent(
                            "naphtha",
                            "Naphtha",
                            "oil",
                            10,
                            true,
                            java.util.Map.of(
                                    "metal", new Materials.VerdictWhy(Verdict.OK, ""),
                                    "cloth", new Materials.VerdictWhy(Verdict.NO, "dissolves it"))))),
            new Lubrication(
                    1,
                    List.of(new Lubrication.PointKind(
                            "blades",
                            "blades",
                            java.util.Map.of(School.OIL, "none"),
                            java.util.Map.of(School.OIL, "none"),
                            List.of("oil"),
                            "they stick",
                            List.of("blade"))),
                    List.of(new Lubrication.Lubricant("none", "Left dry"), new Lubrication.Lubricant("oil", "Oil")),
                    List.of()),
            ruvant.core.adjust.AdjusterBook.EMPTY,
            ruvant.core.find.FaultKnowledge.EMPTY);

    private final List<Line> lines = new ArrayList<>();
    private Instant now = START;

    private Logs() {}

    /** A camera that just came in. */
    public static Logs camera() {
        Logs logs = new Logs();
        logs.put(received());
        return logs;
    }

    public static IntakeEntry.Received received() {
        return new IntakeEntry.Received(
                new IntakeEntry.Camera("Pellworm", "Twin", "", "1234", BodyType.TLR, Family.LEAF_LENS),
                new IntakeEntry.Owner("Amara Okonjo", "", false, null, null),
                "",
                List.of(),
                "drags",
                SpeedSeries.DOUBLING,
                List.of("1", "1/60", "1/125", "1/500"),
                null);
    }

    public Logs after(long minutes) {
        now = now.plusSeconds(60 * minutes);
        return this;
    }

    public Instant now() {
        return now;
    }

    /** Adds entries that must be allowed. */
    public Logs add(Entry... entries) {
        for (Entry entry : entries) {
            refusal(entry).ifPresent(refusal -> {
                throw new AssertionError(entry + " was refused: " + refusal);
            });
            put(entry);
        }
        return this;
    }

    /** Adds without asking whether it is allowed. */
    public UUID put(Entry entry) {
        Line line = line(entry, null);
        lines.add(line);
        return line.id();
    }

    public Optional<Refusal> refusal(Entry entry) {
        return refusal(List.of(line(entry, null)));
    }

    public Optional<Refusal> refusal(List<Line> added) {
        return new JobRules(SHOP, now).refusal(log(), added);
    }

    public Line line(Entry entry, UUID before) {
        return new Line(UUID.randomUUID(), lines.size() + 1L, now, "Ada", before, entry);
    }

    public void append(List<Line> added) {
        lines.addAll(added);
    }

    public UUID last() {
        return lines.getLast().id();
    }

    public JobLog log() {
        return new JobLog(new TagNumber(7), lines);
    }

    public JobPicture picture() {
        return JobPicture.of(log(), SHOP.practice());
    }

    public static ruvant.core.job.StripEntry.Removed off(String part, boolean covers) {
        return ruvant.core.job.StripEntry.Removed.of(part, ruvant.core.job.Side.FRONT, covers);
    }
}
