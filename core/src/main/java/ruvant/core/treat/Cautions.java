package ruvant.core.treat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Which cautions a person has read today: each is said once a day, or nobody reads it any more. */
public final class Cautions {
    private Cautions() {}

    /**
     * Ids of cautions that were shown on a day.
     *
     * @param zone in which days begin and end
     */
    public static Set<String> shownOn(LocalDate day, ZoneId zone, List<TreatPicture.Shown> shown) {
        return shown.stream()
                .filter(one -> LocalDate.ofInstant(one.at(), zone).equals(day))
                .map(TreatPicture.Shown::caution)
                .collect(Collectors.toSet());
    }
}
