package ruvant.core.house;

import static ruvant.core.units.Phrase.joined;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.LogName;
import ruvant.core.log.Names;
import ruvant.core.log.Room;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.trade.Family;
import ruvant.core.units.Refusal;

/** The settings of the shop. */
public final class HouseRoom implements Room<HouseEntry> {
    /** What the log of the house is called. */
    public static final LogName LOG = new LogName("house");

    @Override
    public Class<HouseEntry> entries() {
        return HouseEntry.class;
    }

    @Override
    public RoomFold<HouseEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(HouseEntry entry, Standing now) {
        return switch (entry) {
            case HouseEntry.SchoolChosen one -> Optional.empty();
            case HouseEntry.TraysSet one -> Optional.empty();
            case HouseEntry.StreakSet one -> Optional.empty();
            case HouseEntry.LookAlikesSet one -> Optional.empty();
            case HouseEntry.PeopleSet one -> Optional.empty();
            case HouseEntry.SheetHeadSet one -> Optional.empty();
            case HouseEntry.OwnerAskedFirstSet one -> Optional.empty();
            case HouseEntry.LimitsSet one -> Optional.empty();
            case HouseEntry.StationsSet one -> Optional.empty();
            case HouseEntry.GlassPassesSet one -> Optional.empty();
            case HouseEntry.RatesSet one -> Optional.empty();
            case HouseEntry.CurrencyChosen one -> Optional.empty();
            case HouseEntry.StandsSet one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(HouseEntry entry) {
        return switch (entry) {
            case HouseEntry.SchoolChosen one -> List.of();
            case HouseEntry.TraysSet one -> List.of();
            case HouseEntry.StreakSet one -> List.of();
            case HouseEntry.LookAlikesSet one -> List.of();
            case HouseEntry.PeopleSet one -> List.of();
            case HouseEntry.SheetHeadSet one -> List.of();
            case HouseEntry.OwnerAskedFirstSet one -> List.of();
            case HouseEntry.LimitsSet one -> List.of();
            case HouseEntry.StationsSet one -> List.of();
            case HouseEntry.GlassPassesSet one -> List.of();
            case HouseEntry.RatesSet one -> List.of();
            case HouseEntry.CurrencyChosen one -> List.of();
            case HouseEntry.StandsSet one -> List.of();
        };
    }

    @Override
    public List<String> replaces(HouseEntry entry) {
        return switch (entry) {
            case HouseEntry.SchoolChosen one -> List.of("school");
            case HouseEntry.TraysSet one -> List.of("trays");
            case HouseEntry.StreakSet one -> List.of("streak");
            case HouseEntry.LookAlikesSet one -> List.of("look-alikes");
            case HouseEntry.PeopleSet one -> List.of("people");
            case HouseEntry.SheetHeadSet one -> List.of("shop on the return sheet");
            case HouseEntry.OwnerAskedFirstSet one -> List.of("ask the owner first");
            case HouseEntry.LimitsSet one -> List.of("tolerances of " + one.family());
            case HouseEntry.StationsSet one -> List.of("stations");
            case HouseEntry.GlassPassesSet one -> List.of("passes over a lens surface");
            case HouseEntry.RatesSet one -> List.of("rates");
            case HouseEntry.CurrencyChosen one -> List.of("currency");
            case HouseEntry.StandsSet one -> List.of("stands");
        };
    }

    @Override
    public String words(HouseEntry entry, Names names) {
        return switch (entry) {
            case HouseEntry.SchoolChosen one -> "oiling: " + one.school().label();
            case HouseEntry.TraysSet one -> "trays: " + one.trays().size();
            case HouseEntry.StreakSet one -> "good firings in a row to prove a shutter: " + one.length();
            case HouseEntry.LookAlikesSet one -> "look-alikes: lengths differ by up to " + one.withinMm() + " mm";
            case HouseEntry.PeopleSet one -> "people: " + joined(one.people());
            case HouseEntry.SheetHeadSet one ->
                "return sheet: " + one.shopName() + ", guarantee " + one.guaranteeMonths() + " months";
            case HouseEntry.OwnerAskedFirstSet one -> "ask the owner first: " + (one.asked() ? "yes" : "no");
            case HouseEntry.LimitsSet one ->
                "tolerances of " + one.family().label() + (one.limits() == null ? ": the usual ones" : " set");
            case HouseEntry.StationsSet one ->
                "stations: " + joined(one.stations().stream().map(Station::name).toList());
            case HouseEntry.GlassPassesSet one -> "maximum passes per lens surface: " + one.most();
            case HouseEntry.RatesSet one -> "money and time";
            case HouseEntry.CurrencyChosen one ->
                "currency: " + one.money().currency() + ", amount format "
                        + one.money().locale();
            case HouseEntry.StandsSet one ->
                "stands: " + joined(one.stands().stream().map(Stand::name).toList());
        };
    }

    /** Folds settings: the last of each holds. */
    public static final class Fold implements RoomFold<HouseEntry> {
        private static final HousePractice AT_FIRST = HousePractice.starting();

        private School school = AT_FIRST.school();
        private List<TrayShape> trays = AT_FIRST.trays();
        private List<String> people = AT_FIRST.people();
        private SheetHead head = AT_FIRST.head();
        private Standards standards = AT_FIRST.standards();
        private final Map<Family, SpeedLimits> limits = new EnumMap<>(Family.class);
        private List<Station> stations = AT_FIRST.stations();
        private Reckoning reckoning = AT_FIRST.reckoning();
        private List<Stand> stands = Stand.starting();

        @Override
        public Optional<Refusal> objection(Line line, HouseEntry entry) {
            return Optional.empty();
        }

        @Override
        public void take(Line line, HouseEntry entry) {
            switch (entry) {
                case HouseEntry.SchoolChosen one -> school = one.school();
                case HouseEntry.TraysSet one -> trays = one.trays();
                case HouseEntry.StreakSet one -> standards = standards.withStreak(one.length());
                case HouseEntry.LookAlikesSet one -> standards = standards.withLookAlikes(one.withinMm());
                case HouseEntry.PeopleSet one -> people = one.people();
                case HouseEntry.SheetHeadSet one -> head = new SheetHead(one.shopName(), one.guaranteeMonths());
                case HouseEntry.OwnerAskedFirstSet one -> standards = standards.withOwnerAsked(one.asked());
                case HouseEntry.LimitsSet one -> limits.compute(one.family(), (family, before) -> one.limits());
                case HouseEntry.StationsSet one -> stations = one.stations();
                case HouseEntry.GlassPassesSet one -> standards = standards.withGlassPasses(one.most());
                case HouseEntry.RatesSet one -> reckoning = new Reckoning(reckoning.money(), one.rates());
                case HouseEntry.CurrencyChosen one -> reckoning = new Reckoning(one.money(), reckoning.rates());
                case HouseEntry.StandsSet one -> stands = one.stands();
            }
        }

        /** How the shop works; makers' sheets stand in another log. */
        public HousePractice practice() {
            return new HousePractice(
                    school, trays, people, stations, head, standards, new SpeedsAllowed(limits, List.of()), reckoning);
        }

        /** Its shutter stands. */
        public List<Stand> stands() {
            return stands;
        }
    }
}
