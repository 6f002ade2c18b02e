package ruvant.core.treat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.house.Station;
import ruvant.core.job.JobLog;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.JobRules;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;

class StationsTest {
    private static final PartName RAIL = PartName.of("rail");
    private static final TagNumber OTHER = new TagNumber(88);

    private final Logs logs = Logs.camera();
    private final List<Stations.Held> shop = new ArrayList<>();

    private static TreatEntry.WaitStarted in(String station, int minutes) {
        return new TreatEntry.WaitStarted(RAIL, "soak", minutes, 0, station, "");
    }

    private Optional<Refusal> refusal(TreatEntry.WaitStarted... waits) {
        List<ruvant.core.log.Line> added = new ArrayList<>();
        for (TreatEntry.WaitStarted wait : waits) {
            added.add(logs.line(wait, null));
        }
        return new JobRules(Logs.SHOP, job -> LearnedChecks.NONE, () -> shop, logs.now()).refusal(logs.log(), added);
    }

    private void held(String station, Instant started, int minutes) {
        Logs other = Logs.camera();
        other.put(in(station, minutes));
        TreatPicture.Wait wait = JobPicture.of(JobLog.of(OTHER, other.log().lines()), Logs.SHOP.practice())
                .treat()
                .waits()
                .getFirst();
        shop.add(new Stations.Held(
                OTHER,
                new TreatPicture.Wait(
                        wait.id(),
                        wait.part(),
                        wait.what(),
                        started,
                        started.plus(Duration.ofMinutes(minutes)),
                        Optional.empty(),
                        station,
                        "",
                        Optional.empty())));
    }

    @Test
    void aFullStationSaysWhenItIsFree() {
        assertThat(refusal(in("bath", 30))).isEmpty();
        held("Bath", logs.now().minusSeconds(600), 40);

        assertThat(refusal(in("bath", 30))).hasValueSatisfying(refusal -> {
            assertThat(refusal.code()).isEqualTo("stationFull");
            assertThat(refusal.message()).contains("bath is full", "soak of R-0088");
            assertThat(refusal.remedy()).contains("free in 30 min");
        });
        assertThat(refusal(in("heat pad", 30))).isEmpty();
        assertThat(refusal(new TreatEntry.WaitStarted(RAIL, "rest", 30))).isEmpty();
    }

    @Test
    void whatIsOverStillLiesThereUntilItIsTakenOut() {
        held("bath", logs.now().minusSeconds(7200), 40);

        assertThat(refusal(in("bath", 30)))
                .hasValueSatisfying(refusal -> assertThat(refusal.remedy()).contains("Take out what has finished"));
    }

    @Test
    void twoAtOnceDoNotFitInOnePlaceAndAnUnknownPlaceIsNamed() {
        assertThat(refusal(in("bath", 30), in("bath", 20)))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("stationFull"));
        assertThat(refusal(in("oven", 30)))
                .hasValueSatisfying(refusal -> assertThat(refusal.remedy()).contains("bath", "drying box"));
    }

    @Test
    void ofSeveralTheOneThatEndsFirstSetsTheTime() {
        held("drying box", logs.now(), 90);
        held("drying box", logs.now(), 20);
        held("drying box", logs.now(), 60);
        Station two = new Station("drying box", 2);

        Stations.Use use = Stations.use(two, shop, logs.now());

        assertThat(use.held()).hasSize(3);
        // three lie in two places already: two have to come out
        assertThat(use.freeAt()).contains(logs.now().plus(Duration.ofMinutes(60)));
        assertThat(Stations.use(new Station("drying box", 4), shop, logs.now()).freeAt())
                .isEmpty();
    }

    @Test
    void aWindowThatWentByIsLateAndSaysWhatToDo() {
        logs.add(new TreatEntry.WaitStarted(RAIL, "enamel coat", 120, 360, "", "cut it back"));
        TreatPicture.Wait wait = logs.picture().treat().waits().getFirst();

        assertThat(wait.late(Logs.START.plus(Duration.ofMinutes(300)))).isFalse();
        assertThat(wait.over(Logs.START.plus(Duration.ofMinutes(300)))).isTrue();
        assertThat(wait.late(Logs.START.plus(Duration.ofMinutes(360)))).isTrue();
        assertThat(wait.late()).isEqualTo("cut it back");
        assertThatThrownBy(() -> new TreatEntry.WaitStarted(RAIL, "coat", 60, 50, "", ""))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("too late before it has finished");
    }

    @Test
    void aChainOfCoatsGoesOn() {
        Lubrication table = new Lubrication(
                1,
                List.of(),
                List.of(),
                List.of(
                        new Lubrication.WaitKind("filler", "Filler", 45, 0, "", "", "enamel"),
                        new Lubrication.WaitKind("enamel", "Enamel", 120, 0, "", "", null)));

        assertThat(table.after(Named.of("FILLER")).orElseThrow().id()).isEqualTo("enamel");
        assertThat(table.after(Named.of("enamel"))).isEmpty();
    }
}
