package ruvant.core.odds;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruvant.core.intake.IntakePicture;
import ruvant.core.parts.PartsPicture;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.Family;
import ruvant.core.trade.FunctionResult;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.Named;
import ruvant.core.units.TagNumber;

/**
 * A repair that is over, and whether it worked.
 *
 * @param model maker and model
 * @param causes ids of what was found to be the cause
 * @param worked whether what was agreed was done, nothing fails now that worked before, and it did not come back with the same
 */
public record Repair(TagNumber tag, String model, Family family, List<String> causes, boolean worked) {
    /**
     * The repair of a job; empty for a camera that is still here, or that went home untouched.
     *
     * @param cameBack tags of jobs whose camera came back with the same fault
     */
    public static Optional<Repair> of(JobPicture job, Set<TagNumber> cameBack) {
        if (!job.returned() || !touched(job)) {
            return Optional.empty();
        }
        var camera = job.received().camera();
        return Optional.of(new Repair(
                job.tag(),
                camera.maker() + " " + camera.model(),
                camera.family(),
                job.find().causes().stream().map(one -> one.what().id()).toList(),
                worked(job) && !cameBack.contains(job.tag())));
    }

    private static boolean touched(JobPicture job) {
        TreatPicture treat = job.treat();
        PartsPicture parts = job.parts();
        return treat.workedOn().findAny().isPresent()
                || !parts.replacements().isEmpty()
                || !job.adjust().turned().isEmpty();
    }

    private static boolean worked(JobPicture job) {
        boolean left = job.intake().scope().stream().anyMatch(item -> item.state() == IntakePicture.ScopeState.LEFT)
                || job.handover().leftOpen().stream()
                        .anyMatch(open -> job.find().causes().stream()
                                .anyMatch(cause -> open.what()
                                        .equalsIgnoreCase(cause.what().words())));
        List<Named> before = job.intake().functions().stream()
                .filter(one -> one.result() == FunctionResult.WORKS)
                .map(IntakePicture.FunctionState::function)
                .toList();
        boolean worse = job.prove().functions().stream()
                .anyMatch(one -> one.result() == FunctionResult.FAILS && before.contains(one.function()));
        return !left && !worse;
    }
}
