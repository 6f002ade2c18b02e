package ruvant.server.accounts;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.accounts.AccountsPicture;
import ruvant.core.accounts.Draft;
import ruvant.core.accounts.PaperKind;
import ruvant.core.accounts.PaperNumber;
import ruvant.core.accounts.Papers;
import ruvant.core.accounts.TypedDraft;
import ruvant.core.money.PriceLine;
import ruvant.core.money.Pricing;
import ruvant.core.money.Totals;
import ruvant.core.people.Right;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;

/** Papers and money: what is open, what went out, and what a draft comes to. */
@RestController
@Needs({Right.MONEY, Right.CUSTOMERS})
@RequestMapping(path = "/api/accounts", produces = MediaType.APPLICATION_JSON_VALUE)
class AccountsController {
    private static final int PAGE = 100;

    private final AccountsService accounts;
    private final ShopService shop;

    AccountsController(AccountsService accounts, ShopService shop) {
        this.accounts = accounts;
        this.shop = shop;
    }

    /**
     * A paper as a list shows it.
     *
     * @param eInvoice whether it can be had as a structured document
     */
    record PaperRow(
            UUID id,
            PaperNumber number,
            PaperKind kind,
            @MayBeNull TagNumber job,
            String about,
            String buyer,
            LocalDate day,
            @MayBeNull LocalDate until,
            long dueMinor,
            String currency,
            boolean eInvoice) {
        static PaperRow of(AccountsPicture.Held held) {
            var paper = held.paper();
            return new PaperRow(
                    held.id(),
                    paper.number(),
                    paper.kind(),
                    paper.job(),
                    paper.about(),
                    paper.buyer().name(),
                    paper.day(),
                    paper.until(),
                    paper.totals().dueMinor(),
                    paper.currency(),
                    UblInvoice.canBe(paper));
        }
    }

    /** A bill that is waited for, or on which money is to go back. */
    record OpenBill(
            PaperRow paper,
            long openMinor,
            boolean overdue,
            List<AccountsPicture.MoneyMoved> moved,
            Optional<String> givenUp) {
        static OpenBill of(AccountsPicture.Bill bill, LocalDate today) {
            return new OpenBill(
                    PaperRow.of(bill.held()), bill.openMinor(), bill.overdue(today), bill.moved(), bill.givenUp());
        }
    }

    /**
     * The whole of it at a glance.
     *
     * @param open bills that are not settled, those that should be paid first
     * @param deposits of which something is left
     * @param papers the last that fit what is looked for, the newest first
     * @param all how many fit
     */
    record AccountsPage(
            long lastSequence,
            LocalDate today,
            Pricing pricing,
            List<OpenBill> open,
            List<AccountsPicture.Deposit> deposits,
            List<PaperRow> papers,
            int all) {}

    /** Papers and money of one job. */
    record JobAccounts(
            long lastSequence,
            LocalDate today,
            Pricing pricing,
            List<PaperRow> papers,
            List<OpenBill> bills,
            List<AccountsPicture.Deposit> deposits) {}

    /** A paper to send out, as it was typed. */
    record Issuing(String by, UUID id, TypedDraft draft, long seenMinor) {}

    /**
     * What a draft comes to.
     *
     * @param linesMinor what each line that was typed comes to; 0 for one that is empty
     * @param quotedMinor what it comes to as a quote or an order, which take off nothing that was paid in advance
     */
    record DraftTotals(List<Long> linesMinor, Totals totals, long quotedMinor) {}

    /** A payment for which a receipt is wanted. */
    record ReceiptAsked(String by, UUID id, UUID payment) {}

    @GetMapping
    AccountsPage page(@RequestParam(defaultValue = "") String find, @RequestParam(required = false) PaperKind kind) {
        AccountsPicture now = accounts.picture();
        LocalDate today = accounts.today();
        String words = find.strip().toLowerCase(Locale.ROOT);
        List<PaperRow> fitting = now.papers().reversed().stream()
                .filter(one -> kind == null || one.paper().kind() == kind)
                .map(PaperRow::of)
                .filter(one -> words.isEmpty() || fits(one, words))
                .toList();
        return new AccountsPage(
                accounts.sequence(),
                today,
                shop.pricing(),
                now.bills().stream()
                        .filter(one -> one.open() || one.openMinor() < 0)
                        .map(one -> OpenBill.of(one, today))
                        .sorted(Comparator.comparing(
                                one -> one.paper().until(), Comparator.nullsLast(Comparator.naturalOrder())))
                        .toList(),
                now.deposits().stream().filter(one -> one.leftMinor() > 0).toList(),
                fitting.stream().limit(PAGE).toList(),
                fitting.size());
    }

    private static boolean fits(PaperRow one, String words) {
        String all = one.number() + " " + one.job() + " " + one.about() + " " + one.buyer();
        return all.toLowerCase(Locale.ROOT).contains(words);
    }

    @Needs(
            value = {Right.MONEY, Right.CUSTOMERS},
            job = "tag")
    @GetMapping("/jobs/{tag}")
    JobAccounts ofJob(@PathVariable String tag) {
        TagNumber job = TagNumber.parse(tag);
        AccountsPicture now = accounts.picture();
        LocalDate today = accounts.today();
        return new JobAccounts(
                accounts.sequence(),
                today,
                shop.pricing(),
                now.of(job).stream().map(PaperRow::of).toList(),
                now.bills().stream()
                        .filter(one -> job.equals(one.held().paper().job()))
                        .map(one -> OpenBill.of(one, today))
                        .toList(),
                now.deposits().stream()
                        .filter(one -> one.what().job().equals(job))
                        .toList());
    }

    /** What a draft comes to; nothing is stored. */
    @PostMapping("/totals")
    DraftTotals totals(@RequestBody TypedDraft typed) {
        Draft draft = accounts.read(typed);
        Iterator<PriceLine> read = draft.lines().iterator();
        List<Long> lines = typed.lines().stream()
                .map(line -> line.blank() ? 0 : read.next().amountMinor())
                .toList();
        return new DraftTotals(
                lines,
                accounts.totals(draft),
                accounts.totals(draft.as(PaperKind.QUOTE)).dueMinor());
    }

    @PostMapping("/papers")
    AccountsPicture.Held issue(@RequestBody Issuing asked) {
        return accounts.issue(
                asked.by(), needed(asked.id(), "id"), accounts.read(needed(asked.draft(), "draft")), asked.seenMinor());
    }

    /** A draft that credits all of a bill, to be shortened. */
    @GetMapping("/papers/{number}/credit")
    TypedDraft credit(@PathVariable String number) {
        return accounts.credit(PaperNumber.parse(number));
    }

    @PostMapping("/receipts")
    AccountsPicture.Held receipt(@RequestBody ReceiptAsked asked) {
        Draft draft = Papers.receipt(accounts.picture(), needed(asked.payment(), "payment"));
        return accounts.issue(
                asked.by(),
                needed(asked.id(), "id"),
                draft,
                accounts.totals(draft).dueMinor());
    }

    private static <T> T needed(T value, String field) {
        return Optional.ofNullable(value)
                .orElseThrow(() -> new FieldProblem(field, "The " + field + " is missing.", "Send it along."));
    }
}
