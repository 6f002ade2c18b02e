package ruvant.core.measure;

import java.util.Optional;
import ruvant.core.house.ModelSheet;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.trade.MarkedSpeed;

/**
 * A speed as it is engraved, and what that means on this camera.
 *
 * @param nominalSeconds above 0
 * @param source by what that is known
 */
public record DialSpeed(String words, double nominalSeconds, String source) {
    /**
     * What an engraved speed means: by the maker where the maker says so, else by the dial's series.
     *
     * @throws ruvant.core.units.FieldProblem if it is not a marked speed
     */
    public static DialSpeed of(String speed, IntakeEntry.Received received, Optional<ModelSheet> sheet) {
        Double own = sheet.map(one -> one.meansSeconds().get(speed)).orElse(null);
        return own != null
                ? new DialSpeed(speed, own, "maker, " + sheet.orElseThrow().source())
                : new DialSpeed(
                        speed,
                        MarkedSpeed.nominalSeconds(speed, received.series()),
                        received.series().label());
    }
}
