package ruvant.core.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.log.Entry;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.RecordEntry;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.money.Pricing;
import ruvant.core.money.Seller;
import ruvant.core.money.TaxRate;
import ruvant.core.money.Taxes;
import ruvant.core.money.Terms;
import ruvant.core.money.Totals;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;

class AccountsRoomTest {
    private static final LocalDate DAY = LocalDate.of(2031, 4, 2);
    private static final TagNumber JOB = new TagNumber(412);
    private static final TaxRate VAT = TaxRate.taxed("vat", "VAT", 2000);
    private static final Seller SHOP = new Seller(Party.named("Harbour Repair Room"), "", "", "", "");
    private static final Party OWNER = Party.named("Leilani Kealoha");

    private Log<AccountsEntry> log = Log.empty(AccountsRoom.LOG);

    /** Adds a line; its id, or a failed test where it is refused. */
    private UUID add(Entry entry) {
        UUID id = UUID.randomUUID();
        Optional<Refusal> refused = refusal(id, null, entry);
        assertThat(refused).isEmpty();
        return id;
    }

    private Optional<Refusal> refused(Entry entry) {
        return refusal(UUID.randomUUID(), null, entry);
    }

    private Optional<Refusal> refusal(UUID id, UUID before, Entry entry) {
        Line line = new Line(id, log.lastSequence() + 1, Instant.EPOCH, "Ada", before, entry);
        Kernel.Outcome<AccountsEntry> outcome = AccountsRoom.KERNEL.added(log, List.of(line), Optional.empty());
        log = outcome.log();
        return outcome.refusal();
    }

    private AccountsPicture picture() {
        AccountsFold fold = new AccountsFold();
        log.counted().forEach(line -> fold.take(line, (AccountsEntry) line.entry()));
        return fold.picture();
    }

    private static Paper paper(PaperNumber number, long minor, long prepaid, UUID refersTo) {
        List<PriceLine> lines = List.of(PriceLine.pieces("work", 1, minor, "vat"));
        return new Paper(
                number,
                JOB,
                "Pellworm Twin",
                SHOP,
                OWNER,
                DAY,
                null,
                "EUR",
                true,
                List.of(VAT),
                lines,
                Totals.of(lines, List.of(VAT), new Totals.Manner(true, 1), prepaid),
                refersTo,
                "");
    }

    private UUID issue(PaperKind kind, long minor, long prepaid, UUID refersTo) {
        return add(new AccountsEntry.Issued(paper(picture().next(kind), minor, prepaid, refersTo)));
    }

    private static AccountsEntry.Paid paid(UUID bill, long minor) {
        return new AccountsEntry.Paid(bill, minor, "EUR", PaidHow.CASH, DAY, "");
    }

    private static AccountsEntry.PaidBack back(UUID of, long minor) {
        return new AccountsEntry.PaidBack(of, minor, "EUR", PaidHow.TRANSFER, DAY, "");
    }

    private static AccountsEntry.Deposited deposit(long minor) {
        return new AccountsEntry.Deposited(JOB, OWNER, minor, "EUR", PaidHow.CARD, DAY, "");
    }

    @Test
    void eachKindCountsByItselfAndSkipsNothing() {
        issue(PaperKind.QUOTE, 100, 0, null);
        issue(PaperKind.BILL, 100, 0, null);
        issue(PaperKind.BILL, 200, 0, null);
        assertThat(picture().papers())
                .extracting(held -> held.paper().number().toString())
                .containsExactly("Q-00001", "B-00001", "B-00002");
        assertThat(refused(new AccountsEntry.Issued(paper(new PaperNumber(PaperKind.BILL, 4), 1, 0, null))))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("numberTaken");
        assertThat(refused(new AccountsEntry.Issued(paper(new PaperNumber(PaperKind.BILL, 2), 1, 0, null))))
                .isPresent();
    }

    @Test
    void whatWentOutIsNeitherStruckNorChangedNorSlippedInBetween() {
        UUID bill = issue(PaperKind.BILL, 100, 0, null);
        assertThat(refused(new RecordEntry.Struck(bill, "wrong")))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("standsForGood");
        assertThat(refused(new RecordEntry.Amended(
                        bill, new AccountsEntry.Issued(paper(new PaperNumber(PaperKind.BILL, 1), 5, 0, null)), "")))
                .isPresent();
        assertThat(refusal(
                        UUID.randomUUID(),
                        bill,
                        new AccountsEntry.Issued(paper(new PaperNumber(PaperKind.BILL, 1), 5, 0, null))))
                .isPresent();
        UUID payment = add(paid(bill, 40));
        assertThat(refused(new RecordEntry.Struck(payment, ""))).isPresent();
        assertThat(picture().bill(bill).orElseThrow().openMinor()).isEqualTo(60);
    }

