package ruvant.core.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.log.ShopLog;
import ruvant.core.trade.Family;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.FieldProblem;

/** Each setting by itself: it takes the place of the one before, says so, and leaves every other alone. */
class HouseRoomTest {
    private static final SpeedLimits NARROW = new SpeedLimits(0.1, 0.2, 0.05, 0.1, 0.2);
    private final ShopLog log = new ShopLog(new HouseRoom());

    private HousePractice practice() {
        return log.fold(HouseRoom.Fold.class).practice();
    }

    private static Arguments setting(HouseEntry entry, Object wanted, Function<HousePractice, Object> reads) {
        return Arguments.of(entry, wanted, reads);
    }

    static Stream<Arguments> settings() {
        List<TrayShape> trays = List.of(new TrayShape("lidded", 3, 5));
        List<Station> stations = List.of(new Station("oven", 2, true));
        Rates rates = new Rates(5_000, 300, 9_000, 60);
        CurrencyHere yen = new CurrencyHere("JPY", "ja-JP");
        return Stream.of(
                setting(new HouseEntry.SchoolChosen(School.DRY), School.DRY, HousePractice::school),
                setting(new HouseEntry.TraysSet(trays), trays, HousePractice::trays),
                setting(
                        new HouseEntry.PeopleSet(List.of("Ada", "Mei", "Ada")),
                        List.of("Ada", "Mei"),
                        HousePractice::people),
                setting(new HouseEntry.StationsSet(stations), stations, HousePractice::stations),
                setting(new HouseEntry.SheetHeadSet("Harbour", 12), new SheetHead("Harbour", 12), HousePractice::head),
                setting(new HouseEntry.StreakSet(24), 24, one -> one.standards().streakLength()),
                setting(
                        new HouseEntry.LookAlikesSet(0.5),
                        0.5,
                        one -> one.standards().lookAlikeMm()),
                setting(
                        new HouseEntry.GlassPassesSet(2),
                        2,
                        one -> one.standards().glassPasses()),
                setting(
                        new HouseEntry.OwnerAskedFirstSet(false),
                        false,
                        one -> one.standards().ownerAgreesFirst()),
                setting(
                        new HouseEntry.LimitsSet(Family.LEAF_UNIT, NARROW),
                        NARROW,
                        one -> one.speeds().limits().get(Family.LEAF_UNIT)),
                setting(
                        new HouseEntry.RatesSet(rates),
                        rates,
                        one -> one.reckoning().rates()),
                setting(
                        new HouseEntry.CurrencyChosen(yen),
                        yen,
                        one -> one.reckoning().money()));
    }

    @ParameterizedTest
    @MethodSource("settings")
    void aSettingCountsUntilItIsStruckAndChangesNothingElse(
            HouseEntry entry, Object wanted, Function<HousePractice, Object> reads) {
        HousePractice before = practice();
        assertThat(log.add(entry)).isEmpty();
        assertThat(reads.apply(practice())).isEqualTo(wanted).isNotEqualTo(reads.apply(before));
        long others = settings()
                .map(other -> (Function<HousePractice, Object>) other.get()[2])
                .filter(other -> !java.util.Objects.equals(other.apply(practice()), other.apply(before)))
                .count();
        assertThat(others).as("settings that changed").isEqualTo(1);
        assertThat(log.lastWords()).isNotBlank();
        assertThat(log.strikeLast()).isEmpty();
        assertThat(practice()).isEqualTo(before);
    }

    @ParameterizedTest
    @MethodSource("settings")
    void whoeverSetsTheSameMeanwhileIsTold(HouseEntry entry, Object wanted, Function<HousePractice, Object> reads) {
        log.add(entry);
        assertThat(log.unseen(0, entry)).singleElement();
        long told = settings()
                .map(other -> (HouseEntry) other.get()[0])
                .filter(other -> !log.unseen(0, other).isEmpty())
                .count();
        assertThat(told).as("settings in whose way it is").isEqualTo(1);
    }

    @Test
    void limitsAreTakenBackFamilyByFamily() {
        log.add(new HouseEntry.LimitsSet(Family.LEAF_UNIT, NARROW));
        log.add(new HouseEntry.LimitsSet(Family.FOCAL_CLOTH, NARROW));
        log.add(new HouseEntry.LimitsSet(Family.LEAF_UNIT, null));
        assertThat(practice().speeds().limits()).containsOnlyKeys(Family.FOCAL_CLOTH);
        assertThat(log.unseen(2, new HouseEntry.LimitsSet(Family.FOCAL_CLOTH, NARROW)))
                .isEmpty();
    }

    @Test
    void aShopHasSomebodyWhoSignsAndSomewhereToLayPieces() {
        assertThatThrownBy(() -> new HouseEntry.PeopleSet(List.of()))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("Nobody can sign");
        assertThatThrownBy(() -> new HouseEntry.TraysSet(List.of()))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("no tray");
        assertThatThrownBy(() -> new HouseEntry.StreakSet(0)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> new HouseEntry.GlassPassesSet(21)).isInstanceOf(FieldProblem.class);
    }
}
