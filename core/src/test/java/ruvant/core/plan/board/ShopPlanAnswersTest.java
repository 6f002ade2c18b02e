package ruvant.core.plan.board;

import static org.assertj.core.api.Assertions.assertThat;
import static ruvant.core.plan.board.AShop.NINE;
import static ruvant.core.plan.board.AShop.TODAY;
import static ruvant.core.plan.board.AShop.by;
import static ruvant.core.plan.board.AShop.pinned;
import static ruvant.core.plan.board.AShop.rest;
import static ruvant.core.plan.board.AShop.running;
import static ruvant.core.plan.board.AShop.time;
import static ruvant.core.plan.board.AShop.tomorrow;
import static ruvant.core.plan.board.AShop.work;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Urgency;
import ruvant.core.wish.Wish;

class ShopPlanAnswersTest {
    private final AShop shop = new AShop().person("Ada");

    @Nested
    class WhatIsForOnePerson {
        private Today today(Instant at) {
            return Today.of(shop.at(at).plan(), shop.hours(), "Ada", at);
        }

        @Test
        void nowNextAndHowLongUntilTheBreak() {
            shop.camera(1, TODAY, work("a", 60), work("b", 30, "a")).camera(2, TODAY.plusDays(4), work("a", 150));
            Today today = today(NINE);
            assertThat(today.working()).isTrue();
            assertThat(today.until()).contains(time(12, 0));
            assertThat(today.closes()).contains(time(17, 0));
            assertThat(today.now().orElseThrow().id()).isEqualTo("R-0001/a");
            assertThat(today.next()).extracting(Planned::id).containsExactly("R-0001/b", "R-0002/a");
        }

        @Test
        void whatRunsIsNowAndWaitsAreTold() {
            shop.camera(1, TODAY, running(work("a", 60), NINE.minusSeconds(60), time(9, 50), "Ada"), work("b", 30, "a"))
                    .camera(
                            2,
                            TODAY,
                            running(rest("r", 60, ""), NINE.minusSeconds(600), time(9, 50), ""),
                            work("out", 5, "r"));
            Today today = today(NINE);
            assertThat(today.now().orElseThrow().id()).isEqualTo("R-0001/a");
            assertThat(today.waits()).extracting(Planned::id).containsExactly("R-0002/r");
        }

        @Test
        void whatFitsIsReadyCanBeDoneByThemAndEndsInTime() {
            shop.camera(1, TODAY, Urgency.URGENT, work("a", 20))
                    .camera(2, null, work("short", 25), work("later", 10, "short"))
                    .camera(3, null, work("long", 90))
                    .camera(4, null, work("theirs", 10).wished(by("Ben")))
                    .camera(
                            5,
                            null,
                            work("held", 10)
                                    .wished(new Wish(null, "", "", "", time(15, 0), null, false, false, false)));
            Today today = today(time(11, 20));
            assertThat(today.fits()).extracting(Planned::id).containsExactly("R-0002/short");
        }

        @Test
        void outOfHoursItSaysWhenWorkBegins() {
            shop.camera(1, TODAY, work("a", 20));
            Today night = today(time(20, 0));
            assertThat(night.working()).isFalse();
            assertThat(night.until()).isEmpty();
            assertThat(night.opens()).contains(tomorrow(9, 0));
            assertThat(night.now()).isEmpty();
            assertThat(night.fits()).isEmpty();
            assertThat(today(time(12, 30)).now()).isPresent();
        }

        @Test
        void whoIsUnknownHasNothingToDo() {
            Today nobody = Today.of(shop.camera(1, TODAY, work("a", 20)).plan(), shop.hours(), "Zoe", NINE);
            assertThat(nobody.now()).isEmpty();
            assertThat(nobody.opens()).isEmpty();
        }
    }

    @Nested
    class WhatMovedSince {
        @Test
        void anUrgentCameraMovesOthersAndMakesOneLate() {
            shop.camera(1, TODAY, work("a", 170), work("b", 230, "a"));
            ShopPlan before = shop.plan();
            shop.after(before).camera(2, TODAY, Urgency.URGENT, work("x", 240));
            ShopPlan after = shop.plan();
            WhatMoved moved = WhatMoved.between(before, after);
            assertThat(moved.done()).singleElement().satisfies(one -> {
                assertThat(one.tag()).isEqualTo(new TagNumber(1));
                assertThat(one.was()).contains(TODAY);
                assertThat(one.is()).contains(TODAY.plusDays(1));
                assertThat(one.late()).isTrue();
            });
        }

