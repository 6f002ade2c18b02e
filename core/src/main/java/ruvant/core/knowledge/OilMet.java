package ruvant.core.knowledge;

import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ruvant.core.picture.JobPicture;
import ruvant.core.treat.OilSheet;
import ruvant.core.treat.TreatEntry;
import ruvant.core.treat.TreatPicture;

/** Gathers the points that were oiled, over jobs. */
final class OilMet {
    private OilMet() {}

    static List<OilSheet.KnownPoint> in(List<JobPicture> jobs) {
        Map<String, OilSheet.KnownPoint> met = new LinkedHashMap<>();
        for (JobPicture job : jobs) {
            Set<String> here = new HashSet<>();
            for (TreatPicture.Done<TreatEntry.Lubricated> done : job.treat().lubricated()) {
                TreatEntry.Lubricated oiled = done.what();
                String key = oiled.part().key() + "\n" + oiled.point().id();
                if (here.add(key)) {
                    met.merge(
                            key,
                            new OilSheet.KnownPoint(
                                    oiled.part(), oiled.point(), oiled.pointKind(), 1, oiled.dry() ? 1 : 0),
                            OilSheet.KnownPoint::and);
                }
            }
        }
        return met.values().stream()
                .sorted(Comparator.comparingInt(OilSheet.KnownPoint::jobs).reversed())
                .toList();
    }
}
