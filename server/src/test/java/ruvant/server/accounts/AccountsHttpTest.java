package ruvant.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

/** Papers and money over HTTP. */
class AccountsHttpTest extends OverHttp {
    @BeforeEach
    void whatIsCharged() {
        assertThat(shop.say("house", ABill.TAXES, ABill.SELLER).status()).isEqualTo(200);
    }

    private JsonNode issue(String draft, long seen) {
        Shop.Answer answer = shop.post("/api/accounts/papers", ABill.issuing(UUID.randomUUID(), draft, seen));
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        return answer.body();
    }

    private static String paid(String bill, long minor) {
        return "{\"kind\":\"paid\",\"bill\":\"%s\",\"minor\":%d,\"currency\":\"EUR\",\"how\":\"CARD\",\"day\":\"2031-03-01\",\"remark\":\"\"}"
                .formatted(bill, minor);
    }

    private JsonNode open(String id) {
        for (JsonNode one : shop.get("/api/accounts").body().get("open")) {
            if (one.at("/paper/id").asText().equals(id)) {
                return one;
            }
        }
        return null;
    }

    @Test
    void aBillGoesOutIsPaidInPartsAndCreditedAndGivenBack() {
        String tag = shop.camera("Billed");
        shop.say(
                "accounts",
                "{\"kind\":\"deposited\",\"job\":\"%s\",\"from\":{\"name\":\"Billed\"},\"minor\":2000,\"currency\":\"EUR\",\"how\":\"CASH\",\"day\":\"2031-03-01\",\"remark\":\"\"}"
                        .formatted(tag));
        String draft = ABill.draft("BILL", tag, 12_300, null);
        JsonNode totals = shop.post("/api/accounts/totals", draft).body().get("totals");
        assertThat(totals.get("prepaidMinor").asLong()).isEqualTo(2000);
        assertThat(totals.get("dueMinor").asLong()).isEqualTo(10_300);
        assertThat(totals.get("taxMinor").asLong()).isEqualTo(2300);
        JsonNode bill = issue(draft, 10_300);
        String id = bill.get("id").asText();
        assertThat(shop.say("accounts", paid(id, 300)).status()).isEqualTo(200);
        assertThat(shop.say("accounts", paid(id, 10_001)).code()).isEqualTo("moreThanOpen");
        assertThat(open(id).get("openMinor").asLong()).isEqualTo(10_000);
        issue(ABill.draft("CREDIT", tag, 12_300, id), 12_300);
        assertThat(open(id).get("openMinor").asLong()).isEqualTo(-2_300);
        assertThat(shop.say(
                                "accounts",
                                "{\"kind\":\"paidBack\",\"of\":\"%s\",\"minor\":2300,\"currency\":\"EUR\",\"how\":\"CASH\",\"day\":\"2031-03-02\",\"remark\":\"\"}"
                                        .formatted(id))
                        .status())
                .isEqualTo(200);
        assertThat(open(id)).isNull();
        JsonNode ofJob = shop.get("/api/accounts/jobs/" + tag).body();
        assertThat(ofJob.get("papers")).hasSize(2);
        assertThat(ofJob.at("/deposits/0/leftMinor").asLong()).isZero();
    }