        @Test
        void nothingMovedWhereThePlanIsTheSameOrTimeWentByAMoment() {
            shop.camera(1, TODAY, work("a", 60), work("b", 30, "a"));
            ShopPlan before = shop.plan();
            assertThat(WhatMoved.between(before, before).nothing()).isTrue();
            ShopPlan later = shop.after(before).at(NINE.plusSeconds(300)).plan();
            assertThat(WhatMoved.between(before, later).nothing()).isTrue();
        }

        @Test
        void anotherPersonIsTold() {
            shop.person("Ben").camera(1, TODAY, work("a", 60).wished(by("Ada")));
            ShopPlan before = shop.plan();
            ShopPlan after = shop.off("Ada", 1).plan();
            assertThat(WhatMoved.between(before, after).soon()).singleElement().satisfies(one -> {
                assertThat(one.was()).isEqualTo(NINE);
                assertThat(one.is()).isEqualTo(tomorrow(9, 0));
            });
        }

        @Test
        void aCameraThatIsPlannedNoMoreHasNoEnd() {
            shop.camera(1, TODAY, work("a", 60));
            ShopPlan before = shop.plan();
            shop.camera(1, TODAY, work("a", 60).wished(new Wish(null, "", "", "", null, null, false, false, true)));
            WhatMoved moved = WhatMoved.between(before, shop.plan());
            assertThat(moved.done().getFirst().is()).isEmpty();
        }
    }

    @Nested
    class WhatCannotBeMet {
        private List<WishConflicts.Conflict> conflicts() {
            ShopPlan plan = shop.plan();
            return WishConflicts.of(shop.ask(), plan, shop.reasons(plan));
        }

        @Test
        void aPinOutsideAllHoursConflictsWithNothingElse() {
            shop.camera(1, TODAY, work("a", 30).wished(pinned(time(18, 0))))
                    .camera(2, TODAY, work("b", 30).wished(pinned(time(10, 0))));
            assertThat(conflicts()).singleElement().satisfies(one -> {
                assertThat(one.wishes()).extracting(wish -> wish.task().id()).containsExactly("a");
                assertThat(one.planned().start()).isEqualTo(tomorrow(9, 0));
                assertThat(one.why().orElseThrow().kind()).isEqualTo(Reason.Kind.NOBODY_WORKS);
            });
        }

        @Test
        void twoPinsOfOnePersonAtOneTimeConflictWithEachOtherAndWithNoThird() {
            shop.camera(1, TODAY, work("a", 60).wished(pinned(time(10, 0))))
                    .camera(2, TODAY, work("b", 60).wished(pinned(time(10, 30))))
                    .camera(3, TODAY, work("c", 60).wished(pinned(time(14, 0))));
            assertThat(conflicts()).hasSize(1);
            assertThat(conflicts().getFirst().wishes())
                    .extracting(wish -> wish.task().id())
                    .containsExactlyInAnyOrder("a", "b");
        }

        @Test
        void aPinBeforeWhatItComesAfterCanBeDoneIsAloneToBlame() {
            shop.camera(1, TODAY, work("a", 120), work("b", 30, "a").wished(pinned(time(10, 0))));
            assertThat(conflicts())
                    .singleElement()
                    .satisfies(one -> assertThat(one.wishes()).hasSize(1));
        }

        @Test
        void aPinThatNeedsAThirdOfThreeIsFoundWithBoth() {
            shop.person("Ben")
                    .camera(1, TODAY, work("a", 60).wished(pinned(time(10, 0))))
                    .camera(2, TODAY, work("b", 60).wished(pinned(time(10, 0))))
                    .camera(3, TODAY, work("c", 60).wished(pinned(time(10, 0))));
            assertThat(conflicts())
                    .singleElement()
                    .satisfies(one -> assertThat(one.wishes()).hasSize(3));
        }

        @Test
        void whereAllIsMetThereIsNothingToSay() {
            shop.camera(1, TODAY, work("a", 60).wished(pinned(time(10, 0))));
            assertThat(conflicts()).isEmpty();
        }
    }
}
