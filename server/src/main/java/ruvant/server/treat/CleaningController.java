package ruvant.server.treat;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.knowledge.MadeOf;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.knowledge.NearParts;
import ruvant.core.people.Right;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.Verdict;
import ruvant.core.treat.Cautions;
import ruvant.core.treat.CleaningAdvice;
import ruvant.core.treat.Materials;
import ruvant.core.treat.Stations;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.knowledge.LearnedModels;

/** With what a soil comes off a part, as the camera stands now. */
@RestController
@Needs(value = Right.LOOK, job = "tag")
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class CleaningController {
    private final JobService jobs;
    private final LearnedModels learned;
    private final ShopService shop;
    private final Clock clock;

    CleaningController(JobService jobs, LearnedModels learned, ShopService shop, Clock clock) {
        this.jobs = jobs;
        this.learned = learned;
        this.shop = shop;
        this.clock = clock;
    }

    /**
     * One way to clean it.
     *
     * @param tableVerdict what the table says of the agent on the part alone, as it is entered
     * @param caution the caution that applies and was not shown to this person today; empty for none
     */
    record Way(
            @JsonUnwrapped WayAgent with,
            @JsonUnwrapped WayMethod done,
            Verdict verdict,
            Verdict tableVerdict,
            List<String> reasons,
            List<String> firstOff,
            String caution) {}

    /** The agent. */
    record WayAgent(String agent, String agentLabel, int flashOffMinutes, boolean flammable) {}

    /** The method. */
    record WayMethod(String method, String methodLabel, String how) {}

    /**
     * How a part is cleaned.
     *
     * @param knownFrom from where it is known what it is made of
     * @param near what stands near and is still in place
     * @param hot what is hot in the shop just now: nothing flammable beside it
     */
    record Cleaning(
            List<String> materials,
            MadeOf.From knownFrom,
            List<CleaningAdvice.Near> near,
            String note,
            List<Way> ways,
            List<String> hot,
            Optional<Glass> glass) {}

    /**
     * A glass and how often it was gone over.
     *
     * @param most times before what is left is in the coating
     * @param bodyFirst whether nothing but glass was cleaned yet: dust of the body would come back on it
     */
    record Glass(int passes, int most, boolean bodyFirst) {}

    @GetMapping("/jobs/{tag}/cleaning")
    Cleaning cleaning(
            @PathVariable String tag,
            @RequestParam String part,
            @RequestParam String soil,
            @RequestParam String by,
            @RequestParam(defaultValue = "") List<String> materials) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        Materials table = shop.shop().materials();
        ModelKnowledge known = learned.ofModelOf(job);
        Optional<MadeOf> said = part.isBlank()
                ? Optional.empty()
                : Optional.of(MadeOf.of(PartName.of(part), job.treat(), known, table));
        List<String> made =
                materials.isEmpty() ? said.map(MadeOf::materials).orElseGet(() -> table.guess(part)) : materials;
        List<CleaningAdvice.Near> near =
                part.isBlank() ? List.of() : NearParts.of(part, job.valley(), job.treat(), known, table);
        Set<String> shown = shownToday(by);
        return new Cleaning(
                made,
                said.map(MadeOf::from).orElse(MadeOf.From.GUESSED),
                near,
                table.soil(soil).note(),
                CleaningAdvice.of(table, soil, made, near).stream()
                        .map(one -> way(one, table, made, shown))
                        .toList(),
                Stations.hot(job.practice(), jobs.waiting(), clock.instant()),
                table.soil(soil).optics() ? Optional.of(glass(job, table, part)) : Optional.empty());
    }

    /** What a part is made of, and from where that is known. */
    record PartMaterials(List<String> materials, MadeOf.From knownFrom) {}

    @GetMapping("/jobs/{tag}/made-of")
    PartMaterials madeOf(@PathVariable String tag, @RequestParam String part) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        MadeOf made = MadeOf.of(
                PartName.of(part),
                job.treat(),
                learned.ofModelOf(job),
                shop.shop().materials());
        return new PartMaterials(made.materials(), made.from());
    }

    private static Glass glass(JobPicture job, Materials table, String part) {
        Set<String> optics = table.opticsSoils();
        return new Glass(
                part.isBlank() ? 0 : job.treat().passes(PartName.of(part), optics),
                job.practice().standards().glassPasses(),
                job.treat().cleaned().stream()
                        .allMatch(one -> optics.contains(one.what().soil())));
    }

    private static Way way(CleaningAdvice.Proposal one, Materials table, List<String> made, Set<String> shown) {
        return new Way(
                new WayAgent(
                        one.agent().id(),
                        one.agent().label(),
                        one.agent().flashOffMinutes(),
                        one.agent().flammable()),
                new WayMethod(
                        one.method().id(), one.method().label(), one.method().how()),
                one.verdict(),
                table.judge(one.agent().id(), made).verdict(),
                one.reasons(),
                one.firstOff(),
                shown.contains(one.caution()) ? "" : one.caution());
    }

    /** Cautions that this person was shown today, at whatever camera of the shop. */
    private Set<String> shownToday(String by) {
        ZoneId zone = ZoneId.systemDefault();
        return Cautions.shownOn(LocalDate.ofInstant(clock.instant(), zone), zone, jobs.cautionsShown(by));
    }
}
