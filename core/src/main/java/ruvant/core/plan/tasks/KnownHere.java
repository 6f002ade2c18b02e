package ruvant.core.plan.tasks;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.parts.PartsPicture;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.minutes.MinutesKnown;
import ruvant.core.plan.minutes.Took;
import ruvant.core.plan.minutes.Work;
import ruvant.core.sitting.SittingTime;

/**
 * What this shop's earlier jobs say of how long things take.
 *
 * @param minutes of work
 * @param rests the kind of wait that mostly followed the treatment of a cause, by the ids of both
 * @param delays of what comes from outside
 */
public record KnownHere(MinutesKnown minutes, Map<String, String> rests, Delays delays) {
    /** Fewer cases than this are chance. */
    private static final int TELLING = 4;

    /** Nothing is known of this shop yet. */
    public static final KnownHere NOTHING = new KnownHere(new MinutesKnown(List.of()), Map.of(), Delays.USUAL);

    public KnownHere {
        rests = Map.copyOf(rests);
    }

    /**
     * Learns from jobs that went home.
     *
     * @param returned in the order in which they went
     * @param orders what is on order now
     */
    public static KnownHere of(List<JobPicture> returned, Delays.OnOrder orders) {
        return new KnownHere(
                new MinutesKnown(returned.stream().flatMap(KnownHere::took).toList()),
                rests(returned),
                new Delays(
                        orders,
                        median(returned.stream().flatMap(KnownHere::parts).toList(), Delays.USUAL_PART),
                        median(returned.stream().flatMap(KnownHere::answers).toList(), Delays.USUAL_ANSWER)));
    }

    /** The same with other orders. */
    public KnownHere ordered(Delays.OnOrder orders) {
        return new KnownHere(minutes, rests, new Delays(orders, delays.part(), delays.answer()));
    }

    /** What each kind of work took at a job, by who did most of it. */
    public static Stream<Took> took(JobPicture job) {
        Optional<IntakeEntry.Received> in = job.intake().received();
        if (in.isEmpty()) {
            return Stream.empty();
        }
        Map<Work, List<SittingTime.Sat>> byWork =
                job.sitting().sittings().stream().collect(Collectors.groupingBy(one -> Works.at(one.stop())));
        List<Took> all = new ArrayList<>();
        byWork.forEach((work, sat) -> {
            double minutes = sat.stream().mapToLong(SittingTime.Sat::minutes).sum();
            if (minutes > 0) {
                all.add(new Took(Works.task(work, job, in.get()), most(sat), Math.min(minutes, Took.LONGEST)));
            }
        });
        all.sort(Comparator.comparing(one -> one.task().work()));
        return all.stream();
    }

    private static String most(List<SittingTime.Sat> sat) {
        Map<String, Long> by = new HashMap<>();
        sat.forEach(one -> by.merge(one.by(), one.minutes(), Long::sum));
        return by.entrySet().stream()
                .max(Map.Entry.<String, Long>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .orElse("");
    }

    private static Map<String, String> rests(List<JobPicture> jobs) {
        Map<String, Map<String, Integer>> seen = new HashMap<>();
        Map<String, Integer> cases = new HashMap<>();
        for (JobPicture job : jobs) {
            if (job.find().causes().size() == 1) {
                String cause = job.find().causes().getFirst().what().id();
                cases.merge(cause, 1, Integer::sum);
                job.treat().waits().stream()
                        .map(wait -> wait.what().id())
                        .distinct()
                        .forEach(wait -> seen.computeIfAbsent(cause, one -> new HashMap<>())
                                .merge(wait, 1, Integer::sum));
            }
        }
        Map<String, String> rests = new HashMap<>();
        seen.forEach((cause, waits) -> waits.entrySet().stream()
                .max(Map.Entry.<String, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .filter(most -> cases.get(cause) >= TELLING && 2 * most.getValue() > cases.get(cause))
                .ifPresent(most -> rests.put(cause, most.getKey())));
        return rests;
    }

    private static Stream<Duration> parts(JobPicture job) {
        return job.parts().needs().stream()
                .filter(need -> !need.open())
                .flatMap(need -> job.parts().replacements().stream()
                        .filter(one -> one.what().part().equals(need.part()))
                        .map(PartsPicture.Replacement::at)
                        .filter(at -> !at.isBefore(need.since()))
                        .findFirst()
                        .map(at -> Duration.between(need.since(), at))
                        .stream());
    }

    private static Stream<Duration> answers(JobPicture job) {
        return job.offer().questions().stream()
                .flatMap(one -> one.answeredAt().stream().map(at -> Duration.between(one.at(), at)));
    }

    private static Duration median(List<Duration> seen, Duration usual) {
        return seen.size() < TELLING
                ? usual
                : seen.stream().sorted().skip(seen.size() / 2).findFirst().orElseThrow();
    }
}
