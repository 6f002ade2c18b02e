package ruvant.server.measuring;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import ruvant.core.job.Attitude;
import ruvant.core.job.BenchEntry;
import ruvant.core.job.BodyType;
import ruvant.core.job.Entry;
import ruvant.core.job.Family;
import ruvant.core.job.Fastener;
import ruvant.core.job.FindEntry;
import ruvant.core.job.FunctionResult;
import ruvant.core.job.HandoverEntry;
import ruvant.core.job.HousePractice;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.JobLog;
import ruvant.core.job.Line;
import ruvant.core.job.Phase;
import ruvant.core.job.ProveEntry;
import ruvant.core.job.RefitEntry;
import ruvant.core.job.Side;
import ruvant.core.job.SpeedSeries;
import ruvant.core.job.Stop;
import ruvant.core.job.StripEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;
import ruvant.server.config.Database;
import ruvant.server.record.SummaryStore;
import ruvant.server.record.Times;

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
    private final SummaryStore summaries;
    private final ObjectMapper json;
    private final Random random = new Random(11);

    LargeShop(Database database, SummaryStore summaries, ObjectMapper json) {
        this.database = database;
        this.summaries = summaries;
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

    private JobLog log(int number) {
        boolean isLong = number <= LONG_JOBS;
        boolean open = number > JOBS - OPEN;
        Instant came = START.plus(Duration.ofHours(5L * number));
        List<Entry> entries = new ArrayList<>();
        entries.add(received(number));
        for (int i = 0; i < 8; i++) {
            entries.add(new IntakeEntry.FunctionChecked("Speed 1/" + (1 << i), FunctionResult.WORKS, ""));
        }
        entries.add(new BenchEntry.SatDown(Stop.STRIP, ""));
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
                    PartName.of("part " + i),
                    List.of(new RefitEntry.FastenersBack("slotted screw 1.4 × 3.0", 3, 0, 0)),
                    "",
                    ""));
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
                            ? new BenchEntry.Noted("looked at it again under the loupe, " + entries.size())
                            : new ProveEntry.Fired(true, ""));
        }
        entries.add(new BenchEntry.GotUp(""));
        entries.add(open ? new BenchEntry.Noted("goes on tomorrow") : new HandoverEntry.Returned("the owner", ""));
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            UUID id = new UUID(random.nextLong(), random.nextLong());
            lines.add(new Line(id, i + 1L, came.plusSeconds(60L * i), "Ines K.", null, entries.get(i)));
        }
        return new JobLog(new TagNumber(number), lines);
    }

    private IntakeEntry.Received received(int number) {
        String owner = NAMES.get(random.nextInt(NAMES.size())) + " " + FAMILIES.get(random.nextInt(FAMILIES.size()))
                + " " + number;
        return new IntakeEntry.Received(
                new IntakeEntry.Camera(
                        "Pellworm",
                        "Twin " + number % 7,
                        "",
                        Integer.toString(100_000 + number * 37),
                        BodyType.TLR,
                        Family.LEAF_LENS),
                new IntakeEntry.Owner(owner, "mail", false, null, null),
                "",
                List.of("case"),
                "Slow speeds drag, number " + number,
                SpeedSeries.DOUBLING,
                List.of("1", "1/2", "1/4", "1/8", "1/15", "1/30", "1/60", "1/125"),
                null);
    }

    private void store(JobLog log) {
        database.writes()
                .sql("insert into job (number, opened_by) values (?, ?)")
                .params(log.tag().number(), log.lines().getFirst().id().toString())
                .update();
        Connection connection = org.springframework.jdbc.datasource.DataSourceUtils.getConnection(database.writer());
        try (PreparedStatement insert = connection.prepareStatement(
                "insert into entry (job, sequence, id, at, signer, before, body) values (?, ?, ?, ?, ?, null, ?)")) {
            for (Line line : log.lines()) {
                insert.setInt(1, log.tag().number());
                insert.setLong(2, line.sequence());
                insert.setString(3, line.id().toString());
                insert.setString(4, Times.text(line.at()));
                insert.setString(5, line.by());
                insert.setString(6, json.writerFor(Entry.class).writeValueAsString(line.entry()));
                insert.addBatch();
            }
            insert.executeBatch();
        } catch (SQLException | JsonProcessingException problem) {
            throw new IllegalStateException("The large shop cannot be written", problem);
        }
        JobPicture picture = JobPicture.of(log, HousePractice.starting());
        summaries.put(picture);
        summaries.putWords(picture);
    }
}
