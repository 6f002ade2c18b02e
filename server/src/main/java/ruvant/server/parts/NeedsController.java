package ruvant.server.parts;

import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.parts.Sharing;
import ruvant.core.parts.Sources;
import ruvant.core.people.Right;
import ruvant.core.picture.JobPicture;
import ruvant.core.shelf.ForNeed;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.job.JobService;

/** What the cameras in the shop need, from where it can come, and which need gets what. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class NeedsController {
    private final PartsDesk desk;
    private final JobService jobs;

    NeedsController(PartsDesk desk, JobService jobs) {
        this.desk = desk;
        this.jobs = jobs;
    }

    /** The sources of one need, and what was taken for it. */
    record SourcesOfNeed(Sources.Asked asked, List<Sources.Source> sources, List<ShelfPicture.AtBench> atBench) {}

    /**
     * A need of the shop.
     *
     * @param camera in words
     * @param got what it gets where all are shared out together
     * @param bestAlone what it would take if it were the only one
     * @param others its other sources, the best first
     */
    record NeedRow(
            ForNeed need,
            String what,
            String camera,
            Optional<Sources.Source> got,
            Optional<Sources.Source> bestAlone,
            List<Sources.Source> others) {}

    /**
     * All needs of the shop, shared out.
     *
     * @param oneByOneMinor what would come of it if each in turn took its best
     * @param atBench what is taken and not fitted yet
     */
    record NeedsPage(
            List<NeedRow> needs,
            long netMinor,
            long oneByOneMinor,
            boolean exact,
            long boundMinor,
            List<ShelfPicture.AtBench> atBench) {}

    /** What insisting costs in all, minor units. */
    record Insisting(long costMinor) {}

    @Needs(value = Right.LOOK, job = "tag")
    @GetMapping("/jobs/{tag}/sources")
    SourcesOfNeed sources(@PathVariable String tag, @RequestParam String part) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        PartName name = PartName.of(part);
        Sources.Asked asked = desk.asked(job).stream()
                .filter(one -> one.need().part().equals(name))
                .findFirst()
                .orElseThrow(() -> new FieldProblem(
                        "part", "No need for “" + part + "” is open at " + job.tag() + ".", "Open the need first."));
        return new SourcesOfNeed(
                asked,
                desk.sources().of(asked),
                desk.atBench().stream()
                        .filter(taken -> taken.forNeed().equals(asked.need()))
                        .toList());
    }

    @GetMapping("/needs")
    NeedsPage needs() {
        List<Sharing.Wants> wants = desk.wants();
        Sharing.Shared shared = new Sharing(wants).best();
        List<NeedRow> rows = shared.gets().stream()
                .map(gets -> new NeedRow(
                        gets.asked().need(),
                        gets.asked().what(),
                        gets.asked().into().words(),
                        gets.got(),
                        gets.bestAlone(),
                        others(wants, gets)))
                .toList();
        return new NeedsPage(
                rows, shared.netMinor(), shared.oneByOneMinor(), shared.exact(), shared.boundMinor(), desk.atBench());
    }

    private static List<Sources.Source> others(List<Sharing.Wants> wants, Sharing.Gets gets) {
        String got = gets.got().map(Sources.Source::id).orElse("");
        return wants.stream()
                .filter(one -> one.asked().equals(gets.asked()))
                .flatMap(one -> one.sources().stream())
                .filter(one -> !one.id().equals(got))
                .toList();
    }

    /** What it costs all needs together to give one of them a source of one's choice. */
    @GetMapping("/needs/insisting")
    Insisting insisting(@RequestParam String tag, @RequestParam String part, @RequestParam String source) {
        List<Sharing.Wants> wants = desk.wants();
        ForNeed need = new ForNeed(TagNumber.parse(tag), PartName.of(part));
        for (int place = 0; place < wants.size(); place++) {
            if (wants.get(place).asked().need().equals(need)) {
                return new Insisting(new Sharing(wants).insistingCostsMinor(place, source));
            }
        }
        throw new FieldProblem("part", "That need is no longer open.", "See the needs as they are now.");
    }
}
