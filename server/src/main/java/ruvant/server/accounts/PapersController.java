package ruvant.server.accounts;

import java.time.LocalDate;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.accounts.AccountsPicture;
import ruvant.core.accounts.PaperNumber;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.printing.Paper;
import ruvant.server.printing.PdfPrinter;

/** Papers as pages, as PDF and as e-invoices, and tables for the accountant. */
@RestController
@Needs({Right.MONEY, Right.CUSTOMERS})
@RequestMapping("/api/accounts")
class PapersController {
    private static final String CSV = "text/csv;charset=UTF-8";

    private final AccountsService accounts;
    private final ShopService shop;
    private final PdfPrinter printer;

    PapersController(AccountsService accounts, ShopService shop, PdfPrinter printer) {
        this.accounts = accounts;
        this.shop = shop;
        this.printer = printer;
    }

    @GetMapping(path = "/papers/{number}", produces = MediaType.TEXT_HTML_VALUE)
    String page(@PathVariable String number, @RequestParam(defaultValue = "a4") String paper) {
        return html(accounts.paper(PaperNumber.parse(number)), paper);
    }

    @GetMapping(path = "/papers/{number}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable String number, @RequestParam(defaultValue = "a4") String paper) {
        AccountsPicture.Held held = accounts.paper(PaperNumber.parse(number));
        return named("inline", held.paper().number() + ".pdf").body(printer.pdf(html(held, paper)));
    }

    @GetMapping(path = "/papers/{number}.xml", produces = MediaType.APPLICATION_XML_VALUE)
    ResponseEntity<String> xml(@PathVariable String number) {
        AccountsPicture.Held held = accounts.paper(PaperNumber.parse(number));
        return named("attachment", held.paper().number() + ".xml").body(UblInvoice.of(held.paper(), refersTo(held)));
    }

    /** Bills and credit notes, one row for each rate of tax. */
    @GetMapping(path = "/papers.csv", produces = CSV)
    ResponseEntity<String> papers(
            @RequestParam(required = false) LocalDate from, @RequestParam(required = false) LocalDate to) {
        return named("attachment", "papers.csv").body(AccountsCsv.papers(accounts.picture(), new Days(from, to)));
    }

    /** Everything that was paid or paid back. */
    @GetMapping(path = "/payments.csv", produces = CSV)
    ResponseEntity<String> payments(
            @RequestParam(required = false) LocalDate from, @RequestParam(required = false) LocalDate to) {
        return named("attachment", "payments.csv").body(AccountsCsv.payments(accounts.picture(), new Days(from, to)));
    }

    private String html(AccountsPicture.Held held, String size) {
        String locale = shop.shop().practice().reckoning().money().locale();
        return PaperPage.html(held.paper(), refersTo(held), locale, Paper.of(size));
    }

    private Optional<PaperNumber> refersTo(AccountsPicture.Held held) {
        return Optional.ofNullable(held.paper().refersTo())
                .flatMap(accounts.picture()::paper)
                .map(one -> one.paper().number());
    }

    private static ResponseEntity.BodyBuilder named(String how, String file) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.builder(how).filename(file).build().toString());
    }
}
