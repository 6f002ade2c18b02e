package ruvant.core.plan.board;

import static org.assertj.core.api.Assertions.assertThat;
import static ruvant.core.plan.board.AShop.NINE;
import static ruvant.core.plan.board.AShop.TODAY;
import static ruvant.core.plan.board.AShop.arrival;
import static ruvant.core.plan.board.AShop.by;
import static ruvant.core.plan.board.AShop.pinned;
import static ruvant.core.plan.board.AShop.rest;
import static ruvant.core.plan.board.AShop.running;
import static ruvant.core.plan.board.AShop.time;
import static ruvant.core.plan.board.AShop.tomorrow;
import static ruvant.core.plan.board.AShop.within;
import static ruvant.core.plan.board.AShop.work;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.plan.Effort;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Urgency;
import ruvant.core.wish.Wish;

class PlanMakingTest {
    private final AShop shop = new AShop();

    private static Planned of(ShopPlan plan, int tag, String id) {
        return plan.byId().get(new TagNumber(tag) + "/" + id);
    }

    private ShopPlan sound() {
        ShopPlan plan = shop.plan();
        PlanJudgeOfShop.keepsEveryRule(shop.ask(), plan);
        return plan;
    }

    @Test
    void oneCameraIsWorkedThroughWithItsWait() {
        ShopPlan plan = shop.person("Ada")
                .station("bath", 1)
                .camera(1, TODAY, work("open", 30), rest("soak", 240, "bath", "open"), work("close", 60, "soak"))
                .plan();
        assertThat(of(plan, 1, "open").start()).isEqualTo(NINE);
        assertThat(of(plan, 1, "soak").start()).isEqualTo(time(9, 30));
        assertThat(of(plan, 1, "close").start()).isEqualTo(time(13, 30));
        assertThat(plan.done(new TagNumber(1))).contains(time(14, 30));
        assertThat(plan.late()).isEmpty();
    }

    @Test
    void theCameraThatIsPromisedSoonerAndTheMoreUrgentComeFirst() {
        ShopPlan plan = shop.person("Ada")
                .camera(1, TODAY.plusDays(9), work("a", 120))
                .camera(2, TODAY, work("a", 120))
                .camera(3, TODAY, Urgency.URGENT, work("a", 170))
                .plan();
        assertThat(of(plan, 3, "a").start()).isEqualTo(NINE);
        assertThat(of(plan, 2, "a").start()).isBefore(of(plan, 1, "a").start());
    }

    @Test
    void withNobodyNothingIsPlannedAndEveryTaskSaysWhy() {
        ShopPlan plan = shop.camera(1, TODAY, work("a", 20), work("b", 20, "a")).plan();
        assertThat(plan.tasks()).isEmpty();
        assertThat(plan.left())
                .extracting(one -> one.why().getClass().getSimpleName())
                .containsExactly("NobodyWorks", "AfterOther");
        assertThat(plan.done(new TagNumber(1))).isEmpty();
    }

    @Test
    void withNothingToDoThePlanIsEmpty() {
        assertThat(shop.person("Ada").plan().tasks()).isEmpty();
    }

    @Test
    void whatIsAsideOrAskedOfSomebodyWhoIsNotHereIsLeftOut() {
        ShopPlan plan = shop.person("Ada", "general")
                .camera(
                        1,
                        TODAY,
                        work("a", 20).wished(new Wish(null, "", "", "", null, null, false, false, true)),
                        work("b", 20, "a"))
                .camera(2, TODAY, work("a", 20).wished(by("Ben")))
                .camera(
                        3,
                        TODAY,
                        work("a", 20).wished(new Wish(null, "", "electronics", "", null, null, false, false, false)))
                .camera(4, TODAY, work("a", 10), rest("r", 30, "oven", "a"))
                .camera(5, TODAY, work("a", 20))
                .plan();
        assertThat(plan.left())
                .extracting(one -> one.why().getClass().getSimpleName())
                .containsExactly("Aside", "AfterOther", "NotHere", "NobodyCan", "NoStation");
        assertThat(plan.tasks()).extracting(Planned::id).containsExactlyInAnyOrder("R-0004/a", "R-0005/a");
    }

    @Test
    void workLongerThanAnyStretchIsPartedAtTheBreak() {
        ShopPlan plan = shop.person("Ada").camera(1, TODAY, work("long", 400)).plan();
        List<Planned> pieces = plan.of(new TagNumber(1));
        assertThat(pieces).hasSize(2);
        assertThat(pieces).extracting(Planned::pieces).containsOnly(2);
        Duration all = pieces.stream()
                .map(one -> Duration.between(one.start(), one.end()))
                .reduce(Duration.ZERO, Duration::plus);
        assertThat(all).isEqualTo(Duration.ofMinutes(400));
    }

