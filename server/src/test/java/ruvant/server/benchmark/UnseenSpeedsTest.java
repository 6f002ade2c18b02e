package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import ruvant.core.practice.unseen.shutter.UnseenShutter;
import ruvant.core.signature.ShutterCause;
import ruvant.core.signature.ShutterKind;

/** What the speeds say of shutters that were set aside: few, so that the bounds are wider than the figures of the benchmark. */
class UnseenSpeedsTest {
    @ParameterizedTest
    @CsvSource({"LEAF, 0.72, 0.86", "FOCAL_MECHANICAL, 0.75, 0.88", "FOCAL_ELECTRONIC, 0.78, 0.9"})
    void theTrueCauseIsAmongTheFirst(ShutterKind kind, double first, double two) {
        int shutters = 5 * kind.causes().size();
        List<UnseenSpeeds.Answer> answers = UnseenSpeeds.over(kind, true, 60_001, shutters);
        assertThat((double) answers.stream().filter(one -> one.place() == 0).count() / shutters)
                .isGreaterThan(first);
        assertThat((double) answers.stream().filter(one -> one.place() < 2).count() / shutters)
                .isGreaterThan(two);
        List<UnseenSpeeds.Answer> sure =
                answers.stream().filter(one -> one.said() >= 0.9).toList();
        assertThat((double) sure.stream().filter(one -> one.place() == 0).count() / sure.size())
                .isGreaterThan(0.82);
    }

    @ParameterizedTest
    @EnumSource(ShutterKind.class)
    void everyCauseOfAKindIsAmongTheShutters(ShutterKind kind) {
        int causes = kind.causes().size();
        assertThat(IntStream.range(0, causes)
                        .mapToObj(i ->
                                UnseenShutter.of(kind.key(), false, 1 + 2L * i).cause()))
                .containsExactlyInAnyOrderElementsOf(
                        kind.causes().stream().map(ShutterCause::id).toList());
    }

    @Test
    void theSameSeedMakesTheSameShutter() {
        UnseenShutter one = UnseenShutter.of("leaf", true, 77);
        UnseenShutter other = UnseenShutter.of("leaf", true, 77);
        assertThat(one.speeds().getFirst().seconds().getFirst())
                .isEqualTo(other.speeds().getFirst().seconds().getFirst());
    }

    @Test
    void aClassifierLearnsWhatIsToBeLearned() {
        SpeedsLearned learned = new SpeedsLearned(ShutterKind.FOCAL_ELECTRONIC, true, 300);
        long first = IntStream.range(0, 90)
                .filter(i -> learned.place(UnseenShutter.of("focalPlaneElectronic", true, 40_001 + 2L * i)) == 0)
                .count();
        assertThat(first).isGreaterThan(60);
    }
}
