package ruvant.server.accounts;

import java.io.StringWriter;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import ruvant.core.accounts.Paper;
import ruvant.core.accounts.PaperKind;
import ruvant.core.accounts.PaperNumber;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.money.TaxKind;
import ruvant.core.money.TaxRate;
import ruvant.core.money.Totals;
import ruvant.core.units.ById;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.FieldProblem;

/**
 * A bill or a credit note as a structured document that accounting programs read: UBL 2.1 in the form that EN 16931 asks for. The
 * comments name that standard's terms (BT, BG) where an element's use is not plain.
 */
final class UblInvoice {
    private static final String ROOT = "urn:oasis:names:specification:ubl:schema:xsd:";
    private static final String CAC = ROOT + "CommonAggregateComponents-2";
    private static final String CBC = ROOT + "CommonBasicComponents-2";

    private final Paper paper;
    private final boolean credit;
    private final int digits;
    private final XMLStreamWriter xml;

    private UblInvoice(Paper paper, XMLStreamWriter xml) {
        this.paper = paper;
        this.credit = paper.kind() == PaperKind.CREDIT;
        this.digits = CurrencyHere.digits(paper.currency());
        this.xml = xml;
    }

    /** Whether a paper holds all that such a document must hold. */
    static boolean canBe(Paper paper) {
        return (paper.kind() == PaperKind.BILL || paper.kind() == PaperKind.CREDIT)
                && !paper.buyer().country().isEmpty()
                && !paper.seller().party().country().isEmpty()
                && !paper.seller().party().taxNumber().isEmpty();
    }

