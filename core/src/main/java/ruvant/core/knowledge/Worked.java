package ruvant.core.knowledge;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.PartName;

/** Which parts of a job something was done to. */
final class Worked {
    private Worked() {}

    /** Keys of the parts that were cleaned, mended, oiled, needed or replaced. */
    static Set<String> on(JobPicture job) {
        return Stream.of(
                        job.treat().workedOn(),
                        job.parts().replacements().stream()
                                .map(one -> one.what().part()),
                        job.parts().needs().stream().map(need -> need.part()))
                .flatMap(names -> names)
                .map(PartName::key)
                .collect(Collectors.toSet());
    }
}
