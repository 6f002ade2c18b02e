package ruvant.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;

/** Nobody is offered to turn what their camera does not have. */
class ShippedAdjustersTest {
    private final AdjusterBook book = ShippedAdjusters.BOOK;

    @ParameterizedTest
    @CsvSource({
        "rangefinder arm, FOLDING, LEAF_UNIT, true",
        "rangefinder arm, BOX, ROTARY, false",
        "rangefinder arm, SLR, FOCAL_CLOTH, false",
        "mirror rest, SLR, FOCAL_CLOTH, true",
        "mirror rest, RIGID, FOCAL_CLOTH, false",
        "mirror rest, SLR, LEAF_LENS, false",
        "focus collar, BOX, ROTARY, false",
        "meter low trimmer, BOX, ROTARY, false",
        "slit width, BOX, ROTARY, true",
        "counter pawl, LENS, LEAF_UNIT, false"
    })
    void isOfferedWhereItIs(String name, BodyType body, Family family, boolean offered) {
        Camera camera = new Camera("Pellworm", "Any", "", "", body, family);
        assertThat(book.adjusters().stream()
                        .anyMatch(kind -> kind.name().words().equals(name)))
                .isTrue();
        assertThat(book.adjusters().stream()
                        .filter(kind -> kind.name().words().equals(name))
                        .anyMatch(kind -> kind.isIn(camera)))
                .isEqualTo(offered);
    }
}
