package ruvant.core.plan.board;

import static org.assertj.core.api.Assertions.assertThat;
import static ruvant.core.plan.board.AShop.NINE;
import static ruvant.core.plan.board.AShop.TODAY;
import static ruvant.core.plan.board.AShop.arrival;
import static ruvant.core.plan.board.AShop.pinned;
import static ruvant.core.plan.board.AShop.rest;
import static ruvant.core.plan.board.AShop.running;
import static ruvant.core.plan.board.AShop.time;
import static ruvant.core.plan.board.AShop.tomorrow;
import static ruvant.core.plan.board.AShop.within;
import static ruvant.core.plan.board.AShop.work;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Urgency;
import ruvant.core.wish.Wish;

class ReasonsTest {
    private final AShop shop = new AShop().person("Ada");

    private Reason first(int tag, String id) {
        ShopPlan plan = shop.plan();
        return shop.reasons(plan).first(plan.byId().get(new TagNumber(tag) + "/" + id));
    }

    private Optional<Reason> notEarlier(int tag, String id) {
        ShopPlan plan = shop.plan();
        return shop.reasons(plan).notEarlier(plan.byId().get(new TagNumber(tag) + "/" + id));
    }

    @Test
    void whatStartsARestOverNightSaysUntilWhenNobodyIsThereAnyway() {
        shop.camera(1, TODAY.plusDays(9), work("a", 60), rest("night", 20 * 60, "", "a"), work("b", 20, "night"));
        Reason why = first(1, "a");
        assertThat(why.kind()).isEqualTo(Reason.Kind.RESTS_OVER_CLOSING);
        assertThat(why.until()).contains(tomorrow(9, 0));
        assertThat(why.what()).isEqualTo("rest night");
    }

    @Test
    void aRestThatEndsWhileSomebodyWorksSaysWhen() {
        shop.camera(1, TODAY.plusDays(9), work("a", 30), rest("r", 90, "", "a"), work("b", 20, "r"));
        assertThat(first(1, "a").kind()).isEqualTo(Reason.Kind.STARTS_REST);
        assertThat(first(1, "a").until()).contains(time(11, 0));
    }

    @Test
    void aRestOfAMomentIsNoReason() {
        shop.camera(1, null, work("a", 30), rest("r", 20, "", "a"), work("b", 20, "r"));
        assertThat(first(1, "a").kind()).isEqualTo(Reason.Kind.NOTHING_PRESSES);
    }

    @Test
    void aDayThatIsMissedOrNearlyMissedPresses() {
        shop.camera(1, TODAY.minusDays(1), work("a", 60));
        assertThat(first(1, "a").kind()).isEqualTo(Reason.Kind.LATE);
        shop.camera(2, TODAY, Urgency.URGENT, work("a", 60));
        assertThat(first(2, "a").kind()).isEqualTo(Reason.Kind.LITTLE_TIME);
        assertThat(first(2, "a").day()).contains(TODAY);
        shop.camera(3, TODAY.plusDays(12), work("a", 60));
        assertThat(first(3, "a").kind()).isEqualTo(Reason.Kind.PROMISED);
    }

    @Test
    void whatSomebodySaidComesBeforeWhatThePlanFound() {
        shop.camera(1, TODAY, work("a", 60).wished(new Wish(null, "", "", "", null, null, false, true, false)));
        assertThat(first(1, "a").kind()).isEqualTo(Reason.Kind.FIRST);
        shop.camera(2, TODAY, work("a", 20).wished(pinned(time(15, 0))));
        assertThat(first(2, "a").kind()).isEqualTo(Reason.Kind.PINNED);
        assertThat(notEarlier(2, "a").orElseThrow().kind()).isEqualTo(Reason.Kind.PINNED);
        shop.camera(3, TODAY, running(work("a", 20), NINE.minusSeconds(60), time(9, 20), "Ada"));
        assertThat(first(3, "a").kind()).isEqualTo(Reason.Kind.RUNNING);
        assertThat(notEarlier(3, "a")).isEmpty();
    }

    @Test
    void aCoatHasToBeLaidInTime() {
        shop.camera(1, TODAY.plusDays(3), work("a", 20), rest("r", 45, "", "a"), within(work("b", 20), "r", 120));
        Reason why = first(1, "b");
        assertThat(why.kind()).isEqualTo(Reason.Kind.WINDOW);
        assertThat(why.at()).contains(time(12, 5));
    }

    @Test
    void whatHoldsItBackIsTheLastThingThatDoes() {
        shop.station("bath", 1)
                .camera(
                        1,
                        TODAY.minusDays(1),
                        Urgency.URGENT,
                        work("a", 20),
                        rest("soak", 120, "bath", "a"),
                        work("b", 10, "soak"))
                .camera(2, TODAY.plusDays(9), work("a", 20), rest("soak", 30, "bath", "a"), work("b", 10, "soak"));
        Reason full = notEarlier(2, "soak").orElseThrow();
        assertThat(full.kind()).isEqualTo(Reason.Kind.STATION_FULL);
        assertThat(full.until()).contains(time(11, 20));
        assertThat(notEarlier(2, "b").orElseThrow().kind()).isEqualTo(Reason.Kind.AFTER_WAIT);
        assertThat(notEarlier(1, "a")).isEmpty();
        Reason busy = notEarlier(2, "a").orElseThrow();
        assertThat(busy.kind()).isEqualTo(Reason.Kind.HANDS_BUSY);
        assertThat(busy.tag()).contains(new TagNumber(1));
        assertThat(busy.person()).contains("Ada");
    }

    @Test
    void whatComesFromOutsideSaysWhetherTheDayIsKnown() {
        shop.camera(1, null, arrival("p", tomorrow(10, 0), true), work("fit", 20, "p"))
                .camera(2, null, arrival("p", tomorrow(10, 0), false), work("fit", 20, "p"));
        assertThat(notEarlier(1, "fit").orElseThrow().kind()).isIn(Reason.Kind.AFTER_PARCEL, Reason.Kind.HANDS_BUSY);
        assertThat(notEarlier(2, "p").orElseThrow().kind()).isEqualTo(Reason.Kind.AFTER_GUESS);
        assertThat(notEarlier(1, "p").orElseThrow().kind()).isEqualTo(Reason.Kind.AFTER_PARCEL);
    }

    @Test
    void whereNobodyWorksItSaysWhenSomebodyDoes() {
        shop.camera(1, null, work("a", 180)).camera(2, null, work("a", 235)).camera(3, null, work("a", 180));
        ShopPlan plan = shop.plan();
        Planned last = plan.tasks().getLast();
        assertThat(last.start()).isEqualTo(tomorrow(9, 0));
        Reason why = shop.reasons(plan).notEarlier(last).orElseThrow();
        assertThat(why.kind()).isEqualTo(Reason.Kind.NOBODY_WORKS);
        assertThat(why.at()).contains(tomorrow(9, 0));
    }

    @Test
    void notBeforeIsAReason() {
        shop.camera(1, null, work("a", 20).wished(new Wish(null, "", "", "", time(14, 30), null, false, false, false)));
        assertThat(notEarlier(1, "a").orElseThrow().kind()).isEqualTo(Reason.Kind.NOT_BEFORE);
    }
}
