package ruvant.server.figures;

import java.io.IOException;
import java.io.StringWriter;
import java.time.Clock;
import java.time.YearMonth;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.accounts.MoneyByMonth;
import ruvant.core.odds.CameBackRate;
import ruvant.core.odds.EstimatesHere;
import ruvant.core.odds.OddsHere;
import ruvant.core.odds.Repair;
import ruvant.core.people.Right;
import ruvant.core.plan.minutes.Work;
import ruvant.core.warranty.Likeness;
import ruvant.server.access.Needs;
import ruvant.server.accounts.AccountsService;
import ruvant.server.plan.shop.PlanService;

/** How the shop is doing. */
@RestController
@Needs(Right.MONEY)
@RequestMapping(path = "/api/figures", produces = MediaType.APPLICATION_JSON_VALUE)
class FiguresController {
    private static final int MONTHS = 14;
    private static final int MOST_MONTHS = 120;
    private static final int MOST_ROWS = 30;

    private final WorkDoneStore done;
    private final AccountsService accounts;
    private final PlanService plans;
    private final Clock clock;

    FiguresController(WorkDoneStore done, AccountsService accounts, PlanService plans, Clock clock) {
        this.done = done;
        this.accounts = accounts;
        this.plans = plans;
        this.clock = clock;
    }

    /**
     * One month.
     *
     * @param minutes worked, by kind; kinds without any are left out
     * @param returned cameras that went home
     * @param billedMinor bills less credit notes, with tax, in the shop's currency
     * @param paidMinor what came in, less what went back
     * @param cameBack cameras that came back in it with the same or a related fault
     */
    record FiguresMonth(
            String month, Map<Work, Long> minutes, int returned, long billedMinor, long paidMinor, int cameBack) {}

    /** Come-backs, those most often first. */
    record ComeBacks(
            List<WorkDoneStore.CameBackRow> all,
            List<CameBackRate> byCause,
            List<CameBackRate> byModel,
            List<CameBackRate> byPerson) {}

    /**
     * How good estimates of minutes and of chances were.
     *
     * @param factor that is put on the shop's estimates now
     * @param width by which they are widened
     * @param worked repairs that worked
     * @param repairs that are over
     */
    record EstimatesPage(
            List<EstimatesHere.OfKind> kinds,
            Optional<EstimatesHere.EstimatesHeld> held,
            double factor,
            double width,
            int worked,
            int repairs) {}

    /** All of it. */
    record FiguresPage(String currency, List<FiguresMonth> months, ComeBacks comeBacks, EstimatesPage estimates) {}

    @GetMapping
    FiguresPage page(@RequestParam(required = false) Integer months) {
        YearMonth now = YearMonth.from(clock.instant().atZone(ZoneId.systemDefault()));
        int shown = months == null ? MONTHS : Math.clamp(months, 1, MOST_MONTHS);
        return new FiguresPage(
                accounts.money().currency(), months(now.minusMonths(shown - 1L), now), comeBacks(), estimates());
    }

    private List<FiguresMonth> months(YearMonth from, YearMonth to) {
        Map<YearMonth, List<WorkDoneStore.WorkMonth>> work =
                done.work(from).stream().collect(Collectors.groupingBy(WorkDoneStore.WorkMonth::month));
        Map<YearMonth, Integer> returned = done.returned(from).stream()
                .collect(Collectors.toMap(WorkDoneStore.ReturnedMonth::month, WorkDoneStore.ReturnedMonth::cameras));
        MoneyByMonth money =
                MoneyByMonth.of(accounts.picture(), accounts.money().currency());
        Map<YearMonth, Long> back = done.cameBack().stream()
                .filter(FiguresController::counts)
                .collect(Collectors.groupingBy(WorkDoneStore.CameBackRow::month, Collectors.counting()));
        List<FiguresMonth> all = new ArrayList<>();
        for (YearMonth month = from; !month.isAfter(to); month = month.plusMonths(1)) {
            all.add(new FiguresMonth(
                    month.toString(),
                    work.getOrDefault(month, List.of()).stream()
                            .collect(Collectors.toMap(WorkDoneStore.WorkMonth::work, WorkDoneStore.WorkMonth::minutes)),
                    returned.getOrDefault(month, 0),
                    money.billed().getOrDefault(month, 0L),
                    money.paid().getOrDefault(month, 0L),
                    back.getOrDefault(month, 0L).intValue()));
        }
        return all;
    }

    private static boolean counts(WorkDoneStore.CameBackRow row) {
        return row.judged().filter(Likeness::ofTheWork).isPresent();
    }

    private ComeBacks comeBacks() {
        List<WorkDoneStore.CameBackRow> all = done.cameBack();
        List<WorkDoneStore.CameBackRow> counted =
                all.stream().filter(FiguresController::counts).toList();
        return new ComeBacks(
                all.stream().limit(MOST_ROWS).toList(),
                rates(counted, WorkDoneStore.CameBackRow::cause, done.byCause()),
                rates(counted, WorkDoneStore.CameBackRow::model, done.byModel()),
                rates(counted, WorkDoneStore.CameBackRow::person, done.byPerson()));
    }

    private static List<CameBackRate> rates(
            List<WorkDoneStore.CameBackRow> rows,
            Function<WorkDoneStore.CameBackRow, String> by,
            List<WorkDoneStore.WentHome> home) {
        Map<String, Long> again = rows.stream().collect(Collectors.groupingBy(by, Collectors.counting()));
        return home.stream()
                .filter(one -> !one.by().isEmpty())
                .map(one -> CameBackRate.of(
                        one.by(), again.getOrDefault(one.by(), 0L).intValue(), one.cameras()))
                .sorted(Comparator.comparing((CameBackRate one) -> -one.again())
                        .thenComparing(one -> -one.of())
                        .thenComparing(CameBackRate::by))
                .limit(MOST_ROWS)
                .toList();
    }

    private EstimatesPage estimates() {
        OddsHere odds = plans.odds();
        List<Repair> repairs = odds.repairs().all();
        return new EstimatesPage(
                odds.estimates().byKind(),
                odds.estimates().held(),
                odds.estimates().factor(),
                odds.estimates().of(Work.TREAT).width(),
                (int) repairs.stream().filter(Repair::worked).count(),
                repairs.size());
    }

    /** The months as a table. */
    @GetMapping(path = "/months.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv(@RequestParam(defaultValue = "120") int months) throws IOException {
        FiguresPage page = page(months);
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.DEFAULT)) {
            List<Object> head = new ArrayList<>(List.of("month"));
            for (Work work : Work.values()) {
                head.add("minutes "
                        + work.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '));
            }
            head.addAll(List.of(
                    "cameras returned",
                    "billed " + page.currency() + " minor units",
                    "paid " + page.currency() + " minor units",
                    "came back"));
            csv.printRecord(head);
            for (FiguresMonth month : page.months()) {
                List<Object> row = new ArrayList<>(List.of(month.month()));
                for (Work work : Work.values()) {
                    row.add(month.minutes().getOrDefault(work, 0L));
                }
                row.addAll(List.of(month.returned(), month.billedMinor(), month.paidMinor(), month.cameBack()));
                csv.printRecord(row);
            }
        }
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("months.csv")
                                .build()
                                .toString())
                .body(out.toString());
    }
}
