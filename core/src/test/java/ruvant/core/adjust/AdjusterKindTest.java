package ruvant.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.TurnUnit;
import ruvant.core.units.Named;

/** How a kind of adjuster becomes one of a camera: its ranges meet the speeds of that camera's dial. */
class AdjusterKindTest {
    private final Logs camera = Logs.camera();

    private static AdjusterKind kind(List<AdjusterKind.OverSpeeds> speeds, AdjustEntry.Moves... moves) {
        return new AdjusterKind(
                "",
                Named.of("slow train depth"),
                new AdjusterKind.Limits(TurnUnit.EIGHTHS, -1, 2),
                new AdjusterKind.HeldBy(AdjusterLock.PAINT, " mark it first ", "top cover", 5),
                speeds,
                List.of(moves),
                null,
                " it drags ");
    }

    private List<AdjustEntry.Moves> onTheDial(AdjusterKind kind) {
        AdjusterBook book = new AdjusterBook(1, List.of(), List.of(kind));
        return book.of(camera.picture().received(), Logs.SHOP.practice())
                .getFirst()
                .moves();
    }

    @Test
    void aRangeBeginsAtItsFasterEndAndEndsBeforeItsSlower() {
        assertThat(onTheDial(kind(List.of(new AdjusterKind.OverSpeeds(1 / 64.0, 1, 0.5)))))
                .extracting(AdjustEntry.Moves::result)
                .containsExactly(Named.of("1/60"));
        assertThat(onTheDial(kind(List.of(new AdjusterKind.OverSpeeds(1, 1.1, 0.5)))))
                .extracting(AdjustEntry.Moves::result)
                .containsExactly(Named.of("1"));
        assertThat(onTheDial(kind(List.of(new AdjusterKind.OverSpeeds(2, 9, 0.5)))))
                .isEmpty();
    }

    @Test
    void whereRangesOverlapTheFirstOneSpeaks() {
        assertThat(onTheDial(kind(
                        List.of(new AdjusterKind.OverSpeeds(0.5, 2, 0.3), new AdjusterKind.OverSpeeds(0.01, 10, 1)))))
                .contains(new AdjustEntry.Moves("1", 0.3), new AdjustEntry.Moves("1/60", 1));
    }

    @Test
    void otherResultsComeAfterTheSpeeds() {
        assertThat(onTheDial(
                        kind(List.of(new AdjusterKind.OverSpeeds(0.5, 2, 0.3)), new AdjustEntry.Moves("rebound", -1))))
                .extracting(AdjustEntry.Moves::result)
                .containsExactly(Named.of("1"), Named.of("rebound"));
    }

    @Test
    void whatIsLeftOutIsTakenForTheUsual() {
        AdjusterKind plain = kind(List.of());
        assertThat(plain.id()).isEqualTo("slow-train-depth");
        assertThat(plain.label()).isEqualTo("slow train depth");
        assertThat(plain.on()).isEqualTo(AdjusterKind.Where.ALL);
        assertThat(plain.why()).isEqualTo("it drags");
        assertThat(plain.held().caution()).isEqualTo("mark it first");
        assertThat(new AdjusterKind(
                                "own",
                                Named.of("x"),
                                new AdjusterKind.Limits(null, -1, 1),
                                null,
                                List.of(),
                                List.of(),
                                null,
                                null)
                        .held())
                .isEqualTo(AdjusterKind.HeldBy.FREE);
    }
}
