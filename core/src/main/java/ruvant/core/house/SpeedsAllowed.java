package ruvant.core.house;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.units.Check;

/**
 * How far off speeds may be: what the maker says of a model goes before what the house says of its family.
 *
 * @param limits what the house allows, for families where it differs from the trade
 * @param sheets what makers say of their models' speeds, one for each model
 */
public record SpeedsAllowed(Map<Family, SpeedLimits> limits, List<ModelSheet> sheets) {
    /** As the trade allows. */
    public static final SpeedsAllowed USUAL = new SpeedsAllowed(Map.of(), List.of());

    private static final int MOST_SHEETS = 5_000;

    public SpeedsAllowed {
        limits = Map.copyOf(limits);
        sheets = Check.some("sheets", sheets, MOST_SHEETS);
    }

    /** What the maker says of a camera's speeds; empty where nobody has entered it. */
    public Optional<ModelSheet> sheetOf(Camera camera) {
        return sheetOf(camera.maker(), camera.model());
    }

    /** What the maker says of a model's speeds; empty where nobody has entered it. */
    public Optional<ModelSheet> sheetOf(String maker, String model) {
        return sheets.stream().filter(sheet -> sheet.isOf(maker, model)).findFirst();
    }

    /** The same with other makers' sheets. */
    public SpeedsAllowed withSheets(List<ModelSheet> others) {
        return new SpeedsAllowed(limits, others);
    }
}
