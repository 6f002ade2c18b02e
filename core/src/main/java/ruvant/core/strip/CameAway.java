package ruvant.core.strip;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.units.Check;

/**
 * How a part came away, for whoever puts it back or lifts the next one.
 *
 * @param move which way it moves, which side first, what to clear: "tilt left to clear the lever"; may be empty
 * @param tool what served for it; may be empty
 * @param mind what to mind in own words, with what happens otherwise; none where a known hazard says it all
 */
public record CameAway(String move, String tool, List<String> mind) {
    public CameAway {
        move = Check.optionalRemark("move", move);
        tool = Check.optionalName("tool", tool);
        mind = Check.some("mind", mind, 12).stream()
                .map(one -> Check.remark("mind", one))
                .toList();
    }

    /** Whether nothing was said. */
    public boolean isEmpty() {
        return move.isEmpty() && tool.isEmpty() && mind.isEmpty();
    }

    /** What was said, piece by piece. */
    public Stream<String> pieces() {
        return Stream.of(
                        Stream.of(move),
                        Stream.of(tool.isEmpty() ? "" : "with " + tool),
                        mind.stream().map(one -> "mind: " + one))
                .flatMap(one -> one)
                .filter(one -> !one.isEmpty());
    }

    /** All of it in one line; empty where nothing was said. */
    public String words() {
        return pieces().collect(Collectors.joining(", "));
    }
}
