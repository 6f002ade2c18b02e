package ruvant.server.plan.shop;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.hours.WorkingHours;
import ruvant.core.people.Right;
import ruvant.core.plan.board.Planned;
import ruvant.core.plan.board.Reasons;
import ruvant.core.plan.board.ShopPlan;
import ruvant.core.plan.board.Today;
import ruvant.core.plan.shop.ShopTime;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.printing.Paper;
import ruvant.server.printing.PdfPrinter;

/** The plan of the shop, and what it says to one person now. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class ShopPlanController {
    /** Days ahead of which a window shows when people work. */
    private static final int DAYS_SHOWN = 90;

    private final PlanService plans;
    private final ShopNow now;
    private final ShopService shop;
    private final PdfPrinter printer;
    private volatile Kept kept;

    ShopPlanController(PlanService plans, ShopNow now, ShopService shop, PdfPrinter printer) {
        this.printer = printer;
        this.plans = plans;
        this.now = now;
        this.shop = shop;
    }

    /**
     * The plan.
     *
     * @param number which plan this is; another has another
     * @param improving whether it is still being made better
     * @param from the moment from which on it holds
     * @param told what moved lately, the last first
     * @param conflicts wishes that cannot all be met
     * @param cameras those with the least chance of keeping their day first
     */
    record PlanPage(
            Instant now,
            long number,
            boolean improving,
            Instant from,
            List<PlanViews.PlanPerson> people,
            List<PlanViews.PlanStation> stations,
            List<PlanViews.PlanTask> tasks,
            List<PlanViews.PlanLeft> left,
            List<PlanViews.PlanCamera> cameras,
            List<PlanViews.PlanConflict> conflicts,
            List<PlanViews.PlanTold> told) {}

    /**
     * What the plan says to one person.
     *
     * @param until when the present stretch of work ends; empty out of hours
     * @param current what is being done, or what to start; empty where nothing is planned for today
     * @param next what follows today
     * @param fits what else could be done before the stretch ends
     * @param waits what runs by the clock in the shop
     * @param notToday the first task of each camera that nobody touches today
     * @param late cameras that miss their day as things stand
     */
    record TodayPage(
            Instant now,
            long number,
            boolean improving,
            String person,
            boolean working,
            Optional<Instant> until,
            Optional<Instant> closes,
            Optional<Instant> opens,
            int bellMinutes,
            Optional<PlanViews.PlanTask> current,
            List<PlanViews.PlanTask> next,
            List<PlanViews.PlanTask> fits,
            List<PlanViews.PlanTask> waits,
            List<PlanViews.PlanTask> notToday,
            List<PlanViews.PlanCamera> late,
            List<PlanViews.PlanTold> told) {}

    /** What is worked out of a plan for its page, kept until there is another: it does not change while the plan holds. */
    private record Kept(
            long number,
            boolean improving,
            Map<String, PlanViews.PlanTask> tasks,
            List<PlanViews.PlanCamera> cameras,
            List<PlanViews.PlanConflict> conflicts) {}

    private Kept kept(PlanService.Shown shown) {
        Kept is = kept;
        if (is == null || is.number() != shown.number() || is.improving() != shown.improving()) {
            ShopPlan plan = shown.plan();
            Reasons reasons = new Reasons(plan, shown.ask().hours(), shown.ask().stations());
            Map<String, PlanViews.PlanTask> tasks = new LinkedHashMap<>();
            plan.tasks().forEach(one -> tasks.put(one.id(), PlanViews.PlanTask.of(one, reasons)));
            is = new Kept(
                    shown.number(), shown.improving(), tasks, cameras(shown), PlanViews.conflicts(shown.ask(), plan));
            kept = is;
        }
        return is;
    }

    @GetMapping("/plan")
    PlanPage plan() {
        PlanService.Shown shown = plans.shown();
        ShopPlan plan = shown.plan();
        Kept views = kept(shown);
        return new PlanPage(
                now.clock().instant(),
                shown.number(),
                shown.improving(),
                plan.from(),
                shop.hours().hours().stream()
                        .map(one -> new PlanViews.PlanPerson(one.person(), hours(one)))
                        .toList(),
                shop.shop().practice().stations().stream()
                        .map(one -> new PlanViews.PlanStation(one.name(), one.capacity()))
                        .toList(),
                List.copyOf(views.tasks().values()),
                plan.left().stream().map(PlanViews.PlanLeft::of).toList(),
                views.cameras(),
                views.conflicts(),
                shown.told().stream().map(PlanViews.PlanTold::of).toList());
    }

    /** When somebody works, the part of this day that is over included: the plan itself begins now. */
    private List<ShopPlan.WorkWindow> hours(WorkingHours of) {
        Instant midnight = now.now()
                .atZone(now.zone())
                .toLocalDate()
                .atStartOfDay(now.zone())
                .toInstant();
        ShopTime time = new ShopTime(now.zone(), midnight, DAYS_SHOWN);
        return time.windows(of, shop.hours().off()).stream()
                .map(one -> new ShopPlan.WorkWindow(time.at(one.start()), time.at(one.end())))
                .toList();
    }

    private static List<PlanViews.PlanCamera> cameras(PlanService.Shown shown) {
        return shown.plan().jobs().stream()
                .map(job -> PlanViews.PlanCamera.of(job, shown))
                .sorted(Comparator.comparing(one ->
                        one.forecast().flatMap(PlanViews.PlanForecast::chance).orElse(2.0)))
                .toList();
    }

    @GetMapping("/today")
    TodayPage today(@RequestParam(defaultValue = "") String person) {
        PlanService.Shown shown = plans.shown();
        ShopPlan plan = shown.plan();
        Instant moment = now.clock().instant();
        Kept views = kept(shown);
        Today today = Today.of(plan, shop.hours(), person, moment);
        return new TodayPage(
                moment,
                shown.number(),
                shown.improving(),
                person,
                today.working(),
                today.until(),
                today.closes(),
                today.opens(),
                shop.hours().bellMinutes(),
                today.now().map(one -> views.tasks().get(one.id())),
                views(today.next(), views),
                views(today.fits(), views),
                views(today.waits(), views),
                views(notToday(plan, moment), views),
                views.cameras().stream().filter(PlanViews.PlanCamera::late).toList(),
                shown.told().stream().map(PlanViews.PlanTold::of).toList());
    }

    /** Seven days of the plan on paper, from a day on; from today where none is named. */
    @GetMapping(path = "/plan/week.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> week(
            @RequestParam(required = false) LocalDate from, @RequestParam(defaultValue = "") String paper) {
        ShopPlan plan = plans.plan();
        Instant moment = now.clock().instant();
        LocalDate first = from == null ? moment.atZone(now.zone()).toLocalDate() : from;
        List<String> people =
                shop.hours().hours().stream().map(WorkingHours::person).toList();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"plan-of-the-week.pdf\"")
                .body(printer.pdf(WeekPage.html(
                        plan, people, first, shop.shop().practice().head().shopName(), Paper.of(paper), moment)));
    }

    private static List<PlanViews.PlanTask> views(List<Planned> tasks, Kept views) {
        return tasks.stream().map(one -> views.tasks().get(one.id())).toList();
    }

    /** The first work at each camera that nobody is planned to touch before the day is over. */
    private List<Planned> notToday(ShopPlan plan, Instant moment) {
        LocalDate today = moment.atZone(now.zone()).toLocalDate();
        Set<Object> seen = new HashSet<>();
        return plan.tasks().stream()
                .filter(one -> one.task().byHand())
                .filter(one -> seen.add(one.tag()))
                .filter(one -> one.start().atZone(now.zone()).toLocalDate().isAfter(today))
                .toList();
    }
}
