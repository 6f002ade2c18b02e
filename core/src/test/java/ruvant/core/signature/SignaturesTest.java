package ruvant.core.signature;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.practice.mechanism.ShutterCases;
import ruvant.core.units.FieldProblem;

class SignaturesTest {
    private static final String[] LEAF = {"1", "1/2", "1/4", "1/8", "1/15", "1/30", "1/60", "1/125", "1/250", "1/500"};

    /** Five firings around each error, the given scatter wide. */
    private static List<SpeedFirings> leaf(double[] errorsEv, double[] scattersEv) {
        List<SpeedFirings> speeds = new ArrayList<>();
        for (int s = 0; s < errorsEv.length; s++) {
            double scatter = scattersEv[s];
            List<Double> firings = Stream.of(-1.2, -0.5, 0.1, 0.4, 1.2)
                    .map(one -> one * scatter)
                    .toList();
            double error = errorsEv[s];
            speeds.add(new SpeedFirings(
                    LEAF[s],
                    Math.pow(2, -s),
                    List.of(0.5),
                    List.of(firings.stream().map(one -> error + one).toList()),
                    List.of(),
                    false));
        }
        return speeds;
    }

    private static double[] all(double value) {
        double[] values = new double[LEAF.length];
        Arrays.fill(values, value);
        return values;
    }

    static Stream<Arguments> clearPatterns() {
        return Stream.of(
                Arguments.of(
                        ShutterKind.LEAF,
                        leaf(
                                new double[] {0.7, 0.8, 0.7, 0.75, 0.6, 0.5, 0.3, 0.05, 0, 0},
                                new double[] {0.2, 0.25, 0.2, 0.2, 0.2, 0.15, 0.1, 0.03, 0.03, 0.03}),
                        ShutterCause.TRAIN_GUMMED),
                Arguments.of(ShutterKind.LEAF, leaf(all(0.4), all(0.03)), ShutterCause.MAIN_SPRING_WEAK),
                Arguments.of(ShutterKind.LEAF, leaf(all(-0.4), all(0.03)), ShutterCause.MAIN_SPRING_STRONG),
                Arguments.of(
                        ShutterKind.LEAF,
                        leaf(new double[] {0, 0, 0, 0, 0.8, 0, 0, 0, 0, 0}, all(0.03)),
                        ShutterCause.CAM_WORN_AT_ONE_SPEED),
                Arguments.of(
                        ShutterKind.LEAF,
                        leaf(new double[] {0.1, 0.2, 0.4, 0.6, 0.7, 0.6, 0.4, 0.2, 0, 0}, all(0.03)),
                        ShutterCause.TRAIN_TOO_DEEP),
                Arguments.of(
                        ShutterKind.FOCAL_ELECTRONIC,
                        leaf(new double[] {-9, -8, -7, -6, -5, -4, -3, -2, -1, 0}, all(0.03)),
                        ShutterCause.MAGNET_DEAD),
                Arguments.of(ShutterKind.FOCAL_ELECTRONIC, leaf(all(0.5), all(0.02)), ShutterCause.TIMING_DRIFT),
                Arguments.of(ShutterKind.FOCAL_ELECTRONIC, leaf(all(0), all(0.5)), ShutterCause.CONTACT_DIRTY),
                Arguments.of(
                        ShutterKind.FOCAL_MECHANICAL,
                        leaf(
                                new double[] {0.6, 0.7, 0.6, 0.6, 0.5, 0, 0, 0, 0, 0},
                                new double[] {0.2, 0.2, 0.2, 0.2, 0.2, 0.03, 0.03, 0.03, 0.03, 0.03}),
                        ShutterCause.ESCAPEMENT_GUMMED),
                Arguments.of(ShutterKind.LEAF, leaf(all(0.02), all(0.03)), ShutterCause.HEALTHY));
    }

