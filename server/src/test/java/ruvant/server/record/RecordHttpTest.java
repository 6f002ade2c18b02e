package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThat;
import static ruvant.server.Shop.back;
import static ruvant.server.Shop.note;
import static ruvant.server.Shop.off;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.net.URI;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import ruvant.server.job.JobSummary;
import ruvant.server.job.Projecting;
import ruvant.server.job.SummaryStore;
import tools.jackson.databind.JsonNode;

class RecordHttpTest extends OverHttp {
    private final Projecting projecting = part(Projecting.class);

    private final SummaryStore summaries = part(SummaryStore.class);

    @Test
    void openingACameraTwiceGivesOneTag() {
        String opening = Shop.opening(UUID.randomUUID(), "Amara Okonjo");
        String first = shop.post("/api/jobs", opening).body().get("tag").asText();
        String second = shop.post("/api/jobs", opening).body().get("tag").asText();
        assertThat(second).isEqualTo(first).matches("R-\\d{4,}");
    }

    @Test
    void sendingLinesTwiceStoresThemOnce() {
        String tag = shop.camera("Amara Okonjo");
        String lines = Shop.lines(1, off("ring"), note("tight"));
        assertThat(shop.post("/api/logs/" + tag + "/lines", lines).status()).isEqualTo(200);
        JsonNode again = shop.post("/api/logs/" + tag + "/lines", lines).body();
        assertThat(again.get("lastSequence").asInt()).isEqualTo(3);
        assertThat(shop.get("/api/jobs/" + tag).body().get("parts")).hasSize(1);
    }

