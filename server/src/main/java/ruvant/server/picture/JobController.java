package ruvant.server.picture;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.logline.KindForm;
import ruvant.core.logline.Reading;
import ruvant.core.people.Right;
import ruvant.core.said.Statement;
import ruvant.core.said.StatementKind;
import ruvant.core.trade.Stop;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.job.SummaryStore;
import ruvant.server.said.LogLines;

/** Opens jobs, shows them and adds lines to them. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class JobController {
    private final JobService jobs;
    private final ShopService shop;
    private final SummaryStore summaries;
    private final LogLines lines;

    JobController(JobService jobs, ShopService shop, SummaryStore summaries, LogLines lines) {
        this.jobs = jobs;
        this.shop = shop;
        this.summaries = summaries;
        this.lines = lines;
    }

    /** A camera that came in. */
    record Opening(UUID id, String by, IntakeEntry.Received received) {}

    /**
     * A line to be read.
     *
     * @param stop where the technician is; where work goes on if it is not said
     * @param chosen what a person made of pieces of it
     */
    record Typed(
            String text, @MayBeNull Stop stop, @MayBeNull List<ChosenPiece> chosen) {}

    /**
     * What a person made of a piece of a line.
     *
     * @param typed the words of the piece
     * @param kind of what it says; a remark where nothing is to be concluded
     * @param fields what is known of it, by name
     */
    record ChosenPiece(String typed, StatementKind kind, Map<String, Object> fields) {}

    @Needs(Right.DESK)
    @PostMapping("/jobs")
    JobView open(@RequestBody Opening opening) {
        return view(jobs.open(opening.id(), opening.by(), opening.received()));
    }

    @Needs(value = Right.LOOK, job = "tag")
    @GetMapping("/jobs/{tag}")
    JobView job(@PathVariable String tag) {
        return view(TagNumber.parse(tag));
    }

    /** Cameras that are here and have pieces in the tray of this well, oldest first. */
    @Needs(Right.LOOK)
    @GetMapping("/wells/{well}/cameras")
    List<TagNumber> camerasAt(@PathVariable String well) {
        int tray = WellName.parse(well).tray();
        return summaries.inTrays().stream()
                .filter(one -> one.trays().contains(tray))
                .map(SummaryStore.InTray::tag)
                .toList();
    }

    @Needs(value = Right.LOOK, job = "tag")
    @PostMapping("/jobs/{tag}/read")
    Reading read(@PathVariable String tag, @RequestBody Typed typed) {
        Map<String, Statement> chosen = new HashMap<>();
        Optional.ofNullable(typed.chosen())
                .orElse(List.of())
                .forEach(one -> chosen.put(one.typed(), new Statement(one.kind(), one.fields())));
        return lines.read(TagNumber.parse(tag), typed.text(), typed.stop(), chosen);
    }

    /** What a line can say and a form can log, kind by kind. */
    @Needs(value = Right.LOOK, ofNoJob = true)
    @GetMapping("/line/kinds")
    List<KindForm> kinds() {
        return KindForm.all();
    }

    private JobView view(TagNumber tag) {
        return JobView.of(jobs.now(tag), others(tag), jobs.log(tag).unreadable());
    }

    /** Which trays hold pieces of other cameras; of no matter where each camera has the one tray to itself. */
    private List<SummaryStore.InTray> others(TagNumber tag) {
        return shop.shop().practice().trays().size() == 1 ? List.of() : summaries.inTraysBeside(tag);
    }
}
