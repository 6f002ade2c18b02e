package ruvant.core.refit;

import java.util.List;
import java.util.OptionalInt;
import ruvant.core.strip.AskedCheck;
import ruvant.core.strip.Taught;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** What earlier jobs of a model looked at before a part went on, beyond what follows from the part itself. */
@FunctionalInterface
public interface LearnedChecks {
    /** Nothing was learned. */
    LearnedChecks NONE = part -> List.of();

    /** The checks at this part, each with its moment; none for a part that earlier jobs did not meet. */
    List<AskedCheck> at(PartName part);

    /** Steps that earlier jobs wrote down. */
    default List<Procedure> procedures() {
        return List.of();
    }

    /** How many pieces of a kind most earlier jobs found at a part; empty where that is not known. */
    default OptionalInt usualCount(PartName part, String piece) {
        return OptionalInt.empty();
    }

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
