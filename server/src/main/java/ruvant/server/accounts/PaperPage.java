package ruvant.server.accounts;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.accounts.Paper;
import ruvant.core.accounts.PaperKind;
import ruvant.core.accounts.PaperNumber;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.money.Seller;
import ruvant.core.money.TaxKind;
import ruvant.core.money.Totals;
import ruvant.server.printing.Amounts;
import ruvant.server.printing.Letterhead;
import ruvant.server.printing.Markup;

/** A quote, order, bill, receipt or credit note as one page of plain markup. */
final class PaperPage {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private final Paper paper;
    private final Amounts amounts;
    private final StringBuilder body = new StringBuilder();

    private PaperPage(Paper paper, String locale) {
        this.paper = paper;
        this.amounts = new Amounts(paper.currency(), locale);
    }

    /**
     * The whole page.
     *
     * @param refersTo number of the paper that it answers
     * @param locale of the place whose way of writing amounts is kept to
     */
    static String html(Paper paper, Optional<PaperNumber> refersTo, String locale, ruvant.server.printing.Paper size) {
        PaperPage page = new PaperPage(paper, locale);
        page.buyer();
        page.lines();
        page.totals();
        page.foot();
        String shop = Stream.concat(
                        Stream.of(paper.seller().party().name()),
                        address(paper.seller().party(), paper.buyer()).stream())
                .collect(Collectors.joining(", "));
        String title = title(paper.kind()) + " " + paper.number();
        List<Letterhead.Fact> facts = page.facts(refersTo);
        return paper.job() == null
                ? Letterhead.page(size, STYLE, shop, title, page.about(), facts, page.body)
                : Letterhead.page(size, STYLE, shop, paper.job(), title, page.about(), facts, page.body);
    }

    private String about() {
        return paper.about().isEmpty() ? paper.buyer().name() : paper.about();
    }

    static String title(PaperKind kind) {
        return switch (kind) {
            case QUOTE -> "Quote";
            case ORDER -> "Order confirmation";
            case BILL -> "Bill";
            case RECEIPT -> "Receipt";
            case CREDIT -> "Credit note";
        };
    }

    private List<Letterhead.Fact> facts(Optional<PaperNumber> refersTo) {
        List<Letterhead.Fact> facts = new ArrayList<>();
        facts.add(new Letterhead.Fact("Number", paper.number().toString()));
        facts.add(new Letterhead.Fact("Date", DAY.format(paper.day())));
        LocalDate until = paper.until();
        if (until != null) {
            facts.add(new Letterhead.Fact(
                    paper.kind() == PaperKind.QUOTE ? "Holds until" : "To be paid by", DAY.format(until)));
        }
        refersTo.ifPresent(number -> facts.add(new Letterhead.Fact("Refers to", number.toString())));
        return facts;
    }

    private void buyer() {
        Party buyer = paper.buyer();
        StringBuilder to =
                new StringBuilder("<div><span dir=\"auto\">" + Markup.escape(buyer.name()) + "</span></div>");
        address(buyer, paper.seller().party())
                .forEach(line -> to.append("<div><span dir=\"auto\">" + Markup.escape(line) + "</span></div>"));
        if (!buyer.taxNumber().isEmpty()) {
            to.append("<div>Tax number " + Markup.escape(buyer.taxNumber()) + "</div>");
        }
        body.append(Letterhead.row("To", to));
    }

    /** Street and town, and the country where that is not the reader's own. */
    private static List<String> address(Party of, Party reader) {
        return Stream.of(
                        of.street(),
                        (of.postcode() + " " + of.town()).strip(),
                        of.country().equals(reader.country())
                                ? ""
                                : Locale.of("", of.country()).getDisplayCountry(Locale.ENGLISH))
                .filter(one -> !one.isEmpty())
                .toList();
    }

    private void lines() {
        boolean off = paper.lines().stream().anyMatch(line -> line.discountMinor() > 0);
        boolean manyTaxes = paper.totals().groups().size() > 1;
        StringBuilder table =
                new StringBuilder("<table class=\"lines\"><thead><tr><th></th><th>quantity</th><th>price</th>");
        table.append(off ? "<th>discount</th>" : "").append(manyTaxes ? "<th>tax</th>" : "");
        table.append("<th>amount</th></tr></thead><tbody>");
        for (PriceLine line : paper.lines()) {
            table.append("<tr><td dir=\"auto\">%s</td><td>%s</td><td>%s</td>"
                    .formatted(Markup.escape(line.words()), quantity(line), amounts.plain(line.unitMinor())));
            table.append(
                    off
                            ? "<td>" + (line.discountMinor() == 0 ? "" : amounts.plain(-line.discountMinor())) + "</td>"
                            : "");
            table.append(manyTaxes ? "<td>" + percent(line.tax()) + "</td>" : "");
            table.append("<td>%s</td></tr>".formatted(amounts.plain(line.amountMinor())));
        }
        body.append(table.append("</tbody></table>"));
    }

    private String quantity(PriceLine line) {
        String measure = line.measure().label();
        return amounts.count(line.thousandths()) + (measure.isEmpty() ? "" : " " + measure);
    }

