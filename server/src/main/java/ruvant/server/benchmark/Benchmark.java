package ruvant.server.benchmark;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import ruvant.core.log.NewLine;
import ruvant.core.picture.JobPicture;
import ruvant.core.sitting.SittingEntry;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobNumberStore;
import ruvant.server.job.JobService;
import ruvant.server.job.Projecting;
import ruvant.server.record.Projection;
import ruvant.server.storage.Database;
import tools.jackson.databind.ObjectMapper;

/**
 * Times the four things that a person waits for, over HTTP as a browser would ask for them, each beside the same rows
 * read or written by bare JDBC.
 */
@Component
@ConditionalOnProperty("ruvant.bench")
class Benchmark {
    private static final int WARM = 700;
    private static final int COUNTED = 1500;

    /** A server runs for days; what it does most often, and in the least time, is long since compiled by then. */
    private static final int WARM_WRITES = 10_000;

    private final Database database;
    private final List<Projection<JobPicture>> projections;
    private final Projecting projecting;
    private final JobNumberStore numbers;
    private final JobService jobs;
    private final ObjectMapper json;
    private final ShopService shop;
    private final Path file;
    private final String which;
    private final HttpClient http = HttpClient.newHttpClient();
    private String base;

    Benchmark(
            Database database,
            List<Projection<JobPicture>> projections,
            Projecting projecting,
            JobNumberStore numbers,
            JobService jobs,
            ObjectMapper json,
            ShopService shop,
            @Value("${ruvant.data}") Path folder,
            @Value("${ruvant.bench}") String which) {
        this.which = which;
        this.database = database;
        this.projections = projections;
        this.projecting = projecting;
        this.numbers = numbers;
        this.jobs = jobs;
        this.json = json;
        this.shop = shop;
        this.file = folder.resolve("ruvant.db");
    }

    @EventListener
    void ready(ApplicationReadyEvent event) throws Exception {
        base = "http://127.0.0.1:"
                + ((WebServerApplicationContext) event.getApplicationContext())
                        .getWebServer()
                        .getPort();
        if (numbers.all().isEmpty()) {
            System.out.println("Writing a shop of 10,000 jobs…");
            new LargeShop(database, projections, json).fill();
            projecting.bringUpToDate();
        }
        if (which.equals("crowd")) {
            new CrowdBenchmark(base, json).measure();
            System.exit(0);
        }
        try (Connection bare = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            bare.createStatement().execute("pragma synchronous = full");
            bare.createStatement().execute("pragma foreign_keys = on");
            measure(bare);
        }
        System.exit(0);
    }

    private void measure(Connection bare) throws Exception {
        long entries = count(bare, "select count(*) from line");
        System.out.printf(
                Locale.ROOT,
                "%n%,d jobs, %,d entries, %,d MB%n%n",
                count(bare, "select count(*) from job"),
                entries,
                file.toFile().length() >> 20);
        System.out.println("| what | p50 ms | p95 ms | bare JDBC p50 | p95 | ratio p50 | p95 |");
        System.out.println("|---|---|---|---|---|---|---|");
        row(WARM_WRITES, "append an entry, synced", this::append, i -> bareAppend(bare, i));
        row("the same over HTTP", this::appendOverHttp, i -> bareAppend(bare, i));
        row(
                "open a job of 500 entries",
                i -> get("/api/jobs/" + LargeShop.longJob(i % LargeShop.LONG_JOBS)),
                i -> bareLog(bare, LargeShop.longJob(i % LargeShop.LONG_JOBS).number()));
        row("the bench page, 60 open", i -> get("/api/bench"), i -> bareBench(bare));
        row("a find", i -> get("/api/find?words=pell%20" + word(i)), i -> bareFind(bare, word(i)));
        new CrowdBenchmark(base, json).measure();
        new RulesBenchmark(shop.shop()).measure();
        SharingBenchmark.measure();
    }

    private static void row(String what, Stopwatch.Step ours, Stopwatch.Step bare) throws Exception {
        row(WARM, what, ours, bare);
    }

    private static void row(int warm, String what, Stopwatch.Step ours, Stopwatch.Step bare) throws Exception {
        Stopwatch.Pair times = Stopwatch.beside(warm, COUNTED, ours, bare);
        System.out.printf(
                Locale.ROOT,
                "| %s | %.2f | %.2f | %.2f | %.2f | %.1f | %.1f |%n",
                what,
                times.ours().p(0.5),
                times.ours().p(0.95),
                times.bare().p(0.5),
                times.bare().p(0.95),
                times.ours().p(0.5) / times.bare().p(0.5),
                times.ours().p(0.95) / times.bare().p(0.95));
    }

