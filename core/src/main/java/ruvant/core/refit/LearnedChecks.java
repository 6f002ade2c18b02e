package ruvant.core.refit;

import java.util.List;
import ruvant.core.strip.Taught;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** What earlier jobs of a model looked at before a part went on, beyond what follows from the part itself. */
@FunctionalInterface
public interface LearnedChecks {
    /** Nothing was learned. */
    LearnedChecks NONE = part -> List.of();

    /** The checks before this part; none for a part that earlier jobs did not meet. */
    List<Named> before(PartName part);

    /** What went wrong at this part in earlier jobs, in words. */
    default List<String> slips(PartName part) {
        return List.of();
    }

    /** What earlier jobs say of the order of parts. */
    default Taught order() {
        return Taught.NOTHING;
    }

    /** Whether most earlier jobs left every point of this part dry on purpose. */
    default boolean leftDry(PartName part) {
        return false;
    }

    /** The points of this part that most earlier jobs oiled. */
    default List<Named> oilPoints(PartName part) {
        return List.of();
    }
}
