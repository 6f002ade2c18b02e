package ruvant.core.knowledge;

import java.time.Duration;
import java.util.List;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;

/**
 * One part as earlier jobs of the model met it.
 *
 * @param name as it was called most often
 * @param jobs in how many jobs it came off
 * @param side from which side most often
 * @param fasteners what held it most often
 * @param hidden fasteners that some job noted as hidden
 * @param hazards what anybody was warned of there
 * @param state how the mechanism stood in most jobs that said so; null where none did
 * @param loose small parts that lay loose under it, in words
 * @param over names of parts that came off over it in at least half of the jobs in which it came off
 * @param stripTakes middle time to take it off, from the times of the log; zero where it is not known
 * @param refitTakes middle time to put it back; zero where it is not known
 * @param others ways by which some jobs reached it without what usually comes off before it
 * @param needless whether it came off in few of the jobs, with nothing done to it, and others got as far without it
 * @param checks what was looked at before it went on, of somebody's own accord
 * @param slips what went wrong there, how it showed and how it was put right
 * @param remarks what was noted about lifting it, newest first, at most three
 */
public record KnownPart(
        String name,
        int jobs,
        Side side,
        boolean covers,
        List<Fastener> fasteners,
        List<Fastener> hidden,
        List<Hazard> hazards,
        @MayBeNull MechanismState state,
        List<String> loose,
        List<String> over,
        Duration stripTakes,
        Duration refitTakes,
        List<OtherWay> others,
        boolean needless,
        List<Named> checks,
        List<String> slips,
        List<String> remarks) {
    /**
     * How some jobs reached a part otherwise.
     *
     * @param without what they left on
     * @param instead what they took off instead; may be empty
     */
    public record OtherWay(List<String> without, List<String> instead, int jobs) {}

    /** Whether there is something to know before it is lifted. */
    public boolean wantsCare() {
        return !hidden.isEmpty() || !hazards.isEmpty() || state != null || !loose.isEmpty() || !slips.isEmpty();
    }

    /** The same for a camera of another model: where it lies and what to beware of hold there, measures do not. */
    KnownPart ofTheFamily() {
        return new KnownPart(
                name,
                jobs,
                side,
                covers,
                List.of(),
                List.of(),
                hazards,
                state,
                loose,
                over,
                stripTakes,
                refitTakes,
                others,
                false,
                List.of(),
                List.of(),
                List.of());
    }
}
