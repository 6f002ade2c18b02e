package ruvant.core.accounts;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.log.Line;
import ruvant.core.log.RoomFold;
import ruvant.core.money.Totals;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;

/** Folds papers and money: each paper bears the number after the last of its kind, and no more money moves than there is. */
public final class AccountsFold implements RoomFold<AccountsEntry> {
    private final Map<UUID, AccountsPicture.Held> papers = new LinkedHashMap<>();
    private final Map<PaperKind, Integer> last = new EnumMap<>(PaperKind.class);
    private final Map<UUID, BillState> bills = new LinkedHashMap<>();
    private final Map<UUID, DepositState> deposits = new LinkedHashMap<>();
    private final Map<UUID, String> payments = new LinkedHashMap<>();

    private static final class BillState {
        private final AccountsPicture.Held held;
        private final List<AccountsPicture.MoneyMoved> moved = new ArrayList<>();
        private final List<UUID> credits = new ArrayList<>();
        private long paidMinor;
        private long creditedMinor;
        private String givenUp;

        private BillState(AccountsPicture.Held held) {
            this.held = held;
        }

        private long openMinor() {
            Totals totals = held.paper().totals();
            // credit notes are not rounded to coins: one on the whole takes off what the bill was rounded by as well
            boolean whole = creditedMinor == totals.totalMinor();
            return (whole ? -totals.prepaidMinor() : totals.dueMinor() - creditedMinor) - paidMinor;
        }
    }

    private static final class DepositState {
        private final Line line;
        private final AccountsEntry.Deposited what;
        private final List<AccountsPicture.MoneyMoved> back = new ArrayList<>();
        private long leftMinor;

        private DepositState(Line line, AccountsEntry.Deposited what) {
            this.line = line;
            this.what = what;
            this.leftMinor = what.minor();
        }
    }

    @Override
    public Optional<Refusal> objection(Line line, AccountsEntry entry) {
        return switch (entry) {
            case AccountsEntry.Issued one -> objection(one.paper());
            case AccountsEntry.Paid one -> objection(one);
            case AccountsEntry.Deposited one -> Optional.empty();
            case AccountsEntry.PaidBack one -> objection(one);
            case AccountsEntry.GivenUp one ->
                open(one.bill())
                        ? Optional.empty()
                        : refuse("nothingOpen", "Nothing is open on that bill.", "There is nothing to give up.");
        };
    }

    private Optional<Refusal> objection(Paper paper) {
        PaperNumber expected = next(paper.kind());
        if (!paper.number().equals(expected)) {
            return refuse(
                    "numberTaken",
                    paper.number() + " is not the next number; that is " + expected + ".",
                    "Make the paper again: somebody else was quicker.");
        }
        return switch (paper.kind()) {
            case QUOTE, ORDER -> Optional.empty();
            case BILL -> prepaid(paper);
            case RECEIPT -> receipt(paper);
            case CREDIT -> credits(paper);
        };
    }

    private Optional<Refusal> receipt(Paper paper) {
        if (!payments.containsKey(paper.refersTo())) {
            return refuse("notPaid", "Nothing was paid that this could be the receipt for.", "Log the payment.");
        }
        return papers.values().stream()
                .map(AccountsPicture.Held::paper)
                .filter(one ->
                        one.kind() == PaperKind.RECEIPT && paper.refersTo().equals(one.refersTo()))
                .findFirst()
                .flatMap(one -> refuse(
                        "receiptMade",
                        "The receipt for this payment is " + one.number() + ".",
                        "Open it among the papers."));
    }

    private static Optional<Refusal> otherCurrency(String is, String entered) {
        return is.equals(entered)
                ? Optional.empty()
                : refuse("otherCurrency", "It is in " + is + ", not in " + entered + ".", "Enter it in " + is + ".");
    }

    private Optional<Refusal> prepaid(Paper paper) {
        long there = paper.job() == null ? 0 : left(paper.job(), paper.currency());
        long taken = paper.totals().prepaidMinor();
        return taken >= 0 && taken <= there
                ? Optional.empty()
                : refuse(
                        "notDeposited",
                        "The bill takes off " + CurrencyHere.words(taken, paper.currency()) + "; "
                                + CurrencyHere.words(there, paper.currency()) + " was paid in advance.",
                        "Make the bill again.");
    }

    private Optional<Refusal> credits(Paper credit) {
        BillState bill = bills.get(credit.refersTo());
        if (bill == null) {
            return refuse("noSuchBill", "There is no such bill.", "Choose the bill that is put right.");
        }
        Paper billed = bill.held.paper();
        Optional<Refusal> other = otherCurrency(billed.currency(), credit.currency());
        if (other.isPresent()) {
            return other;
        }
        long left = billed.totals().totalMinor() - bill.creditedMinor;
        return credit.totals().totalMinor() <= left
                ? Optional.empty()
                : refuse(
                        "moreThanBilled",
                        "Only " + CurrencyHere.words(left, billed.currency()) + " of " + billed.number()
                                + " can still be credited.",
                        "Credit no more than that.");
    }

