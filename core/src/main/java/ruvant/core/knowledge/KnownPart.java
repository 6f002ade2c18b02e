package ruvant.core.knowledge;

import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import ruvant.core.strip.AskedCheck;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.units.MayBeNull;

/**
 * One part as earlier jobs of the model met it.
 *
 * @param name as it was called most often
 * @param jobs in how many jobs it came off
 * @param needless whether it came off in few of the jobs, with nothing done to it, and others got as far without it
 * @param checks what was looked at before it went on, of somebody's own accord
 */
public record KnownPart(
        String name,
        int jobs,
        Lies lies,
        Holding held,
        Beware beware,
        PartTakes takes,
        boolean needless,
        List<AskedCheck> checks) {
    /**
     * How it lies in the camera.
     *
     * @param side from which side it came off most often
     * @param over names of parts that came off over it in at least half of the jobs in which it came off
     * @param others ways by which some jobs reached it without what usually comes off before it
     */
    public record Lies(Side side, boolean covers, List<String> over, List<OtherWay> others) {}

    /**
     * What holds it and what lies in it.
     *
     * @param fasteners what held it most often
     * @param hidden fasteners that some job noted as hidden
     * @param loose small parts that lay loose under it, in words
     */
    public record Holding(List<Fastener> fasteners, List<Fastener> hidden, List<String> loose) {}

    /**
     * What to mind about it.
     *
     * @param hazards what anybody was warned of there
     * @param state how the mechanism stood in most jobs that said so; null where none did
     * @param slips what went wrong there, how it showed and how it was put right
     * @param remarks what was noted about lifting it, newest first, at most three
     */
    public record Beware(
            List<Hazard> hazards, @MayBeNull MechanismState state, List<String> slips, List<String> remarks) {}

    /**
     * How long it takes, from the times of the log; zero where it is not known.
     *
     * @param off middle time to take it off
     * @param back middle time to put it back
     */
    public record PartTakes(Duration off, Duration back) {}

    /**
     * How some jobs reached a part otherwise.
     *
     * @param without what they left on
     * @param instead what they took off instead; may be empty
     */
    public record OtherWay(List<String> without, List<String> instead, int jobs) {}

    /** Whether there is something to know before it is lifted. */
    public boolean wantsCare() {
        return !held.hidden().isEmpty()
                || !beware.hazards().isEmpty()
                || beware.state() != null
                || !held.loose().isEmpty()
                || !beware.slips().isEmpty();
    }

    /** The same with more to know before it is lifted, said before what was noted. */
    KnownPart told(List<String> truths) {
        if (truths.isEmpty()) {
            return this;
        }
        List<String> remarks = Stream.concat(truths.stream(), beware.remarks().stream())
                .distinct()
                .toList();
        return new KnownPart(
                name,
                jobs,
                lies,
                held,
                new Beware(beware.hazards(), beware.state(), beware.slips(), remarks),
                takes,
                needless,
                checks);
    }

    /** The same for a camera of another model: where it lies and what to beware of hold there, measures do not. */
    KnownPart ofTheFamily() {
        return new KnownPart(
                name,
                jobs,
                lies,
                new Holding(List.of(), List.of(), held.loose()),
                new Beware(beware.hazards(), beware.state(), List.of(), List.of()),
                takes,
                false,
                List.of());
    }
}
