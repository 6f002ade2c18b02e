package ruvant.core.practice.faults;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import ruvant.core.find.CaseEvidence;
import ruvant.core.find.Diagnosis;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.NextLooks;
import ruvant.core.trade.Family;

/**
 * Chooses a look by playing the search through from it to its end, on cameras drawn from what is believed, with the same
 * knowledge. Far too slow to be asked at a bench; it tells how much a quick choice leaves on the table.
 */
final class PlayedThrough {
    private static final int CANDIDATES = 5;
    private static final int CAMERAS = 10;
    private static final int DEEP = 7;

    /** What it costs where the end was not reached. */
    private static final double NOT_FOUND = 60;

    private final FaultKnowledge knowledge;
    private final Family family;

    PlayedThrough(FaultKnowledge knowledge, Family family) {
        this.knowledge = knowledge;
        this.family = family;
    }

    NextLooks.Ranked best(List<NextLooks.Ranked> next, CaseEvidence evidence) {
        if (next.isEmpty()) {
            return null;
        }
        Diagnosis diagnosis = Diagnosis.of(knowledge, family, evidence);
        Random random = new Random(evidence.looks().size() * 7919L + 13);
        List<List<FaultKnowledge.Cause>> cameras = new ArrayList<>();
        for (int n = 0; n < CAMERAS; n++) {
            cameras.add(diagnosis.drawn(random));
        }
        NextLooks.Ranked best = null;
        double least = Double.POSITIVE_INFINITY;
        for (NextLooks.Ranked one : next.stream().limit(CANDIDATES).toList()) {
            double minutes = 0;
            for (int n = 0; n < CAMERAS; n++) {
                minutes += played(one, evidence, cameras.get(n), new Random(n));
            }
            if (minutes < least) {
                least = minutes;
                best = one;
            }
        }
        return best;
    }

    private double played(
            NextLooks.Ranked first, CaseEvidence evidence, List<FaultKnowledge.Cause> truth, Random random) {
        double minutes = 0;
        NextLooks.Ranked taken = first;
        CaseEvidence so = evidence;
        for (int looks = 0; looks < DEEP && taken != null; looks++) {
            minutes += taken.minutes();
            so = so.with(new CaseEvidence.Result(taken.look().id(), seen(taken.look(), truth, random), true));
            Diagnosis diagnosis = Diagnosis.of(knowledge, family, so);
            Diagnosis.Suspected likeliest = diagnosis.suspects(so).getFirst();
            if (likeliest.probability() >= Search.TAKEN && truth.contains(likeliest.cause())) {
                return minutes;
            }
            if (likeliest.probability() >= Search.TAKEN) {
                minutes += Search.MENDED_IN_VAIN;
                so = so.cleared(likeliest.cause());
                diagnosis = Diagnosis.of(knowledge, family, so);
            }
            List<NextLooks.Ranked> next = NextLooks.of(knowledge, family, diagnosis, so, Set.of());
            taken = next.isEmpty() ? null : next.getFirst();
        }
        return minutes + NOT_FOUND;
    }

    private static boolean seen(FaultKnowledge.Look look, List<FaultKnowledge.Cause> truth, Random random) {
        double missed = 1 - look.otherwise();
        for (FaultKnowledge.Cause cause : truth) {
            missed *= 1 - look.finds().getOrDefault(cause.id(), 0.0);
        }
        return random.nextDouble() > missed;
    }
}
