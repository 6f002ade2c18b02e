package ruvant.core.knowledge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ruvant.core.find.FindPicture;
import ruvant.core.picture.JobPicture;

/** How long looks took, job by job: from the line before each to its own. */
final class LooksMet {
    private LooksMet() {}

    static List<ModelKnowledge.LookMet> in(List<JobPicture> jobs) {
        Map<String, List<FindPicture.TakenLook>> all = new LinkedHashMap<>();
        for (JobPicture job : jobs) {
            for (FindPicture.TakenLook look : job.find().looks()) {
                if (look.took().isPresent()) {
                    all.computeIfAbsent(look.looked().look(), name -> new ArrayList<>())
                            .add(look);
                }
            }
        }
        return all.values().stream()
                .map(LooksMet::met)
                .sorted(Comparator.comparingInt(ModelKnowledge.LookMet::times).reversed())
                .toList();
    }

    private static ModelKnowledge.LookMet met(List<FindPicture.TakenLook> looks) {
        double[] minutes = looks.stream()
                .mapToDouble(look -> look.took().orElseThrow().toSeconds() / 60.0)
                .sorted()
                .toArray();
        return new ModelKnowledge.LookMet(
                looks.getLast().looked().look(),
                looks.getLast().looked().words(),
                minutes.length,
                minutes[minutes.length / 2]);
    }
}
