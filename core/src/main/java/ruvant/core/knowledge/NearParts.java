package ruvant.core.knowledge;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.treat.CleaningAdvice;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.PartName;

/** What stands near a part and is still in place, by what earlier jobs found to lie over and under it. */
public final class NearParts {
    private NearParts() {}

    /** Neighbours still in the camera; none for a part that lies in the tray itself. */
    public static List<CleaningAdvice.Near> of(
            String part, Valley valley, TreatPicture treat, ModelKnowledge known, Materials materials) {
        Set<String> out =
                valley.out().stream().map(ValleyPart::name).map(PartName::key).collect(Collectors.toSet());
        String key = PartName.of(part).key();
        if (out.contains(key)) {
            return List.of();
        }
        Optional<KnownPart> here = known.part(part);
        return known.parts().stream()
                .filter(other -> !out.contains(PartName.of(other.name()).key())
                        && !PartName.of(other.name()).key().equals(key))
                .filter(other -> lies(other, key)
                        || here.stream()
                                .anyMatch(one ->
                                        lies(one, PartName.of(other.name()).key())))
                .map(other -> new CleaningAdvice.Near(
                        other.name(),
                        MadeOf.of(PartName.of(other.name()), treat, known, materials)
                                .materials()))
                .toList();
    }

    /** Whether another part lies directly over this one. */
    private static boolean lies(KnownPart under, String over) {
        return under.lies().over().stream()
                .anyMatch(name -> PartName.of(name).key().equals(over));
    }
}
