package ruvant.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.accounts.Draft;
import ruvant.core.accounts.Paper;
import ruvant.core.accounts.PaperKind;
import ruvant.core.accounts.PaperNumber;
import ruvant.core.accounts.Papers;
import ruvant.core.money.Measure;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.money.Pricing;
import ruvant.core.money.Seller;
import ruvant.core.money.TaxKind;
import ruvant.core.money.TaxRate;
import ruvant.core.money.Taxes;
import ruvant.core.money.Terms;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.TagNumber;

/** Random bills against the schema and the rules that others published. */
class UblInvoiceTest {
    private static final PublishedRules PUBLISHED = new PublishedRules();
    private static final LocalDate DAY = LocalDate.of(2031, 2, 27);
    private static final TaxRate FULL = TaxRate.taxed("full", "VAT", 2300);
    private static final TaxRate LOW = TaxRate.taxed("low", "VAT", 1350);
    private static final TaxRate EXEMPT = new TaxRate("free", "VAT", TaxKind.EXEMPT, 0, "Small business scheme");
    private static final TaxRate OUTSIDE = new TaxRate("none", "no tax", TaxKind.OUTSIDE, 0, "");
    private static final TaxRate ZERO = new TaxRate("zero", "VAT", TaxKind.ZERO, 0, "");

    private static Seller seller(String taxNumber) {
        return new Seller(
                new Party(
                        "Harbour Repair Room", "Quay 4", "H4", "Brackwater", "IE", taxNumber, "bench@harbour.example"),
                "+353 1 000",
                "IE29 0000 0000 0000 0000 01",
                "",
                "");
    }

    private static Party buyer(String country) {
        return new Party("Ngọc Trần & Söhne <eV>", "Ring 1", "1010", "Seehafen", country, "", "");
    }

    private static Pricing pricing(List<TaxRate> rates, boolean included, long step, String taxNumber) {
        return new Pricing(
                new Taxes(rates, rates.getFirst().id(), included, step),
                List.of(),
                4000,
                0,
                List.of(),
                Terms.USUAL,
                Optional.of(seller(taxNumber)));
    }

    private static Paper paper(PaperKind kind, List<PriceLine> lines, Pricing pricing, String currency, long prepaid) {
        Draft draft = new Draft(kind, new TagNumber(61), "Pellworm Twin", buyer("AT"), lines, 0, 0, null, "Thank you.");
        return draft.paper(new PaperNumber(kind, 12), new Papers.Basis(pricing, currency, prepaid), DAY);
    }

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyBillFollowsThePublishedSchemaAndRules(int seed) {
        Random random = new Random(seed);
        List<List<TaxRate>> all =
                List.of(List.of(FULL), List.of(FULL, LOW), List.of(FULL, EXEMPT), List.of(OUTSIDE), List.of(ZERO, LOW));
        List<TaxRate> rates = all.get(random.nextInt(all.size()));
        List<PriceLine> lines = new ArrayList<>();
        for (int at = 0; at < 1 + random.nextInt(9); at++) {
            PriceLine line = new PriceLine(
                    "Work " + at + " & parts <new>",
                    random.nextBoolean() ? 1000L * (1 + random.nextInt(4)) : 1 + random.nextInt(4000),
                    random.nextBoolean() ? Measure.HOUR : Measure.PIECE,
                    random.nextInt(40_000),
                    0,
                    rates.get(random.nextInt(rates.size())).id());
            lines.add(random.nextInt(3) == 0 ? line.less(line.wholeMinor() / 3) : line);
        }
        String currency = List.of("EUR", "CHF", "GBP").get(random.nextInt(3));
        PaperKind kind = random.nextInt(4) == 0 ? PaperKind.CREDIT : PaperKind.BILL;
        Pricing pricing = pricing(
                rates,
                random.nextBoolean(),
                currency.equals("CHF") ? 5 : 1,
                random.nextBoolean() ? "IE0000001X" : "IE1234567FA");
        Paper paper = paper(kind, lines, pricing, currency, random.nextInt(3) == 0 ? random.nextInt(90_000) : 0);
        Optional<PaperNumber> refersTo =
                kind == PaperKind.CREDIT ? Optional.of(new PaperNumber(PaperKind.BILL, 3)) : Optional.empty();
        assertThat(PUBLISHED.broken(UblInvoice.of(paper, refersTo))).isEmpty();
    }

    @Test
    void theRulesFindAPlantedFault() {
        Paper paper = paper(
                PaperKind.BILL,
                List.of(PriceLine.pieces("overhaul", 1, 10_000, "full")),
                pricing(List.of(FULL), false, 1, "IE0000001X"),
                "EUR",
                0);
        String good = UblInvoice.of(paper, Optional.empty());
        assertThat(PUBLISHED.broken(good)).isEmpty();
        assertThat(PUBLISHED.broken(good.replace(">123.00<", ">124.00<"))).isNotEmpty();
        assertThat(PUBLISHED.broken(good.replace("cbc:IssueDate", "cbc:IssueDay")))
                .isNotEmpty();
        assertThat(good).contains("Ngọc Trần &amp; Söhne &lt;eV&gt;");
    }

    @Test
    void whatIsMissingIsSaidInWords() {
        List<PriceLine> lines = List.of(PriceLine.pieces("overhaul", 1, 10_000, "full"));
        Draft draft = new Draft(PaperKind.BILL, null, "", Party.named("Amara Okonjo"), lines, 0, 0, null, "");
        Paper noCountry = draft.paper(
                new PaperNumber(PaperKind.BILL, 1),
                new Papers.Basis(pricing(List.of(FULL), false, 1, "IE0000001X"), "EUR", 0),
                DAY);
        assertThatThrownBy(() -> UblInvoice.of(noCountry, Optional.empty()))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("country of “Amara Okonjo”");
        Paper noNumber = paper(PaperKind.BILL, lines, pricing(List.of(FULL), false, 1, ""), "EUR", 0);
        assertThatThrownBy(() -> UblInvoice.of(noNumber, Optional.empty())).hasMessageContaining("tax number");
        Paper quote = paper(PaperKind.QUOTE, lines, pricing(List.of(FULL), false, 1, "IE0000001X"), "EUR", 0);
        assertThatThrownBy(() -> UblInvoice.of(quote, Optional.empty())).hasMessageContaining("bills and credit notes");
    }
}
