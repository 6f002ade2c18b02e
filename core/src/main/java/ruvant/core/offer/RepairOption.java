package ruvant.core.offer;

import java.util.List;
import ruvant.core.units.Check;
import ruvant.core.units.Identified;
import ruvant.core.units.MayBeNull;

/**
 * One thing that can be done about a camera.
 *
 * @param id told by it on its sheet and in what is agreed to
 * @param name as the owner reads it
 * @param steps in the order of the work
 * @param parts all are got before the first step that mends, oils or closes
 * @param worthMinor what the camera fetches where all of it succeeds, minor units; null where nobody said
 */
public record RepairOption(
        String id,
        OptionKind kind,
        String name,
        List<OptionStep> steps,
        List<OptionPart> parts,
        @MayBeNull Long worthMinor)
        implements Identified {
    private static final int MOST = 60;
    private static final long MOST_MINOR = 1_000_000_000;

    public RepairOption {
        id = Check.name("id", id);
        Check.chosen("kind", kind);
        name = Check.name("name", name);
        steps = Check.some("steps", steps, MOST);
        parts = Check.some("parts", parts, MOST);
        if (worthMinor != null) {
            Check.within("worth", worthMinor, 0, MOST_MINOR, "minor units");
        }
    }
}
