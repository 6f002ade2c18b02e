package ruvant.core.logline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Drive;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerKind;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.HeadForm;

class ShorthandTest {
    private static final List<FastenerKind> TURNED =
            List.of(FastenerKind.SCREW, FastenerKind.SET_SCREW, FastenerKind.NUT, FastenerKind.RING_NUT);

    @RepeatedTest(200)
    void whatIsOfferedIsReadBackAsTheSame(RepetitionInfo round) {
        Random random = new Random(round.getCurrentRepetition());
        FastenerKind kind = FastenerKind.values()[random.nextInt(FastenerKind.PIN.ordinal())];
        Drive drive = TURNED.contains(kind) ? Drive.values()[random.nextInt(Drive.NONE.ordinal())] : Drive.NONE;
        Double thread = random.nextInt(4) == 0 ? null : (3 + random.nextInt(60)) / 10.0;
        Double length = thread == null || random.nextInt(4) == 0 ? null : (10 + random.nextInt(90)) / 10.0;
        Set<FastenerTrait> traits = EnumSet.noneOf(FastenerTrait.class);
        for (FastenerTrait trait : FastenerTrait.values()) {
            if (random.nextInt(4) == 0) {
                traits.add(trait);
            }
        }
        HeadForm head = HeadForm.values()[random.nextInt(HeadForm.values().length)];
        Fastener fastener = new Fastener(kind, drive, head, thread, length, 1 + random.nextInt(9), traits);
        String written = Shorthand.of(fastener);
        assertThat(BenchLine.of(Logs.camera().picture(), Logs.SHOP)
                        .read("off plate, " + written)
                        .entries())
                .as(written)
                .singleElement()
                .satisfies(entry ->
                        assertThat(((StripEntry.Removed) entry).fasteners()).containsExactly(fastener));
    }
}
