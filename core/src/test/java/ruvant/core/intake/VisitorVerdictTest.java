package ruvant.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ruvant.core.trade.VisitorSignKind;

class VisitorVerdictTest {
    private static VisitorVerdict of(VisitorSignKind... kinds) {
        return VisitorVerdict.of(Arrays.stream(kinds)
                .map(kind -> new IntakePicture.Sign(UUID.randomUUID(), new IntakeEntry.VisitorSign(kind, "bottom")))
                .toList());
    }

    @Test
    void noSignIsUntouchedAndExpectsNothing() {
        assertThat(of().opened()).isEqualTo(VisitorVerdict.Opened.UNTOUCHED);
        assertThat(of().expect()).isEmpty();
    }

    @Test
    void carefulHandsLeaveGlueAndTakeLockPaint() {
        VisitorVerdict verdict = of(VisitorSignKind.GLUE, VisitorSignKind.NO_LOCK_PAINT);
        assertThat(verdict.opened()).isEqualTo(VisitorVerdict.Opened.WITH_CARE);
        assertThat(verdict.reasons()).containsExactly("glue, bottom", "lock paint gone, bottom");
        assertThat(verdict.expect()).hasSize(1);
    }

    @Test
    void oneCarelessSignIsEnough() {
        VisitorVerdict verdict = of(VisitorSignKind.GLUE, VisitorSignKind.CHEWED_SLOT);
        assertThat(verdict.opened()).isEqualTo(VisitorVerdict.Opened.WITHOUT_CARE);
        assertThat(verdict.expect()).anyMatch(one -> one.contains("Measure each length"));
    }

    @Test
    void aMissingScrewMayLieInside() {
        assertThat(of(VisitorSignKind.WRONG_SCREW).expect()).anyMatch(one -> one.contains("loose inside"));
    }

    @ParameterizedTest
    @EnumSource(VisitorSignKind.class)
    void everySignSaysThatSomebodyWasIn(VisitorSignKind kind) {
        assertThat(of(kind).opened()).isNotEqualTo(VisitorVerdict.Opened.UNTOUCHED);
        assertThat(of(kind).reasons()).hasSize(1);
        assertThat(of(kind).expect()).isNotEmpty();
    }
}
