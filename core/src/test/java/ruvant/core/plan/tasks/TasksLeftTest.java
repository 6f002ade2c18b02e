package ruvant.core.plan.tasks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.offer.OfferEntry;
import ruvant.core.parts.PartsEntry;
import ruvant.core.plan.minutes.MinutesKnown;
import ruvant.core.plan.minutes.Work;
import ruvant.core.prove.ProveEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.sitting.SittingTime;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Stop;
import ruvant.core.trade.Verdict;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.wish.Wish;
import ruvant.core.wish.WishEntry;

class TasksLeftTest {
    private final Logs logs = Logs.camera();

    private JobTasks left() {
        return left(KnownHere.NOTHING);
    }

    private JobTasks left(KnownHere known) {
        return TasksLeft.of(logs.stands(), known);
    }

    private List<String> ids() {
        return left().tasks().stream().map(BenchTask::id).toList();
    }

    private List<String> after(String id) {
        return left().task(id).orElseThrow().after().stream()
                .map(BenchTask.Comes::task)
                .toList();
    }

    private Logs checked() {
        return logs.add(new IntakeEntry.FunctionChecked(Named.of("winding"), FunctionResult.WORKS, ""));
    }

    @Test
    void aCameraThatJustCameInHasTheWholeWayBeforeIt() {
        assertThat(ids()).containsExactly("intake", "open", "look", "treat", "refit-1", "prove", "return");
        assertThat(after("open")).containsExactly("intake");
        assertThat(after("refit-1")).containsExactly("treat");
        assertThat(left().task("prove").orElseThrow().minutes().median()).isEqualTo(Work.PROVE.usualMinutes());
    }

    @Test
    void oneThatWentHomeHasNothingLeft() {
        logs.put(new HandoverEntry.Returned("Amara", ""));
        assertThat(left().tasks()).isEmpty();
    }

    @Test
    void anUnknownFaultIsOneTaskOfWhichLittleIsKnown() {
        checked().add(Logs.off("cover", true));
        assertThat(ids()).containsExactly("look", "treat", "refit-1", "prove", "return");
        assertThat(left().task("treat").orElseThrow().words()).isEqualTo("Treat what is found");
        logs.add(new IntakeEntry.ScopeAdded("new seals"), new IntakeEntry.ScopeAdded("slow speeds"));
        assertThat(left().task("treat").orElseThrow().words()).isEqualTo("new seals and 1 more");
        logs.add(new FindEntry.SuspectRaised(Named.of("oil on blades"), ""));
        assertThat(left().task("look").orElseThrow().words()).isEqualTo("Look: oil on blades");
    }

    @Test
    void eachKnownCauseIsATaskAndTheLookIsOver() {
        checked().add(Logs.off("cover", true));
        logs.put(new FindEntry.CauseConfirmed(Named.of("gummed train"), "seen under the loupe"));
        assertThat(ids()).containsExactly("treat-gummed-train", "refit-1", "prove", "return");
    }

    @Test
    void whatWasTreatedIsNotTreatedAgainAndWhatIsBackIsProved() {
        checked().add(Logs.off("cover", true));
        logs.put(new FindEntry.CauseConfirmed(Named.of("gummed train"), "seen under the loupe"));
        logs.put(new TreatEntry.Cleaned(PartName.of("cover"), "naphtha", List.of("metal"), Verdict.OK, ""));
        assertThat(ids()).containsExactly("refit-1", "prove", "return");
        logs.put(new RefitEntry.Refitted(PartName.of("cover"), List.of(), "", ""));
        assertThat(ids()).containsExactly("prove", "return");
        for (int i = 0; i < 36; i++) {
            logs.put(new ProveEntry.Fired(true, ""));
        }
        assertThat(ids().getLast()).isEqualTo("return");
    }

    @Test
    void aRunningWaitIsHeldUntilSomebodyGoesOnAndOnlyItsPartWaits() {
        checked().add(Logs.off("cover", true), Logs.off("ring", false));
        logs.put(new TreatEntry.Cleaned(PartName.of("ring"), "naphtha", List.of("metal"), Verdict.OK, ""));
        logs.add(new TreatEntry.WaitStarted(PartName.of("ring"), Named.of("rest"), 120, 200, "bath", ""));
        BenchTask wait = left().tasks().stream()
                .filter(one -> one.kind() == BenchTask.Kind.WAIT)
                .findFirst()
                .orElseThrow();
        assertThat(wait.runs().orElseThrow().ends()).isEqualTo(logs.now().plus(Duration.ofMinutes(120)));
        assertThat(wait.station()).isEqualTo("bath");
        BenchTask out = left().task(wait.id() + "/out").orElseThrow();
        assertThat(out.after()).containsExactly(new BenchTask.Comes(wait.id(), 80));
        assertThat(after("return")).contains("prove");
    }