    @Test
    void aBillIsPaidInPartsAndNeverMoreThanItsOpenRest() {
        UUID bill = issue(PaperKind.BILL, 12_000, 0, null);
        UUID first = add(paid(bill, 5_000));
        assertThat(refused(paid(bill, 7_001)))
                .get()
                .extracting(Refusal::message)
                .asString()
                .contains("70.00 EUR is open");
        add(new AccountsEntry.Issued(paper(picture().next(PaperKind.RECEIPT), 5_000, 0, first)));
        add(paid(bill, 7_000));
        AccountsPicture.Bill now = picture().bill(bill).orElseThrow();
        assertThat(now.openMinor()).isZero();
        assertThat(now.open()).isFalse();
        assertThat(refused(new AccountsEntry.GivenUp(bill, "moved away"))).isPresent();
        assertThat(refused(new AccountsEntry.Issued(paper(picture().next(PaperKind.RECEIPT), 1, 0, UUID.randomUUID()))))
                .isPresent();
    }

    @Test
    void aCreditNoteFreesWhatIsOpenAndWhatWasPaidGoesBack() {
        UUID bill = issue(PaperKind.BILL, 10_000, 0, null);
        add(paid(bill, 10_000));
        assertThat(refused(back(bill, 1))).isPresent();
        issue(PaperKind.CREDIT, 3_000, 0, bill);
        assertThat(picture().bill(bill).orElseThrow().openMinor()).isEqualTo(-3_000);
        assertThat(refused(back(bill, 3_001))).isPresent();
        add(back(bill, 3_000));
        assertThat(picture().bill(bill).orElseThrow().openMinor()).isZero();
        assertThat(refused(new AccountsEntry.Issued(paper(picture().next(PaperKind.CREDIT), 7_001, 0, bill))))
                .get()
                .extracting(Refusal::message)
                .asString()
                .contains("70.00 EUR");
    }

    @Test
    void aDepositGoesIntoTheNextBillOnce() {
        UUID first = add(deposit(2_000));
        add(deposit(1_000));
        assertThat(picture().depositedMinor(JOB, "EUR")).isEqualTo(3_000);
        assertThat(refused(new AccountsEntry.Issued(paper(picture().next(PaperKind.BILL), 9_000, 3_001, null))))
                .isPresent();
        add(back(first, 500));
        UUID bill = issue(PaperKind.BILL, 9_000, 2_500, null);
        assertThat(picture().bill(bill).orElseThrow().openMinor()).isEqualTo(6_500);
        assertThat(picture().depositedMinor(JOB, "EUR")).isZero();
        assertThat(refused(new AccountsEntry.Issued(paper(picture().next(PaperKind.BILL), 9_000, 1, null))))
                .isPresent();
    }

    /** 10.23 in coins of 5 with 3.01 paid before: 7.20 is due, and a credit note on the whole leaves 3.01 to go back. */
    @Test
    void aRoundedBillThatIsCreditedWholeOwesNothing() {
        add(deposit(301));
        List<PriceLine> lines = List.of(PriceLine.pieces("work", 1, 1_023, "vat"));
        Paper plain = paper(picture().next(PaperKind.BILL), 1_023, 301, null);
        Paper rounded = new Paper(
                plain.number(),
                JOB,
                "",
                SHOP,
                OWNER,
                DAY,
                null,
                "EUR",
                true,
                List.of(VAT),
                lines,
                Totals.of(lines, List.of(VAT), new Totals.Manner(true, 5), 301),
                null,
                "");
        assertThat(rounded.totals().dueMinor()).isEqualTo(720);
        UUID bill = add(new AccountsEntry.Issued(rounded));
        issue(PaperKind.CREDIT, 1_023, 0, bill);
        assertThat(picture().bill(bill).orElseThrow().openMinor()).isEqualTo(-301);
    }

    @Test
    void aPaymentHasOneReceiptAndTheCurrencyOfItsBill() {
        UUID bill = issue(PaperKind.BILL, 9_000, 0, null);
        assertThat(refused(new AccountsEntry.Paid(bill, 10, "CHF", PaidHow.CASH, DAY, "")))
                .get()
                .extracting(Refusal::code)
                .isEqualTo("otherCurrency");
        UUID payment = add(paid(bill, 9_000));
        issue(PaperKind.RECEIPT, 9_000, 0, payment);
        assertThat(refused(new AccountsEntry.Issued(paper(picture().next(PaperKind.RECEIPT), 9_000, 0, payment))))
                .get()
                .extracting(Refusal::message)
                .asString()
                .contains("P-00001");
    }

