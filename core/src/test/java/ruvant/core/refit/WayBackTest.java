package ruvant.core.refit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.Logs;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Side;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

class WayBackTest {
    private final Logs logs = Logs.camera();

    private WayBack wayBack(double pace) {
        var picture = logs.picture();
        return WayBack.of(picture.valley(), picture.treat(), logs.now(), pace);
    }

    private static StripEntry.Removed off(String part, Side side, boolean covers, int screws) {
        return new StripEntry.Removed(
                PartName.of(part),
                side,
                covers,
                screws == 0 ? List.of() : List.of(Fastener.slotted(screws, 1.4, 3)),
                List.of(),
                List.of(),
                "",
                null,
                List.of(),
                Set.of(),
                "");
    }

    @Test
    void nothingOutTakesNothing() {
        assertThat(wayBack(1)).isEqualTo(new WayBack(Duration.ZERO, java.util.Optional.empty(), List.of()));
    }

    @Test
    void handsAddUpAndPaceScalesThem() {
        logs.add(off("plate", Side.TOP, true, 4), off("lever", Side.TOP, false, 0));
        assertThat(wayBack(1).hands()).isEqualTo(Duration.ofMinutes(4 + 2 + 4));
        assertThat(wayBack(1.5).hands()).isEqualTo(Duration.ofMinutes(15));
        assertThat(wayBack(1).closedAt()).contains(logs.now().plus(Duration.ofMinutes(10)));
    }

    @Test
    void theChainIsTheOneThatNothingShortens() {
        logs.add(
                off("top cover", Side.TOP, true, 0), off("dial", Side.TOP, true, 0), off("spring", Side.TOP, false, 0));
        logs.add(off("bottom plate", Side.BOTTOM, true, 0));
        assertThat(wayBack(1).chain()).extracting(PartName::text).containsExactly("spring", "dial", "top cover");
    }

    @Test
    void workGoesOnElsewhereWhileSomethingDries() {
        logs.add(off("top cover", Side.TOP, true, 0), off("rail", Side.TOP, false, 0));
        logs.add(off("bottom plate", Side.BOTTOM, false, 0));
        logs.add(new TreatEntry.WaitStarted(PartName.of("rail"), "drying", 60));
        assertThat(wayBack(1).hands()).isEqualTo(Duration.ofMinutes(12));
        assertThat(wayBack(1).closedAt()).contains(logs.now().plus(Duration.ofMinutes(60 + 4 + 4)));
    }

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    /** Closed neither before the hands are done nor before the last wait; never later than both in a row. */
    @ParameterizedTest
    @MethodSource("seeds")
    void isBoundedByHandsAndWaits(int seed) {
        Random random = new Random(seed);
        long longest = 0;
        int parts = 2 + random.nextInt(40);
        for (int i = 0; i < parts; i++) {
            logs.add(off("part " + i, Side.values()[random.nextInt(4)], random.nextInt(3) == 0, random.nextInt(5)));
            if (random.nextInt(4) == 0) {
                int minutes = 1 + random.nextInt(200);
                longest = Math.max(longest, minutes);
                logs.add(new TreatEntry.WaitStarted(PartName.of("part " + i), "drying", minutes));
            }
        }
        WayBack way = wayBack(1);
        Duration taken = Duration.between(logs.now(), way.closedAt().orElseThrow());
        assertThat(taken).isGreaterThanOrEqualTo(way.hands());
        assertThat(taken).isGreaterThanOrEqualTo(Duration.ofMinutes(longest));
        assertThat(taken).isLessThanOrEqualTo(way.hands().plusMinutes(longest));
        assertThat(way.chain()).isNotEmpty().doesNotHaveDuplicates();
    }

    @Test
    void thePaceIsThisShopsOwnOnceItHasAHistory() {
        AtTheBench done = new AtTheBench(BodyType.TLR, Family.LEAF_LENS)
                .types("off cover, top, 4 slot 1.7x3", "off lever, top")
                .closesUp();
        var valley = done.logs.picture().valley();
        WayBack.Past past = new WayBack.Past(15, valley);
        assertThat(WayBack.pace(List.of(past, past))).as("two tell too little").isEqualTo(1);
        assertThat(WayBack.pace(List.of(past, past, past))).isEqualTo(1.5);
        assertThat(WayBack.pace(List.of(past, past, past, new WayBack.Past(0, valley))))
                .isEqualTo(1.5);
        WayBack.Past forgotten = new WayBack.Past(6 * 60, valley);
        assertThat(WayBack.pace(List.of(forgotten, forgotten, forgotten))).isEqualTo(4);
    }
}