    /**
     * The document.
     *
     * @param refersTo the bill that a credit note puts right
     * @throws FieldProblem where something is missing that such a document must hold
     */
    static String of(Paper paper, Optional<PaperNumber> refersTo) {
        if (paper.kind() != PaperKind.BILL && paper.kind() != PaperKind.CREDIT) {
            throw new FieldProblem(
                    "kind", "Only bills and credit notes exist as e-invoices.", "Take the PDF of this paper.");
        }
        country("seller", paper.seller().party(), "Enter it under Settings, Prices and papers, then issue a new bill.");
        country("buyer", paper.buyer(), "Enter the customer's country before the bill goes out.");
        if (paper.seller().party().taxNumber().isEmpty()) {
            throw new FieldProblem(
                    "taxNumber",
                    "An e-invoice must hold the shop's tax number.",
                    "Enter it under Settings, Prices and papers, then issue a new bill.");
        }
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            new UblInvoice(paper, xml).document(refersTo);
            xml.close();
        } catch (XMLStreamException problem) {
            throw new IllegalStateException("The e-invoice of " + paper.number() + " cannot be written", problem);
        }
        return text.toString();
    }

    private static void country(String field, Party party, String remedy) {
        if (party.country().isEmpty()) {
            throw new FieldProblem(field, "An e-invoice must hold the country of “" + party.name() + "”.", remedy);
        }
    }

    private void document(Optional<PaperNumber> refersTo) throws XMLStreamException {
        String name = credit ? "CreditNote" : "Invoice";
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement(name);
        xml.writeDefaultNamespace(ROOT + name + "-2");
        xml.writeNamespace("cac", CAC);
        xml.writeNamespace("cbc", CBC);
        basic("CustomizationID", "urn:cen.eu:en16931:2017");
        basic("ID", paper.number().toString());
        basic("IssueDate", paper.day().toString());
        if (!credit && paper.until() != null) {
            basic("DueDate", paper.until().toString());
        }
        // 380 is a commercial invoice, 381 a credit note, by UNTDID 1001
        basic(credit ? "CreditNoteTypeCode" : "InvoiceTypeCode", credit ? "381" : "380");
        if (!paper.note().isEmpty()) {
            basic("Note", paper.note());
        }
        basic("DocumentCurrencyCode", paper.currency());
        basic(
                "BuyerReference",
                paper.job() == null ? paper.number().toString() : paper.job().toString());
        if (refersTo.isPresent()) {
            begin("BillingReference");
            begin("InvoiceDocumentReference");
            basic("ID", refersTo.get().toString());
            end(2);
        }
        seller();
        buyer();
        payment();
        taxes();
        sums();
        for (int at = 0; at < paper.lines().size(); at++) {
            line(at);
        }
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    private boolean outside() {
        return paper.totals().groups().stream().anyMatch(group -> group.rate().kind() == TaxKind.OUTSIDE);
    }

    private void seller() throws XMLStreamException {
        Party seller = paper.seller().party();
        begin("AccountingSupplierParty");
        begin("Party");
        address(seller);
        // where nothing is subject to tax the number may not stand as a tax number (BR-O-02); it is then the
        // registration
        if (!outside()) {
            begin("PartyTaxScheme");
            basic("CompanyID", seller.taxNumber());
            scheme(isVatNumber(seller) ? "VAT" : "TAX");
            end(1);
        }
        begin("PartyLegalEntity");
        basic("RegistrationName", seller.name());
        if (outside() || !isVatNumber(seller)) {
            basic("CompanyID", seller.taxNumber());
        }
        end(1);
        if (!paper.seller().phone().isEmpty() || !seller.email().isEmpty()) {
            begin("Contact");
            optional("Telephone", paper.seller().phone());
            optional("ElectronicMail", seller.email());
            end(1);
        }
        end(2);
    }

    /** A number for value added tax begins with the two letters of its country (BR-CO-09). */
    private static boolean isVatNumber(Party party) {
        String number = party.taxNumber();
        return number.startsWith(party.country()) || party.country().equals("GR") && number.startsWith("EL");
    }

    private void buyer() throws XMLStreamException {
        Party buyer = paper.buyer();
        begin("AccountingCustomerParty");
        begin("Party");
        address(buyer);
        if (!buyer.taxNumber().isEmpty() && isVatNumber(buyer) && !outside()) {
            begin("PartyTaxScheme");
            basic("CompanyID", buyer.taxNumber());
            scheme("VAT");
            end(1);
        }
        begin("PartyLegalEntity");
        basic("RegistrationName", buyer.name());
        end(1);
        if (!buyer.email().isEmpty()) {
            begin("Contact");
            basic("ElectronicMail", buyer.email());
            end(1);
        }
        end(2);
    }

    private void address(Party party) throws XMLStreamException {
        begin("PostalAddress");
        optional("StreetName", party.street());
        optional("CityName", party.town());
        optional("PostalZone", party.postcode());
        begin("Country");
        basic("IdentificationCode", party.country());
        end(2);
    }

    private void payment() throws XMLStreamException {
        String account = paper.seller().account();
        if (!account.isEmpty()) {
            begin("PaymentMeans");
            // a credit transfer, by UNTDID 4461
            basic("PaymentMeansCode", "30");
            basic("PaymentID", paper.number().toString());
            begin("PayeeFinancialAccount");
            basic("ID", account.replace(" ", ""));
            end(2);
        }
    }

    private void taxes() throws XMLStreamException {
        begin("TaxTotal");
        amount("TaxAmount", paper.totals().taxMinor());
        for (Totals.Group group : paper.totals().groups()) {
            begin("TaxSubtotal");
            amount("TaxableAmount", group.netMinor());
            amount("TaxAmount", group.taxMinor());
            category("TaxCategory", group.rate(), true);
            end(1);
        }
        end(1);
    }

    private void category(String element, TaxRate rate, boolean withReason) throws XMLStreamException {
        begin(element);
        basic("ID", rate.kind().code());
        if (rate.kind() != TaxKind.OUTSIDE) {
            basic("Percent", BigDecimal.valueOf(rate.hundredths(), 2).toPlainString());
        }
        if (withReason && (rate.kind() == TaxKind.EXEMPT || rate.kind() == TaxKind.OUTSIDE)) {
            basic("TaxExemptionReason", rate.reason().isEmpty() ? "Not subject to tax" : rate.reason());
        }
        scheme("VAT");
        end(1);
    }

    private void scheme(String id) throws XMLStreamException {
        begin("TaxScheme");
        basic("ID", id);
        end(1);
    }

    private void sums() throws XMLStreamException {
        Totals totals = paper.totals();
        begin("LegalMonetaryTotal");
        amount("LineExtensionAmount", totals.netMinor());
        amount("TaxExclusiveAmount", totals.netMinor());
        amount("TaxInclusiveAmount", totals.totalMinor());
        if (totals.prepaidMinor() != 0) {
            amount("PrepaidAmount", totals.prepaidMinor());
        }
        if (totals.roundingMinor() != 0) {
            amount("PayableRoundingAmount", totals.roundingMinor());
        }
        amount("PayableAmount", totals.dueMinor());
        end(1);
    }

    private void line(int at) throws XMLStreamException {
        PriceLine line = paper.lines().get(at);
        TaxRate rate = ById.find(paper.rates(), line.tax()).orElseThrow();
        long net = paper.totals().linesNetMinor().get(at);
        begin(credit ? "CreditNoteLine" : "InvoiceLine");
        basic("ID", Integer.toString(at + 1));
        start(credit ? "CreditedQuantity" : "InvoicedQuantity");
        xml.writeAttribute("unitCode", line.measure().code());
        xml.writeCharacters(quantity(line).toPlainString());
        xml.writeEndElement();
        amount("LineExtensionAmount", net);
        boolean off = line.discountMinor() > 0 && !paper.included();
        if (off) {
            begin("AllowanceCharge");
            basic("ChargeIndicator", "false");
            basic("AllowanceChargeReason", "Discount");
            amount("Amount", line.discountMinor());
            end(1);
        }
        begin("Item");
        basic("Name", line.words());
        category("ClassifiedTaxCategory", rate, false);
        end(1);
        begin("Price");
        start("PriceAmount");
        xml.writeAttribute("currencyID", paper.currency());
        xml.writeCharacters(price(line, net).toPlainString());
        xml.writeEndElement();
        end(2);
    }

    private static BigDecimal quantity(PriceLine line) {
        return BigDecimal.valueOf(line.thousandths(), 3).stripTrailingZeros();
    }

    /** The price without tax: as it was entered, or where that held the tax, what the line's net amount says of it. */
    private BigDecimal price(PriceLine line, long netMinor) {
        if (!paper.included()) {
            return BigDecimal.valueOf(line.unitMinor(), digits);
        }
        return BigDecimal.valueOf(netMinor, digits).divide(quantity(line), digits + 6, RoundingMode.HALF_UP);
    }

    private void begin(String aggregate) throws XMLStreamException {
        xml.writeStartElement("cac", aggregate, CAC);
    }

    private void start(String basic) throws XMLStreamException {
        xml.writeStartElement("cbc", basic, CBC);
    }

    private void end(int elements) throws XMLStreamException {
        for (int at = 0; at < elements; at++) {
            xml.writeEndElement();
        }
    }

    private void basic(String element, String text) throws XMLStreamException {
        start(element);
        xml.writeCharacters(text);
        xml.writeEndElement();
    }

    private void optional(String element, String text) throws XMLStreamException {
        if (!text.isEmpty()) {
            basic(element, text);
        }
    }

    private void amount(String element, long minor) throws XMLStreamException {
        start(element);
        xml.writeAttribute("currencyID", paper.currency());
        xml.writeCharacters(BigDecimal.valueOf(minor, digits).toPlainString());
        xml.writeEndElement();
    }
}