    @Test
    void partsThatWaitForNothingGoBackFirst() {
        checked().add(Logs.off("cover", true), Logs.off("ring", false));
        logs.put(new TreatEntry.Cleaned(PartName.of("ring"), "naphtha", List.of("metal"), Verdict.OK, ""));
        logs.add(new PartsEntry.NeedOpened(PartName.of("cover"), "a new one"));
        JobTasks left = left();
        assertThat(left.tasks().stream().map(BenchTask::id))
                .containsSubsequence("find-cover", "part-cover", "refit-1", "refit-2", "prove", "return");
        assertThat(after("refit-1")).doesNotContain("part-cover");
        assertThat(after("refit-2")).contains("part-cover", "refit-1");
    }

    @Test
    void whatIsOnOrderIsNotSearchedForAndWhatLiesHereIsNotWaitedFor() {
        checked().add(Logs.off("cover", true));
        logs.add(new PartsEntry.NeedOpened(PartName.of("cover"), "a new one"));
        Instant due = logs.now().plus(Duration.ofDays(4));
        Delays ordered = new Delays(
                (tag, need) -> Optional.of(new Delays.Supply(due, false)), Delays.USUAL_PART, Delays.USUAL_ANSWER);
        JobTasks left = left(new KnownHere(new MinutesKnown(List.of()), Map.of(), ordered));
        assertThat(left.task("find-cover")).isEmpty();
        BenchTask.Coming coming =
                left.task("part-cover").orElseThrow().mayStart().orElseThrow();
        assertThat(coming.expected()).isEqualTo(due);
        assertThat(coming.told()).isTrue();
        Delays here = new Delays(
                (tag, need) -> Optional.of(new Delays.Supply(due, true)), Delays.USUAL_PART, Delays.USUAL_ANSWER);
        assertThat(left(new KnownHere(new MinutesKnown(List.of()), Map.of(), here))
                        .task("part-cover"))
                .isEmpty();
    }

    @Test
    void whatWasWaitedForLongIsNotExpectedTomorrow() {
        logs.add(new PartsEntry.NeedOpened(PartName.of("cover"), "a new one"));
        Duration early = untilPart();
        logs.after(60 * 24 * 40);
        assertThat(untilPart()).isGreaterThan(early);
    }

    private Duration untilPart() {
        Instant expected =
                left().task("part-cover").orElseThrow().mayStart().orElseThrow().expected();
        return Duration.between(logs.now(), expected);
    }

    @Test
    void treatmentWaitsForTheOwnersAnswer() {
        checked().add(Logs.off("cover", true));
        logs.put(new FindEntry.CauseConfirmed(Named.of("torn leather"), "seen under the loupe"));
        UUID asked = logs.put(new OfferEntry.OwnerAsked("new leather?"));
        assertThat(after("treat-torn-leather")).anyMatch(one -> one.startsWith("answer-"));
        logs.after(90).add(new OfferEntry.OwnerAnswered(asked, "yes"));
        assertThat(after("treat-torn-leather")).noneMatch(one -> one.startsWith("answer-"));
    }

    @Test
    void aWishIsAtItsTask() {
        logs.add(new WishEntry.TaskWished("look", new Wish(75, "Ada", "finish", "", null, null, true, true, false)));
        BenchTask look = left().task("look").orElseThrow();
        assertThat(look.minutes().median()).isEqualTo(75);
        assertThat(look.skill()).isEqualTo("finish");
        assertThat(look.wish().first()).isTrue();
    }

    @Test
    void anotherWishIsTriedAsIfItStoodInTheLogAndLeavesNothingOfTheOneBefore() {
        double plain = left().task("look").orElseThrow().minutes().median();
        logs.add(new WishEntry.TaskWished("look", new Wish(75, "", "finish", "", null, null, false, false, false)));
        BenchTask again = TasksLeft.of(logs.stands().wishing("look", Wish.NONE), KnownHere.NOTHING)
                .task("look")
                .orElseThrow();
        assertThat(again.minutes().median()).isEqualTo(plain);
        assertThat(again.skill()).isEqualTo(BenchTask.GENERAL);
        assertThat(left().task("look").orElseThrow().skill()).isEqualTo("finish");
    }

