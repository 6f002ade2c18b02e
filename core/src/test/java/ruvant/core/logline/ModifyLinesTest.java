package ruvant.core.logline;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.parts.PartsEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;
import ruvant.core.trade.ModificationKind;
import ruvant.core.trade.Side;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

class ModifyLinesTest {
    private final Logs logs = Logs.camera().add(StripEntry.Removed.of("speed ring", Side.FRONT, false));

    private Reading read(String line) {
        return BenchLine.of(logs.picture(), Logs.SHOP).read(line);
    }

    @Test
    void aGoWithWhatCameOffAndItsLine() {
        assertThat(read("file speed ring catching corner 0,2 mm, limit 0.5 mm, clears at 1/125, agreed by telephone")
                        .entries())
                .containsExactly(new TreatEntry.Modified(
                        PartName.of("speed ring"),
                        ModificationKind.FILED,
                        "catching corner",
                        "",
                        0.5,
                        0.2,
                        "clears at 1/125",
                        "by telephone",
                        ""));
        assertThat(read("bridge speed ring contact").entries())
                .containsExactly(new TreatEntry.Modified(
                        PartName.of("speed ring"), ModificationKind.BRIDGED, "contact", "", null, null, "", "", ""));
    }

    @ParameterizedTest
    @ValueSource(strings = {"file something else", "fit speed ring", "fit speed ring of 1st pattern"})
    void whatIsNotSaidInFullChangesNothing(String line) {
        assertThat(read(line).entries()).singleElement().isInstanceOf(SittingEntry.Noted.class);
    }

    @Test
    void howAPartOfAnotherPatternWentIn() {
        CameraKind first = new CameraKind("Pellworm", "Twin", "1st pattern");
        PartName ring = PartName.of("speed ring");
        assertThat(read("fit speed ring of 1st pattern, with work").entries())
                .containsExactly(new PartsEntry.FitSeen(ring, first, FitOutcome.WITH_WORK, ""));
        assertThat(read("fit speed ring of the 1st pattern, as it is").entries())
                .containsExactly(new PartsEntry.FitSeen(ring, first, FitOutcome.AS_IS, ""));
        assertThat(read("fit speed ring of 1st pattern not").entries())
                .containsExactly(new PartsEntry.FitSeen(ring, first, FitOutcome.NOT, ""));
    }
}
