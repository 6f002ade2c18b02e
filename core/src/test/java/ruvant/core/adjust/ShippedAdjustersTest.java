package ruvant.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import java.io.InputStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.units.Named;

/** Nobody is offered to turn what their camera does not have. */
class ShippedAdjustersTest {
    private final AdjusterBook book = shipped();

    private static AdjusterBook shipped() {
        SimpleModule names = new SimpleModule();
        names.addDeserializer(Named.class, new com.fasterxml.jackson.databind.deser.std.StdDeserializer<>(Named.class) {
            @Override
            public Named deserialize(
                    com.fasterxml.jackson.core.JsonParser json,
                    com.fasterxml.jackson.databind.DeserializationContext context)
                    throws IOException {
                return Named.of(json.getText());
            }
        });
        try (InputStream in = AdjusterBook.class.getResourceAsStream("adjusters.json")) {
            return new ObjectMapper().registerModule(names).readValue(in, AdjusterBook.class);
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }

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