    private Optional<Refusal> objection(AccountsEntry.Paid paid) {
        BillState bill = bills.get(paid.bill());
        if (bill == null) {
            return refuse("noSuchBill", "There is no such bill.", "Choose the bill that was paid.");
        }
        String currency = bill.held.paper().currency();
        return paid.minor() <= Math.max(0, bill.openMinor())
                ? otherCurrency(currency, paid.currency())
                : refuse(
                        "moreThanOpen",
                        CurrencyHere.words(Math.max(0, bill.openMinor()), currency) + " is open on "
                                + bill.held.paper().number() + ".",
                        "Enter what was paid on this bill, at most that.");
    }

    private Optional<Refusal> objection(AccountsEntry.PaidBack back) {
        BillState bill = bills.get(back.of());
        DepositState deposit = deposits.get(back.of());
        if (bill == null && deposit == null) {
            return refuse("nothingPaid", "Nothing was paid there.", "Choose the bill or the deposit.");
        }
        long there = bill != null ? Math.max(0, -bill.openMinor()) : deposit.leftMinor;
        String currency = bill != null ? bill.held.paper().currency() : deposit.what.currency();
        return back.minor() <= there
                ? otherCurrency(currency, back.currency())
                : refuse(
                        "moreThanThere",
                        "Only " + CurrencyHere.words(there, currency) + " can be paid back.",
                        bill != null ? "Issue a credit note first." : "Pay back at most that.");
    }

    private static Optional<Refusal> refuse(String code, String message, String remedy) {
        return Optional.of(new Refusal(code, message, remedy));
    }

    @Override
    public void take(Line line, AccountsEntry entry) {
        switch (entry) {
            case AccountsEntry.Issued one -> issued(line, one.paper());
            case AccountsEntry.Paid one -> {
                BillState bill = bills.get(one.bill());
                bill.paidMinor += one.minor();
                bill.moved.add(moved(line, one.minor(), one.how(), one.day(), one.remark()));
                payments.put(line.id(), bill.held.paper().number().toString());
            }
            case AccountsEntry.Deposited one -> {
                deposits.put(line.id(), new DepositState(line, one));
                payments.put(line.id(), one.job().toString());
            }
            case AccountsEntry.PaidBack one -> paidBack(line, one);
            case AccountsEntry.GivenUp one -> bills.get(one.bill()).givenUp = one.why();
        }
    }

    private void issued(Line line, Paper paper) {
        AccountsPicture.Held held = new AccountsPicture.Held(line.id(), line.at(), line.by(), paper);
        papers.put(line.id(), held);
        last.put(paper.kind(), paper.number().number());
        if (paper.kind() == PaperKind.BILL) {
            bills.put(line.id(), new BillState(held));
            takeOff(paper);
        }
        if (paper.kind() == PaperKind.CREDIT) {
            BillState bill = bills.get(paper.refersTo());
            bill.creditedMinor += paper.totals().totalMinor();
            bill.credits.add(line.id());
        }
    }

    /** What was paid in advance goes into the bill, the oldest first. */
    private void takeOff(Paper paper) {
        long taken = paper.totals().prepaidMinor();
        for (DepositState deposit : deposits.values()) {
            if (deposit.what.job().equals(paper.job())
                    && deposit.what.currency().equals(paper.currency())) {
                long its = Math.min(taken, deposit.leftMinor);
                deposit.leftMinor -= its;
                taken -= its;
            }
        }
    }

    private void paidBack(Line line, AccountsEntry.PaidBack back) {
        BillState bill = bills.get(back.of());
        if (bill != null) {
            bill.paidMinor -= back.minor();
            bill.moved.add(moved(line, -back.minor(), back.how(), back.day(), back.remark()));
        } else {
            DepositState deposit = deposits.get(back.of());
            deposit.leftMinor -= back.minor();
            deposit.back.add(moved(line, -back.minor(), back.how(), back.day(), back.remark()));
        }
    }

    private static AccountsPicture.MoneyMoved moved(
            Line line, long minor, PaidHow how, java.time.LocalDate day, String remark) {
        return new AccountsPicture.MoneyMoved(line.id(), line.at(), line.by(), minor, how, day, remark);
    }

    private boolean open(UUID bill) {
        BillState state = bills.get(bill);
        return state != null && state.openMinor() > 0 && state.givenUp == null;
    }

    private long left(TagNumber job, String currency) {
        return deposits.values().stream()
                .filter(one -> one.what.job().equals(job) && one.what.currency().equals(currency))
                .mapToLong(one -> one.leftMinor)
                .sum();
    }

    private PaperNumber next(PaperKind kind) {
        return new PaperNumber(kind, last.getOrDefault(kind, 0) + 1);
    }

    /** What a line is called: the number of its paper. */
    public String name(UUID line) {
        AccountsPicture.Held held = papers.get(line);
        return held == null
                ? payments.getOrDefault(line, "it")
                : held.paper().number().toString();
    }

    /** The picture so far. */
    public AccountsPicture picture() {
        return new AccountsPicture(
                List.copyOf(papers.values()),
                bills.values().stream()
                        .map(one -> new AccountsPicture.Bill(
                                one.held,
                                one.paidMinor,
                                one.creditedMinor,
                                one.openMinor(),
                                List.copyOf(one.moved),
                                List.copyOf(one.credits),
                                Optional.ofNullable(one.givenUp)))
                        .toList(),
                deposits.values().stream()
                        .map(one -> new AccountsPicture.Deposit(
                                one.line.id(), one.line.by(), one.what, one.leftMinor, List.copyOf(one.back)))
                        .toList(),
                Arrays.stream(PaperKind.values()).map(this::next).toList());
    }
}