    @Test
    void aPieceOfTheSameNameIsNeededAtEachPartByItself() {
        checked().add(Logs.off("cover", true), Logs.off("ring", false));
        logs.put(new PartsEntry.NeedOpened(PartName.of("cover"), "a washer", "washer"));
        logs.put(new PartsEntry.NeedOpened(PartName.of("ring"), "a washer", "washer"));
        logs.put(new PartsEntry.NeedOpened(PartName.of("ring"), "another word of it", "washer"));
        assertThat(ids()).doesNotHaveDuplicates().contains("part-cover-washer", "part-ring-washer");
    }

    @Test
    void aCameraAtTheCounterNeedsAllThatOneThatCameInDoes() {
        JobTasks newcomer = Newcomer.tasks(Logs.received().camera(), null, Logs.SHOP, KnownHere.NOTHING, Logs.START);
        assertThat(newcomer.tag()).isEqualTo(Newcomer.TAG);
        assertThat(newcomer.tasks().stream().map(BenchTask::id)).containsExactlyElementsOf(ids());
        assertThat(newcomer.handMinutes()).isGreaterThan(100);
    }

    @Test
    void whatSomebodySitsAtRunsAndWhatWasSatAtItIsTakenOff() {
        checked().add(Logs.off("cover", true));
        double before = left().task("look").orElseThrow().minutes().median();
        logs.add(new SittingEntry.SatDown(Stop.FIND, "")).after(6);
        BenchTask look = left().task("look").orElseThrow();
        assertThat(look.runs().orElseThrow().started()).isEqualTo(logs.now().minus(Duration.ofMinutes(6)));
        assertThat(look.by()).isEqualTo("Ada");
        assertThat(look.minutes().median()).isNotCloseTo(before, within(0.01));
        logs.after(SittingTime.LONGEST_SITTING.toMinutes());
        assertThat(left().task("look").orElseThrow().runs()).as("forgotten").isEmpty();
    }

    @Test
    void workThatCannotBeDoneYetIsWorkOfItsOwn() {
        checked().add(Logs.off("cover", true));
        logs.add(new SittingEntry.SatDown(Stop.PROVE, ""));
        BenchTask sitting = left().task("sitting").orElseThrow();
        assertThat(sitting.runs()).isPresent();
        assertThat(left().task("prove").orElseThrow().runs()).isEmpty();
    }

    @Test
    void nobodySitsAtTwoCamerasAtOnce() {
        checked().add(Logs.off("cover", true)).add(new SittingEntry.SatDown(Stop.FIND, ""));
        Logs other = Logs.camera().after(10);
        other.add(new IntakeEntry.FunctionChecked(Named.of("winding"), FunctionResult.WORKS, ""));
        other.add(new SittingEntry.SatDown(Stop.STRIP, "")).after(5);
        logs.after(15);
        List<JobTasks> both = TasksLeft.of(List.of(logs.stands(), other.stands()), KnownHere.NOTHING);
        assertThat(both.get(0).tasks().stream()
                        .anyMatch(one -> one.byHand() && one.runs().isPresent()))
                .isFalse();
        assertThat(both.get(1).task("open").orElseThrow().runs()).isPresent();
    }

    @Test
    void aLongWayBackIsPartedIntoStretchesThatFitADay() {
        checked();
        for (int at = 0; at < 40; at++) {
            logs.put(Logs.off("part " + at, false));
        }
        logs.put(new FindEntry.CauseConfirmed(Named.of("gummed train"), "seen under the loupe"));
        List<BenchTask> refit =
                left().tasks().stream().filter(one -> one.work() == Work.REFIT).toList();
        assertThat(refit).hasSizeGreaterThan(1);
        assertThat(refit).allSatisfy(one -> assertThat(one.minutes().median()).isLessThanOrEqualTo(90));
        double all = refit.stream().mapToDouble(one -> one.minutes().median()).sum();
        assertThat(all).isCloseTo(logs.stands().wayBack().hands().toSeconds() / 60.0, within(1.0));
    }

    @Test
    void noTaskComesAfterOneThatIsNotThere() {
        checked().add(Logs.off("cover", true), Logs.off("ring", false));
        logs.put(new FindEntry.CauseConfirmed(Named.of("gummed train"), "seen under the loupe"));
        logs.add(new PartsEntry.NeedOpened(PartName.of("cover"), "a new one"));
        logs.put(new OfferEntry.OwnerAsked("new leather?"));
        logs.add(new TreatEntry.WaitStarted(PartName.of("ring"), Named.of("rest"), 120, 0, "", ""));
        List<String> ids = ids();
        assertThat(ids).doesNotHaveDuplicates();
        List<String> seen = new java.util.ArrayList<>();
        for (BenchTask one : left().tasks()) {
            assertThat(seen)
                    .containsAll(one.after().stream().map(BenchTask.Comes::task).toList());
            seen.add(one.id());
        }
    }
}