    @Test
    void whatWentOutCannotBeStruckAndNoPaperComesInWithANumberOfItsOwn() {
        String id = issue(ABill.draft("QUOTE", null, 500, null), 500).get("id").asText();
        assertThat(shop.say("accounts", "{\"kind\":\"struck\",\"target\":\"%s\",\"reason\":\"\"}".formatted(id))
                        .code())
                .isEqualTo("standsForGood");
        String paper = shop.lines("accounts").toString();
        assertThat(paper).contains("quote Q-");
        JsonNode held = issue(ABill.draft("QUOTE", null, 600, null), 600).get("paper");
        Shop.Answer refused = shop.say("accounts", "{\"kind\":\"issued\",\"paper\":%s}".formatted(held));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().toString()).contains("gets its number when it is made");
    }

    @Test
    void saidTwiceItGoesOutOnceAndNeverForAnotherSumThanWasSeen() {
        UUID id = UUID.randomUUID();
        String sent = ABill.issuing(id, ABill.draft("BILL", null, 900, null), 900);
        String number = shop.post("/api/accounts/papers", sent)
                .body()
                .at("/paper/number")
                .asText();
        assertThat(shop.post("/api/accounts/papers", sent)
                        .body()
                        .at("/paper/number")
                        .asText())
                .isEqualTo(number);
        Shop.Answer other = shop.post(
                "/api/accounts/papers", ABill.issuing(UUID.randomUUID(), ABill.draft("BILL", null, 900, null), 899));
        assertThat(other.code()).isEqualTo("comesToOther");
    }

    @Test
    void manyWindowsAtOnceGetNumbersOneAfterAnother() throws Exception {
        try (ExecutorService windows = Executors.newFixedThreadPool(8)) {
            List<Future<JsonNode>> all = new ArrayList<>();
            for (int at = 0; at < 40; at++) {
                all.add(windows.submit(() -> issue(ABill.draft("ORDER", null, 700, null), 700)));
            }
            List<Integer> numbers = new ArrayList<>();
            for (Future<JsonNode> one : all) {
                numbers.add(
                        Integer.parseInt(one.get().at("/paper/number").asText().substring(2)));
            }
            numbers.sort(Integer::compare);
            for (int at = 0; at < numbers.size(); at++) {
                assertThat(numbers.get(at)).isEqualTo(at + 1);
            }
        }
    }

    @Test
    void theAccountantGetsTablesAndTheCustomerAPage() throws Exception {
        JsonNode bill = issue(ABill.draft("BILL", null, 12_300, null), 12_300);
        String number = bill.at("/paper/number").asText();
        shop.say("accounts", paid(bill.get("id").asText(), 12_300));
        String payment = "";
        for (JsonNode line : shop.lines("accounts")) {
            payment = line.get("id").asText();
        }
        Shop.Answer receipt = shop.post(
                "/api/accounts/receipts",
                "{\"by\":\"Ada\",\"id\":\"%s\",\"payment\":\"%s\"}".formatted(UUID.randomUUID(), payment));
        assertThat(receipt.body().at("/paper/totals/dueMinor").asLong()).isEqualTo(12_300);
        assertThat(receipt.body().at("/paper/lines/0/words").asText())
                .isEqualTo("Payment of bill " + number + ", card");
        try (var pdf = Loader.loadPDF(shop.bytes("/api/accounts/papers/" + number + ".pdf?paper=letter"))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Bill " + number, "€123.00", "Includes VAT 23 %", "€23.00 on €100.00", "IE29 0000 0000");
        }
        String table = new String(shop.bytes("/api/accounts/papers.csv"), StandardCharsets.UTF_8);
        assertThat(table).contains(number + ",bill,").contains(",VAT,23.00,100.00,23.00,123.00,EUR");
        assertThat(new String(
                        shop.bytes("/api/accounts/payments.csv?from=2031-03-01&to=2031-03-01"), StandardCharsets.UTF_8))
                .contains("2031-03-01," + number + ",,נועה Tsao,123.00,EUR,card,Ada");
        assertThat(new String(shop.bytes("/api/accounts/payments.csv?to=2031-02-28"), StandardCharsets.UTF_8))
                .doesNotContain(number);
        assertThat(new String(shop.bytes("/api/accounts/papers/" + number + ".xml"), StandardCharsets.UTF_8))
                .contains("urn:cen.eu:en16931:2017", number);
        assertThat(shop.get("/api/accounts?find=tsao&kind=BILL").body().get("papers"))
                .isNotEmpty()
                .allSatisfy(one -> assertThat(one.get("eInvoice").asBoolean()).isTrue());
        assertThat(shop.get("/api/accounts/papers/B-99999.pdf").status()).isEqualTo(400);
        assertThat(shop.get("/api/accounts/papers/nonsense").status()).isEqualTo(400);
    }
}
