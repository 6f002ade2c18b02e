package ruvant.server.offer;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.offer.OfferEntry;
import ruvant.core.offer.TypedSheet;
import ruvant.core.people.Right;
import ruvant.core.picture.JobNow;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;

/** The options of a camera: the sheet that holds or a first one, what each comes to, and when each would be done. */
@RestController
@Needs(
        value = {Right.LOOK, Right.MONEY},
        job = "tag")
@RequestMapping(path = "/api/jobs/{tag}/options", produces = MediaType.APPLICATION_JSON_VALUE)
class OptionsController {
    private final OptionsService options;

    OptionsController(OptionsService options) {
        this.options = options;
    }

    /**
     * What is known before anything is typed.
     *
     * @param logged when the sheet that holds was logged; empty where it is only suggested
     * @param sheet the sheet that holds, else the suggested one
     * @param suggested what would be suggested now
     */
    record OptionsPage(Optional<Instant> logged, TypedSheet sheet, TypedSheet suggested, LocalDate today) {}

    /**
     * What a sheet comes to.
     *
     * @param entry the sheet as it would be logged
     */
    record OptionsWorked(OfferEntry.OptionsDrawn entry, List<OptionsService.OptionRow> rows) {}

    @GetMapping
    OptionsPage page(@PathVariable String tag) {
        JobNow job = options.job(TagNumber.parse(tag));
        TypedSheet suggested = TypedSheet.of(options.suggested(job), options.money(job));
        return new OptionsPage(
                options.sheet(job).map(one -> one.at()),
                options.sheet(job)
                        .map(one -> TypedSheet.of(one.what(), options.money(job)))
                        .orElse(suggested),
                suggested,
                LocalDate.ofInstant(job.now(), ZoneId.systemDefault()));
    }

    @PostMapping(path = "/figures", consumes = MediaType.APPLICATION_JSON_VALUE)
    OptionsWorked figures(@PathVariable String tag, @RequestBody TypedSheet typed) {
        JobNow job = options.job(TagNumber.parse(tag));
        OfferEntry.OptionsDrawn sheet = typed.read(options.money(job));
        return new OptionsWorked(sheet, options.rows(job, sheet));
    }

    @PostMapping(path = "/dates", consumes = MediaType.APPLICATION_JSON_VALUE)
    List<OptionsService.OptionDate> dates(@PathVariable String tag, @RequestBody TypedSheet typed) {
        JobNow job = options.job(TagNumber.parse(tag));
        return options.dates(job, typed.read(options.money(job)));
    }
}
