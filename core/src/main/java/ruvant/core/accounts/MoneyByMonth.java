package ruvant.core.accounts;

import java.time.YearMonth;
import java.util.HashMap;
import java.util.Map;

/**
 * What was billed and what was paid in each month, in one currency.
 *
 * @param billed bills less credit notes, with tax, minor units
 * @param paid what came in, payments in advance included, less what went back, minor units
 */
public record MoneyByMonth(Map<YearMonth, Long> billed, Map<YearMonth, Long> paid) {
    /** The months in which there was any. */
    public static MoneyByMonth of(AccountsPicture accounts, String currency) {
        Map<YearMonth, Long> billed = new HashMap<>();
        for (AccountsPicture.Held held : accounts.papers()) {
            Paper paper = held.paper();
            int sign = switch (paper.kind()) {
                case BILL -> 1;
                case CREDIT -> -1;
                case QUOTE, ORDER, RECEIPT -> 0;
            };
            if (sign != 0 && paper.currency().equals(currency)) {
                billed.merge(YearMonth.from(paper.day()), sign * paper.totals().totalMinor(), Long::sum);
            }
        }
        Map<YearMonth, Long> paid = new HashMap<>();
        accounts.bills().stream()
                .filter(bill -> bill.held().paper().currency().equals(currency))
                .flatMap(bill -> bill.moved().stream())
                .forEach(moved -> paid.merge(YearMonth.from(moved.day()), moved.minor(), Long::sum));
        accounts.deposits().stream()
                .filter(deposit -> deposit.what().currency().equals(currency))
                .forEach(deposit -> {
                    paid.merge(
                            YearMonth.from(deposit.what().day()), deposit.what().minor(), Long::sum);
                    deposit.back().forEach(back -> paid.merge(YearMonth.from(back.day()), back.minor(), Long::sum));
                });
        return new MoneyByMonth(Map.copyOf(billed), Map.copyOf(paid));
    }
}