    @Test
    void aTaskIsDoneByWhoIsAskedForAndInTheMorningWhereThatIsWished() {
        shop.person("Ada")
                .person("Ben")
                .camera(1, TODAY, work("a", 100).wished(by("Ben")))
                .camera(
                        2,
                        TODAY,
                        work("a", 150)
                                .wished(by("Ben"))
                                .wished(new Wish(null, "Ben", "", "", null, null, true, false, false)));
        ShopPlan plan = sound();
        assertThat(of(plan, 1, "a").person()).contains("Ben");
        assertThat(of(plan, 2, "a").person()).contains("Ben");
    }

    @Test
    void aPinHoldsTheTimeAndWhatMustComeBeforeIsDoneByThen() {
        shop.person("Ada")
                .camera(1, TODAY.plusDays(9), work("a", 60), work("b", 60, "a").wished(pinned(time(14, 0))))
                .camera(2, TODAY, work("a", 170))
                .camera(3, TODAY, work("a", 100));
        ShopPlan plan = sound();
        assertThat(of(plan, 1, "b").start()).isEqualTo(time(14, 0));
        assertThat(of(plan, 1, "a").end()).isBeforeOrEqualTo(time(14, 0));
    }

    @Test
    void whatIsPutFirstIsFirstWhateverWasPromised() {
        Wish first = new Wish(null, "", "", "", null, null, false, true, false);
        ShopPlan plan = shop.person("Ada")
                .camera(1, TODAY, Urgency.URGENT, work("a", 90))
                .camera(2, null, work("a", 90).wished(first))
                .plan();
        assertThat(of(plan, 2, "a").start()).isEqualTo(NINE);
    }

    @Test
    void whatRunsGoesOnAndNobodyIsAskedForTwoThings() {
        shop.person("Ada")
                .station("bath", 1)
                .camera(
                        1,
                        TODAY,
                        running(work("a", 30), NINE.minusSeconds(600), time(9, 40), "ada"),
                        work("b", 30, "a"))
                .camera(
                        2,
                        TODAY,
                        running(rest("soak", 90, "bath"), NINE.minusSeconds(1200), time(10, 10), ""),
                        work("out", 5, "soak"))
                .camera(3, TODAY, work("in", 10), rest("soak", 60, "bath", "in"));
        ShopPlan plan = sound();
        assertThat(of(plan, 1, "a").start()).isEqualTo(NINE.minusSeconds(600));
        assertThat(of(plan, 3, "in").start()).isAfterOrEqualTo(time(9, 40));
        assertThat(of(plan, 3, "soak").start()).isAfterOrEqualTo(time(10, 10));
        assertThat(of(plan, 2, "out").start()).isAfterOrEqualTo(time(10, 10));
    }

    @Test
    void aRunningWaitThatIsPastItsLatestIsTakenCareOfBeforeAnythingElse() {
        ShopPlan plan = shop.person("Ada")
                .camera(
                        1,
                        null,
                        running(rest("coat", 60, ""), NINE.minusSeconds(9_000), NINE.minusSeconds(5_400), ""),
                        within(work("next", 15), "coat", 30))
                .camera(2, TODAY, Urgency.URGENT, work("a", 120))
                .plan();
        assertThat(of(plan, 1, "next").start()).isEqualTo(NINE);
    }

    @Test
    void aChainOfCoatsIsLaidSoThatNoCoatComesTooLate() {
        shop.person("Ada")
                .camera(
                        1,
                        TODAY.plusDays(2),
                        work("prime", 20),
                        rest("dry", 45, "", "prime"),
                        within(work("coat", 20), "dry", 60),
                        rest("dry2", 120, "", "coat"),
                        within(work("coat2", 20), "dry2", 240))
                .camera(2, TODAY, work("a", 170))
                .camera(3, TODAY, work("a", 200));
        sound();
    }

    @Test
    void whatCanNeverFollowInTimeDoesNotHoldUpTheRest() {
        ShopPlan plan = shop.person("Ada")
                .camera(1, TODAY, work("a", 20), rest("night", 60 * 13, "", "a"), within(work("b", 200), "night", 1))
                .camera(2, TODAY, work("a", 20))
                .plan();
        assertThat(plan.byId()).containsKey("R-0002/a");
        if (!plan.byId().containsKey("R-0001/b")) {
            assertThat(plan.left()).anyMatch(one -> one.why() instanceof NotPlanned.Why.NoRoom);
        }
    }

    @Test
    void arrivalsHoldUpWhatWaitsForThemOnly() {
        ShopPlan plan = shop.person("Ada")
                .camera(
                        1,
                        TODAY.plusDays(5),
                        arrival("p", tomorrow(10, 0), true),
                        work("fit", 30, "p"),
                        work("look", 30))
                .plan();
        assertThat(of(plan, 1, "look").start()).isEqualTo(NINE);
        assertThat(of(plan, 1, "fit").start()).isAfterOrEqualTo(tomorrow(10, 0));
    }

    @Test
    void whatWasAboutToStartStaysWhereItWas() {
        shop.person("Ada").camera(1, TODAY.plusDays(4), work("a", 60)).camera(2, TODAY.plusDays(4), work("a", 60));
        ShopPlan before = shop.plan();
        ShopPlan plan =
                shop.after(before).camera(3, TODAY.plusDays(3), work("a", 60)).plan();
        assertThat(of(plan, 1, "a").start()).isEqualTo(of(before, 1, "a").start());
        assertThat(of(plan, 2, "a").start()).isEqualTo(of(before, 2, "a").start());
    }

