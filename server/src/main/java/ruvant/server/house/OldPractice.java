package ruvant.server.house;

import java.util.List;
import java.util.Map;
import ruvant.core.house.HousePractice;
import ruvant.core.house.ModelSheet;
import ruvant.core.house.Rates;
import ruvant.core.house.School;
import ruvant.core.house.SpeedLimits;
import ruvant.core.house.Station;
import ruvant.core.house.TrayShape;
import ruvant.core.trade.Family;

/**
 * How a shop works as folders kept it before settings became a log: one value, overwritten in place. What an older one did
 * not have yet is null, or 0 in the case of the glass.
 */
public record OldPractice(
        School school,
        List<TrayShape> trays,
        int streakLength,
        double lookAlikeMm,
        List<String> people,
        String shopName,
        int guaranteeMonths,
        boolean ownerAgreesFirst,
        Map<Family, SpeedLimits> limits,
        List<ModelSheet> sheets,
        List<Station> stations,
        int glassPasses,
        Rates rates) {
    public OldPractice {
        HousePractice fresh = HousePractice.starting();
        limits = limits == null ? Map.of() : limits;
        sheets = sheets == null ? List.of() : sheets;
        stations = stations == null ? fresh.stations() : stations;
        glassPasses = glassPasses == 0 ? fresh.standards().glassPasses() : glassPasses;
        rates = rates == null ? fresh.reckoning().rates() : rates;
    }
}
