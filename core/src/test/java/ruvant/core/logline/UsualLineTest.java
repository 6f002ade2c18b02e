package ruvant.core.logline;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.knowledge.KnownPart;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

class UsualLineTest {
    private static KnownPart part(
            Side side, boolean covers, List<Fastener> fasteners, List<Hazard> hazards, MechanismState state) {
        return new KnownPart(
                "speed ring",
                3,
                new KnownPart.Lies(side, covers, List.of(), List.of()),
                new KnownPart.Holding(fasteners, List.of(), List.of()),
                new KnownPart.Beware(hazards, state, List.of(), List.of()),
                new KnownPart.PartTakes(Duration.ZERO, Duration.ZERO),
                false,
                List.of());
    }

    private static StripEntry.Removed read(String line) {
        Reading reading = BenchLine.of(Logs.camera().picture(), Logs.SHOP).read(line);
        assertThat(reading.question()).isEmpty();
        return (StripEntry.Removed) reading.entries().getFirst();
    }

    @Test
    void isWrittenAsAHandWouldTypeIt() {
        KnownPart dial = part(
                Side.TOP,
                false,
                List.of(Fastener.slotted(3, 1.2, 1.5).with(FastenerTrait.LOOSENED_ONLY)),
                List.of(Hazard.BALL),
                MechanismState.COCKED);
        assertThat(UsualLine.of(dial, Optional.of(WellName.parse("2A1"))))
                .isEqualTo(
                        "off speed ring, top, covers nothing, 3 slot 1.2x1.5 loosened, well 2A1, beware loose ball, cocked");
        assertThat(UsualLine.of(part(Side.BACK, true, List.of(), List.of(), null), Optional.of(WellName.parse("A1"))))
                .isEqualTo("off speed ring, back, covers");
    }

    @RepeatedTest(300)
    void isReadBackAsTheRemovalThatItStandsFor(RepetitionInfo round) {
        Random random = new Random(round.getCurrentRepetition());
        List<Fastener> fasteners = new ArrayList<>();
        for (int i = random.nextInt(3); i > 0; i--) {
            fasteners.add(Fastener.slotted(1 + random.nextInt(6), 1.4 + i, 3 + random.nextInt(5)));
        }
        Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
        for (Hazard hazard : Hazard.values()) {
            if (random.nextInt(4) == 0) {
                hazards.add(hazard);
            }
        }
        MechanismState state =
                random.nextBoolean() ? null : MechanismState.values()[random.nextInt(MechanismState.values().length)];
        KnownPart known = part(
                Side.values()[random.nextInt(Side.values().length)],
                random.nextBoolean(),
                fasteners,
                List.copyOf(hazards),
                state);
        StripEntry.Removed off = read(UsualLine.of(known, Optional.of(new WellName(1 + random.nextInt(9), 2, 4))));
        assertThat(off.part()).isEqualTo(PartName.of("speed ring"));
        assertThat(off.side()).isEqualTo(known.lies().side());
        assertThat(off.covers()).isEqualTo(known.lies().covers());
        assertThat(off.fasteners()).isEqualTo(fasteners);
        assertThat(off.hazards()).isEqualTo(hazards);
        assertThat(off.state()).isEqualTo(state);
        assertThat(off.wells()).hasSize(fasteners.isEmpty() ? 0 : 1);
        assertThat(off.remark()).isEmpty();
        assertThat(off.setting()).isEmpty();
    }
}
