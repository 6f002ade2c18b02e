package ruvant.core.plan.tasks;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.PartName;

/**
 * What is left of the way back: first the parts that nothing holds up but work on the bench, then those that wait for something, each
 * in stretches that fit between two breaks. Parts are put back one by one, so it can be left and taken up again after any of them.
 *
 * @param id within the job
 * @param held whether it comes after what dries there and what is still to arrive
 */
record RefitLeft(String id, boolean held, String words, Guess minutes) {
    /** A stretch longer than this is parted. */
    private static final double LONGEST = 90;

    static List<RefitLeft> of(JobNow job, double spread) {
        JobPicture picture = job.picture();
        List<ValleyPart> out = picture.valley().out();
        Set<PartName> waiting = new HashSet<>();
        picture.treat().waits().stream()
                .filter(wait -> wait.endedAt().isEmpty() && wait.part() != null)
                .forEach(wait -> waiting.add(wait.part()));
        picture.parts().openNeeds().forEach(need -> waiting.add(need.part()));
        Map<PartName, Set<PartName>> under = picture.valley().under();
        List<ValleyPart> held = new ArrayList<>();
        List<ValleyPart> free = new ArrayList<>();
        for (ValleyPart part : out) {
            boolean holds = waiting.contains(part.name())
                    || under.get(part.name()).stream().anyMatch(waiting::contains);
            (holds ? held : free).add(part);
        }
        List<RefitLeft> all = new ArrayList<>();
        stretches(job, free, false, spread, all);
        stretches(job, held, true, spread, all);
        return all;
    }

    private static void stretches(
            JobNow job, List<ValleyPart> parts, boolean held, double spread, List<RefitLeft> into) {
        if (parts.isEmpty()) {
            return;
        }
        double minutes = Math.max(
                2,
                parts.stream()
                                .mapToDouble(one -> job.takesBack(one).toSeconds())
                                .sum()
                        / 60);
        int count = Math.clamp((int) Math.ceil(minutes / LONGEST), 1, parts.size());
        for (int at = 0; at < count; at++) {
            int its = parts.size() * (at + 1) / count - parts.size() * at / count;
            into.add(new RefitLeft(
                    "refit-" + (into.size() + 1),
                    held,
                    its == 1 ? "Put back 1 part" : "Put back " + its + " parts",
                    new Guess(minutes / count, spread, 0)));
        }
    }
}
