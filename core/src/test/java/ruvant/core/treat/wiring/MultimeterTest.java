package ruvant.core.treat.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import ruvant.core.trade.ProbeKind;
import ruvant.core.treat.TreatEntry;
import ruvant.core.treat.wiring.Circuit.Fault;
import ruvant.core.treat.wiring.Circuit.Kind;
import ruvant.core.treat.wiring.Circuit.Piece;
import ruvant.core.units.FieldProblem;

class MultimeterTest {
    private static final Fault SALTS = new Fault("salts", "leaf", 50, 0);
    private static final Fault CUT = new Fault("cut", "wire", 1e9, 0);
    private static final Circuit LOOP = new Circuit(
            "loop",
            "loop",
            List.of("minus", "plus", "leaf", "switch", "lamp"),
            List.of(
                    new Piece("cell", Kind.CELL, 0, 1, 2, 3),
                    new Piece("leaf", Kind.CONTACT, 1, 2, 0.1, 0),
                    new Piece("wire", Kind.WIRE, 2, 3, 0.1, 0),
                    new Piece("switch", Kind.SWITCH, 3, 4, 0.1, 0),
                    new Piece("lamp", Kind.LOAD, 4, 0, 97.7, 0)),
            List.of(SALTS, CUT));

    private static double reads(Circuit circuit, ProbeKind kind, String red, String black) {
        return Multimeter.reads(circuit, kind, red, black).orElseThrow();
    }

    @Test
    void aLoopByOhmsLaw() {
        // 3 V over 2 + 0.1 + 0.1 + 0.1 + 97.7 = 100 ohms: 30 mA
        assertThat(reads(LOOP, ProbeKind.LOADED, "plus", "minus")).isCloseTo(3 - 0.03 * 2, within(1e-3));
        assertThat(reads(LOOP, ProbeKind.VOLTAGE, "plus", "minus")).isCloseTo(3, within(1e-3));
        assertThat(reads(LOOP, ProbeKind.LOADED, "minus", "plus")).isCloseTo(-2.94, within(1e-3));
        assertThat(reads(LOOP, ProbeKind.CONTINUITY, "plus", "leaf")).isCloseTo(0.1, within(0.006));
        assertThat(reads(LOOP, ProbeKind.CONTINUITY, "plus", "minus")).isCloseTo(98, within(0.006));
    }

    @Test
    void aFaultShowsWhereItIs() {
        Circuit salts = LOOP.with(List.of(SALTS));
        // 3 V over 149.9 ohms
        assertThat(reads(salts, ProbeKind.LOADED, "plus", "leaf")).isCloseTo(50 * 3 / 149.9, within(1e-3));
        assertThat(reads(salts, ProbeKind.VOLTAGE, "plus", "leaf")).isZero();
        assertThat(Multimeter.reads(LOOP.with(List.of(CUT)), ProbeKind.CONTINUITY, "leaf", "switch"))
                .isEmpty();
        assertThat(reads(LOOP.with(List.of(CUT)), ProbeKind.LOADED, "lamp", "minus"))
                .isCloseTo(0, within(1e-2));
    }

    @Test
    void aPointThatIsNoneIsSaid() {
        assertThatThrownBy(() -> Multimeter.reads(LOOP, ProbeKind.VOLTAGE, "plus", "moon"))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("moon");
    }

    @Test
    void theSameCameraAlwaysAilsTheSame() {
        assertThat(LOOP.ailing(62)).isEqualTo(LOOP.ailing(62));
        List<Integer> many = LongStream.range(0, 500)
                .mapToObj(seed -> LOOP.ailing(seed).size())
                .toList();
        assertThat(many).contains(0, 1, 2).allMatch(count -> count <= 2);
    }

    private static TreatEntry.Probed probed(ProbeKind kind, Double value) {
        return new TreatEntry.Probed(kind, "plus", "leaf", value, "", "");
    }

    private static ReadingSays.Meaning said(TreatEntry.Probed one, TreatEntry.Probed... others) {
        return ReadingSays.of(one, List.of(others));
    }

    @Test
    void whatReadingsSay() {
        assertThat(said(probed(ProbeKind.CONTINUITY, 0.3)).verdict()).isEqualTo(ReadingSays.Verdict.SOUND);
        assertThat(said(probed(ProbeKind.CONTINUITY, 8.0)).words()).contains("a bad joint");
        assertThat(said(probed(ProbeKind.CONTINUITY, null)).verdict()).isEqualTo(ReadingSays.Verdict.BAD);
        assertThat(said(probed(ProbeKind.VOLTAGE, 1.35), probed(ProbeKind.LOADED, 1.31))
                        .words())
                .isEqualTo("holds under load");
        assertThat(said(probed(ProbeKind.LOADED, 0.9), probed(ProbeKind.VOLTAGE, 1.35))
                        .words())
                .startsWith("drops by 0.45 V");
        assertThat(said(probed(ProbeKind.LOADED, 0.4), probed(ProbeKind.VOLTAGE, 0.0))
                        .verdict())
                .isEqualTo(ReadingSays.Verdict.BAD);
        assertThat(said(probed(ProbeKind.VOLTAGE, 0.0)).words()).isEqualTo("no voltage arrives");
    }
}
