package ruvant.server.customers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import ruvant.server.accounts.ABill;
import tools.jackson.databind.JsonNode;

/** Customers and earlier stays of their cameras, over HTTP. */
class CustomersHttpTest extends OverHttp {
    private static String card(String name) {
        return "{\"kind\":\"customerAdded\",\"customer\":{\"party\":{\"name\":\"%s\",\"street\":\"Quay 9\",\"postcode\":\"\",\"town\":\"Skarrow\",\"country\":\"IE\",\"taxNumber\":\"\",\"email\":\"x@post.example\"},\"phone\":\"0550 7\",\"remark\":\"\"}}"
                .formatted(name);
    }

    private String added(String name) {
        assertThat(shop.say("customers", card(name)).status()).isEqualTo(200);
        for (JsonNode row : find(name)) {
            if (row.has("id")) {
                return row.get("id").asText();
            }
        }
        throw new AssertionError("not found: " + name);
    }

    private JsonNode find(String words) {
        return shop.get("/api/customers?find=" + words.replace(" ", "%20"))
                .body()
                .get("rows");
    }

    private String camera(String owner, String serial, String customer) {
        String opening = Shop.opening(UUID.randomUUID(), owner)
                .replace("338120", serial)
                .replace(
                        "\"shopsOwn\":false",
                        "\"shopsOwn\":false" + (customer == null ? "" : ",\"customer\":\"" + customer + "\""));
        return shop.post("/api/jobs", opening).body().get("tag").asText();
    }

    private static String returned(String to) {
        return "{\"kind\":\"returned\",\"to\":\"%s\",\"remark\":\"\",\"passedOver\":[]}".formatted(to);
    }

    @Test
    void theyAreFoundByNameByCameraAndByJob() {
        String id = added("Ngozi Ferreira");
        String tag = camera("N. Ferreira", "990017", id);
        assertThat(find("ngoz").get(0).get("jobs").asInt()).isEqualTo(1);
        assertThat(find("990017").get(0).get("name").asText()).isEqualTo("Ngozi Ferreira");
        assertThat(find(tag).get(0).get("id").asText()).isEqualTo(id);
        assertThat(find("skarrow").findValuesAsString("name")).contains("Ngozi Ferreira");
        JsonNode page = shop.get("/api/customers/one?id=" + id).body();
        assertThat(page.get("jobs")).hasSize(1);
        shop.add(tag, "{\"kind\":\"ownerAsked\",\"question\":\"New leather?\"}");
        assertThat(shop.get("/api/customers/one?id=" + id)
                        .body()
                        .at("/asked/0/question/question")
                        .asText())
                .isEqualTo("New leather?");
        assertThat(shop.get("/api/customers/one?id=" + UUID.randomUUID()).status())
                .isEqualTo(400);
    }

    @Test
    void aJobWithoutACardBelongsToWhoeverGoesByTheName() {
        camera("Old Hand", "990018", null);
        assertThat(shop.get("/api/customers/one?name=Old%20Hand").body().get("jobs"))
                .hasSize(1);
        String id = added("Old Hand");
        assertThat(shop.get("/api/customers/one?id=" + id).body().get("jobs")).hasSize(1);
    }

