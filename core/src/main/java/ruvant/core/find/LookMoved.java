package ruvant.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ruvant.core.trade.Family;

/**
 * A look that counts, and the suspect it moved most, all else left as it is.
 *
 * @param from probability of that suspect without the look
 * @param to with it
 */
public record LookMoved(FindPicture.TakenLook look, FaultKnowledge.Cause cause, double from, double to) {
    /** All looks that count, the newest first. */
    public static List<LookMoved> all(
            FindPicture find, FaultKnowledge knowledge, Family family, CaseEvidence evidence) {
        Map<FaultKnowledge.Cause, Double> with = probabilities(knowledge, family, evidence);
        List<LookMoved> moved = new ArrayList<>();
        for (FindPicture.TakenLook look : find.looks().reversed()) {
            String id = look.looked().look();
            boolean newer =
                    moved.stream().anyMatch(one -> one.look().looked().look().equals(id));
            if (!newer && knowledge.look(id).isPresent()) {
                moved.add(most(look, with, probabilities(knowledge, family, evidence.without(id))));
            }
        }
        return moved;
    }

    private static LookMoved most(
            FindPicture.TakenLook look,
            Map<FaultKnowledge.Cause, Double> with,
            Map<FaultKnowledge.Cause, Double> without) {
        FaultKnowledge.Cause most = with.keySet().stream()
                .max((one, other) -> Double.compare(
                        Math.abs(with.get(one) - without.get(one)), Math.abs(with.get(other) - without.get(other))))
                .orElseThrow();
        return new LookMoved(look, most, without.get(most), with.get(most));
    }

    private static Map<FaultKnowledge.Cause, Double> probabilities(
            FaultKnowledge knowledge, Family family, CaseEvidence evidence) {
        return Diagnosis.of(knowledge, family, evidence).suspects(evidence).stream()
                .collect(Collectors.toMap(Diagnosis.Suspected::cause, Diagnosis.Suspected::probability));
    }
}
