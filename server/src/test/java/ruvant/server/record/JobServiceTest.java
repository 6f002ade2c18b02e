package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.core.job.BenchEntry;
import ruvant.core.job.BodyType;
import ruvant.core.job.Family;
import ruvant.core.job.HousePractice;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.SpeedSeries;
import ruvant.core.picture.Shop;
import ruvant.core.units.TagNumber;
import ruvant.server.config.Database;
import ruvant.server.house.ShopService;

class JobServiceTest {
    @TempDir
    Path folder;

    /** The disk fills up while the summary is written: the line that belonged to it must not stay either. */
    @Test
    void aLineWhoseSummaryFailsIsNotStored() {
        try (Database database = Database.open(folder.resolve("ruvant.db"), "FULL")) {
            LogStore logs = new LogStore(database, HardKillTest.json());
            SummaryStore summaries = mock(SummaryStore.class);
            Events events = mock(Events.class);
            ShopService shop = mock(ShopService.class);
            when(shop.shop()).thenReturn(new Shop(HousePractice.starting(), null, null));
            Clock clock = Clock.fixed(Instant.parse("2031-03-04T09:00:00Z"), ZoneOffset.UTC);
            JobService jobs = new JobService(database, logs, summaries, shop, events, clock);
            TagNumber tag = jobs.open(UUID.randomUUID(), "Ada", received());
            verify(events).changed(tag, 1);

            org.mockito.Mockito.doThrow(new IllegalStateException("disk full"))
                    .when(summaries)
                    .put(org.mockito.ArgumentMatchers.any());
            NewLine line = new NewLine(UUID.randomUUID(), null, null, new BenchEntry.Noted("x"));
            assertThatThrownBy(() -> jobs.append(tag, "Ada", 1, List.of(line))).hasMessage("disk full");
            org.assertj.core.api.Assertions.assertThat(logs.read(tag).lines()).hasSize(1);
            verify(events, never()).changed(tag, 2);
        }
    }

    private static IntakeEntry.Received received() {
        return new IntakeEntry.Received(
                new IntakeEntry.Camera("Tarn", "Vest", "", "", BodyType.SUBMINIATURE, Family.ROTARY),
                new IntakeEntry.Owner("Ada", "", false, null, null),
                "",
                List.of(),
                "dead",
                SpeedSeries.AS_MARKED,
                List.of(),
                null);
    }
}
