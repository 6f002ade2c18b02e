package ruvant.core.sitting;

import java.util.List;
import java.util.Optional;
import ruvant.core.log.Line;
import ruvant.core.trade.Stop;

/**
 * How work went on.
 *
 * @param last the last line that counts
 * @param lately the last few things done, oldest first; sitting down and getting up left aside
 * @param lastStop where the last thing was done, sitting down and notes left aside
 */
public record Course(Optional<Line> last, List<Line> lately, Stop lastStop) {}
