package ruvant.server.figures;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.core.house.HousePractice;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.minutes.Work;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.Owner;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.trade.Stop;
import ruvant.core.units.TagNumber;
import ruvant.server.storage.Database;

class WorkDoneStoreTest {
    private static final YearMonth JUNE = YearMonth.of(2031, 6);

    @TempDir
    private Path folder;

    private static JobPicture sat(Instant from, Stop stop, int minutes) {
        List<JobEntry> entries = List.of(
                new IntakeEntry.Received(
                        new Camera("Pellworm", "Twin", "", "1", BodyType.TLR, Family.LEAF_LENS),
                        new Owner("Ada", "", false, null, null),
                        "",
                        List.of(),
                        "drags",
                        SpeedSeries.DOUBLING,
                        List.of(),
                        null),
                new SittingEntry.SatDown(stop, ""),
                new SittingEntry.GotUp(""));
        List<Line> lines = new ArrayList<>();
        for (int at = 0; at < entries.size(); at++) {
            Instant when = at == 2 ? from.plus(Duration.ofMinutes(minutes)) : from;
            lines.add(new Line(UUID.randomUUID(), at + 1, when, "Ines", null, entries.get(at)));
        }
        return JobPicture.of(JobLog.of(new TagNumber(3), lines), HousePractice.starting());
    }

    /** The same minutes in another month, or at other work, are other minutes. */
    @Test
    void whatIsKeptIsWhatTheLogSaysNotOnlyItsSum() {
        try (Database database = Database.open(folder.resolve("ruvant.db"), "OFF")) {
            WorkDoneStore store = new WorkDoneStore(database);
            Instant june = Instant.parse("2031-06-15T09:00:00Z");
            store.put(sat(june, Stop.STRIP, 40));
            assertThat(store.work(JUNE)).containsExactly(new WorkDoneStore.WorkMonth(JUNE, Work.WAY_IN, 40));
            store.put(sat(june.plus(Duration.ofDays(30)), Stop.STRIP, 40));
            assertThat(store.work(JUNE))
                    .containsExactly(new WorkDoneStore.WorkMonth(JUNE.plusMonths(1), Work.WAY_IN, 40));
            store.put(sat(june, Stop.REFIT, 40));
            assertThat(store.work(JUNE)).containsExactly(new WorkDoneStore.WorkMonth(JUNE, Work.REFIT, 40));
        }
    }
}
