package ruvant.core.measure;

import ruvant.core.house.HousePractice;
import ruvant.core.house.ModelSheet;
import ruvant.core.house.SpeedLimits;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;

/**
 * What is allowed of a camera's speeds, and who says so: the maker before the house, the house before the trade.
 *
 * @param source in words
 */
public record Tolerances(SpeedLimits limits, String source) {
    /** The trade speaks of fast speeds above 1/125; marked 1/125 means 1/128, and older rows write 1/100. */
    private static final double FAST_STARTS_ABOVE = 1.0 / 128 * 0.95;

    /** Taper is judged more mildly above 1/250, where the slit is a few millimetres wide. */
    private static final double TAPER_FAST_ABOVE = 1.0 / 256 * 0.95;

    /** What counts for a camera in a shop. */
    public static Tolerances of(Camera camera, HousePractice practice) {
        var sheet = practice.speeds().sheetOf(camera);
        if (sheet.flatMap(ModelSheet::limits).isPresent()) {
            return new Tolerances(
                    sheet.get().limits().get(), "maker, " + sheet.get().source());
        }
        SpeedLimits house = practice.speeds().limits().get(camera.family());
        return house != null
                ? new Tolerances(house, "house practice, " + camera.family().label())
                : usual(camera.family());
    }

    /** What the trade usually allows. */
    public static Tolerances usual(Family family) {
        return new Tolerances(SpeedLimits.usual(family), "usual, " + family.label());
    }

    /** Allowed difference of exposure between the ends of the gate, stops. */
    public double taperEv(double nominalSeconds) {
        return nominalSeconds >= TAPER_FAST_ABOVE ? limits.taperSlowEv() : limits.taperFastEv();
    }

    /**
     * Allowed |bias|, stops.
     *
     * @param nominalSeconds above 0
     */
    public double biasEv(double nominalSeconds) {
        return nominalSeconds >= FAST_STARTS_ABOVE ? limits.slowEv() : limits.fastEv();
    }

    /** Allowed standard deviation from firing to firing, stops. */
    public double scatterEv() {
        return limits.scatterEv();
    }
}
