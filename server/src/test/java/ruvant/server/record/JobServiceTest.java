package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.anyList;
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
import ruvant.core.anatomy.BodyPlans;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.FindEntry;
import ruvant.core.house.HousePractice;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.log.NewLine;
import ruvant.core.picture.Shop;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.Owner;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.trade.Stop;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.TreatEntry;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.TagNumber;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobNumberStore;
import ruvant.server.job.JobService;
import ruvant.server.job.SummaryStore;
import ruvant.server.parts.PartsStore;
import ruvant.server.prove.EarStore;
import ruvant.server.storage.Database;

class JobServiceTest {
    @TempDir
    Path folder;

    /** The disk fills up while the summary is written: the line that belonged to it must not stay either. */
    @Test
    void aLineWhoseSummaryFailsIsNotStored() {
        try (Database database = Database.open(folder.resolve("ruvant.db"), "FULL")) {
            LineStore logs = new LineStore(database, HardKillTest.json());
            SummaryStore summaries = mock(SummaryStore.class);
            when(summaries.concerns(anyList())).thenReturn(true);
            Events events = mock(Events.class);
            ShopService shop = mock(ShopService.class);
            when(shop.shop())
                    .thenReturn(new Shop(
                            HousePractice.starting(),
                            null,
                            null,
                            TradeLists.EMPTY,
                            AdjusterBook.EMPTY,
                            FaultKnowledge.EMPTY,
                            BodyPlans.UNKNOWN,
                            ruvant.core.money.Pricing.starting(4_000),
                            ruvant.core.proof.ProofBook.EMPTY));
            Clock clock = Clock.fixed(Instant.parse("2031-03-04T09:00:00Z"), ZoneOffset.UTC);
            JobService jobs = new JobService(
                    database,
                    logs,
                    new JobNumberStore(database),
                    summaries,
                    List.of(summaries),
                    shop,
                    events,
                    clock,
                    mock());
            TagNumber tag = jobs.open(UUID.randomUUID(), "Ada", received());
            verify(events).changed(JobLog.name(tag), 1);

            org.mockito.Mockito.doThrow(new IllegalStateException("disk full"))
                    .when(summaries)
                    .put(org.mockito.ArgumentMatchers.any());
            NewLine line = new NewLine(UUID.randomUUID(), null, null, new SittingEntry.Noted("x"));
            assertThatThrownBy(() -> jobs.append(tag, "Ada", 1, List.of(line))).hasMessage("disk full");
            assertThat(logs.read(JobLog.name(tag))).hasSize(1);
            verify(events, never()).changed(JobLog.name(tag), 2);
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
            List<Line> stored = new LineStore(database, HardKillTest.json()).read(JobLog.name(tag));
            assertThat(stored).extracting(Line::sequence).containsExactly(1L, 2L, 3L, 4L, 5L);
            assertThat(stored.stream().skip(1).map(line -> ((SittingEntry.Noted) line.entry()).text()))
                    .containsExactly("first", "second", "third", "fourth");
        }
    }

    @Test
    void whatAnOutdatedLogWouldRefuseIsJudgedByTheRealOne() {
        try (Database database = Database.open(folder.resolve("ruvant.db"), "FULL")) {
            JobService here = service(database);
            JobService elsewhere = service(database);
            TagNumber tag = here.open(UUID.randomUUID(), "Ada", received());
            elsewhere.append(tag, "Tomas", 0, List.of(line(new SittingEntry.SatDown(Stop.STRIP, ""))));
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
                    .hasMessageContaining("already in " + one);
            assertThat(new LineStore(database, HardKillTest.json()).read(JobLog.name(other)))
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
                .thenReturn(new Shop(
                        HousePractice.starting(),
                        null,
                        null,
                        TradeLists.EMPTY,
                        AdjusterBook.EMPTY,
                        FaultKnowledge.EMPTY,
                        BodyPlans.UNKNOWN,
                        ruvant.core.money.Pricing.starting(4_000),
                        ruvant.core.proof.ProofBook.EMPTY));
        Clock clock = Clock.fixed(Instant.parse(now), ZoneOffset.UTC);
        SummaryStore summaries = new SummaryStore(database);
        return new JobService(
                database,
                new LineStore(database, HardKillTest.json()),
                new JobNumberStore(database),
                summaries,
                List.of(summaries, new EarStore(database), new PartsStore(database)),
                shop,
                mock(Events.class),
                clock,
                mock());
    }

    private static NewLine note(String text) {
        return line(new SittingEntry.Noted(text));
    }

    private static NewLine line(JobEntry entry) {
        return new NewLine(UUID.randomUUID(), null, null, entry);
    }

    private static IntakeEntry.Received received() {
        return new IntakeEntry.Received(
                new Camera("Tarn", "Vest", "", "", BodyType.SUBMINIATURE, Family.ROTARY),
                new Owner("Ada", "", false, null, null),
                "",
                List.of(),
                "dead",
                SpeedSeries.AS_MARKED,
                List.of(),
                null);
    }
}
