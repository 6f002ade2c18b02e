package ruvant.server.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

class ShelfHttpTest extends OverHttp {
    private static final String FIRST = "{\"maker\":\"Pellworm\",\"model\":\"Twin\",\"pattern\":\"1st pattern\"}";

    private String tag;

    @BeforeEach
    void aCameraThatNeedsAPinion() {
        tag = shop.camera("Amara Okonjo");
        shop.add(tag, "{\"kind\":\"needOpened\",\"part\":\"retard pinion\",\"what\":\"of 14 teeth\"}");
    }

    private static String stock(String name, String place) {
        return "{\"name\":\"%s\",\"madeFor\":%s,\"condition\":\"CHECKED\",\"place\":\"%s\",\"costMinor\":300}"
                .formatted(name, FIRST, place);
    }

    private Shop.Answer say(String id, String entry) {
        return shop.post(
                "/api/logs/shelf/lines",
                "{\"by\":\"Ines K.\",\"lines\":[{\"id\":\"%s\",\"entry\":%s}]}".formatted(id, entry));
    }

    private String said(String entry) {
        String id = UUID.randomUUID().toString();
        Shop.Answer answer = say(id, entry);
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return id;
    }

    private String pinions(int count) {
        return said("{\"kind\":\"stockAdded\",\"count\":%d,\"stock\":%s}"
                .formatted(count, stock("retard pinion", "drawer " + UUID.randomUUID())));
    }

    private String forNeed() {
        return "{\"tag\":\"%s\",\"part\":\"retard pinion\"}".formatted(tag);
    }

    private JsonNode source(String id) {
        for (JsonNode source : shop.get("/api/jobs/" + tag + "/sources?part=retard%20pinion")
                .body()
                .path("sources")) {
            if (source.path("id").asText().equals(id)) {
                return source;
            }
        }
        return null;
    }

    @Test
    void aNeedFindsItsSourceTakesItAndThenAsksForNothingMore() {
        String pinion = pinions(1);
        JsonNode found = source("stock " + pinion);
        assertThat(found.at("/worth/terms")).hasSizeGreaterThan(1);
        long sum = 0;
        for (JsonNode term : found.at("/worth/terms")) {
            sum += term.path("minor").asLong();
        }
        assertThat(found.at("/worth/netMinor").asLong()).isEqualTo(sum);

        said("{\"kind\":\"taken\",\"thing\":{\"of\":\"%s\",\"part\":\"\"},\"forNeed\":%s,\"count\":1}"
                .formatted(pinion, forNeed()));
        assertThat(source("stock " + pinion)).isNull();
        assertThat(shop.get("/api/jobs/" + tag + "/sources?part=retard%20pinion")
                        .body()
                        .path("atBench"))
                .hasSize(1);
        assertThat(shop.get("/api/needs").body().path("needs"))
                .noneMatch(need -> need.path("need").path("tag").asText().equals(tag));

        said(
                "{\"kind\":\"backOnShelf\",\"thing\":{\"of\":\"%s\",\"part\":\"\"},\"forNeed\":%s,\"count\":1,\"why\":\"\"}"
                        .formatted(pinion, forNeed()));
        assertThat(source("stock " + pinion)).isNotNull();
    }

