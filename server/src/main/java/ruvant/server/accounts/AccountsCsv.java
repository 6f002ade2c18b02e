package ruvant.server.accounts;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import ruvant.core.accounts.AccountsPicture;
import ruvant.core.accounts.PaidHow;
import ruvant.core.accounts.Paper;
import ruvant.core.accounts.PaperKind;
import ruvant.core.money.Totals;
import ruvant.core.units.CurrencyHere;
import ruvant.server.csv.CsvRows;

/** What went out and what was paid, as plain tables for the accountant; amounts with a point, credit notes below zero. */
final class AccountsCsv {
    private AccountsCsv() {}

    private record TaxRow(Paper paper, Totals.Group group) {}

    private record MoneyRow(
            LocalDate day, String on, String job, String from, long minor, String currency, PaidHow how, String by) {}

    static String papers(AccountsPicture accounts, Days days) {
        List<TaxRow> rows = accounts.papers().stream()
                .map(AccountsPicture.Held::paper)
                .filter(one -> one.kind() == PaperKind.BILL || one.kind() == PaperKind.CREDIT)
                .filter(one -> days.hold(one.day()))
                .flatMap(one -> one.totals().groups().stream().map(group -> new TaxRow(one, group)))
                .toList();
        return CsvRows.written(
                List.of(
                        "number",
                        "kind",
                        "date",
                        "due",
                        "job",
                        "customer",
                        "country",
                        "tax_number",
                        "tax",
                        "rate_percent",
                        "net",
                        "tax_amount",
                        "gross",
                        "currency"),
                rows,
                row -> {
                    Paper paper = row.paper;
                    int sign = paper.kind() == PaperKind.CREDIT ? -1 : 1;
                    return List.of(
                            paper.number(),
                            paper.kind().label(),
                            paper.day(),
                            paper.until() == null ? "" : paper.until(),
                            paper.job() == null ? "" : paper.job(),
                            paper.buyer().name(),
                            paper.buyer().country(),
                            paper.buyer().taxNumber(),
                            row.group.rate().name(),
                            BigDecimal.valueOf(row.group.rate().hundredths(), 2).toPlainString(),
                            amount(sign * row.group.netMinor(), paper.currency()),
                            amount(sign * row.group.taxMinor(), paper.currency()),
                            amount(sign * (row.group.netMinor() + row.group.taxMinor()), paper.currency()),
                            paper.currency());
                });
    }

    static String payments(AccountsPicture accounts, Days days) {
        Stream<MoneyRow> onBills = accounts.bills().stream()
                .flatMap(bill -> bill.moved().stream()
                        .map(moved -> new MoneyRow(
                                moved.day(),
                                bill.held().paper().number().toString(),
                                bill.held().paper().job() == null
                                        ? ""
                                        : bill.held().paper().job().toString(),
                                bill.held().paper().buyer().name(),
                                moved.minor(),
                                bill.held().paper().currency(),
                                moved.how(),
                                moved.by())));
        Stream<MoneyRow> inAdvance = accounts.deposits().stream()
                .flatMap(one -> Stream.concat(
                        Stream.of(deposit(
                                one,
                                one.what().day(),
                                one.what().minor(),
                                one.what().how(),
                                one.by())),
                        one.back().stream()
                                .map(back -> deposit(one, back.day(), back.minor(), back.how(), back.by()))));
        return CsvRows.written(
                List.of("date", "on", "job", "from", "amount", "currency", "how", "signed"),
                Stream.concat(onBills, inAdvance)
                        .filter(row -> days.hold(row.day))
                        .sorted(java.util.Comparator.comparing(MoneyRow::day))
                        .toList(),
                row -> List.of(
                        row.day,
                        row.on,
                        row.job,
                        row.from,
                        amount(row.minor, row.currency),
                        row.currency,
                        row.how.label(),
                        row.by));
    }

    private static MoneyRow deposit(AccountsPicture.Deposit of, LocalDate day, long minor, PaidHow how, String by) {
        return new MoneyRow(
                day,
                "in advance",
                of.what().job().toString(),
                of.what().from().name(),
                minor,
                of.what().currency(),
                how,
                by);
    }

    private static String amount(long minor, String currency) {
        return BigDecimal.valueOf(minor, CurrencyHere.digits(currency)).toPlainString();
    }
}
