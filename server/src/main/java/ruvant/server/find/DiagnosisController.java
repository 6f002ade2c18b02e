package ruvant.server.find;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.find.CaseEvidence;
import ruvant.core.find.CaseReader;
import ruvant.core.find.Diagnosis;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.FindPicture;
import ruvant.core.find.NextLooks;
import ruvant.core.job.Family;
import ruvant.core.picture.JobPicture;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.TagNumber;
import ruvant.server.record.JobService;
import ruvant.server.record.LearnedModels;

/** Suspects and the next look. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class DiagnosisController {
    private static final int SUSPECTS = 12;

    /** So many parts out, and the works lie open. */
    private static final int INSIDE = 4;

    private final JobService jobs;
    private final LearnedModels learned;
    private final FaultKnowledge knowledge;
    private final Map<String, String> areas;

    DiagnosisController(JobService jobs, LearnedModels learned, FaultKnowledge knowledge) {
        this.jobs = jobs;
        this.learned = learned;
        this.knowledge = knowledge;
        this.areas = knowledge.areas().stream()
                .collect(Collectors.toMap(FaultKnowledge.Area::id, FaultKnowledge.Area::words));
    }

    @GetMapping("/jobs/{tag}/diagnosis")
    DiagnosisView diagnosis(@PathVariable String tag) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        LearnedModels.Beside beside = learned.beside(job);
        Map<String, Integer> counts = new HashMap<>();
        beside.knowledge().causes().forEach(cause -> counts.put(cause.what(), cause.jobs()));
        Family family = job.received().camera().family();
        CaseEvidence evidence =
                CaseReader.of(job.find(), knowledge, counts, beside.knowledge().jobs());
        Diagnosis diagnosis = Diagnosis.of(knowledge, family, evidence);
        return new DiagnosisView(
                beside.knowledge().jobs(),
                beside.ofFamily(),
                diagnosis.suspects(evidence).stream()
                        .limit(SUSPECTS)
                        .map(one -> DiagnosisView.SuspectView.of(
                                one, areas.get(one.cause().area())))
                        .toList(),
                diagnosis.noneOfThese(),
                diagnosis.openBits(),
                knowledge.symptoms().stream()
                        .filter(one -> evidence.symptoms().contains(one.id()))
                        .map(FaultKnowledge.Symptom::words)
                        .toList(),
                sayable(family),
                taken(job.find(), family, evidence),
                NextLooks.of(knowledge, family, diagnosis, evidence, reached(job)).stream()
                        .map(DiagnosisView.LookView::of)
                        .toList());
    }

    private List<String> sayable(Family family) {
        Set<String> here = knowledge.causesOf(family).stream()
                .flatMap(cause -> cause.symptoms().keySet().stream())
                .collect(Collectors.toSet());
        return knowledge.symptoms().stream()
                .filter(one -> here.contains(one.id()))
                .map(FaultKnowledge.Symptom::words)
                .toList();
    }

    private static Set<String> reached(JobPicture job) {
        Set<String> reached = new HashSet<>();
        List<ValleyPart> out = job.valley().out();
        out.stream()
                .filter(part -> part.removed().covers())
                .forEach(part -> reached.add(part.removed().side().label()));
        if (out.size() >= INSIDE) {
            reached.add("inside");
        }
        return reached;
    }

    /** Each look with the suspect it moved most, all else left as it is. */
    private List<DiagnosisView.TakenView> taken(FindPicture find, Family family, CaseEvidence evidence) {
        Map<String, Double> with = byId(family, evidence);
        List<DiagnosisView.TakenView> taken = new ArrayList<>();
        for (FindPicture.Look look : find.looks().reversed()) {
            String id = look.looked().look();
            boolean shown = taken.stream()
                    .anyMatch(one -> one.words().equals(look.looked().words()));
            if (shown || knowledge.look(id).isEmpty()) {
                continue;
            }
            Map<String, Double> without = byId(family, evidence.without(id));
            String most = with.keySet().stream()
                    .max((one, other) -> Double.compare(
                            Math.abs(with.get(one) - without.get(one)), Math.abs(with.get(other) - without.get(other))))
                    .orElseThrow();
            String words = knowledge.causes().stream()
                    .filter(cause -> cause.id().equals(most))
                    .map(FaultKnowledge.Cause::words)
                    .findFirst()
                    .orElseThrow();
            taken.add(new DiagnosisView.TakenView(
                    look.id(),
                    look.looked().words(),
                    look.looked().seen(),
                    look.looked().sure(),
                    words,
                    without.get(most),
                    with.get(most)));
        }
        return taken;
    }

    private Map<String, Double> byId(Family family, CaseEvidence evidence) {
        return Diagnosis.of(knowledge, family, evidence).suspects(evidence).stream()
                .collect(Collectors.toMap(one -> one.cause().id(), Diagnosis.Suspected::probability));
    }
}
