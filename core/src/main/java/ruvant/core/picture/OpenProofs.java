package ruvant.core.picture;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import ruvant.core.intake.FunctionList;
import ruvant.core.prove.NotTried;
import ruvant.core.prove.SpeedRow;

/** What worked or was timed when the camera came in, and was not tried again since it was last worked on. */
final class OpenProofs {
    private OpenProofs() {}

    /** Their names: functions first, then speeds that are no functions of their own. */
    static List<String> of(JobPicture picture) {
        return of(picture, picture.speedsOfTheCamera());
    }

    /** The same where the camera's speeds are at hand. */
    static List<String> of(JobPicture picture, List<SpeedRow> speeds) {
        Set<String> open = new LinkedHashSet<>(NotTried.of(picture.intake(), picture.prove()));
        speeds.stream()
                .filter(row -> row.before().isPresent() && row.after().isEmpty())
                .map(SpeedRow::speed)
                .filter(speed -> !open.contains(FunctionList.speed(speed).words()))
                .forEach(open::add);
        return List.copyOf(open);
    }
}
