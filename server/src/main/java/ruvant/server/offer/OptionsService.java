package ruvant.server.offer;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import ruvant.core.find.FindPicture;
import ruvant.core.odds.OddsHere;
import ruvant.core.odds.OptionFigures;
import ruvant.core.odds.OptionReckoning;
import ruvant.core.odds.OptionSuggest;
import ruvant.core.odds.RepairsHere;
import ruvant.core.offer.OfferEntry;
import ruvant.core.offer.OfferPicture;
import ruvant.core.offer.RepairOption;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.promise.Forecast;
import ruvant.core.plan.tasks.OptionTasks;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.TagNumber;
import ruvant.server.job.JobService;
import ruvant.server.plan.shop.PlanService;

/** Works out the options of a camera from its log, the plan and what earlier jobs taught. */
@Service
class OptionsService {
    private final JobService jobs;
    private final PlanService plans;
    private final Clock clock;

    OptionsService(JobService jobs, PlanService plans, Clock clock) {
        this.jobs = jobs;
        this.plans = plans;
        this.clock = clock;
    }

    /**
     * One option with what it comes to.
     *
     * @param known of such repairs here; empty for leaving it
     */
    record OptionRow(String id, OptionFigures figures, Optional<RepairsHere.RepairsKnown> known) {}

    /**
     * When an option would be done.
     *
     * @param likely half of the cases are done by then; empty where the plan has no place for it
     * @param safely nine of ten cases are
     */
    record OptionDate(String id, Optional<LocalDate> likely, Optional<LocalDate> safely) {}

    JobNow job(TagNumber tag) {
        return jobs.now(tag);
    }

    CurrencyHere money(JobNow job) {
        return job.shop().practice().reckoning().money();
    }

    /** The sheet that holds. */
    Optional<OfferPicture.OptionSheet> sheet(JobNow job) {
        return job.picture().offer().sheet();
    }

    /** A first sheet for a camera as it stands. */
    OfferEntry.OptionsDrawn suggested(JobNow job) {
        return new OptionSuggest(job, plans.left(job), plans.odds().repairs(), (int)
                        Math.max(1, plans.partDelay().toDays()))
                .sheet();
    }

    List<OptionRow> rows(JobNow job, OfferEntry.OptionsDrawn sheet) {
        OddsHere odds = plans.odds();
        OptionReckoning reckoning = odds.reckoning(
                job.shop().pricing().hourMinor("", ""), job.picture().tag().number());
        List<OptionFigures> figures = reckoning.of(sheet);
        var camera = job.picture().received().camera();
        RepairsHere.RepairsKnown known =
                odds.repairs().like(camera.maker() + " " + camera.model(), camera.family(), cause(job.picture()));
        return java.util.stream.IntStream.range(0, figures.size())
                .mapToObj(at -> {
                    RepairOption option = sheet.options().get(at);
                    return new OptionRow(
                            option.id(),
                            figures.get(at),
                            option.kind() == ruvant.core.offer.OptionKind.LEAVE
                                    ? Optional.empty()
                                    : Optional.of(known));
                })
                .toList();
    }

    private static String cause(JobPicture job) {
        return job.find().causes().stream()
                .map(FindPicture.Said::what)
                .findFirst()
                .map(one -> one.id())
                .orElse("");
    }

    List<OptionDate> dates(JobNow job, OfferEntry.OptionsDrawn sheet) {
        OddsHere odds = plans.odds();
        return sheet.options().stream()
                .map(option -> {
                    Optional<Forecast> when = plans.when(
                            job.picture().tag(),
                            left -> OptionTasks.of(
                                    left, option, odds::guess, job.shop().lubrication(), clock.instant()));
                    return new OptionDate(
                            option.id(), when.flatMap(one -> one.by(0.5)), when.flatMap(one -> one.by(0.9)));
                })
                .toList();
    }
}
