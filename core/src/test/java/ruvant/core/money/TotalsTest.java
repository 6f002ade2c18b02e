package ruvant.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.units.FieldProblem;

/** Sums and taxes, worked out a second time with decimal fractions that share nothing with the whole numbers judged. */
class TotalsTest {
    private static final TaxRate FULL = TaxRate.taxed("full", "VAT", 2300);
    private static final TaxRate LOW = TaxRate.taxed("low", "VAT", 1350);
    private static final TaxRate ODD = TaxRate.taxed("odd", "levy", 777);
    private static final TaxRate FREE = new TaxRate("free", "VAT", TaxKind.EXEMPT, 0, "Small business");
    private static final List<TaxRate> RATES = List.of(FULL, LOW, ODD, FREE);

    static IntStream seeds() {
        return IntStream.range(0, 300);
    }

    private static BigDecimal rounded(BigDecimal value) {
        return value.setScale(0, RoundingMode.HALF_UP);
    }

    private static List<PriceLine> lines(Random random) {
        List<PriceLine> lines = new ArrayList<>();
        int count = 1 + random.nextInt(12);
        for (int at = 0; at < count; at++) {
            long unit = random.nextInt(4) == 0 ? random.nextInt(3) : random.nextInt(500_000);
            long thousandths = random.nextBoolean() ? 1000L * (1 + random.nextInt(5)) : 1 + random.nextInt(9_000);
            PriceLine line = new PriceLine(
                    "work " + at,
                    thousandths,
                    random.nextBoolean() ? Measure.HOUR : Measure.PIECE,
                    unit,
                    0,
                    RATES.get(random.nextInt(RATES.size())).id());
            lines.add(random.nextInt(3) == 0 ? line.less(line.wholeMinor() / (1 + random.nextInt(5))) : line);
        }
        return lines;
    }

    private static BigDecimal amount(PriceLine line) {
        return rounded(BigDecimal.valueOf(line.unitMinor())
                        .multiply(BigDecimal.valueOf(line.thousandths()))
                        .movePointLeft(3))
                .subtract(BigDecimal.valueOf(line.discountMinor()));
    }

