package ruvant.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static ruvant.core.shelf.ShelfLog.FIRST;
import static ruvant.core.shelf.ShelfLog.SECOND;
import static ruvant.core.shelf.ShelfLog.need;
import static ruvant.core.shelf.ShelfLog.stock;

import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.log.RecordEntry;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.Fastener;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;

class ShelfRoomTest {
    private static final ForNeed ONE = need(61, "retard pinion");
    private static final ForNeed OTHER = need(62, "retard pinion");

    private final ShelfLog shelf = new ShelfLog();

    private ShelfPicture.StockHeld held(UUID id) {
        return shelf.picture().stock(id).orElseThrow();
    }

    @Test
    void whatIsKeptForOneCameraIsNotTakenForAnother() {
        UUID pinions = shelf.add(new ShelfEntry.StockAdded(stock("retard pinion", FIRST, Condition.CHECKED), 2));
        shelf.add(new ShelfEntry.Reserved(Thing.stock(pinions), ONE, 2));

        assertThat(shelf.refused(new ShelfEntry.Taken(Thing.stock(pinions), OTHER, 1)))
                .get()
                .extracting(Refusal::message)
                .asString()
                .contains("2 for R-0061, retard pinion");

        shelf.add(new ShelfEntry.Taken(Thing.stock(pinions), ONE, 1));
        assertThat(held(pinions).left()).isEqualTo(1);
        assertThat(held(pinions).free()).isZero();
        assertThat(held(pinions).freeFor(ONE)).isEqualTo(1);
        assertThat(shelf.picture().atBench())
                .singleElement()
                .satisfies(one -> assertThat(one.words()).isEqualTo("retard pinion for Pellworm Twin, 1st pattern"));

        shelf.add(new ShelfEntry.Released(Thing.stock(pinions), ONE));
        shelf.add(new ShelfEntry.Taken(Thing.stock(pinions), OTHER, 1));
        assertThat(held(pinions).left()).isZero();
    }

    @Test
    void noMoreIsTakenThanLiesThere() {
        UUID pinions = shelf.add(new ShelfEntry.StockAdded(stock("retard pinion", FIRST, Condition.NEW), 1));
        shelf.add(new ShelfEntry.Taken(Thing.stock(pinions), ONE, 1));

        assertThat(shelf.refused(new ShelfEntry.Taken(Thing.stock(pinions), OTHER, 1)))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("notThere");
        assertThat(shelf.refused(new ShelfEntry.Taken(Thing.stock(UUID.randomUUID()), OTHER, 1)))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("stockUnknown");
    }

    @Test
    void whatComesBackIsThereAgainAndNotTwice() {
        UUID pinions = shelf.add(new ShelfEntry.StockAdded(stock("retard pinion", FIRST, Condition.NEW), 3));
        shelf.add(new ShelfEntry.Taken(Thing.stock(pinions), ONE, 2));
        shelf.add(new ShelfEntry.BackOnShelf(Thing.stock(pinions), ONE, 1, "one was enough"));

        assertThat(held(pinions).left()).isEqualTo(2);
        assertThat(shelf.picture().atBench())
                .singleElement()
                .extracting(ShelfPicture.AtBench::count)
                .isEqualTo(1);
        assertThat(shelf.refused(new ShelfEntry.BackOnShelf(Thing.stock(pinions), ONE, 2, "")))
                .get()
                .extracting(Refusal::message)
                .asString()
                .startsWith("Only 1 of it");
        assertThat(shelf.refused(new ShelfEntry.BackOnShelf(Thing.stock(pinions), OTHER, 1, "")))
                .isPresent();
    }

    @Test
    void aCountSaysByHowMuchThePlaceWasOff() {
        Stock screws =
                new Stock("", CameraKind.ANY, Fastener.slotted(1, 1.4, 3), "", Condition.NEW, "tin 2", "", 10, 20, "");
        UUID id = shelf.add(new ShelfEntry.StockAdded(screws, 40));
        shelf.add(new ShelfEntry.StockCounted(id, 17));

        assertThat(held(id).left()).isEqualTo(17);
        assertThat(held(id).off()).isEqualTo(-23);
        assertThat(held(id).low()).isTrue();
        assertThat(held(id).stock().name()).isEqualTo("slotted screw 1.4 × 3.0");
        shelf.add(new ShelfEntry.StockRefilled(id, 30, "the old tin"));
        assertThat(held(id).low()).isFalse();
    }

