package ruvant.core.practice.faults;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.find.CaseEvidence;
import ruvant.core.find.Diagnosis;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.NextLooks;

/** Ways to search for a hidden fault, and how many minutes at the bench each takes. */
public final class Search {
    /** A suspect this likely is taken for the cause and mended. */
    static final double TAKEN = 0.85;

    /** Mending what was not broken costs so many minutes before it shows. */
    static final double MENDED_IN_VAIN = 30;

    private static final int MOST_LOOKS = 45;
    private static final int LOOKED_AHEAD = 6;

    private final FaultKnowledge knowledge;

    public Search(FaultKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    /** How the next look is chosen. */
    public enum Way {
        /** Most bits for a minute. */
        ADVISED,
        /** Most bits for a minute over this look and the one after it. */
        TWO_AHEAD,
        /** Each of the best few is played through on cameras as they may be; the one that takes the fewest minutes then. */
        PLAYED_THROUGH,
        /** The look that shows the likeliest suspect best for its minutes. */
        LIKELIEST,
        /** Down the list of looks of the mechanisms that make the symptoms, as written. */
        CHECKLIST
    }

    /**
     * What a search came to.
     *
     * @param found whether the cause was found
     * @param minutes at the bench, mended in vain counted in
     * @param looks taken
     * @param rank of the true cause after each look, from 1, before any look first
     */
    public record Ended(boolean found, double minutes, int looks, int inVain, List<Integer> rank) {}

    /** Searches until the cause is found, or no look is left. */
    public Ended go(Searched camera, Way way) {
        CaseEvidence evidence = camera.asItComesIn();
        double minutes = 0;
        int inVain = 0;
        List<Integer> rank = new ArrayList<>();
        for (int looks = 0; looks < MOST_LOOKS; looks++) {
            Diagnosis diagnosis = Diagnosis.of(knowledge, camera.family(), evidence);
            List<Diagnosis.Suspected> suspects = diagnosis.suspects(evidence);
            rank.add(rank(suspects, camera));
            // what was mended in vain is not mended again
            CaseEvidence known = evidence;
            Diagnosis.Suspected first = suspects.stream()
                    .filter(one -> !known.cleared().contains(one.cause().id()))
                    .findFirst()
                    .orElseThrow();
            if (first.probability() >= TAKEN && camera.has(first.cause())) {
                return new Ended(true, minutes, looks, inVain, rank);
            }
            if (first.probability() >= TAKEN) {
                inVain++;
                minutes += MENDED_IN_VAIN;
                evidence = evidence.cleared(first.cause());
                continue;
            }
            List<NextLooks.Ranked> next = NextLooks.of(knowledge, camera.family(), diagnosis, evidence, Set.of());
            NextLooks.Ranked taken = choose(way, next, camera, evidence);
            if (taken == null) {
                return new Ended(false, minutes, looks, inVain, rank);
            }
            minutes += camera.takes(taken.minutes());
            evidence = evidence.with(new CaseEvidence.Result(taken.look().id(), camera.look(taken.look()), true));
        }
        return new Ended(false, minutes, MOST_LOOKS, inVain, rank);
    }

    private static int rank(List<Diagnosis.Suspected> suspects, Searched camera) {
        for (int i = 0; i < suspects.size(); i++) {
            if (camera.has(suspects.get(i).cause())) {
                return i + 1;
            }
        }
        return suspects.size();
    }

    private NextLooks.Ranked choose(Way way, List<NextLooks.Ranked> next, Searched camera, CaseEvidence evidence) {
        return switch (way) {
            case ADVISED -> next.isEmpty() ? null : next.getFirst();
            case TWO_AHEAD ->
                next.stream()
                        .limit(LOOKED_AHEAD)
                        .max(Comparator.comparingDouble(one -> ahead(one, camera, evidence)))
                        .orElse(null);
            case PLAYED_THROUGH -> new PlayedThrough(knowledge, camera.family()).best(next, evidence);
            case LIKELIEST -> atTheLikeliest(next, camera, evidence);
            case CHECKLIST -> listed(camera, evidence);
        };
    }

    private double ahead(NextLooks.Ranked one, Searched camera, CaseEvidence evidence) {
        double bits = one.told().bits();
        double minutes = one.minutes();
        for (boolean seen : new boolean[] {true, false}) {
            double chance = seen ? one.told().chanceSeen() : 1 - one.told().chanceSeen();
            CaseEvidence then = evidence.with(new CaseEvidence.Result(one.look().id(), seen, true));
            Diagnosis diagnosis = Diagnosis.of(knowledge, camera.family(), then);
            List<NextLooks.Ranked> after = NextLooks.of(knowledge, camera.family(), diagnosis, then, Set.of());
            if (!after.isEmpty()) {
                bits += chance * after.getFirst().told().bits();
                minutes += chance * after.getFirst().minutes();
            }
        }
        return bits / minutes;
    }

    private NextLooks.Ranked atTheLikeliest(List<NextLooks.Ranked> next, Searched camera, CaseEvidence evidence) {
        for (Diagnosis.Suspected suspect :
                Diagnosis.of(knowledge, camera.family(), evidence).suspects(evidence)) {
            Optional<NextLooks.Ranked> best = next.stream()
                    .filter(one ->
                            one.look().finds().getOrDefault(suspect.cause().id(), 0.0)
                                    > one.look().otherwise())
                    .max(Comparator.comparingDouble(
                            one -> one.look().finds().get(suspect.cause().id()) / one.minutes()));
            if (best.isPresent()) {
                return best.get();
            }
        }
        return null;
    }

    /** As written, those from outside first, in the mechanisms that can make what was seen. */
    private NextLooks.Ranked listed(Searched camera, CaseEvidence evidence) {
        Set<String> taken =
                evidence.looks().stream().map(CaseEvidence.Result::look).collect(Collectors.toSet());
        Set<String> areas = knowledge.causesOf(camera.family()).stream()
                .filter(cause -> evidence.symptoms().stream()
                        .anyMatch(symptom -> cause.symptoms().getOrDefault(symptom, 0.0) > 0.3))
                .map(FaultKnowledge.Cause::area)
                .collect(Collectors.toSet());
        return knowledge.looksOf(camera.family()).stream()
                .filter(look -> areas.contains(look.area()) && !taken.contains(look.id()))
                .map(look -> NextLooks.untold(look, Set.of()))
                .min(Comparator.comparingDouble(NextLooks.Ranked::reachMinutes))
                .orElse(null);
    }
}