    @ParameterizedTest
    @MethodSource("clearPatterns")
    void aClearPatternNamesItsCause(ShutterKind kind, List<SpeedFirings> speeds, ShutterCause cause) {
        Ranking ranking = Signatures.rank(kind, speeds, CurtainTravel.UNKNOWN);

        assertThat(ranking.causes().getFirst().cause()).isEqualTo(cause);
        assertThat(ranking.causes().getFirst().probability()).isGreaterThan(0.5);
        assertThat(ranking.causes().stream()
                        .mapToDouble(Ranking.Ranked::probability)
                        .sum())
                .isCloseTo(1, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(ShutterKind.class)
    void causesOfShuttersWorkedOutFromForcesAreFound(ShutterKind kind) {
        int cases = 4 * kind.causes().size();
        List<Integer> places = IntStream.range(1_000, 1_000 + cases)
                .parallel()
                .mapToObj(seed -> {
                    ShutterCases.Case one = ShutterCases.of(kind, ShutterCases.Looked.WHOLLY, seed);
                    List<ShutterCause> ranked = Signatures.rank(kind, one.speeds(), one.travel()).causes().stream()
                            .map(Ranking.Ranked::cause)
                            .toList();
                    return ranked.indexOf(one.cause());
                })
                .toList();

        assertThat(places.stream().filter(place -> place == 0)).hasSizeGreaterThan(cases * 3 / 4);
        assertThat(places.stream().filter(place -> place < 2)).hasSizeGreaterThan(cases * 85 / 100);
    }

    @Test
    void theOrderOfTheSpeedsDoesNotMatter() {
        List<SpeedFirings> speeds = new ArrayList<>(leaf(all(0.4), all(0.05)));
        Ranking one = Signatures.rank(ShutterKind.LEAF, speeds, CurtainTravel.UNKNOWN);
        Collections.shuffle(speeds, new Random(3));

        assertThat(Signatures.rank(ShutterKind.LEAF, speeds, CurtainTravel.UNKNOWN))
                .isEqualTo(one);
    }

    @Test
    void theCurtainsTravelTellsAWeakLeadingFromAStrongTrailingOne() {
        double[] errors = {0, 0, 0, 0, 0, 0, -0.05, -0.1, -0.25, -0.6};
        List<SpeedFirings> speeds = leaf(errors, all(0.03));

        Ranking weak = Signatures.rank(
                ShutterKind.FOCAL_MECHANICAL, speeds, new CurtainTravel(Optional.of(0.15), Optional.of(0.0)));
        Ranking strong = Signatures.rank(
                ShutterKind.FOCAL_MECHANICAL, speeds, new CurtainTravel(Optional.of(0.0), Optional.of(-0.12)));

        assertThat(weak.causes().getFirst().cause()).isEqualTo(ShutterCause.LEADING_WEAK);
        assertThat(strong.causes().getFirst().cause()).isEqualTo(ShutterCause.TRAILING_STRONG);
    }

    @Test
    void whereTheyCannotBeToldApartItSaysWhatWould() {
        double[] errors = {0, 0, 0, 0, 0, 0, -0.05, -0.1, -0.25, -0.6};

        Ranking ranking = Signatures.rank(ShutterKind.FOCAL_MECHANICAL, leaf(errors, all(0.03)), CurtainTravel.UNKNOWN);

        assertThat(ranking.causes().stream().limit(2).map(Ranking.Ranked::cause))
                .containsExactlyInAnyOrder(ShutterCause.LEADING_WEAK, ShutterCause.TRAILING_STRONG);
        assertThat(ranking.toTellApart()).contains("curtain's travel", "% longer");
        assertThat(ranking.worthNaming()).hasSizeBetween(2, 3);
    }

    @Test
    void theSentenceSaysWhatIsSeen() {
        Ranking ranking = Signatures.rank(
                ShutterKind.LEAF,
                leaf(
                        new double[] {0.7, 0.7, 0.7, 0.7, 0.7, 0, 0, 0, 0, 0},
                        new double[] {0.2, 0.2, 0.2, 0.2, 0.2, 0.03, 0.03, 0.03, 0.03, 0.03}),
                CurtainTravel.UNKNOWN);

        assertThat(ranking.sentence()).isEqualTo("1 to 1/15 late by 0.7 EV and scattered; 1/30 to 1/500 near.");
    }

    @Test
    void aFiringWithoutLightCountsAsFarTooShort() {
        List<SpeedFirings> speeds = new ArrayList<>(leaf(all(0), all(0.03)));
        speeds.set(
                9,
                new SpeedFirings(
                        "1/500",
                        1.0 / 512,
                        List.of(0.1, 0.5, 0.9),
                        List.of(
                                List.of(0.1, 0.0, 0.05),
                                List.of(-1.0, -1.1, -0.9),
                                Arrays.asList(null, Double.NEGATIVE_INFINITY, -7.0)),
                        List.of(),
                        false));

        Ranking ranking = Signatures.rank(ShutterKind.FOCAL_MECHANICAL, speeds, CurtainTravel.UNKNOWN);

        assertThat(ranking.sentence()).contains("1/500 gets shorter toward the end of the gate");
        assertThat(ranking.worthNaming().stream().map(Ranking.Ranked::cause))
                .containsAnyOf(ShutterCause.LEADING_WEAK, ShutterCause.TRAILING_STRONG, ShutterCause.LEADING_DRAGS);
    }

    @Test
    void aCurtainThatDiffersFromFiringToFiringDragsAndIsNotWeak() {
        List<SpeedFirings> dragging = across(0.16);
        List<SpeedFirings> weak = across(0.004);
        CurtainTravel longer = new CurtainTravel(Optional.of(0.0), Optional.of(0.2));

        assertThat(Signatures.rank(ShutterKind.FOCAL_MECHANICAL, dragging, longer)
                        .causes()
                        .getFirst()
                        .cause())
                .isEqualTo(ShutterCause.TRAILING_DRAGS);
        assertThat(Signatures.rank(ShutterKind.FOCAL_MECHANICAL, weak, longer)
                        .causes()
                        .getFirst()
                        .cause())
                .isEqualTo(ShutterCause.TRAILING_WEAK);
    }

    /** A trailing curtain that takes 15 % of 10 ms longer, differing by a part of a gate's travel in hundredths. */
    private static List<SpeedFirings> across(double differs) {
        double[] places = {0.1, 0.5, 0.9};
        double[] firings = {-1, 0.6, -0.4, 1.3, -0.5};
        List<SpeedFirings> speeds = new ArrayList<>();
        for (int s = 0; s < LEAF.length; s++) {
            double nominal = Math.pow(2, -s);
            List<List<Double>> errors = new ArrayList<>();
            for (double place : places) {
                List<Double> sensor = new ArrayList<>();
                for (int i = 0; i < firings.length; i++) {
                    double longer = 0.0015 * (1 + firings[(i + s) % firings.length] * differs / 0.15) * place;
                    sensor.add(Math.log((nominal + longer) / nominal) / Math.log(2) + 0.02 * firings[i]);
                }
                errors.add(sensor);
            }
            speeds.add(new SpeedFirings(LEAF[s], nominal, List.of(0.1, 0.5, 0.9), errors, List.of(), false));
        }
        return speeds;
    }

    @Test
    void aRunInWhichFiringsAreAllFarFromEachOtherIsReadAsItCame() {
        List<SpeedFirings> speeds = new ArrayList<>(leaf(all(0), all(0.02)));
        speeds.set(0, new SpeedFirings("1", 1, List.of(0.5), List.of(List.of(1.4, 0.9, -1.3, -0.8)), List.of(), false));

        Ranking ranking = Signatures.rank(ShutterKind.LEAF, speeds, CurtainTravel.UNKNOWN);

        assertThat(ranking.causes())
                .allSatisfy(one -> assertThat(one.probability()).isBetween(0.0, 1.0));
        assertThat(ranking.sentence()).contains("1 near and scattered");
    }

    @Test
    void twoSpeedsMakeNoPattern() {
        assertThatThrownBy(() -> Signatures.rank(
                        ShutterKind.LEAF, leaf(all(0), all(0.03)).subList(0, 2), CurtainTravel.UNKNOWN))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("at least 3 speeds");
    }

    @Test
    void listsThatDoNotFitAreRefused() {
        assertThatThrownBy(() -> new SpeedFirings("1/8", 0.125, List.of(0.1, 0.9), List.of(List.of(0.1)), null, false))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("2 sensors and errors for 1");
        assertThatThrownBy(() -> new SpeedFirings(
                        "1/8", 0.125, List.of(0.1, 0.9), List.of(List.of(0.1), List.of(0.1, 0.2)), null, false))
                .isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> new SpeedFirings("1/8", 0.125, List.of(0.5), List.of(List.of()), null, false))
                .isInstanceOf(FieldProblem.class);
    }

    @Test
    void aSingleFiringOfEachSpeedIsRankedToo() {
        List<SpeedFirings> speeds = new ArrayList<>();
        for (SpeedFirings one : leaf(all(0.6), all(0.01))) {
            speeds.add(new SpeedFirings(
                    one.marked(), one.nominalSeconds(), one.places(), List.of(List.of(0.6)), List.of(0.6), true));
        }

        Ranking ranking = Signatures.rank(ShutterKind.LEAF, speeds, CurtainTravel.UNKNOWN);

        assertThat(ranking.causes().getFirst().cause()).isEqualTo(ShutterCause.MAIN_SPRING_WEAK);
        assertThat(ranking.causes().getFirst().why()).isNotBlank();
    }
}
