package ruvant.server.benchmark;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.house.HousePractice;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Entry;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.picture.JobPicture;
import ruvant.core.prove.ProveEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.FastenersBack;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Owner;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Side;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.trade.Stop;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;
import ruvant.server.record.Projection;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** Ten thousand jobs with a million entries: 600 long ones of 500 entries, 60 still open, the rest closed. */
final class LargeShop {
    static final int JOBS = 10_000;
    static final int LONG_JOBS = 600;
    static final int LONG = 500;
    static final int OPEN = 60;
    private static final int SHORT = 75;
    private static final Instant START = Instant.parse("2020-01-06T08:00:00Z");
    private static final List<String> NAMES =
            List.of("Amara", "Joaquín", "Mei", "Sølve", "Priya", "Tadeusz", "Keanu", "Éloïse", "Bogdan", "Ngozi");
    private static final List<String> FAMILIES = List.of(
            "Okonjo", "Belmonte", "Tsao", "Aakre", "Raghunathan", "Wróbel", "Malohi", "Garnaud", "Iliescu", "Umeh");

    private final Database database;
    private final List<Projection<JobPicture>> projections;
    private final ObjectMapper json;
    private final Random random = new Random(11);

    LargeShop(Database database, List<Projection<JobPicture>> projections, ObjectMapper json) {
        this.database = database;
        this.projections = projections;
        this.json = json;
    }

    /** The tag of the i-th long job, from 0. */
    static TagNumber longJob(int i) {
        return new TagNumber(1 + i);
    }

    void fill() {
        for (int from = 1; from <= JOBS; from += 500) {
            int first = from;
            database.transaction().executeWithoutResult(status -> {
                for (int number = first; number < first + 500; number++) {
                    store(log(number));
                }
            });
        }
    }

    /** One of its jobs. */
    Log<JobEntry> log(int number) {
        boolean isLong = number <= LONG_JOBS;
        boolean open = number > JOBS - OPEN;
        Instant came = START.plus(Duration.ofHours(5L * number));
        List<JobEntry> entries = new ArrayList<>();
        entries.add(received(number));
        for (int i = 0; i < 8; i++) {
            entries.add(new IntakeEntry.FunctionChecked("Speed 1/" + (1 << i), FunctionResult.WORKS, ""));
        }
        entries.add(new SittingEntry.SatDown(Stop.STRIP, ""));
        int parts = isLong ? 40 : 8;
        for (int i = 0; i < parts; i++) {
            entries.add(new StripEntry.Removed(
                    PartName.of("part " + i),
                    Side.values()[i % 3],
                    i % 4 == 0,
                    List.of(Fastener.slotted(3, 1.4, 3)),
                    List.of(),
                    List.of(new WellName(i / 6 % 4, 1 + i % 6)),
                    "",
                    null,
                    List.of(),
                    java.util.Set.of(),
                    "tilted to the left"));
        }
        entries.add(new FindEntry.CauseConfirmed("gummed train", "free when wet"));
        for (int i = parts - 1; i >= (open ? parts / 2 : 0); i--) {
            entries.add(new RefitEntry.Refitted(
                    PartName.of("part " + i), List.of(new FastenersBack("slotted screw 1.4 × 3.0", 3, 0, 0)), "", ""));
        }
        for (int i = 0; i < 6; i++) {
            entries.add(new ProveEntry.FiringsTimed(
                    "1/" + (2 << i),
                    Phase.AFTER,
                    Attitude.LEVEL,
                    "stand",
                    List.of(0.5 / (1 << i), 0.51 / (1 << i)),
                    false));
        }
        int total = (isLong ? LONG : number <= JOBS - OPEN ? 74 + number % 2 * 2 : SHORT) - 2;
        while (entries.size() < total) {
            entries.add(
                    entries.size() % 5 == 0
                            ? new SittingEntry.Noted("looked at it again under the loupe, " + entries.size())
                            : new ProveEntry.Fired(true, ""));
        }
        entries.add(new SittingEntry.GotUp(""));
        entries.add(open ? new SittingEntry.Noted("goes on tomorrow") : new HandoverEntry.Returned("the owner", ""));
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            UUID id = new UUID(random.nextLong(), random.nextLong());
            lines.add(new Line(id, i + 1L, came.plusSeconds(60L * i), "Ines K.", null, entries.get(i)));
        }
        return JobLog.of(new TagNumber(number), lines);
    }

    private IntakeEntry.Received received(int number) {
        String owner = NAMES.get(random.nextInt(NAMES.size())) + " " + FAMILIES.get(random.nextInt(FAMILIES.size()))
                + " " + number;
        return new IntakeEntry.Received(
                new Camera(
                        "Pellworm",
                        "Twin " + number % 7,
                        "",
                        Integer.toString(100_000 + number * 37),
                        BodyType.TLR,
                        Family.LEAF_LENS),
                new Owner(owner, "mail", false, null, null),
                "",
                List.of("case"),
                "Slow speeds drag, number " + number,
                SpeedSeries.DOUBLING,
                List.of("1", "1/2", "1/4", "1/8", "1/15", "1/30", "1/60", "1/125"),
                null);
    }

    private void store(Log<JobEntry> log) {
        database.writes()
                .sql("insert into job (number, opened_by) values (?, ?)")
                .params(JobLog.tag(log).number(), log.lines().getFirst().id().toString())
                .update();
        Connection connection = org.springframework.jdbc.datasource.DataSourceUtils.getConnection(database.writer());
        try (PreparedStatement insert = connection.prepareStatement(
                "insert into line (log, sequence, id, at, signer, before, body) values (?, ?, ?, ?, ?, null, ?)")) {
            for (Line line : log.lines()) {
                insert.setInt(1, JobLog.tag(log).number());
                insert.setLong(2, line.sequence());
                insert.setString(3, line.id().toString());
                insert.setString(4, Times.text(line.at()));
                insert.setString(5, line.by());
                insert.setString(6, json.writerFor(Entry.class).writeValueAsString(line.entry()));
                insert.addBatch();
            }
            insert.executeBatch();
        } catch (SQLException | JacksonException problem) {
            throw new IllegalStateException("The large shop cannot be written", problem);
        }
        JobPicture picture = JobPicture.of(log, HousePractice.starting());
        projections.forEach(one -> one.put(picture));
    }
}
