package ruvant.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.strip.AskedCheck;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.units.Named;

/** What earlier cameras say of a part: when it wants care, and how much of it holds for another model. */
class KnownPartTest {
    private static final KnownPart.Holding PLAIN =
            new KnownPart.Holding(List.of(Fastener.slotted(3, 1.4, 3)), List.of(), List.of());
    private static final KnownPart.Beware NOTHING = new KnownPart.Beware(List.of(), null, List.of(), List.of());

    private static KnownPart part(KnownPart.Holding held, KnownPart.Beware beware) {
        return new KnownPart(
                "speed ring",
                5,
                new KnownPart.Lies(Side.FRONT, false, List.of("front plate"), List.of()),
                held,
                beware,
                new KnownPart.PartTakes(Duration.ofMinutes(4), Duration.ofMinutes(6)),
                true,
                List.of(AskedCheck.before(Named.of("Ball in its place"))));
    }

    static List<KnownPart> thatWantCare() {
        return List.of(
                part(new KnownPart.Holding(List.of(), List.of(Fastener.slotted(1, 1, 2)), List.of()), NOTHING),
                part(new KnownPart.Holding(List.of(), List.of(), List.of("1 × ball")), NOTHING),
                part(PLAIN, new KnownPart.Beware(List.of(Hazard.SPRING), null, List.of(), List.of())),
                part(PLAIN, new KnownPart.Beware(List.of(), MechanismState.COCKED, List.of(), List.of())),
                part(PLAIN, new KnownPart.Beware(List.of(), null, List.of("ball lost"), List.of())));
    }

    @ParameterizedTest
    @MethodSource("thatWantCare")
    void whatHidesSpringsRollsOrWentWrongWantsCare(KnownPart part) {
        assertThat(part.wantsCare()).isTrue();
    }

    @Test
    void aRemarkAloneIsNoWarning() {
        assertThat(part(PLAIN, NOTHING).wantsCare()).isFalse();
        assertThat(part(PLAIN, new KnownPart.Beware(List.of(), null, List.of(), List.of("tilt it")))
                        .wantsCare())
                .isFalse();
    }

    @Test
    void forAnotherModelOnlyWhereItLiesAndWhatToBewareOfHold() {
        KnownPart other = part(
                        new KnownPart.Holding(
                                List.of(Fastener.slotted(3, 1.4, 3)),
                                List.of(Fastener.slotted(1, 1, 2)),
                                List.of("1 × ball")),
                        new KnownPart.Beware(
                                List.of(Hazard.BALL), MechanismState.COCKED, List.of("ball lost"), List.of("tilt it")))
                .ofTheFamily();
        assertThat(other.lies().side()).isEqualTo(Side.FRONT);
        assertThat(other.lies().over()).containsExactly("front plate");
        assertThat(other.beware().hazards()).containsExactly(Hazard.BALL);
        assertThat(other.held().loose()).containsExactly("1 × ball");
        assertThat(other.held().fasteners()).isEmpty();
        assertThat(other.held().hidden()).isEmpty();
        assertThat(other.beware().slips()).isEmpty();
        assertThat(other.beware().remarks()).isEmpty();
        assertThat(other.checks()).isEmpty();
        assertThat(other.needless()).isFalse();
        assertThat(other.jobs()).isEqualTo(5);
    }
}
