package ruvant.server.find;

import java.util.HashMap;
import java.util.Map;
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
import ruvant.core.find.LookMoved;
import ruvant.core.find.NextLooks;
import ruvant.core.job.Family;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.OpenPlaces;
import ruvant.core.units.TagNumber;
import ruvant.server.record.JobService;
import ruvant.server.record.LearnedModels;

/** Suspects and the next look. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class DiagnosisController {
    private static final int SUSPECTS = 12;

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
                                one,
                                areas.get(one.cause().area()),
                                job.find().suspects(one.cause().words())))
                        .toList(),
                diagnosis.noneOfThese(),
                diagnosis.openBits(),
                knowledge.symptoms().stream()
                        .filter(one -> evidence.symptoms().contains(one.id()))
                        .map(FaultKnowledge.Symptom::words)
                        .toList(),
                knowledge.symptomsOf(family).stream()
                        .map(FaultKnowledge.Symptom::words)
                        .toList(),
                LookMoved.all(job.find(), knowledge, family, evidence).stream()
                        .map(DiagnosisView.TakenView::of)
                        .toList(),
                NextLooks.of(knowledge, family, diagnosis, evidence, OpenPlaces.of(job.valley())).stream()
                        .map(DiagnosisView.LookView::of)
                        .toList());
    }
}
