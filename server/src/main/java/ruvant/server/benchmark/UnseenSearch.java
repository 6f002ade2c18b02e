package ruvant.server.benchmark;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ruvant.core.find.CaseEvidence;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.practice.faults.Search;
import ruvant.core.practice.faults.Searched;
import ruvant.core.practice.unseen.faults.UnseenFault;
import ruvant.core.trade.Family;

/** The search for faults that nothing was chosen by. */
final class UnseenSearch implements Searched {
    private final Family family;
    private final UnseenFault camera;

    UnseenSearch(FaultKnowledge knowledge, long seed) {
        family = Family.values()[new Random(seed).nextInt(Family.values().length)];
        camera = new UnseenFault(
                knowledge.causesOf(family).stream()
                        .map(one -> new UnseenFault.Known(one.id(), one.area(), one.prior(), one.symptoms()))
                        .toList(),
                knowledge.symptomsOf(family).stream()
                        .collect(Collectors.toMap(FaultKnowledge.Symptom::id, FaultKnowledge.Symptom::otherwise)),
                knowledge.looksOf(family).stream()
                        .map(one -> new UnseenFault.Look(one.id(), one.finds(), one.otherwise()))
                        .toList(),
                seed);
    }

    /** Searches so many cameras of every second seed. */
    static List<Search.Ended> over(FaultKnowledge knowledge, Search.Way way, long from, int cameras) {
        Search search = new Search(knowledge);
        return IntStream.range(0, cameras)
                .mapToObj(i -> search.go(new UnseenSearch(knowledge, from + 2L * i), way))
                .toList();
    }

    @Override
    public Family family() {
        return family;
    }

    @Override
    public boolean has(FaultKnowledge.Cause cause) {
        return camera.has(cause.id());
    }

    @Override
    public CaseEvidence asItComesIn() {
        return new CaseEvidence(camera.said(), Set.of(), List.of(), Set.of(), Set.of(), Map.of(), Map.of(), 0);
    }

    @Override
    public boolean look(FaultKnowledge.Look look) {
        return camera.shows(look.id());
    }

    @Override
    public double takes(double knownMinutes) {
        return camera.takes(knownMinutes);
    }
}
