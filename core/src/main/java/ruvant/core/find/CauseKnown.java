package ruvant.core.find;

import java.util.List;
import java.util.Optional;
import ruvant.core.trade.Family;
import ruvant.core.units.ById;
import ruvant.core.units.Named;

/**
 * What a confirmed cause asks next: what brought it about, what else it may have harmed and by which look that shows, and
 * what to tell the owner.
 *
 * @param harmed likeliest other victims, each with the look that shows it best
 */
public record CauseKnown(Named cause, List<String> roots, List<Harmed> harmed, String advice) {
    /** Something that may have been harmed, and the look that shows it best. */
    public record Harmed(String cause, FaultKnowledge.Look look) {}

    /** For each confirmed cause of a job that is known; those looked at since are left away. */
    public static List<CauseKnown> of(
            FindPicture find, FaultKnowledge knowledge, Family family, CaseEvidence evidence) {
        List<FaultKnowledge.Cause> all = knowledge.causesOf(family);
        return find.causes().stream()
                .flatMap(said -> knowledge.causeMeant(said.what(), Optional.of(family)).stream()
                        .filter(all::contains)
                        .map(cause -> known(said.what(), cause, knowledge, evidence)))
                .toList();
    }

    private static CauseKnown known(
            Named said, FaultKnowledge.Cause cause, FaultKnowledge knowledge, CaseEvidence evidence) {
        List<Harmed> harmed = cause.harms().stream()
                .flatMap(id -> ById.find(knowledge.causes(), id).stream())
                .filter(one -> !evidence.cleared().contains(one.id()))
                .flatMap(one -> best(one, knowledge, evidence))
                .toList();
        return new CauseKnown(said, cause.roots(), harmed, cause.advice());
    }

    private static java.util.stream.Stream<Harmed> best(
            FaultKnowledge.Cause cause, FaultKnowledge knowledge, CaseEvidence evidence) {
        return knowledge.looks().stream()
                .filter(look -> evidence.looks().stream()
                        .noneMatch(taken -> taken.look().equals(look.id())))
                .filter(look -> look.finds().getOrDefault(cause.id(), 0.0) >= 0.5)
                .max(java.util.Comparator.comparingDouble(look -> look.finds().get(cause.id()) - look.otherwise()))
                .map(look -> new Harmed(cause.words(), look))
                .stream();
    }
}