    private String percent(String tax) {
        return paper.rates().stream()
                .filter(rate -> rate.id().equals(tax))
                .findFirst()
                .map(rate -> rate.kind() == TaxKind.STANDARD
                        ? amounts.percent(rate.hundredths())
                        : Markup.escape(rate.kind().label()))
                .orElse("");
    }

    private void totals() {
        Totals totals = paper.totals();
        StringBuilder table = new StringBuilder("<table class=\"sums\">");
        boolean taxed = totals.groups().stream().anyMatch(group -> group.rate().kind() == TaxKind.STANDARD);
        if (taxed && !paper.included()) {
            sum(table, "Without tax", totals.netMinor(), false);
        }
        for (Totals.Group group : totals.groups()) {
            if (group.rate().kind() == TaxKind.STANDARD) {
                String words = "%s %s on %s"
                        .formatted(
                                group.rate().name(),
                                amounts.percent(group.rate().hundredths()),
                                amounts.plain(group.netMinor()));
                if (!paper.included()) {
                    sum(table, words, group.taxMinor(), false);
                }
            }
        }
        boolean changes = totals.prepaidMinor() != 0 || totals.roundingMinor() != 0;
        if (changes) {
            sum(table, "Total", totals.totalMinor(), false);
        }
        if (totals.prepaidMinor() != 0) {
            sum(table, "Paid in advance", -totals.prepaidMinor(), false);
        }
        if (totals.roundingMinor() != 0) {
            sum(table, "Rounded", totals.roundingMinor(), false);
        }
        sum(table, due(paper.kind()), totals.dueMinor(), true);
        body.append("<div class=\"together\">").append(table.append("</table>"));
        if (paper.included()) {
            totals.groups().stream()
                    .filter(group -> group.rate().kind() == TaxKind.STANDARD)
                    .forEach(group -> body.append("<p class=\"of\">%s</p>"
                            .formatted(Markup.escape("Includes %s %s: %s on %s"
                                    .formatted(
                                            group.rate().name(),
                                            amounts.percent(group.rate().hundredths()),
                                            amounts.money(group.taxMinor()),
                                            amounts.money(group.netMinor()))))));
        }
        body.append("</div>");
    }

    private void sum(StringBuilder table, String words, long minor, boolean last) {
        table.append("<tr%s><th>%s</th><td>%s</td></tr>"
                .formatted(last ? " class=\"due\"" : "", Markup.escape(words), amounts.money(minor)));
    }

    private static String due(PaperKind kind) {
        return switch (kind) {
            case QUOTE, ORDER -> "Total";
            case BILL -> "To be paid";
            case RECEIPT -> "Received";
            case CREDIT -> "Credited";
        };
    }

    private void foot() {
        Seller seller = paper.seller();
        List<String> lines = new ArrayList<>();
        paper.rates().stream().filter(rate -> rate.kind() == TaxKind.EXEMPT).forEach(rate -> lines.add(rate.reason()));
        if (!paper.note().isEmpty()) {
            lines.addAll(paper.note().lines().toList());
        }
        if (paper.kind() == PaperKind.BILL && !seller.account().isEmpty()) {
            lines.add("Please pay to " + seller.account()
                    + (seller.bank().isEmpty() ? "" : ", " + seller.bank())
                    + " and give the number " + paper.number() + ".");
        }
        lines.forEach(line -> body.append("<p dir=\"auto\">" + Markup.escape(line) + "</p>"));
        String who = Stream.of(
                        seller.phone(),
                        seller.party().email(),
                        seller.party().taxNumber().isEmpty()
                                ? ""
                                : "Tax number " + seller.party().taxNumber(),
                        seller.footer())
                .filter(one -> !one.isEmpty())
                .map(Markup::escape)
                .collect(Collectors.joining(" · "));
        if (!who.isEmpty()) {
            body.append("<p class=\"foot\">" + who + "</p>");
        }
    }

    private static final String STYLE = """
            .lines { margin-top: 12pt; -fs-table-paginate: paginate; }
            .lines th { text-align: right; font-weight: normal; color: #55504a; font-size: 8pt; padding: 2pt 0 2pt 10pt; }
            .lines td { text-align: right; vertical-align: top; border-top: 0.4pt solid #cdc4b1; padding: 3pt 0 3pt 10pt; white-space: nowrap; }
            .lines td:first-child { text-align: start; padding-left: 0; white-space: normal; overflow-wrap: anywhere; word-wrap: break-word; width: 58%; }
            .lines tr { page-break-inside: avoid; break-inside: avoid; }
            .sums { margin-top: 8pt; }
            .sums th { text-align: right; font-weight: normal; color: #55504a; padding: 1.5pt 0; }
            .sums td { width: 92pt; text-align: right; padding: 1.5pt 0; white-space: nowrap; }
            .sums .due th, .sums .due td { font-weight: bold; font-size: 12pt; color: #1c1a17; padding-top: 3pt; }
            .sums .due td { border-top: 1.4pt solid #0b5660; }
            .together { page-break-inside: avoid; break-inside: avoid; }
            .of { text-align: right; color: #55504a; margin: 3pt 0 0; }
            """;
}
