package ruvant.server.find;

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
import ruvant.core.find.CauseKnown;
import ruvant.core.find.Diagnosis;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.LookMoved;
import ruvant.core.find.NextLooks;
import ruvant.core.knowledge.LookMinutes;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.knowledge.ReachMinutes;
import ruvant.core.people.Right;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.OpenPlaces;
import ruvant.core.trade.Family;
import ruvant.core.units.Named;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.knowledge.LearnedModels;

/** Suspects and the next look. */
@RestController
@Needs(value = Right.LOOK, job = "tag")
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class DiagnosisController {
    private static final int SUSPECTS = 12;
    private static final int AREAS = 3;

    private final JobService jobs;
    private final LearnedModels learned;
    private final ShopService shop;

    DiagnosisController(JobService jobs, LearnedModels learned, ShopService shop) {
        this.jobs = jobs;
        this.learned = learned;
        this.shop = shop;
    }

    @GetMapping("/jobs/{tag}/diagnosis")
    DiagnosisView diagnosis(@PathVariable String tag) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        FaultKnowledge all = shop.shop().faults();
        FaultKnowledge knowledge = CaseReader.known(all, job.intake());
        LearnedModels.Beside beside = learned.beside(job);
        ModelKnowledge taught = beside.knowledge();
        Family family = job.received().camera().family();
        CaseEvidence evidence = CaseReader.of(
                job.find(),
                job.intake(),
                knowledge,
                taught.causes().stream()
                        .collect(Collectors.toMap(ModelKnowledge.Tally::what, ModelKnowledge.Tally::jobs)),
                taught.jobs());
        Diagnosis diagnosis = Diagnosis.of(knowledge, family, evidence);
        NextLooks.Minutes minutes = new NextLooks.Minutes(
                OpenPlaces.of(job.valley()),
                ReachMinutes.of(taught, job.valley()),
                LookMinutes.of(knowledge, taught.looks()));
        return new DiagnosisView(
                new DiagnosisView.CountedIn(taught.jobs(), beside.ofFamily()),
                suspicion(diagnosis, evidence, knowledge, job),
                new DiagnosisView.Symptoms(
                        symptoms(knowledge, evidence.symptoms()),
                        symptoms(knowledge, evidence.absent()),
                        CaseReader.unread(job.find(), knowledge),
                        knowledge.symptomsOf(family).stream()
                                .map(one -> new Named(one.id(), one.words()))
                                .toList()),
                LookMoved.all(job.find(), knowledge, family, evidence).stream()
                        .map(DiagnosisView.TakenView::of)
                        .toList(),
                NextLooks.of(
                                knowledge.whileOut(OpenPlaces.partsOut(job.valley())),
                                family,
                                diagnosis,
                                evidence,
                                minutes)
                        .stream()
                        .map(DiagnosisView.LookView::of)
                        .toList(),
                CauseKnown.of(job.find(), all, family, evidence),
                job.find().falseLeads());
    }

    private static DiagnosisView.Suspicion suspicion(
            Diagnosis diagnosis, CaseEvidence evidence, FaultKnowledge knowledge, JobPicture job) {
        Family family = job.received().camera().family();
        return new DiagnosisView.Suspicion(
                diagnosis.suspects(evidence).stream()
                        .limit(SUSPECTS)
                        .map(one -> DiagnosisView.SuspectView.of(
                                one,
                                knowledge.area(one.cause().area()),
                                job.find().suspects(one.cause(), knowledge, family)))
                        .toList(),
                diagnosis.noneOfThese(),
                diagnosis.openBits(),
                Diagnosis.of(knowledge, family, evidence.withoutLooks()).openBits(),
                diagnosis.areas().entrySet().stream()
                        .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                        .limit(AREAS)
                        .map(one -> new DiagnosisView.AreaView(knowledge.area(one.getKey()), one.getValue()))
                        .toList());
    }

    private static List<Named> symptoms(FaultKnowledge knowledge, Set<String> ids) {
        return knowledge.symptoms().stream()
                .filter(one -> ids.contains(one.id()))
                .map(one -> new Named(one.id(), one.words()))
                .toList();
    }
}