    @Test
    void aLineOnAStalePictureIsTakenWhenItStillMakesSenseAndElseRefusedWithWhatHappened() {
        String tag = shop.camera("Amara Okonjo");
        shop.add(tag, 1, off("ring"));
        assertThat(shop.add(tag, 2, back("ring")).status()).isEqualTo(200);
        assertThat(shop.add(tag, 2, note("from the other window")).status()).isEqualTo(200);
        Shop.Answer late = shop.add(tag, 2, back("ring"));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.code()).isEqualTo("alreadyBack");
        assertThat(late.body().get("since").toString()).contains("Ada: put back ring");
    }

    @Test
    void twoWindowsPuttingBackAtOnceDoItOnce() throws Exception {
        String tag = shop.camera("Amara Okonjo");
        shop.add(tag, off("ring"));
        CountDownLatch together = new CountDownLatch(1);
        try (var people = Executors.newFixedThreadPool(4)) {
            Callable<Integer> window = () -> {
                together.await();
                return shop.add(tag, 2, back("ring")).status();
            };
            var windows =
                    List.of(people.submit(window), people.submit(window), people.submit(window), people.submit(window));
            together.countDown();
            List<Integer> answers = new java.util.ArrayList<>();
            for (var one : windows) {
                answers.add(one.get(10, TimeUnit.SECONDS));
            }
            assertThat(answers).containsOnlyOnce(200).contains(409);
        }
    }

    @Test
    void aBatchIsTakenWholeOrNotAtAll() {
        String tag = shop.camera("Amara Okonjo");
        assertThat(shop.add(tag, off("ring"), back("cap")).status()).isEqualTo(409);
        assertThat(shop.get("/api/jobs/" + tag).body().get("parts")).isEmpty();
        assertThat(shop.get("/api/logs/" + tag + "/lines").body()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"kind\":\"removed\",\"part\":\"  \",\"side\":\"TOP\"} | part | The part is empty",
                "{\"kind\":\"removed\",\"part\":\"a\"} | side | No side is chosen",
                "{\"kind\":\"removed\",\"part\":\"a\",\"side\":\"TOP\",\"wells\":[\"9B\"]} | well | is not a well",
                "{\"kind\":\"firingsTimed\",\"speed\":\"1/60\",\"phase\":\"AFTER\",\"seconds\":[0]} | exposure | outside",
                "{\"kind\":\"firingsTimed\",\"speed\":\"1/60\",\"phase\":\"AFTER\",\"seconds\":[-1]} | exposure | outside",
                "{\"kind\":\"firingsTimed\",\"speed\":\"1/60\",\"phase\":\"AFTER\",\"seconds\":[999]} | exposure | outside",
                "{\"kind\":\"firingsTimed\",\"speed\":\"soon\",\"phase\":\"AFTER\",\"seconds\":[0.01]} | speed | not a marked speed",
                "{\"kind\":\"waitStarted\",\"what\":\"soak\",\"minutes\":0} | waitMinutes | outside 1 to 43200",
                "{\"kind\":\"decided\",\"text\":\" \",\"reason\":\"\",\"open\":false} | decision | The decision is empty"
            })
    void badInputIsRefusedAtItsFieldInWords(String entry, String field, String words) {
        String tag = shop.camera("Amara Okonjo");
        Shop.Answer answer = shop.add(tag, entry);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().get("field").asText()).isEqualTo(field);
        assertThat(answer.body().get("detail").asText()).contains(words);
        assertThat(answer.body().get("remedy").asText()).isNotEmpty();
        assertThat(shop.get("/api/logs/" + tag + "/lines").body()).hasSize(1);
    }

    @Test
    void anUnknownKindAndBrokenJsonAreRefused() {
        String tag = shop.camera("Amara Okonjo");
        assertThat(shop.add(tag, "{\"kind\":\"exploded\"}").code()).isEqualTo("unreadable");
        assertThat(shop.post("/api/logs/" + tag + "/lines", "{\"by\":").code()).isEqualTo("unreadable");
        assertThat(shop.add(tag, note("x".repeat(10_000))).body().get("detail").asText())
                .contains("10000", "4000");
    }

    @Test
    void unknownTagsAreSaidInWords() {
        assertThat(shop.get("/api/jobs/R-9999999").code()).isEqualTo("noSuchJob");
        assertThat(shop.get("/api/jobs/banana").body().get("detail").asText()).contains("banana");
        assertThat(shop.add("R-9999999", note("x")).status()).isEqualTo(404);
    }

    @Test
    void anyScriptComesBackAsItWasTyped() {
        String owner = "نور דנה 🔧 Wróbel";
        String tag = shop.camera(owner);
        assertThat(shop.get("/api/jobs/" + tag)
                        .body()
                        .at("/intake/received/owner/name")
                        .asText())
                .isEqualTo(owner);
        assertThat(new String(shop.bytes("/api/jobs/" + tag + "/sheet"))).contains(owner);
        assertThat(shop.bytes("/api/jobs/" + tag + "/sheet.pdf")).startsWith("%PDF".getBytes());
    }

    @Test
    void findsByTheBeginningsOfWords() {
        String tag = shop.camera("Ingrid Thorsdottir");
        for (String words :
                List.of("ingrid", "thors pell", "338120 twin ingr", tag + " ing", "SLOW ingrid", "ìngrid")) {
            assertThat(shop.get("/api/find?words=" + words.replace(" ", "%20"))
                            .body()
                            .findValuesAsString("tag"))
                    .as(words)
                    .contains(tag);
        }
        assertThat(shop.get("/api/find?words=thorsx").body()).isEmpty();
        assertThat(shop.get("/api/find?words=%22*%20OR%20(").status()).isEqualTo(200);
    }

    @Test
    void summariesMadeAnewFromTheLogAreTheSame() {
        String tag = shop.camera("Bogdan Iliescu");
        shop.add(tag, off("ring"), "{\"kind\":\"causeConfirmed\",\"cause\":\"dirt\",\"evidence\":\"seen\"}");
        shop.add(tag, "{\"kind\":\"leftOut\",\"part\":\"ring\",\"reason\":\"not needed\"}");
        shop.add(tag, "{\"kind\":\"returned\",\"to\":\"Bogdan Iliescu\"}");
        List<JobSummary> before = summaries.all();
        assertThat(before).isNotEmpty();
        projecting.rebuildAll();
        assertThat(summaries.all()).isEqualTo(before);
        assertThat(summaries.find("bogdan", 9)).hasSize(1);
    }

    @Test
    void describingACameraAnewChangesHowItIsFound() {
        String tag = shop.camera("Wrongly Spelt");
        String first =
                shop.get("/api/logs/" + tag + "/lines").body().get(0).get("id").asText();
        String anew = Shop.opening(UUID.randomUUID(), "Rightly Spelt");
        String received = anew.substring(anew.indexOf("\"received\":") + 11, anew.lastIndexOf('}'));
        Shop.Answer answer = shop.add(
                tag,
                received,
                "{\"kind\":\"struck\",\"target\":\"%s\",\"reason\":\"description corrected\"}".formatted(first));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(shop.get("/api/find?words=rightly").body()).hasSize(1);
        assertThat(shop.get("/api/find?words=wrongly").body()).isEmpty();
    }

    @Test
    void aLineTypedWhileTheServerWasAwayKeepsItsTime() {
        String tag = shop.camera("Amara Okonjo");
        String said = java.time.Instant.now().minusSeconds(3600).toString();
        String future = java.time.Instant.now().plusSeconds(3600).toString();
        for (String at : List.of(said, future)) {
            shop.post(
                    "/api/logs/" + tag + "/lines",
                    "{\"by\":\"Ada\",\"basedOn\":0,\"lines\":[{\"id\":\"%s\",\"saidAt\":\"%s\",\"entry\":%s}]}"
                            .formatted(UUID.randomUUID(), at, note("x")));
        }
        JsonNode log = shop.get("/api/logs/" + tag + "/lines").body();
        assertThat(log.get(1).get("at").asText().substring(0, 19)).isEqualTo(said.substring(0, 19));
        assertThat(java.time.Instant.parse(log.get(2).get("at").asText()))
                .isBefore(java.time.Instant.parse(future).minusSeconds(1800));
    }

    @Test
    void otherWindowsHearOfAChange() throws Exception {
        String tag = shop.camera("Amara Okonjo");
        var connection =
                URI.create("http://127.0.0.1:" + port + "/api/events").toURL().openConnection();
        connection.setReadTimeout(1000);
        try (var events = new BufferedReader(new InputStreamReader(connection.getInputStream()))) {
            assertThat(events.readLine()).startsWith(":listening");
            shop.add(tag, note("heard"));
            String line = events.readLine();
            while (!line.contains(tag)) {
                line = events.readLine();
            }
            assertThat(line).contains("\"lastSequence\":2");
        }
    }

    @Test
    void theHouseChangesHowItWorks() {
        assertThat(shop.say("house", trays("{\"name\":\"\",\"rows\":2,\"columns\":6}"))
                        .status())
                .isEqualTo(200);
        String tag = shop.camera("Amara Okonjo");
        Shop.Answer refused =
                shop.add(tag, "{\"kind\":\"removed\",\"part\":\"a\",\"side\":\"TOP\",\"wells\":[\"C1\"]}");
        assertThat(refused.body().get("remedy").asText()).contains("A1 to B6");
        assertThat(shop.say("house", trays(ONE_TRAY)).status()).isEqualTo(200);
        assertThat(shop.say("house", trays("{\"name\":\"\",\"rows\":0,\"columns\":6}"))
                        .body()
                        .get("field")
                        .asText())
                .isEqualTo("trayRows");
    }

    private static final String ONE_TRAY = "{\"name\":\"\",\"rows\":4,\"columns\":6}";

    private static String trays(String shapes) {
        return "{\"kind\":\"traysSet\",\"trays\":[" + shapes + "]}";
    }

    /** Two windows show the same setting: the second is told what the first did, and may do it all the same. */
    @Test
    void twoWindowsThatChangeTheSameSettingLoseNothing() {
        long shown = shop.get("/api/house").body().get("lastSequence").asLong();
        shop.say("house", shown, "{\"kind\":\"lookAlikesSet\",\"withinMm\":0.7}");
        long first = shop.get("/api/house").body().get("lastSequence").asLong();
        Shop.Answer other = shop.say("house", first, "{\"kind\":\"streakSet\",\"length\":30}");
        assertThat(other.status()).as("another setting").isEqualTo(200);
        Shop.Answer second = shop.say("house", first, "{\"kind\":\"streakSet\",\"length\":24}");
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.code()).isEqualTo("changedMeanwhile");
        assertThat(second.body().get("since").get(0).asText())
                .isEqualTo("Ada: good firings in a row to prove a shutter: 30");
        assertThat(shop.get("/api/house")
                        .body()
                        .at("/practice/standards/streakLength")
                        .asInt())
                .isEqualTo(30);

        JsonNode seen = shop.get("/api/house").body();
        assertThat(shop.say("house", seen.get("lastSequence").asLong(), "{\"kind\":\"streakSet\",\"length\":24}")
                        .status())
                .isEqualTo(200);
        JsonNode lines = shop.lines("house");
        String last = lines.get(lines.size() - 1).get("id").asText();
        shop.say("house", "{\"kind\":\"struck\",\"target\":\"%s\",\"reason\":\"typed wrong\"}".formatted(last));
        assertThat(shop.get("/api/house")
                        .body()
                        .at("/practice/standards/streakLength")
                        .asInt())
                .as("a strike brings back what stood before")
                .isEqualTo(30);
        shop.say("house", "{\"kind\":\"streakSet\",\"length\":36}", "{\"kind\":\"lookAlikesSet\",\"withinMm\":1.0}");
    }

    @Test
    void piecesOfSeveralCamerasLieInSeveralTrays() {
        assertThat(shop.say("house", trays("{\"name\":\"first\",\"rows\":2,\"columns\":2}," + ONE_TRAY))
                        .status())
                .isEqualTo(200);
        try {
            String one = shop.camera("Amara Okonjo");
            String other = shop.camera("Amara Okonjo");
            assertThat(shop.add(one, inWell("plate", "2A1")).status()).isEqualTo(200);
            JsonNode seen = shop.get("/api/jobs/" + other).body();
            assertThat(seen.get("trays").get(1).get("others"))
                    .extracting(JsonNode::asText)
                    .containsExactly(one);
            assertThat(seen.get("freeWell").asText())
                    .as("in the tray that nobody uses")
                    .isEqualTo("A1");
            assertThat(shop.get("/api/wells/2B9/cameras").body())
                    .extracting(JsonNode::asText)
                    .containsExactly(one);
            shop.add(one, "{\"kind\":\"moved\",\"part\":\"plate\",\"wells\":[\"B2\"]}");
            assertThat(shop.get("/api/wells/2B9/cameras").body()).isEmpty();
            assertThat(shop.get("/api/jobs/" + one).body().get("wells").has("B2"))
                    .isTrue();
        } finally {
            shop.say("house", trays(ONE_TRAY));
        }
    }

    private static String inWell(String part, String well) {
        return "{\"kind\":\"removed\",\"part\":\"%s\",\"side\":\"TOP\",\"wells\":[\"%s\"]}".formatted(part, well);
    }

    @Test
    void whatCannotBeUndoneWaitsForTheOwnerWhereTheHouseWantsIt() {
        String tag = shop.camera("Amara Okonjo");
        String drilled = "{\"kind\":\"mended\",\"part\":\"hinge\",\"what\":\"new hole\",\"modification\":true%s}";
        assertThat(shop.add(tag, drilled.formatted("")).code()).isEqualTo("ownerNotAsked");
        assertThat(shop.add(tag, drilled.formatted(",\"agreed\":\"by telephone\""))
                        .status())
                .isEqualTo(200);
        shop.say("house", "{\"kind\":\"ownerAskedFirstSet\",\"asked\":false}");
        try {
            assertThat(shop.add(tag, drilled.formatted("")).status()).isEqualTo(200);
        } finally {
            shop.say("house", "{\"kind\":\"ownerAskedFirstSet\",\"asked\":true}");
        }
    }
}
