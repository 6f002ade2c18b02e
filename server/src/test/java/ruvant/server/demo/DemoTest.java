package ruvant.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ruvant.core.hours.DaysOff;
import ruvant.core.hours.HoursEntry;
import ruvant.core.house.HouseRoom;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.picture.JobRooms;
import ruvant.core.shelf.ShelfRoom;
import ruvant.core.units.TagNumber;
import ruvant.server.Shop;
import ruvant.server.Started;
import ruvant.server.job.JobNumberStore;
import ruvant.server.job.SummaryStore;
import ruvant.server.record.LineStore;
import tools.jackson.databind.JsonNode;

class DemoTest {
    private static final Path data = Started.folder();
    private static final Started RUVANT = Started.on(data, "--ruvant.demo=true");

    private final LineStore logs = RUVANT.part(LineStore.class);

    private final JobNumberStore numbers = RUVANT.part(JobNumberStore.class);

    private final SummaryStore summaries = RUVANT.part(SummaryStore.class);

    private final DemoStore demo = RUVANT.part(DemoStore.class);

    private final DemoStarter starter = RUVANT.part(DemoStarter.class);

    private Shop shop;

    @AfterAll
    static void end() {
        RUVANT.close();
    }

    @BeforeEach
    void open() {
        shop = RUVANT.shop();
    }

    @Test
    void theShopIsFurnishedAndEveryLogMakesSense() {
        JsonNode bench = shop.get("/api/bench").body();
        assertThat(bench.get("open")).hasSizeGreaterThanOrEqualTo(6);
        assertThat(bench.get("returned").asInt()).isGreaterThanOrEqualTo(60);
        assertThat(bench.get("waits")).isNotEmpty();
        assertThat(bench.get("open").findValuesAsString("currentStop"))
                .contains("INTAKE", "STRIP", "FIND", "CLEAN", "MEND", "REFIT", "PROVE");
        for (TagNumber tag : numbers.all()) {
            assertThat(JobRooms.resting(JobLog.of(tag, logs.read(JobLog.name(tag)))))
                    .as("%s", tag)
                    .isEmpty();
        }
    }

    @Test
    void historyReachesBackFourteenMonthsAndIsProved() {
        List<JsonNode> returned = new java.util.ArrayList<>();
        shop.get("/api/jobs").body().forEach(returned::add);
        Instant first = returned.stream()
                .map(job -> Instant.parse(job.get("cameIn").asText()))
                .min(Instant::compareTo)
                .orElseThrow();
        assertThat(Duration.between(first, Instant.now())).isBetween(Duration.ofDays(400), Duration.ofDays(440));
        assertThat(returned)
                .allSatisfy(job -> assertThat(job.get("cause").asText()).isNotEmpty());
        JsonNode sheet = shop.get("/api/jobs/R-0061").body();
        assertThat(sheet.at("/prove/streak/current").asInt()).isEqualTo(36);
        sheet.get("speeds").forEach(row -> {
            assertThat(row.has("before")).isTrue();
            assertThat(row.at("/after/verdict/kind").asText()).isEqualTo("IN");
        });
    }

    /** The people of the demo are hopeful; what is made of their later estimates by the earlier ones holds. */
    @Test
    void itsEstimatesAreCorrectedByItsOwnHistory() {
        JsonNode held = shop.get("/api/figures").body().at("/estimates/held");
        assertThat(held.get("count").asInt()).isGreaterThan(100);
        assertThat(held.get("withinAsSaid").asDouble()).isLessThan(0.6);
        assertThat(held.get("within").asDouble()).isBetween(0.7, 0.9);
    }

    @Test
    void aDemoFurnishedEarlierIsMovedOnToToday() {
        Instant made = demo.madeAt().orElseThrow();
        var before = summaries.open();
        var line = logs.read(JobLog.name(before.getFirst().tag())).getLast();
        starter.moveOn(made, made.plus(Duration.ofDays(3)));
        var after = summaries.open();
        assertThat(after.getFirst().days().cameIn())
                .isEqualTo(before.getFirst().days().cameIn().plus(Duration.ofDays(3)));
        assertThat(after.get(1).days().promised().orElseThrow())
                .isEqualTo(before.get(1).days().promised().orElseThrow().plusDays(3));
        assertThat(logs.read(JobLog.name(before.getFirst().tag())).getLast().at())
                .isEqualTo(line.at()
                        .truncatedTo(java.time.temporal.ChronoUnit.MILLIS)
                        .plus(Duration.ofDays(3)));
        assertThat(demo.madeAt()).contains(made.plus(Duration.ofDays(3)));
        assertThat(List.of(HouseRoom.LOG, ShelfRoom.LOG))
                .allSatisfy(log -> assertThat(logs.read(log)).isNotEmpty());
        assertThat(numbers.all())
                .allSatisfy(tag -> assertThat(logs.read(JobLog.name(tag))).isNotEmpty());
        assertThat(logs.read(HouseRoom.LOG))
                .extracting(Line::entry)
                .filteredOn(HoursEntry.DaysOffSet.class::isInstance)
                .last()
                .satisfies(entry -> assertThat(((HoursEntry.DaysOffSet) entry).daysOff())
                        .extracting(DaysOff::first)
                        .containsExactly(LocalDate.ofInstant(made, ZoneId.systemDefault())
                                .plusDays(6)));
    }
}
