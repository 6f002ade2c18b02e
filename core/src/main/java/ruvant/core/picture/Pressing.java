package ruvant.core.picture;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import ruvant.core.treat.TreatPicture;

/**
 * Why a camera comes before others on the bench.
 *
 * @param kind the kinds are in the order in which they press
 * @param why in words, such as "3 days late"; empty where nothing presses
 */
public record Pressing(Kind kind, String why) {
    /** Days before a promised date from which on it presses. */
    private static final long SOON_DAYS = 2;

    /** What presses, most first. */
    public enum Kind {
        LATE,
        WAIT_TOO_LATE,
        READY_TO_RETURN,
        DUE_SOON,
        DECISION_OPEN,
        NOTHING
    }

    /**
     * What presses most at a camera.
     *
     * @param today the shop's own day
     */
    public static Pressing of(JobNow job, LocalDate today) {
        JobPicture picture = job.picture();
        Optional<Long> days = picture.promised().map(promised -> ChronoUnit.DAYS.between(today, promised));
        if (days.filter(left -> left < 0).isPresent()) {
            long late = -days.get();
            return new Pressing(Kind.LATE, late + (late == 1 ? " day late" : " days late"));
        }
        Optional<TreatPicture.Wait> missed = picture.treat().waits().stream()
                .filter(wait -> wait.late(job.now()))
                .findFirst();
        if (missed.isPresent()) {
            return new Pressing(
                    Kind.WAIT_TOO_LATE, "waited too long: " + missed.get().what());
        }
        if (job.next().stream().anyMatch(NextStep.WriteSheet.class::isInstance)) {
            return new Pressing(Kind.READY_TO_RETURN, "ready to return");
        }
        if (days.filter(left -> left <= SOON_DAYS).isPresent()) {
            long left = days.get();
            return new Pressing(
                    Kind.DUE_SOON, left == 0 ? "due today" : left == 1 ? "due tomorrow" : "due in " + left + " days");
        }
        return picture.sitting().decisions().stream()
                .filter(one -> one.decided().open())
                .findFirst()
                .map(one -> new Pressing(
                        Kind.DECISION_OPEN, "to decide: " + one.decided().text()))
                .orElse(new Pressing(Kind.NOTHING, ""));
    }
}