    @Test
    void theSameLineSentAgainCountsOnceAndARefusalStoresNothing() {
        String id = UUID.randomUUID().toString();
        String entry = "{\"kind\":\"stockAdded\",\"count\":3,\"stock\":%s}".formatted(stock("film catch", "drawer x"));
        say(id, entry);
        int lines = say(id, entry).body().path("lastSequence").asInt();
        assertThat(say(id, entry).body().path("lastSequence").asInt()).isEqualTo(lines);

        Shop.Answer refused = shop.post(
                "/api/logs/shelf/lines",
                ("{\"by\":\"Ines K.\",\"lines\":[{\"id\":\"%s\",\"entry\":{\"kind\":\"stockCounted\",\"stock\":\"%s\",\"count\":1}},"
                                + "{\"id\":\"%s\",\"entry\":{\"kind\":\"taken\",\"thing\":{\"of\":\"%s\",\"part\":\"\"},\"forNeed\":%s,\"count\":9}}]}")
                        .formatted(UUID.randomUUID(), id, UUID.randomUUID(), id, forNeed()));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.code()).isEqualTo("notThere");
        assertThat(shop.get("/api/shelf/stock?find=film%20catch")
                        .body()
                        .path("rows")
                        .get(0)
                        .path("held")
                        .path("left")
                        .asInt())
                .isEqualTo(3);
        assertThat(say(UUID.randomUUID().toString(), "{\"kind\":\"stockAdded\",\"count\":1,\"stock\":{\"name\":\"x\"}}")
                        .body()
                        .path("field")
                        .asText())
                .isEqualTo("place");
    }

    @Test
    void aStrikeTakesALineBackUnlessALaterOneRestsOnIt() {
        String pinion = pinions(1);
        String taken = said("{\"kind\":\"taken\",\"thing\":{\"of\":\"%s\",\"part\":\"\"},\"forNeed\":%s,\"count\":1}"
                .formatted(pinion, forNeed()));

        assertThat(say(UUID.randomUUID().toString(), "{\"kind\":\"struck\",\"target\":\"%s\"}".formatted(pinion))
                        .code())
                .isEqualTo("restsOnIt");
        said("{\"kind\":\"struck\",\"target\":\"%s\",\"reason\":\"wrong drawer\"}".formatted(taken));
        assertThat(source("stock " + pinion)).isNotNull();
        JsonNode lines = shop.lines("shelf");
        assertThat(lines.get(lines.size() - 2).path("struckBecause").asText()).isEqualTo("wrong drawer");
    }

    @Test
    void fitsOfAllJobsMakeUpWhatIsKnownOfInterchange() {
        String part = "winding knob " + tag;
        shop.add(
                tag,
                "{\"kind\":\"fitSeen\",\"part\":\"%s\",\"from\":%s,\"outcome\":\"WITH_WORK\"}".formatted(part, FIRST));
        JsonNode pairs = shop.get("/api/shelf/interchange").body();
        assertThat(pairs).anySatisfy(pair -> {
            assertThat(pair.path("part").asText()).isEqualTo(part.toLowerCase());
            assertThat(pair.path("belief").path("tries").asInt()).isEqualTo(1);
            assertThat(pair.path("belief").path("asIs").asDouble()).isZero();
        });
    }

    @Test
    void whatIsFittedAsksOnceHowItWent() {
        shop.add(
                tag,
                "{\"kind\":\"replaced\",\"part\":\"retard pinion\",\"source\":\"DONOR\",\"from\":\"D-4\",\"checked\":true,\"madeFor\":%s}"
                        .formatted(FIRST));
        JsonNode asked = shop.get("/api/jobs/" + tag).body().path("fitsToJudge");
        assertThat(asked).hasSize(1);
        assertThat(asked.get(0).path("from").path("pattern").asText()).isEqualTo("1st pattern");
        shop.add(
                tag,
                "{\"kind\":\"fitSeen\",\"part\":\"retard pinion\",\"from\":%s,\"outcome\":\"AS_IS\"}".formatted(FIRST));
        assertThat(shop.get("/api/jobs/" + tag).body().path("fitsToJudge")).isEmpty();
    }

    @Test
    void aDonorShowsTheThreeWaysAndItsPartsListComesFromItsModel() {
        String donor = said(
                ("{\"kind\":\"donorShelved\",\"body\":{\"kind\":%s,\"family\":\"LEAF_LENS\",\"serial\":\"5512\",\"fault\":\"dropped\","
                                + "\"place\":\"top board\",\"asIsMinor\":1000,\"mendedMinor\":9000,\"chanceMended\":0.3,\"mendMinutes\":200,"
                                + "\"mendCostMinor\":2000,\"openMinutes\":20,\"parts\":[{\"name\":\"retard pinion\",\"worthMinor\":1500,\"minutes\":15}]}}")
                        .formatted(FIRST));
        JsonNode page = shop.get("/api/shelf/donors/" + donor).body();
        assertThat(page.path("left").asInt()).isEqualTo(1);
        assertThat(page.path("figures").path("mended").size()).isEqualTo(4);
        assertThat(page.path("figures").path("openingLossMinor").asLong()).isPositive();
        assertThat(source("donor " + donor + " retard pinion")
                        .at("/worth/opens")
                        .asBoolean())
                .isTrue();
        assertThat(shop.get("/api/shelf/donors/" + UUID.randomUUID()).status()).isEqualTo(400);
        assertThat(shop.get("/api/shelf/parts-of?maker=Pellworm&model=Twin").status())
                .isEqualTo(200);
    }

    @Test
    void anOrderComesOnTheClockAndIsSentAsAnOpenForm() {
        JsonNode item = shop.get("/api/shelf/catalogue?find=retard%20pinion")
                .body()
                .path("found")
                .get(0);
        String order = said(
                "{\"kind\":\"ordered\",\"supplier\":\"S\",\"number\":\"%s\",\"name\":\"retard pinion\",\"count\":1,\"priceMinor\":1450,\"days\":6,\"forNeed\":%s}"
                        .formatted(item.path("number").asText(), forNeed()));
        assertThat(shop.get("/api/shelf/orders").body()).anySatisfy(row -> {
            assertThat(row.path("held").path("id").asText()).isEqualTo(order);
            assertThat(row.has("arrived")).isFalse();
        });
        assertThat(shop.get("/api/shelf/orders/" + order + "/slip")
                        .body()
                        .path("format")
                        .asText())
                .isEqualTo("ruvant-order");
    }

    @Test
    void stockGoesOutAndComesInAsATable() {
        String pinion = pinions(2);
        String csv = new String(shop.bytes("/api/shelf/stock.csv"), StandardCharsets.UTF_8);
        String row = csv.lines()
                .filter(line -> line.contains("retard pinion") && line.contains(",2,"))
                .findFirst()
                .orElseThrow();
        String header = csv.lines().findFirst().orElseThrow();

        Shop.Answer same = shop.csv("/api/shelf/stock.csv?by=Ines", csv);
        assertThat(same.body().path("added").asInt()).isZero();
        assertThat(same.body().path("changed").asInt()).isZero();
        Shop.Answer changed = shop.csv(
                "/api/shelf/stock.csv?by=Ines",
                header + "\r\n" + row.replace(",2,", ",7,") + "\r\n"
                        + ",seal foam,,,,,,,,,1.5 mm,new,roll,,380,1,3,\r\n");
        assertThat(changed.body().path("added").asInt()).isEqualTo(1);
        assertThat(changed.body().path("changed").asInt()).isEqualTo(1);
        assertThat(source("stock " + pinion).at("/what/pieces").asInt()).isEqualTo(7);

        Shop.Answer bad =
                shop.csv("/api/shelf/stock.csv?by=Ines", "name,place,count\r\nspring,tin,4\r\nball,tin,many\r\n");
        assertThat(bad.status()).isEqualTo(400);
        assertThat(bad.body().path("detail").asText()).contains("Row 3", "many");
        assertThat(shop.get("/api/shelf/stock?find=spring%20tin")
                        .body()
                        .path("found")
                        .asInt())
                .as("nothing of it was taken")
                .isZero();
        assertThat(new String(shop.bytes("/api/shelf/labels.pdf?of=" + pinion), StandardCharsets.ISO_8859_1))
                .startsWith("%PDF");
    }

    @Test
    void insistingOnAnotherSourceSaysWhatItCosts() {
        pinions(1);
        JsonNode costs = shop.get("/api/needs/insisting?tag=" + tag + "&part=retard%20pinion&source=made")
                .body();
        assertThat(costs.path("costMinor").asLong()).isPositive();
        String got = "";
        for (JsonNode need : shop.get("/api/needs").body().path("needs")) {
            got = need.path("need").path("tag").asText().equals(tag)
                    ? need.path("got").path("id").asText()
                    : got;
        }
        assertThat(shop.get("/api/needs/insisting?tag=" + tag + "&part=retard%20pinion&source="
                                + got.replace(" ", "%20"))
                        .body()
                        .path("costMinor")
                        .asLong())
                .isZero();
    }
}
