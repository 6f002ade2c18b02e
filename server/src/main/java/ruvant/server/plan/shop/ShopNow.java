package ruvant.server.plan.shop;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import ruvant.core.odds.OddsHere;
import ruvant.core.parts.OpenNeeds;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.board.PlanAsk;
import ruvant.core.plan.board.Planned;
import ruvant.core.plan.minutes.MinutesHere;
import ruvant.core.plan.tasks.Delays;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.plan.tasks.KnownHere;
import ruvant.core.plan.tasks.Newcomer;
import ruvant.core.plan.tasks.TasksLeft;
import ruvant.core.shelf.ForNeed;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.trade.Camera;
import ruvant.core.units.TagNumber;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.job.SummaryStore;
import ruvant.server.shelf.ShelfService;
import ruvant.server.shelf.SupplierService;

/** Gathers what a plan needs to know of the shop as it is now. */
@Component
class ShopNow {
    private static final int LEARNED_FROM = 120;
    private static final int ABOVE_ALL_TAGS = Integer.MAX_VALUE;
    private static final Duration FRESH = Duration.ofMinutes(30);

    private final JobService jobs;
    private final SummaryStore summaries;
    private final ShopService shop;
    private final ShelfService shelf;
    private final SupplierService supplier;
    private final Clock clock;
    private volatile LearntHere learnt = LearntHere.NOTHING;

    ShopNow(
            JobService jobs,
            SummaryStore summaries,
            ShopService shop,
            ShelfService shelf,
            SupplierService supplier,
            Clock clock) {
        this.jobs = jobs;
        this.summaries = summaries;
        this.shop = shop;
        this.shelf = shelf;
        this.supplier = supplier;
        this.clock = clock;
    }

    Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MINUTES);
    }

    ZoneId zone() {
        return ZoneId.systemDefault();
    }

    /** What earlier jobs taught, and what their work took. */
    private record LearntHere(Instant at, int jobs, KnownHere known, MinutesHere minutes, OddsHere odds) {
        static final LearntHere NOTHING = new LearntHere(
                Instant.MIN, 0, KnownHere.NOTHING, MinutesHere.of(List.of()), OddsHere.of(List.of(), List.of()));
    }

    /** Learns from earlier jobs; reads whole logs, which nobody who waits for a page is to pay for. */
    synchronized void learn() {
        if (isOld()) {
            List<JobPicture> returned = summaries.returned(ABOVE_ALL_TAGS, LEARNED_FROM).reversed().stream()
                    .map(summary -> jobs.picture(summary.tag()))
                    .toList();
            learnt = new LearntHere(
                    clock.instant(),
                    returned.size(),
                    KnownHere.of(returned, onOrder()),
                    MinutesHere.of(returned.stream().flatMap(KnownHere::took).toList()),
                    OddsHere.of(returned, jobs.open()));
        }
    }

    /** After a while; and a young shop learns from every camera that goes home. */
    private boolean isOld() {
        boolean young = learnt.jobs() < LEARNED_FROM && learnt.jobs() != summaries.countReturned();
        return young || learnt.at().plus(FRESH).isBefore(clock.instant());
    }

    /** How good estimates were, and which repairs worked; read at once where nothing was learnt yet. */
    OddsHere odds() {
        learn();
        return learnt.odds();
    }

    /** The same plan with one job to be done otherwise. */
    PlanAsk askReplacing(Map<String, Planned> before, TagNumber tag, UnaryOperator<JobTasks> otherwise) {
        List<JobTasks> all = ask(before).jobs().stream()
                .map(one -> one.tag().equals(tag) ? otherwise.apply(one) : one)
                .filter(one -> !one.tasks().isEmpty())
                .toList();
        return asking(before, all);
    }

    /** What is left to do at one camera. */
    JobTasks left(JobNow job) {
        return TasksLeft.of(job, known());
    }

    /** Until a part usually comes that is still to be found. */
    Duration partDelay() {
        return known().delays().part();
    }

    /** How many cameras that went home it was learnt from. */
    int learntFrom() {
        return learnt.jobs();
    }

    /** What work took at those. */
    MinutesHere minutes() {
        return learnt.minutes();
    }

    private KnownHere known() {
        return learnt.known().ordered(onOrder());
    }

    /** Everything to be planned, the plan that holds being the one before. */
    PlanAsk ask(Map<String, Planned> before) {
        return ask(before, job -> job);
    }

    /**
     * The same with jobs seen otherwise.
     *
     * @param seen each job as it is to be planned
     */
    PlanAsk ask(Map<String, Planned> before, UnaryOperator<JobNow> seen) {
        return asking(
                before,
                TasksLeft.of(
                        summaries.open().stream()
                                .map(summary -> seen.apply(jobs.now(summary.tag())))
                                .toList(),
                        known()));
    }

    /** The same with a camera that stands at the counter. */
    PlanAsk askWith(Map<String, Planned> before, Camera newcomer, LocalDate promised) {
        List<JobTasks> all = new ArrayList<>(ask(before).jobs());
        all.add(Newcomer.tasks(newcomer, promised, shop.shop(), known(), clock.instant()));
        return asking(before, all);
    }

    private PlanAsk asking(Map<String, Planned> before, List<JobTasks> tasks) {
        return new PlanAsk(
                now(), zone(), tasks, shop.hours(), shop.shop().practice().stations(), before);
    }

    private Delays.OnOrder onOrder() {
        ShelfPicture picture = shelf.picture();
        Instant now = clock.instant();
        Set<ForNeed> atBench = summaries.open().stream()
                .map(one -> jobs.picture(one.tag()))
                .flatMap(job -> OpenNeeds.atBench(job.tag(), job.parts(), picture).stream())
                .map(ShelfPicture.AtBench::forNeed)
                .collect(Collectors.toSet());
        return (tag, need) -> supply(picture, atBench, new ForNeed(tag, need.wanted()), now);
    }

    private Optional<Delays.Supply> supply(ShelfPicture picture, Set<ForNeed> atBench, ForNeed need, Instant now) {
        if (atBench.contains(need) || keptHere(picture, need)) {
            return Optional.of(new Delays.Supply(now, true));
        }
        return picture.orders().stream()
                .filter(order -> order.state() == ShelfPicture.OrderState.OPEN
                        && need.equals(order.what().forNeed()))
                .findFirst()
                .map(order -> new Delays.Supply(
                        order.dueAt(), !now.isBefore(supplier.parcel(order).arrivesAt())));
    }

    private static boolean keptHere(ShelfPicture picture, ForNeed need) {
        return picture.stock().stream().anyMatch(one -> one.left() > 0 && one.keptFor(need) > 0)
                || picture.donors().stream()
                        .filter(donor -> donor.gone().isEmpty())
                        .flatMap(donor -> donor.parts().stream())
                        .anyMatch(part -> part.keptFor().filter(need::equals).isPresent() && part.freeFor(need));
    }

    Clock clock() {
        return clock;
    }
}
