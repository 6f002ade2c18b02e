package ruvant.core.odds;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.offer.OptionStep;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.plan.tasks.Works;
import ruvant.core.units.TagNumber;

/**
 * What this shop's earlier jobs say of chances and estimates.
 *
 * @param estimates how good they were
 * @param repairs which worked
 */
public record OddsHere(EstimatesHere estimates, RepairsHere repairs) {
    /**
     * Learns from jobs that went home.
     *
     * @param returned in the order in which they went
     * @param open cameras that are here now; some of them came back
     */
    public static OddsHere of(List<JobPicture> returned, List<JobPicture> open) {
        Set<TagNumber> cameBack = Stream.concat(returned.stream(), open.stream())
                .flatMap(job -> job.cameBackWithTheSame().stream())
                .collect(Collectors.toSet());
        return new OddsHere(
                new EstimatesHere(EstimatesRead.of(returned)),
                new RepairsHere(returned.stream()
                        .flatMap(job -> Repair.of(job, cameBack).stream())
                        .toList()));
    }

    /** What is made of the minutes of a step: those that were read from this shop's history need no correction. */
    public Correction correction(OptionStep step) {
        return step.minutes().estimated() ? estimates.of(Works.at(step.stop())) : Correction.NONE;
    }

    /** The figures of options under this experience. */
    public OptionReckoning reckoning(long hourMinor, long seed) {
        return new OptionReckoning(hourMinor, estimates.howMuchTogether(), this::correction, seed);
    }

    /** How long a step takes, as the plan reckons: log-normal. */
    public Guess guess(OptionStep step) {
        Stretch corrected = Stretch.of(step.minutes()).corrected(correction(step));
        Integer seen = step.minutes().seen();
        return new Guess(corrected.middle(), (corrected.below() + corrected.above()) / 2, seen == null ? 0 : seen);
    }
}
