package ruvant.core.picture;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.units.Named;
import ruvant.core.units.TagNumber;
import ruvant.core.warranty.Likeness;

/**
 * An earlier stay of the same camera, and how its present fault seems to stand to it.
 *
 * @param owner whose it was then
 * @param causes what was found then
 * @param parts that were worked on or replaced then
 * @param who did most of the work then; empty where nobody sat down to it
 * @param returned on which day; empty while it is still here
 * @param coveredUntil to which day the warranty reaches; empty for none
 * @param covered whether it came in again by then
 * @param coveredAs whether the warranty covers it, by how the fault stands to the earlier one
 * @param seems how the fault seems to stand to the earlier one; empty while the log does not say
 * @param because what that rests on; empty with it
 */
public record EarlierVisit(
        TagNumber tag,
        String owner,
        String complaint,
        List<Named> causes,
        List<String> parts,
        String who,
        Optional<LocalDate> returned,
        Optional<LocalDate> coveredUntil,
        boolean covered,
        Map<Likeness, Boolean> coveredAs,
        Optional<Likeness> seems,
        String because) {
    /** What an earlier job says of the present one. No more is concluded than that: whoever looks at it judges. */
    public static EarlierVisit of(JobPicture earlier, JobPicture now, ZoneId zone) {
        int months = earlier.practice().head().guaranteeMonths();
        Optional<LocalDate> returned =
                earlier.handover().returnedAt().map(at -> at.atZone(zone).toLocalDate());
        Optional<LocalDate> until = months == 0 ? Optional.empty() : returned.map(day -> day.plusMonths(months));
        LocalDate came = now.intake().receivedAt().orElseThrow().atZone(zone).toLocalDate();
        List<String> parts = parts(earlier).distinct().toList();
        boolean covered = until.filter(day -> !came.isAfter(day)).isPresent();
        Map<Likeness, Boolean> coveredAs = new EnumMap<>(Likeness.class);
        for (Likeness one : Likeness.values()) {
            coveredAs.put(one, covered && one.ofTheWork());
        }
        Seems seems = seems(earlier, parts, now);
        return new EarlierVisit(
                earlier.tag(),
                earlier.received().owner().words(),
                earlier.received().complaint(),
                earlier.find().causes().stream().map(one -> one.what()).toList(),
                parts,
                who(earlier),
                returned,
                until,
                covered,
                coveredAs,
                seems.likeness,
                seems.because);
    }

    private record Seems(Optional<Likeness> likeness, String because) {
        static final Seems NOT_KNOWN = new Seems(Optional.empty(), "");
    }

    private static Seems seems(JobPicture earlier, List<String> parts, JobPicture now) {
        List<Named> causes = now.find().causes().stream().map(one -> one.what()).toList();
        if (causes.isEmpty()) {
            return earlier.received()
                            .complaint()
                            .equalsIgnoreCase(now.received().complaint())
                    ? new Seems(Optional.of(Likeness.SAME), "the same complaint; no cause is confirmed yet")
                    : Seems.NOT_KNOWN;
        }
        for (Named cause : causes) {
            if (earlier.find().causes().stream().anyMatch(one -> one.what().equals(cause))) {
                return new Seems(Optional.of(Likeness.SAME), "the same cause: " + cause.words());
            }
        }
        Set<String> then = parts.stream().collect(Collectors.toSet());
        Optional<String> again = parts(now).filter(then::contains).findFirst();
        return again.map(part -> new Seems(Optional.of(Likeness.RELATED), part + " was worked on then too"))
                .orElse(new Seems(Optional.of(Likeness.NEW), "another cause, and no part that was worked on then"));
    }

    private static Stream<String> parts(JobPicture job) {
        return Stream.of(
                        job.treat().workedOn().map(one -> one.text()),
                        job.parts().replacements().stream()
                                .map(one -> one.what().part().text()))
                .flatMap(all -> all);
    }

    private static String who(JobPicture job) {
        return job.sitting().sittings().stream()
                .collect(Collectors.groupingBy(one -> one.by(), Collectors.summingLong(one -> one.minutes())))
                .entrySet()
                .stream()
                .max(Map.Entry.<String, Long>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .orElse("");
    }
}