    @ParameterizedTest
    @ValueSource(ints = {31, 32, 33, 34})
    void aPlanThatWasFoundOnceIsNotSearchedForAgain(int seed) {
        AShop any = new AShop().person("Ada").person("Ben").station("bath", 1);
        Random random = new Random(seed);
        for (int tag = 1; tag <= 14; tag++) {
            any.camera(
                    tag,
                    TODAY.plusDays(random.nextInt(6)),
                    work("a", 20 + random.nextInt(120)),
                    rest("r", 30 + random.nextInt(600), random.nextBoolean() ? "bath" : "", "a"),
                    work("b", 20 + random.nextInt(120), "r"));
        }
        PlanMaking searched = new PlanMaking(any.ask(), seed);
        searched.improve(Effort.rounds(20_000));
        any.after(searched.plan());
        assertThat(new PlanMaking(any.ask(), seed).lateness()).isLessThanOrEqualTo(searched.lateness());
    }

    @Test
    void daysOffAreFree() {
        shop.person("Ada")
                .person("Ben")
                .off("Ada", 2)
                .camera(1, TODAY, work("a", 60))
                .camera(2, TODAY, work("a", 60));
        ShopPlan plan = sound();
        assertThat(plan.by("Ada").stream().filter(one -> one.start().isBefore(tomorrow(23, 0))))
                .isEmpty();
    }

    @Test
    void theSameShopIsPlannedTheSameWay() {
        AShop random = randomShop(new Random(7), 9);
        PlanMaking one = new PlanMaking(random.ask(), 3);
        one.improve(Effort.rounds(3_000));
        PlanMaking two = new PlanMaking(random.ask(), 3);
        two.improve(Effort.rounds(3_000));
        assertThat(one.plan().tasks()).isEqualTo(two.plan().tasks());
        PlanJudgeOfShop.keepsEveryRule(random.ask(), one.plan());
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void noPlanOfAnyShopBreaksARule(int seed) {
        Random random = new Random(seed);
        AShop any = randomShop(random, 1 + random.nextInt(14));
        PlanMaking making = new PlanMaking(any.ask(), seed);
        PlanJudgeOfShop.keepsEveryRule(any.ask(), making.plan());
        making.improve(Effort.rounds(400));
        PlanJudgeOfShop.keepsEveryRule(any.ask(), making.plan());
    }

    /** Any shop: up to three people, now a weekend, now the night in which the clocks change. */
    private static AShop randomShop(Random random, int cameras) {
        AShop any = new AShop();
        String[] skills = {"general", "electronics", "finish"};
        int people = random.nextInt(4);
        for (int at = 0; at < people; at++) {
            any.person(
                    "P" + at,
                    at == 0 || random.nextBoolean() ? new String[0] : new String[] {skills[random.nextInt(3)]});
        }
        any.station("bath", 1).station("box", 1 + random.nextInt(3));
        if (random.nextInt(3) == 0) {
            any.off("P0", 1 + random.nextInt(4));
        }
        Instant[] moments = {
            NINE,
            NINE.plusSeconds(60L * random.nextInt(20_000)),
            Instant.parse("2031-03-29T16:10:00Z"),
            Instant.parse("2031-10-25T14:00:00Z")
        };
        any.at(moments[random.nextInt(moments.length)]);
        for (int tag = 1; tag <= cameras; tag++) {
            List<BenchTask> tasks = new ArrayList<>();
            String last = "";
            for (int at = 0; at < 1 + random.nextInt(6); at++) {
                String id = "t" + at;
                BenchTask task;
                if (!last.isEmpty() && random.nextInt(3) == 0) {
                    task = rest(
                            id,
                            1 + random.nextInt(2_000),
                            random.nextInt(2) == 0 ? "" : random.nextInt(2) == 0 ? "bath" : "box",
                            last);
                } else {
                    task = last.isEmpty() ? work(id, 1 + random.nextInt(200)) : work(id, 1 + random.nextInt(200), last);
                    task = task.wished(wish(random));
                }
                tasks.add(task);
                last = id;
            }
            any.camera(
                    tag,
                    random.nextBoolean() ? null : TODAY.plusDays(random.nextInt(20)),
                    tasks.toArray(new BenchTask[0]));
        }
        return any;
    }

    private static Wish wish(Random random) {
        return switch (random.nextInt(9)) {
            case 0 -> by("P1");
            case 1 -> new Wish(null, "", "", "", null, null, true, false, false);
            case 2 ->
                new Wish(null, "", "", "", NINE.plusSeconds(3_600L * random.nextInt(100)), null, false, false, false);
            case 3 -> new Wish(null, "", "electronics", "", null, null, false, false, false);
            case 4 -> new Wish(1 + random.nextInt(600), "", "", "", null, null, false, true, false);
            default -> Wish.NONE;
        };
    }
}
