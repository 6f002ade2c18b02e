package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThat;
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
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.job.BenchEntry;
import ruvant.core.job.BodyType;
import ruvant.core.job.Entry;
import ruvant.core.job.Family;
import ruvant.core.job.FindEntry;
import ruvant.core.job.HousePractice;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.Line;
import ruvant.core.job.SpeedSeries;
import ruvant.core.job.Stop;
import ruvant.core.job.TreatEntry;
import ruvant.core.picture.Shop;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.FieldProblem;
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
            when(shop.shop())
                    .thenReturn(
                            new Shop(HousePractice.starting(), null, null, AdjusterBook.EMPTY, FaultKnowledge.EMPTY));
            Clock clock = Clock.fixed(Instant.parse("2031-03-04T09:00:00Z"), ZoneOffset.UTC);
            JobService jobs = new JobService(
                    database,
                    logs,
                    summaries,
                    new EarStore(database),
                    new PartsStore(database),
                    shop,
                    events,
                    clock,
                    mock());
            TagNumber tag = jobs.open(UUID.randomUUID(), "Ada", received());
            verify(events).changed(tag, 1);

            org.mockito.Mockito.doThrow(new IllegalStateException("disk full"))
                    .when(summaries)
                    .put(org.mockito.ArgumentMatchers.any());
            NewLine line = new NewLine(UUID.randomUUID(), null, null, new BenchEntry.Noted("x"));
            assertThatThrownBy(() -> jobs.append(tag, "Ada", 1, List.of(line))).hasMessage("disk full");
            assertThat(logs.read(tag).lines()).hasSize(1);
            verify(events, never()).changed(tag, 2);
        }
    }

    /** Two programs at one file, as when a copy was left running: what one knows of a job may be behind. */
    @Test
    void aLogThatWentOnElsewhereIsReadAnew() {
        try (Database database = Database.open(folder.resolve("ruvant.db"), "FULL")) {
            JobService here = service(database);
            JobService elsewhere = service(database);
            TagNumber tag = here.open(UUID.randomUUID(), "Ada", received());
            NewLine first = note("first");
            here.append(tag, "Ada", 0, List.of(first));
            elsewhere.append(tag, "Tomas", 0, List.of(note("second")));
            here.append(tag, "Ada", 0, List.of(note("third")));
            elsewhere.append(tag, "Tomas", 0, List.of(first, note("fourth")));

            assertThat(here.log(tag).lines()).hasSize(4);
            List<Line> stored =
                    new LogStore(database, HardKillTest.json()).read(tag).lines();
            assertThat(stored).extracting(Line::sequence).containsExactly(1L, 2L, 3L, 4L, 5L);
            assertThat(stored.stream().skip(1).map(line -> ((BenchEntry.Noted) line.entry()).text()))
                    .containsExactly("first", "second", "third", "fourth");
        }
    }

    @Test
    void whatAnOutdatedLogWouldRefuseIsJudgedByTheRealOne() {
        try (Database database = Database.open(folder.resolve("ruvant.db"), "FULL")) {
            JobService here = service(database);
            JobService elsewhere = service(database);
            TagNumber tag = here.open(UUID.randomUUID(), "Ada", received());
            elsewhere.append(tag, "Tomas", 0, List.of(line(new BenchEntry.SatDown(Stop.STRIP, ""))));
            here.append(tag, "Ada", 0, List.of(line(new FindEntry.SymptomSeen("sticks"))));
            elsewhere.append(tag, "Tomas", 0, List.of(line(new FindEntry.SuspectRaised("oil", "smears"))));

            here.append(tag, "Ada", 0, List.of(line(new FindEntry.SuspectCleared("oil", "dry under the loupe"))));
            assertThat(here.picture(tag).find().suspects()).hasSize(1);

            assertThatThrownBy(() -> elsewhere.append(
                            tag, "Tomas", 3, List.of(line(new FindEntry.SuspectCleared("nobody", "x")))))
                    .isInstanceOf(RefusedException.class);
        }
    }

    @Test
    void aLineOfAnotherJobIsNotTakenTwice() {
        try (Database database = Database.open(folder.resolve("ruvant.db"), "FULL")) {
            JobService jobs = service(database);
            TagNumber one = jobs.open(UUID.randomUUID(), "Ada", received());
            TagNumber other = jobs.open(UUID.randomUUID(), "Ada", received());
            NewLine line = note("here");
            jobs.append(one, "Ada", 0, List.of(line));
            jobs.append(other, "Ada", 0, List.of(note("something")));

            assertThatThrownBy(() -> jobs.append(other, "Ada", 0, List.of(note("x"), line)))
                    .isInstanceOf(FieldProblem.class)
                    .hasMessageContaining("stands in " + one);
            assertThat(new LogStore(database, HardKillTest.json()).read(other).lines())
                    .hasSize(2);
        }
    }

    /** The machine is shut down in the middle of a wait: it runs on the wall clock all the same, and is there once. */
    @Test
    void aWaitRunsOnWhileEverythingIsShutDown() {
        Path file = folder.resolve("ruvant.db");
        TagNumber tag;
        try (Database database = Database.open(file, "FULL")) {
            JobService jobs = service(database, "2031-03-29T23:30:00Z");
            tag = jobs.open(UUID.randomUUID(), "Ada", received());
            jobs.append(
                    tag,
                    "Ada",
                    1,
                    List.of(line(new TreatEntry.WaitStarted(null, "rest", 240, 300, "", "measure again"))));
        }
        // in the night between, clocks were put on: 240 minutes are 240 minutes
        try (Database database = Database.open(file, "FULL")) {
            TreatPicture.Wait wait = service(database, "2031-03-30T03:00:00Z")
                    .waiting()
                    .getFirst()
                    .running();
            assertThat(wait.endsAt()).isEqualTo(Instant.parse("2031-03-30T03:30:00Z"));
            assertThat(wait.runs(Instant.parse("2031-03-30T03:29:59Z"))).isTrue();
            assertThat(wait.over(Instant.parse("2031-03-30T03:30:00Z"))).isTrue();
            assertThat(wait.late(Instant.parse("2031-03-30T04:30:00Z"))).isTrue();
        }
        try (Database database = Database.open(file, "FULL")) {
            JobService jobs = service(database, "2031-03-30T05:00:00Z");
            UUID wait = jobs.waiting().getFirst().running().id();
            jobs.append(tag, "Ada", 2, List.of(line(new TreatEntry.WaitEnded(wait, ""))));
            assertThat(jobs.waiting()).isEmpty();
            assertThatThrownBy(() -> jobs.append(tag, "Ada", 3, List.of(line(new TreatEntry.WaitEnded(wait, "")))))
                    .isInstanceOf(RefusedException.class);
        }
    }

    private JobService service(Database database) {
        return service(database, "2031-03-04T09:00:00Z");
    }

    private JobService service(Database database, String now) {
        ShopService shop = mock(ShopService.class);
        when(shop.shop())
                .thenReturn(new Shop(HousePractice.starting(), null, null, AdjusterBook.EMPTY, FaultKnowledge.EMPTY));
        Clock clock = Clock.fixed(Instant.parse(now), ZoneOffset.UTC);
        return new JobService(
                database,
                new LogStore(database, HardKillTest.json()),
                new SummaryStore(database),
                new EarStore(database),
                new PartsStore(database),
                shop,
                mock(Events.class),
                clock,
                mock());
    }

    private static NewLine note(String text) {
        return line(new BenchEntry.Noted(text));
    }

    private static NewLine line(Entry entry) {
        return new NewLine(UUID.randomUUID(), null, null, entry);
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
