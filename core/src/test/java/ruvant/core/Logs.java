package ruvant.core;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.house.HousePractice;
import ruvant.core.house.Reckoning;
import ruvant.core.house.School;
import ruvant.core.house.SheetHead;
import ruvant.core.house.SpeedsAllowed;
import ruvant.core.house.TrayShape;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Entry;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.money.Pricing;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.JobRules;
import ruvant.core.picture.Shop;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.WayBack;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.Owner;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.trade.Verdict;
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
                    List.of("Ada"),
                    HousePractice.starting().stations(),
                    new SheetHead("Test bench", 6),
                    HousePractice.starting().standards(),
                    SpeedsAllowed.USUAL,
                    Reckoning.USUAL),
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
            ShippedLists.LISTS,
            ruvant.core.adjust.AdjusterBook.EMPTY,
            ruvant.core.find.FaultKnowledge.EMPTY,
            ShippedAnatomy.PLANS,
            Pricing.starting(4_000),
            ShippedProofs.BOOK);

    public static final TagNumber TAG = new TagNumber(7);

    private final List<Line> lines = new ArrayList<>();
    private Instant now = START;

    private Logs() {}

    /** A camera that just came in. */
    public static Logs camera() {
        Logs logs = new Logs();
        logs.put(received());
        return logs;
    }

    /** A camera of another build. */
    public static Logs camera(BodyType body, Family shutter) {
        Logs logs = new Logs();
        logs.put(received(body, shutter));
        return logs;
    }

    public static IntakeEntry.Received received() {
        return received(BodyType.TLR, Family.LEAF_LENS);
    }

    /** A camera of another build. */
    public static IntakeEntry.Received received(BodyType body, Family shutter) {
        return new IntakeEntry.Received(
                new Camera("Pellworm", "Twin", "", "1234", body, shutter),
                new Owner("Amara Okonjo", "", false, null, null),
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

    public Log<JobEntry> log() {
        return JobLog.of(TAG, lines);
    }

    public JobPicture picture() {
        return JobPicture.of(log(), SHOP.practice());
    }

    public static ruvant.core.strip.StripEntry.Removed off(String part, boolean covers) {
        return ruvant.core.strip.StripEntry.Removed.of(part, ruvant.core.trade.Side.FRONT, covers);
    }

    /** The job as it stands now, with nothing learned from others. */
    public JobNow stands() {
        return stands(LearnedChecks.NONE);
    }

    /** The job as it stands now. */
    public JobNow stands(LearnedChecks learned) {
        return new JobNow(picture(), SHOP, learned, WayBack.USUAL_PACE, now);
    }

    /** The same at another moment. */
    public JobNow standsAt(Instant moment) {
        return new JobNow(picture(), SHOP, LearnedChecks.NONE, WayBack.USUAL_PACE, moment);
    }
}
