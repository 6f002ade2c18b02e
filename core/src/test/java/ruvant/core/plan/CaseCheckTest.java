package ruvant.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CaseCheckTest {
    private static PlanCase of(PlanCase.Task... tasks) {
        return RandomBench.small(List.of(new PlanCase.Job("J", 0, 1_000, 1, List.of(tasks))), Map.of());
    }

    private static void refused(PlanCase of, String why) {
        assertThatThrownBy(() -> CaseCheck.sound(of)).hasMessage(why);
    }

    @Test
    void tasksArePutAfterThoseThatTheyWaitFor() {
        PlanCase sound = CaseCheck.sound(
                of(RandomBench.task("b", true, 10, new PlanCase.After("a", null)), RandomBench.task("a", true, 10)));
        assertThat(sound.jobs().getFirst().tasks())
                .extracting(PlanCase.Task::id)
                .containsExactly("a", "b");
    }

    @Test
    void tasksThatWaitForOneAnotherAreNamed() {
        refused(
                of(
                        RandomBench.task("a", true, 10, new PlanCase.After("b", null)),
                        RandomBench.task("b", true, 10, new PlanCase.After("a", null))),
                "In job J these tasks wait for one another: a, b.");
    }

    @Test
    void aTaskLongerThanEveryStretchOfWorkIsRefusedWithTheLongestStretch() {
        refused(
                of(RandomBench.task("a", true, 241)),
                "a takes 241 min, and nobody who can do it works longer than 240 min without a break.");
    }

    @Test
    void aSkillThatNobodyHasIsRefused() {
        refused(
                of(new PlanCase.Task("a", "", true, 10, "gilding", "", false, 0, List.of())),
                "a needs the skill “gilding”, which nobody has.");
    }

    @Test
    void aStationThatIsNotThereIsRefused() {
        refused(
                of(new PlanCase.Task("a", "", false, 10, "", "kiln", false, 0, List.of())),
                "a needs the station “kiln”, which is not there.");
    }

    @Test
    void aPairThatCanNeverMeetItsGapIsRefusedWithTheGap() {
        PlanCase.Task soak = new PlanCase.Task("soak", "", false, 800, "", "", true, 0, List.of());
        PlanCase.Task press = RandomBench.task("press", true, 30, new PlanCase.After("soak", 15));
        // put in between 540 and 1050, it ends at night; the first hour that somebody works again is 1980
        refused(of(soak, press), "press must start within 15 min after soak, and nobody works at any such time.");
        assertThat(CaseCheck.sound(of(soak, RandomBench.task("press", true, 30, new PlanCase.After("soak", 600)))))
                .isNotNull();
    }

    @Test
    void windowsThatOverlapOrHaveNoLengthAreRefused() {
        PlanCase one = of(RandomBench.task("a", true, 10));
        PlanCase overlapping = new PlanCase(
                0,
                one.horizon(),
                List.of(new PlanCase.Hand(
                        "A", Set.of("general"), List.of(new PlanCase.Span(0, 100), new PlanCase.Span(90, 200)))),
                List.of(),
                one.open(),
                one.jobs(),
                Map.of(),
                Map.of(),
                one.stability(),
                one.objective());
        refused(overlapping, "The window from 90 to 200 overlaps the one before it.");
    }

    @Test
    void minutesThatNoCalendarHoldsAreRefused() {
        refused(
                of(RandomBench.task("soak", false, Integer.MAX_VALUE)),
                "2147483647 min at “soak” is outside -5270400 to 5270400 min, ten years.");
    }

    @Test
    void aTaskThatIsThereTwiceIsRefused() {
        refused(of(RandomBench.task("a", true, 10), RandomBench.task("a", true, 20)), "The task a is there twice.");
    }

    @Test
    void whatIsFixedMustBeInAJob() {
        PlanCase of = RandomBench.small(
                List.of(new PlanCase.Job("J", 0, 1_000, 1, List.of(RandomBench.task("a", true, 10)))),
                Map.of("ghost", new PlanCase.Placed(0, 10, RandomBench.nobody())));
        refused(of, "The fixed task ghost is in no job.");
    }
}