    private static String word(int i) {
        return Integer.toString(1 + i * 7 % 9_999);
    }

    private void get(String path) throws Exception {
        answered(HttpRequest.newBuilder(URI.create(base + path)).build());
    }

    /** A job that was returned takes notes still; they go round the long jobs, so that none of them grows out of measure. */
    private void append(int i) {
        NewLine line = new NewLine(UUID.randomUUID(), null, null, new SittingEntry.Noted("line " + i));
        jobs.append(LargeShop.longJob(i % 300), "Ines K.", 0, List.of(line));
    }

    private void appendOverHttp(int i) throws Exception {
        String tag = LargeShop.longJob(i % 300).toString();
        String body =
                "{\"by\":\"Ines K.\",\"basedOn\":0,\"lines\":[{\"id\":\"%s\",\"entry\":{\"kind\":\"noted\",\"text\":\"line %d\"}}]}"
                        .formatted(UUID.randomUUID(), i);
        answered(HttpRequest.newBuilder(URI.create(base + "/api/logs/" + tag + "/lines"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    private void answered(HttpRequest request) throws Exception {
        HttpResponse<byte[]> response = http.send(request, HttpResponse.BodyHandlers.ofByteArray());
        if (response.statusCode() != 200) {
            throw new IllegalStateException(
                    request.uri() + " answered " + response.statusCode() + ": " + new String(response.body()));
        }
    }

    private static long count(Connection bare, String sql) throws SQLException {
        try (ResultSet row = bare.createStatement().executeQuery(sql)) {
            return row.getLong(1);
        }
    }

    /** The rows that an append writes, into the other half of the long jobs. */
    private static void bareAppend(Connection bare, int i) throws SQLException {
        int job = LargeShop.longJob(300 + i % 300).number();
        bare.setAutoCommit(false);
        try (PreparedStatement insert = bare.prepareStatement(
                "insert into line (log, sequence, id, at, signer, before, body) values (?, ?, ?, ?, 'Ines K.', null, ?)")) {
            insert.setInt(1, job);
            insert.setLong(2, System.nanoTime());
            insert.setString(3, UUID.randomUUID().toString());
            insert.setString(4, "2031-03-04T09:00:00.000Z");
            insert.setString(5, "{\"kind\":\"noted\",\"text\":\"line " + i + "\"}");
            insert.executeUpdate();
        }
        try (PreparedStatement summary = bare.prepareStatement("""
                update job_summary set minutes = ?, last_sequence = ?, last_at = ? where job = ?
                """)) {
            summary.setLong(1, i);
            summary.setLong(2, i);
            summary.setString(3, "2031-03-04T09:00:00.000Z");
            summary.setInt(4, job);
            summary.executeUpdate();
        }
        bare.commit();
        bare.setAutoCommit(true);
    }

    private static int bareLog(Connection bare, int job) throws SQLException {
        try (PreparedStatement select = bare.prepareStatement(
                "select id, sequence, at, signer, before, body from line where log = ? order by sequence")) {
            select.setInt(1, job);
            return read(select.executeQuery());
        }
    }

    private static void bareBench(Connection bare) throws SQLException {
        try (ResultSet open = bare.createStatement()
                .executeQuery("select * from job_summary where returned_at is null order by job")) {
            while (open.next()) {
                bareLog(bare, open.getInt("job"));
            }
        }
    }

    private static void bareFind(Connection bare, String word) throws SQLException {
        try (PreparedStatement select = bare.prepareStatement(
                "select * from job_summary where job in (select rowid from job_find where job_find match ? order by rowid desc limit 30) order by job desc")) {
            select.setString(1, "\"pell\"* \"" + word + "\"*");
            read(select.executeQuery());
        }
    }

    private static int read(ResultSet rows) throws SQLException {
        int characters = 0;
        int columns = rows.getMetaData().getColumnCount();
        while (rows.next()) {
            for (int i = 1; i <= columns; i++) {
                String value = rows.getString(i);
                characters += value == null ? 0 : value.length();
            }
        }
        return characters;
    }
}
