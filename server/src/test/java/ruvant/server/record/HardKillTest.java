package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.log.LogName;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.units.TagNumber;
import ruvant.server.config.EntryJson;
import ruvant.server.storage.Database;
import tools.jackson.databind.json.JsonMapper;

/** A process that writes is killed hard, again and again: what it had answered is there, and nothing by halves. */
class HardKillTest {
    private static final int ROUNDS = 8;
    private static final int PER_BATCH = 3;

    @TempDir
    Path folder;

    /** Writes batches of lines for ever, and says each batch once it is stored. */
    public static void main(String[] arguments) {
        try (Database database = Database.open(Path.of(arguments[0]), "FULL")) {
            LineStore logs = new LineStore(database, json());
            LogName tag = JobLog.name(new TagNumber(1));
            while (true) {
                long last = database.transaction().execute(status -> {
                    long sequence = logs.lastSequence(tag);
                    for (int i = 0; i < PER_BATCH; i++) {
                        logs.add(
                                tag,
                                new Line(
                                        UUID.randomUUID(),
                                        ++sequence,
                                        java.time.Instant.EPOCH,
                                        "Ada",
                                        null,
                                        new SittingEntry.Noted("x".repeat(300))));
                    }
                    return sequence;
                });
                System.out.println(last);
                System.out.flush();
            }
        }
    }

    static JsonMapper json() {
        JsonMapper.Builder json = JsonMapper.builderWithJackson2Defaults();
        EntryJson.configure(json);
        return json.build();
    }

    @Test
    void nothingAnsweredIsLostAndNothingIsHalfThere() throws IOException, InterruptedException {
        Path file = folder.resolve("ruvant.db");
        Random random = new Random(5);
        long answered = 0;
        for (int round = 0; round < ROUNDS; round++) {
            answered = Math.max(answered, writeAndKill(file, 2 + random.nextInt(40)));
            try (Database database = Database.open(file, "FULL")) {
                LineStore logs = new LineStore(database, json());
                List<Line> lines = logs.read(JobLog.name(new TagNumber(1)));
                assertThat(lines.size()).as("round %d", round).isGreaterThanOrEqualTo((int) answered);
                assertThat(lines.size() % PER_BATCH).as("whole batches only").isZero();
                assertThat(lines).extracting(Line::sequence).isEqualTo(sequence(lines.size()));
                assertThat(database.reads()
                                .sql("pragma integrity_check")
                                .query(String.class)
                                .single())
                        .isEqualTo("ok");
            }
        }
        assertThat(answered).isGreaterThan(ROUNDS * PER_BATCH);
    }

    private static List<Long> sequence(int size) {
        List<Long> sequence = new ArrayList<>();
        for (long i = 1; i <= size; i++) {
            sequence.add(i);
        }
        return sequence;
    }

    private static long writeAndKill(Path file, int batches) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED",
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        HardKillTest.class.getName(),
                        file.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        long last = 0;
        try (BufferedReader answers = new BufferedReader(new InputStreamReader(process.getInputStream()))) {
            int seen = 0;
            for (String line = answers.readLine(); line != null; line = answers.readLine()) {
                if (line.matches("\\d+")) {
                    last = Long.parseLong(line);
                    if (++seen == batches) {
                        process.destroyForcibly();
                    }
                }
            }
        } catch (IOException cut) {
            // its last words are cut off, as they should be
            process.destroyForcibly();
        }
        process.waitFor();
        return last;
    }
}