    @Test
    void whoIsBlankedIsGoneFromTheLogsAndTheRepairStays() {
        String id = added("Forgotten Person");
        String tag = camera("Forgotten Person", "990019", id);
        shop.add(tag, "{\"kind\":\"causeConfirmed\",\"cause\":\"gummed escapement\",\"evidence\":\"seen\"}");
        String asked = "{\"by\":\"Ada\",\"id\":\"%s\",\"typed\":\"%s\"}";
        assertThat(shop.post("/api/customers/blank", asked.formatted(id, "Somebody"))
                        .status())
                .isEqualTo(400);
        assertThat(shop.post("/api/customers/blank", asked.formatted(id, "Forgotten Person"))
                        .code())
                .isEqualTo("stillHere");
        shop.post(
                "/api/jobs/" + tag + "/email",
                "{\"by\":\"Ada\",\"id\":\"%s\",\"about\":\"READY\",\"question\":\"\",\"to\":\"x@post.example\"}"
                        .formatted(UUID.randomUUID()));
        int mails = shop.get("/api/outbox").body().get("files").size();
        assertThat(mails).isPositive();
        assertThat(shop.add(tag, returned("Forgotten Person")).status()).isEqualTo(200);
        String export = new String(
                shop.bytes("/api/customers/one/export.json?id=" + id), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(export).contains("Forgotten Person", "x@post.example", tag, "Slow speeds drag");
        JsonNode done = shop.post("/api/customers/blank", asked.formatted(id, "forgotten person"))
                .body();
        assertThat(done.get("jobs").asInt()).isEqualTo(1);
        assertThat(shop.lines(tag).toString() + shop.lines("customers")).doesNotContain("Forgotten Person");
        assertThat(shop.get("/api/find?words=forgotten").body()).isEmpty();
        assertThat(shop.get("/api/outbox").body().get("files")).hasSize(mails - 1);
        assertThat(find("forgotten")).isEmpty();
        JsonNode job = shop.get("/api/jobs/" + tag).body();
        assertThat(job.at("/intake/received/complaint").asText()).isEqualTo("Slow speeds drag");
        assertThat(job.at("/find/causes/0/what/words").asText()).isEqualTo("gummed escapement");
        assertThat(job.at("/intake/received/owner/name").asText()).isEqualTo("blanked customer");
    }

    @Test
    void papersKeepTheNameAsLongAsTheLawAsks() {
        shop.say("house", ABill.TAXES, ABill.SELLER);
        String tag = camera("Billed And Gone", "990020", null);
        Shop.Answer bill = shop.post(
                "/api/accounts/papers", ABill.issuing(UUID.randomUUID(), ABill.draft("QUOTE", tag, 500, null), 500));
        assertThat(bill.status()).isEqualTo(200);
        shop.add(tag, returned("Billed And Gone"));
        JsonNode done = shop.post(
                        "/api/customers/blank",
                        "{\"by\":\"Ada\",\"name\":\"Billed And Gone\",\"typed\":\"Billed And Gone\"}")
                .body();
        assertThat(done.get("papersKept").asInt()).isEqualTo(1);
        assertThat(done.get("until").asText()).isNotEmpty();
    }

    @Test
    void aCameraThatWasHereIsKnownAgainWhoeverOwnsItNow() {
        String first = camera("First Owner", "990021", null);
        shop.add(first, returned("First Owner"));
        String second = camera("Second Owner", "990021", null);
        JsonNode earlier = shop.get("/api/jobs/" + second + "/earlier").body();
        assertThat(earlier.at("/visits/0/tag").asText()).isEqualTo(first);
        assertThat(earlier.at("/visits/0/owner").asText()).isEqualTo("First Owner");
        assertThat(earlier.at("/visits/0/covered").asBoolean()).isTrue();
        assertThat(earlier.at("/visits/0/seems").asText()).isEqualTo("SAME");
        assertThat(shop.get("/api/cameras/before?maker=pellworm&model=twin&serial=990021")
                        .body())
                .hasSize(2);
        shop.add(
                second,
                "{\"kind\":\"cameBack\",\"earlier\":\"%s\",\"judged\":\"SAME\",\"covered\":true,\"why\":\"\"}"
                        .formatted(first));
        JsonNode figures = shop.get("/api/figures").body();
        assertThat(figures.at("/comeBacks/all").findValuesAsString("tag")).contains(second);
        assertThat(figures.at("/comeBacks/byModel/0/again").asInt()).isPositive();
        assertThat(new String(shop.bytes("/api/figures/months.csv"), java.nio.charset.StandardCharsets.UTF_8))
                .startsWith("month,minutes intake")
                .hasLineCount(121);
    }
}