    @Test
    void whatIsKeptIsNotThereWhereACountFoundNone() {
        UUID pinions = shelf.add(new ShelfEntry.StockAdded(stock("retard pinion", FIRST, Condition.NEW), 1));
        shelf.add(new ShelfEntry.Reserved(Thing.stock(pinions), ONE, 1));
        shelf.add(new ShelfEntry.StockCounted(pinions, 0));

        assertThat(held(pinions).freeFor(ONE)).isZero();
        assertThat(shelf.refused(new ShelfEntry.Taken(Thing.stock(pinions), ONE, 1)))
                .get()
                .extracting(Refusal::message)
                .asString()
                .contains("none is left");
    }

    /** Whatever is said, in whatever order: nothing is there less than not at all, and what was taken adds up. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void noOrderOfLinesLeavesLessThanNothing(long seed) {
        Random random = new Random(seed);
        UUID stock = shelf.add(new ShelfEntry.StockAdded(stock("retard pinion", FIRST, Condition.NEW), 5));
        UUID donor = shelf.add(new ShelfEntry.DonorShelved(ShelfLog.donor(new BodyPart("retard pinion", 1, 1))));
        int taken = 0;
        int there = 5;
        for (int n = 0; n < 300; n++) {
            Thing thing = random.nextInt(4) == 0 ? new Thing(donor, "retard pinion") : Thing.stock(stock);
            ForNeed need = random.nextBoolean() ? ONE : OTHER;
            int count = thing.isOfDonor() ? 1 : 1 + random.nextInt(3);
            ShelfEntry entry = switch (random.nextInt(5)) {
                case 0 -> new ShelfEntry.Reserved(thing, need, count);
                case 1 -> new ShelfEntry.Released(thing, need);
                case 2 -> new ShelfEntry.Taken(thing, need, count);
                case 3 -> new ShelfEntry.BackOnShelf(thing, need, count, "");
                default -> new ShelfEntry.StockRefilled(stock, 1, "");
            };
            if (shelf.refused(entry).isPresent()) {
                continue;
            }
            shelf.add(entry);
            there += entry instanceof ShelfEntry.StockRefilled ? 1 : 0;
            if (!thing.isOfDonor()) {
                taken += entry instanceof ShelfEntry.Taken
                        ? count
                        : entry instanceof ShelfEntry.BackOnShelf ? -count : 0;
            }
            ShelfPicture.StockHeld held = held(stock);
            assertThat(held.left()).isEqualTo(there - taken).isNotNegative();
            assertThat(held.freeFor(ONE)).isBetween(held.free(), held.left());
            assertThat(shelf.picture().atBench().stream()
                            .filter(one -> !one.thing().isOfDonor())
                            .mapToInt(ShelfPicture.AtBench::count)
                            .sum())
                    .isEqualTo(taken);
        }
    }

    @Test
    void aDonorGivesEachPartOnce() {
        UUID donor = shelf.add(new ShelfEntry.DonorShelved(
                ShelfLog.donor(new BodyPart("retard pinion", 1500, 20), new BodyPart("cocking ring", 2500, 30))));
        Thing pinion = new Thing(donor, "Retard  pinion");
        shelf.add(new ShelfEntry.Reserved(pinion, ONE, 1));

        assertThat(shelf.refused(new ShelfEntry.Taken(pinion, OTHER, 1)))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("keptForAnother");
        shelf.add(new ShelfEntry.Taken(pinion, ONE, 1));
        assertThat(shelf.refused(new ShelfEntry.Taken(pinion, OTHER, 1)))
                .get()
                .extracting(Refusal::message)
                .asString()
                .contains("taken for R-0061");
        assertThat(shelf.refused(new ShelfEntry.Taken(new Thing(donor, "film door"), OTHER, 1)))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("partUnknown");
        ShelfPicture.DonorHeld body = shelf.picture().donor(donor).orElseThrow();
        assertThat(body.opened()).isTrue();
        assertThat(body.left()).isEqualTo(1);

        shelf.add(new ShelfEntry.BackOnShelf(pinion, ONE, 1, "teeth worn"));
        assertThat(shelf.picture().donor(donor).orElseThrow().left()).isEqualTo(2);
        shelf.add(new ShelfEntry.DonorPartSeen(donor, "retard pinion", PartState.BROKEN, "teeth worn"));
        assertThat(shelf.refused(new ShelfEntry.Taken(pinion, ONE, 1)))
                .get()
                .extracting(Refusal::message)
                .asString()
                .contains("broken");
    }

    @Test
    void aNewPartsListKeepsWhatIsTakenAndAGoneDonorGivesNothing() {
        UUID donor = shelf.add(new ShelfEntry.DonorShelved(
                ShelfLog.donor(new BodyPart("retard pinion", 1500, 20), new BodyPart("cocking ring", 2500, 30))));
        Thing pinion = new Thing(donor, "retard pinion");
        shelf.add(new ShelfEntry.Taken(pinion, ONE, 1));

        assertThat(shelf.refused(
                        new ShelfEntry.DonorDescribed(donor, ShelfLog.donor(new BodyPart("cocking ring", 2500, 30)))))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("partInUse");
        shelf.add(new ShelfEntry.DonorGone(donor, "sold for its lens"));
        assertThat(shelf.refused(new ShelfEntry.Reserved(new Thing(donor, "cocking ring"), OTHER, 1)))
                .get()
                .extracting(Refusal::message)
                .asString()
                .contains("sold for its lens");
    }

    @Test
    void anOrderIsUnpackedOntoTheShelfAndKeptForItsNeed() {
        UUID order =
                shelf.add(new ShelfEntry.Ordered("Cobb & Daughters", "P-14", "retard pinion", FIRST, 1, 1400, 5, ONE));
        assertThat(shelf.picture().order(order).orElseThrow().dueAt())
                .isEqualTo(ShelfLog.START.plusSeconds(5 * 86_400));

        UUID pinion = shelf.add(new ShelfEntry.Unpacked(order, true, stock("retard pinion", FIRST, Condition.NEW), 1));
        assertThat(held(pinion).free()).isZero();
        assertThat(held(pinion).freeFor(ONE)).isEqualTo(1);
        assertThat(shelf.refused(new ShelfEntry.OrderEnded(order, "too late")))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("orderNotOpen");
    }

    @Test
    void aWrongPartLiesOnTheShelfForNobody() {
        UUID order =
                shelf.add(new ShelfEntry.Ordered("Cobb & Daughters", "P-14", "retard pinion", FIRST, 1, 1400, 5, ONE));
        UUID pinion =
                shelf.add(new ShelfEntry.Unpacked(order, false, stock("retard pinion", SECOND, Condition.NEW), 1));

        assertThat(held(pinion).free()).isEqualTo(1);
        assertThat(shelf.picture().order(order).orElseThrow().state()).isEqualTo(ShelfPicture.OrderState.WRONG);
    }

    @Test
    void aStrikeIsRefusedWhereALaterLineRestsOnIt() {
        UUID pinions = shelf.add(new ShelfEntry.StockAdded(stock("retard pinion", FIRST, Condition.NEW), 1));
        UUID taken = shelf.add(new ShelfEntry.Taken(Thing.stock(pinions), ONE, 1));

        assertThat(shelf.refused(new RecordEntry.Struck(pinions, "")))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("restsOnIt");
        shelf.add(new RecordEntry.Struck(taken, "wrong drawer"));
        assertThat(held(pinions).left()).isEqualTo(1);
        assertThat(shelf.refused(new RecordEntry.Struck(taken, "")))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("struckTwice");
        shelf.add(new RecordEntry.Struck(pinions, ""));
        assertThat(shelf.picture().stock()).isEmpty();
    }

    @Test
    void whatIsStatedAgainReplacesWhatWasStated() {
        shelf.add(new ShelfEntry.FitStated(new StatedFit("", FIRST, SECOND, StatedFit.Strength.MOSTLY, "")));
        shelf.add(new ShelfEntry.FitStated(new StatedFit("", FIRST, SECOND, StatedFit.Strength.SELDOM, "")));

        assertThat(shelf.picture().stated())
                .extracting(StatedFit::strength)
                .isEqualTo(List.of(StatedFit.Strength.SELDOM));
    }

    @Test
    void badInputIsSaidInTheTradesWords() {
        assertThatThrownBy(() -> ShelfLog.donor(new BodyPart("spring", 0, 5), new BodyPart("the spring", 0, 5)))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("twice");
        assertThatThrownBy(() -> stock(" ", FIRST, Condition.NEW)).hasMessage("The name is empty.");
        assertThatThrownBy(() -> new ShelfEntry.DonorPartSeen(UUID.randomUUID(), "spring", PartState.TAKEN, ""))
                .hasMessageContaining("taken for a camera");
    }
}