    private static BigDecimal sum(List<PriceLine> lines, TaxRate rate) {
        return lines.stream()
                .filter(one -> one.tax().equals(rate.id()))
                .map(TotalsTest::amount)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void taxOnTopIsReckonedOncePerRate(int seed) {
        Random random = new Random(seed);
        List<PriceLine> lines = lines(random);
        Totals totals = Totals.of(lines, RATES, new Totals.Manner(false, 1), 0);
        BigDecimal due = BigDecimal.ZERO;
        for (Totals.Group group : totals.groups()) {
            BigDecimal net = sum(lines, group.rate());
            BigDecimal tax =
                    rounded(net.multiply(BigDecimal.valueOf(group.rate().hundredths(), 4)));
            assertThat(group.netMinor()).isEqualTo(net.longValueExact());
            assertThat(group.taxMinor()).isEqualTo(tax.longValueExact());
            due = due.add(net).add(tax);
        }
        assertThat(totals.dueMinor()).isEqualTo(due.longValueExact());
        assertThat(totals.linesNetMinor())
                .containsExactlyElementsOf(
                        lines.stream().map(PriceLine::amountMinor).toList());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void pricesThatHoldTheTaxAreKeptToTheLastUnit(int seed) {
        Random random = new Random(seed);
        List<PriceLine> lines = lines(random);
        Totals totals = Totals.of(lines, RATES, new Totals.Manner(true, 1), 0);
        assertThat(totals.totalMinor())
                .isEqualTo(lines.stream().mapToLong(PriceLine::amountMinor).sum());
        for (Totals.Group group : totals.groups()) {
            BigDecimal gross = sum(lines, group.rate());
            BigDecimal net = rounded(gross.divide(
                    BigDecimal.ONE.add(BigDecimal.valueOf(group.rate().hundredths(), 4)), 12, RoundingMode.HALF_UP));
            assertThat(group.netMinor()).isEqualTo(net.longValueExact());
            // EN 16931 has the tax as the rate of the net amount, and lets it differ by less than one unit of the
            // currency
            assertThat(Math.abs(group.taxMinor() - group.rate().on(group.netMinor())))
                    .isLessThanOrEqualTo(1);
        }
        for (int at = 0; at < lines.size(); at++) {
            TaxRate rate =
                    RATES.stream().filter(byId(lines.get(at).tax())).findFirst().orElseThrow();
            assertThat(Math.abs(totals.linesNetMinor().get(at)
                            - rate.without(lines.get(at).amountMinor())))
                    .isLessThanOrEqualTo(1);
        }
    }

    private static java.util.function.Predicate<TaxRate> byId(String id) {
        return one -> one.id().equals(id);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsPaidInCoinsIsNearestToWhatIsOwed(int seed) {
        Random random = new Random(seed);
        long step = List.of(1L, 5L, 10L, 100L).get(random.nextInt(4));
        Totals totals =
                Totals.of(lines(random), RATES, new Totals.Manner(random.nextBoolean(), step), random.nextInt(200_000));
        assertThat(totals.dueMinor() % step).isZero();
        assertThat(2 * Math.abs(totals.roundingMinor())).isLessThanOrEqualTo(step);
        assertThat(totals.dueMinor())
                .isEqualTo(totals.netMinor() + totals.taxMinor() + totals.roundingMinor() - totals.prepaidMinor());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aDiscountOnTheWholeIsLostNowhere(int seed) {
        Random random = new Random(seed);
        List<PriceLine> lines = lines(random);
        long sum = lines.stream().mapToLong(PriceLine::amountMinor).sum();
        long off = sum == 0 ? 0 : random.nextLong(sum + 1);
        List<PriceLine> less = Discounts.off(lines, off);
        assertThat(less.stream().mapToLong(PriceLine::amountMinor).sum()).isEqualTo(sum - off);
        assertThat(less).allSatisfy(one -> assertThat(one.amountMinor()).isNotNegative());
        assertThatThrownBy(() -> Discounts.off(lines, sum + 1)).isInstanceOf(FieldProblem.class);
        assertThat(Discounts.percent(lines, 10_000))
                .allSatisfy(one -> assertThat(one.amountMinor()).isZero());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void ratiosAreRoundedAsMerchantsDo(int seed) {
        Random random = new Random(seed);
        for (int at = 0; at < 50; at++) {
            long a = random.nextLong(-1_000_000_000_000L, 1_000_000_000_000L);
            long b = random.nextInt(1_000_000);
            long c = 1 + random.nextInt(1_000_000);
            BigDecimal exact = BigDecimal.valueOf(a)
                    .multiply(BigDecimal.valueOf(b))
                    .divide(BigDecimal.valueOf(c), 0, RoundingMode.HALF_UP);
            assertThat(Exact.ratio(a, b, c)).isEqualTo(exact.longValueExact());
        }
        long[] weights = random.longs(1 + random.nextInt(20), 0, 1_000).toArray();
        long whole = random.nextLong(-100_000, 100_000);
        long[] shares = Exact.spread(whole, weights);
        assertThat(java.util.Arrays.stream(shares).sum()).isEqualTo(whole);
        long all = java.util.Arrays.stream(weights).sum();
        for (int at = 0; at < shares.length && all > 0; at++) {
            assertThat(Math.abs(shares[at] - (double) whole * weights[at] / all))
                    .isLessThan(1);
        }
    }

    /** By hand: 1.75 h at 48.00 and a spring at 3.45, 23 % on top: 84.00 + 3.45 = 87.45; 20.1135 of tax is 20.11. */
    @Test
    void aSmallBillIsWhatOneWorksOutByHand() {
        List<PriceLine> lines =
                List.of(PriceLine.minutes("work", 105, 4800, "full"), PriceLine.pieces("spring", 1, 345, "full"));
        Totals totals = Totals.of(lines, RATES, new Totals.Manner(false, 1), 2000);
        assertThat(totals.netMinor()).isEqualTo(8745);
        assertThat(totals.taxMinor()).isEqualTo(2011);
        assertThat(totals.dueMinor()).isEqualTo(8756);
    }

    /** The same at the counter: 120.00 with 23 % in it is 97.56 and 22.44. */
    @Test
    void aPriceThatHoldsItsTaxIsTakenApart() {
        Totals totals = Totals.of(
                List.of(PriceLine.pieces("overhaul", 1, 12_000, "full")), RATES, new Totals.Manner(true, 5), 0);
        assertThat(totals.netMinor()).isEqualTo(9756);
        assertThat(totals.taxMinor()).isEqualTo(2244);
        assertThat(totals.dueMinor()).isEqualTo(12_000);
    }

    @ParameterizedTest
    @CsvSource({"1022, 5, 1020", "1023, 5, 1025", "-1023, 5, -1025", "1025, 10, 1030", "-1025, 10, -1030", "7, 1, 7"})
    void sumsGoToTheNearestCoin(long minor, long step, long paid) {
        assertThat(Exact.toStep(minor, step)).isEqualTo(paid);
    }

    @Test
    void whatCannotBeIsSaidAtOnce() {
        assertThatThrownBy(() -> new TaxRate("x", "VAT", TaxKind.EXEMPT, 0, ""))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("no reason");
        assertThatThrownBy(() -> new TaxRate("x", "VAT", TaxKind.ZERO, 500, "")).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> PriceLine.pieces("x", 1, 100, "full").less(101))
                .isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> Totals.of(
                        List.of(PriceLine.pieces("x", 1, 100, "gone")), RATES, new Totals.Manner(false, 1), 0))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("gone");
        assertThatThrownBy(() -> new Totals(List.of(100L), List.of(), 100, 0, 100, 0, 0, 100))
                .isInstanceOf(FieldProblem.class);
    }

    @Test
    void anHourIsChargedAtTheRateSaidMostClosely() {
        Pricing pricing = new Pricing(
                Taxes.NONE,
                List.of(
                        new LabourRate("", "electronics", 6000),
                        new LabourRate("Teo", "", 5000),
                        new LabourRate("Teo", "electronics", 7000)),
                4000,
                2550,
                List.of(),
                Terms.USUAL,
                java.util.Optional.empty());
        assertThat(pricing.hourMinor("Ines", "general")).isEqualTo(4000);
        assertThat(pricing.hourMinor("Ines", "Electronics")).isEqualTo(6000);
        assertThat(pricing.hourMinor("teo", "general")).isEqualTo(5000);
        assertThat(pricing.hourMinor("Teo", "electronics")).isEqualTo(7000);
        assertThat(pricing.partMinor(1000)).isEqualTo(1255);
    }
}
