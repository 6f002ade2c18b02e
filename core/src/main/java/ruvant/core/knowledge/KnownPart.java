package ruvant.core.knowledge;

import java.time.Duration;
import java.util.List;
import ruvant.core.job.Fastener;
import ruvant.core.job.Hazard;
import ruvant.core.job.MechanismState;
import ruvant.core.job.Side;
import ruvant.core.units.MayBeNull;

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
 * @param over names of parts that came off before it in at least half of the jobs in which both came off
 * @param stripTakes middle time to take it off, from the times of the log; zero where it is not known
 * @param refitTakes middle time to put it back; zero where it is not known
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
        List<String> remarks) {

    /** Whether there is something to know before it is lifted. */
    public boolean wantsCare() {
        return !hidden.isEmpty() || !hazards.isEmpty() || state != null || !loose.isEmpty();
    }
}