    /** Whatever the shop charges by then, a credit note is reckoned as its bill was, and a receipt in what was paid. */
    @Test
    void answersAreReckonedAsWhatTheyAnswer() {
        UUID bill = issue(PaperKind.BILL, 9_000, 0, null);
        UUID payment = add(paid(bill, 9_000));
        Pricing today = new Pricing(
                new Taxes(List.of(TaxRate.taxed("other", "VAT", 700)), "other", false, 100),
                List.of(),
                4_000,
                0,
                List.of(),
                Terms.USUAL,
                Optional.of(SHOP));
        Draft credit = Papers.credit(picture().papers().getFirst(), "");
        Paper credited = credit.paper(
                picture().next(PaperKind.CREDIT),
                Papers.basis(picture(), PaperKind.CREDIT, JOB, bill, today, "JPY"),
                DAY);
        assertThat(credited.currency()).isEqualTo("EUR");
        assertThat(credited.totals().totalMinor()).isEqualTo(9_000);
        add(new AccountsEntry.Issued(credited));
        Papers.Basis receipt = Papers.basis(picture(), PaperKind.RECEIPT, JOB, payment, today, "JPY");
        assertThat(receipt.currency()).isEqualTo("EUR");
        assertThat(Papers.receipt(picture(), payment).totals(receipt).taxMinor())
                .isZero();
    }

    @Test
    void aBillThatIsGivenUpIsNotWaitedFor() {
        UUID bill = issue(PaperKind.BILL, 9_000, 0, null);
        add(new AccountsEntry.GivenUp(bill, "cannot be found"));
        assertThat(picture().bill(bill).orElseThrow().open()).isFalse();
        assertThat(picture().bill(bill).orElseThrow().openMinor()).isEqualTo(9_000);
    }

    static java.util.stream.IntStream seeds() {
        return java.util.stream.IntStream.range(0, 40);
    }

    /** Whatever is tried: numbers have no gaps, and money that came in is money that stands somewhere. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noMoneyAppearsOrIsLost(int seed) {
        Random random = new Random(seed);
        long in = 0;
        List<UUID> bills = new ArrayList<>();
        List<UUID> deposits = new ArrayList<>();
        for (int at = 0; at < 60; at++) {
            UUID of = bills.isEmpty() ? UUID.randomUUID() : bills.get(random.nextInt(bills.size()));
            long minor = 1 + random.nextInt(8_000);
            UUID id = UUID.randomUUID();
            AccountsEntry tried = switch (random.nextInt(6)) {
                case 0 ->
                    new AccountsEntry.Issued(paper(
                            picture().next(PaperKind.BILL),
                            10_000,
                            Math.min(10_000, picture().depositedMinor(JOB, "EUR")),
                            null));
                case 1 -> new AccountsEntry.Issued(paper(picture().next(PaperKind.CREDIT), minor, 0, of));
                case 2 -> deposit(minor);
                case 3 ->
                    back(
                            random.nextBoolean() || deposits.isEmpty()
                                    ? of
                                    : deposits.get(random.nextInt(deposits.size())),
                            minor);
                default -> paid(of, minor);
            };
            if (refusal(id, null, tried).isPresent()) {
                continue;
            }
            switch (tried) {
                case AccountsEntry.Issued one when one.paper().kind() == PaperKind.BILL -> bills.add(id);
                case AccountsEntry.Deposited one -> {
                    deposits.add(id);
                    in += one.minor();
                }
                case AccountsEntry.Paid one -> in += one.minor();
                case AccountsEntry.PaidBack one -> in -= one.minor();
                default -> {}
            }
        }
        AccountsPicture now = picture();
        long stands = now.deposits().stream()
                        .mapToLong(AccountsPicture.Deposit::leftMinor)
                        .sum()
                + now.bills().stream()
                        .mapToLong(bill ->
                                bill.paidMinor() + bill.held().paper().totals().prepaidMinor())
                        .sum();
        assertThat(stands).isEqualTo(in);
        for (PaperKind kind : PaperKind.values()) {
            List<Integer> numbers = now.papers().stream()
                    .filter(held -> held.paper().kind() == kind)
                    .map(held -> held.paper().number().number())
                    .toList();
            assertThat(numbers)
                    .isEqualTo(java.util.stream.IntStream.rangeClosed(1, numbers.size())
                            .boxed()
                            .toList());
        }
        assertThat(now.bills())
                .allSatisfy(bill -> assertThat(bill.openMinor())
                        .isEqualTo(bill.held().paper().totals().dueMinor() - bill.paidMinor() - bill.creditedMinor()));
    }

    @Test
    void numbersAreReadAsTheyArePrinted() {
        for (PaperKind kind : PaperKind.values()) {
            PaperNumber number = new PaperNumber(kind, 47);
            assertThat(PaperNumber.parse(number.toString())).isEqualTo(number);
            assertThat(PaperNumber.parse(number.toString().toLowerCase(java.util.Locale.ROOT)))
                    .isEqualTo(number);
        }
        assertThat(new PaperNumber(PaperKind.BILL, 1_234_567).toString()).isEqualTo("B-1234567");
    }
}
