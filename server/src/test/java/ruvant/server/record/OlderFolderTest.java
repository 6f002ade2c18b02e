package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import ruvant.server.Shop;
import ruvant.server.Started;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A folder made by the last version that kept jobs, shelf, settings and tables each in a store of its own, with everything
 * in it that version could keep. What it answered then is asked again here, at the moment at which it answered.
 */
class OlderFolderTest {
    private static final Path DATA = unpacked();

    private static final Started RUVANT = Started.on(DATA, List.of(AtThatMoment.class));

    private Shop shop;
    private JsonNode then;

    @AfterAll
    static void end() {
        RUVANT.close();
    }

    /** The clock stands still. */
    static class AtThatMoment {
        @Bean
        @Primary
        Clock stopped() {
            return Clock.fixed(Instant.parse("2026-11-28T18:31:35Z"), ZoneOffset.UTC);
        }
    }

    private static Path unpacked() {
        try (InputStream in = OlderFolderTest.class.getResourceAsStream("/folders/before-one-log.zip");
                ZipInputStream zip = new ZipInputStream(in)) {
            Path folder = Files.createTempDirectory("ruvant-older");
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                Path file = folder.resolve(entry.getName());
                Files.createDirectories(file.getParent());
                Files.write(file, zip.readAllBytes());
            }
            return folder;
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }

    @BeforeEach
    void open() throws IOException {
        shop = RUVANT.shop();
        then = Shop.JSON.readTree(DATA.resolve("answers.json").toFile());
    }

    @ParameterizedTest
    @ValueSource(strings = {"R-0001", "R-0002", "R-0003", "R-0004"})
    void aJobSaysWhatItSaid(String tag) {
        JsonNode job = then.at("/jobs/" + tag);
        // how far the work has come is judged better by now
        ((ObjectNode) job.get("view")).remove("currentStop");
        // and what can be done now takes in more than the parts
        ((ObjectNode) job.get("view")).remove("next");
        List<String> differences = new ArrayList<>();
        SameAnswer.compare(tag, job.get("view"), shop.get("/api/jobs/" + tag).body(), differences);
        JsonNode adjusters = shop.get("/api/jobs/" + tag + "/adjusters").body();
        // what is offered beside what the log tells comes from the shipped book, which may learn better
        for (String part : List.of("chosen", "introductions", "history")) {
            SameAnswer.compare(tag + " adjusters", job.get("adjusters").get(part), adjusters.get(part), differences);
        }
        // what comes of a turn is judged better by now; whether to turn stays
        SameAnswer.compare(
                tag + " verdict", job.at("/adjusters/plan/verdict"), adjusters.at("/plan/verdict"), differences);
        JsonNode oil = shop.get("/api/jobs/" + tag + "/oil-sheet").body();
        for (JsonNode row : job.at("/oil/rows")) {
            // what a family has at large ships as data and may be put better
            if (!row.get("because").asText().equals("FAMILY")) {
                SameAnswer.compare(tag + " oil " + row.get("part"), row, rowOf(oil, row.get("part")), differences);
            }
        }
        assertThat(differences).filteredOn(one -> !one.startsWith(MENDED)).isEmpty();
    }

    private static JsonNode rowOf(JsonNode oil, JsonNode part) {
        for (JsonNode row : oil.get("rows")) {
            if (row.get("part").equals(part)) {
                return row;
            }
        }
        return null;
    }

    /** What an earlier camera of the model taught was missing on this one where that version showed a job after a write. */
    private static final String MENDED = "R-0003/parts/0/";

    @Test
    void whatThatVersionForgotIsThere() {
        JsonNode cover = shop.get("/api/jobs/R-0003").body().at("/parts/0");
        assertThat(cover.get("checks").findValuesAsString("words"))
                .containsExactly("Nothing trapped under it: levers free, no wire pinched", "Felt pad under the cover");
        assertThat(cover.at("/answer/kind").asText()).isEqualTo("NOT_YET");
    }

    /** The cause was confirmed by its words and renamed afterwards: that version lost it, and ranked others first. */
    @Test
    void aCauseThatWasRenamedIsStillTheCause() {
        JsonNode diagnosis = shop.get("/api/jobs/R-0001/diagnosis").body();
        assertThat(diagnosis.at("/causes/0/cause/words").asText()).isEqualTo("retard train gummed");
        assertThat(diagnosis.at("/suspects/0/id").asText()).isEqualTo("trainGummed");
        assertThat(diagnosis.at("/suspects/0/raised").asBoolean()).isTrue();
        List<String> differences = new ArrayList<>();
        SameAnswer.compare(
                "symptoms", then.at("/jobs/R-0001/diagnosis/understood"), diagnosis.get("understood"), differences);
        assertThat(differences).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"R-0001", "R-0002", "R-0003", "R-0004"})
    void everyLineOfAJobIsThere(String tag) {
        JsonNode lines = then.at("/jobs/" + tag + "/log");
        // what was entered stands; the sentence that says it may be put better
        lines.forEach(line -> ((ObjectNode) line).remove("words"));
        List<String> differences = new ArrayList<>();
        JsonNode now = shop.get("/api/logs/" + tag + "/lines").body();
        SameAnswer.compare(tag, lines, now, differences);
        assertThat(now).hasSameSizeAs(lines);
        assertThat(differences).isEmpty();
    }

    static Stream<String> pages() {
        return Stream.of(
                "/api/bench",
                "/api/house",
                "/api/stands",
                "/api/shelf/stock",
                "/api/shelf/donors",
                "/api/shelf/orders",
                "/api/needs",
                "/api/models",
                "/api/models/one?maker=Pellworm&model=Twin",
                "/api/waits",
                "/api/ears",
                "/api/shelf/interchange");
    }

    @ParameterizedTest
    @MethodSource("pages")
    void thePagesOfTheShopSayWhatTheySaid(String path) {
        List<String> differences = new ArrayList<>();
        JsonNode before = then.get(path);
        if (before instanceof ObjectNode page) {
            // what is tried on a stuck fastener ships as data and may be put better
            page.remove("stuckLadder");
            // what can be done now takes in more than the parts by now
            page.remove("tasks");
            page.path("open").forEach(open -> ((ObjectNode) open).remove("next"));
            // so may the kinds of points, and which are one thing
            if (page.get("lubrication") instanceof ObjectNode lubrication) {
                lubrication.remove("points");
                lubrication.remove("families");
            }
        }
        SameAnswer.compare(path, before, shop.get(path).body(), differences);
        // how far the work has come is judged better by now
        assertThat(differences)
                .filteredOn(one -> !one.contains("/currentStop: "))
                // what a flag of a firing means may be put better
                .filteredOn(one -> !one.contains("/words/firingFlag/"))
                // a function that a camera does not have can be said by now
                .filteredOn(one -> !one.startsWith("/api/house/words/functionResult: "))
                .isEmpty();
    }

    /** What the shop changed in the tables stands; what was shipped with them may be put right. */
    @Test
    void theShopsOwnAgentIsThereAsItWas() {
        JsonNode before = agent(then.get("/api/tables"));
        // what gave no reason says so by now
        assertThat(agent(shop.get("/api/tables").body())
                        .at("/verdicts/clothCurtain/reason")
                        .asText())
                .startsWith("no reason was given");
        before.get("verdicts").forEach(said -> {
            if (said.get("reason").asText().isEmpty()) {
                ((ObjectNode) said).remove("reason");
            }
        });
        List<String> differences = new ArrayList<>();
        SameAnswer.compare(OWN_AGENT, before, agent(shop.get("/api/tables").body()), differences);
        assertThat(before.path("label").asText()).isEqualTo("Harbour mix");
        assertThat(differences).isEmpty();
    }

    /** The cause that the shop added, and the one that it renamed, stand as they did. */
    @Test
    void theShopsOwnCausesAreThereAsTheyWere() {
        JsonNode faults = shop.get("/api/faults").body();
        for (String id : List.of("sandInTrain-x1y2", "trainGummed")) {
            List<String> differences = new ArrayList<>();
            SameAnswer.compare(id, cause(then.get("/api/faults"), id), cause(faults, id), differences);
            assertThat(differences).isEmpty();
        }
        assertThat(cause(faults, "trainGummed").path("words").asText()).isEqualTo("retard train gummed badly");
    }

    private static JsonNode cause(JsonNode faults, String id) {
        for (JsonNode one : faults.at("/knowledge/causes")) {
            if (one.path("id").asText().equals(id)) {
                return one;
            }
        }
        throw new AssertionError("The cause " + id + " is gone.");
    }

    private static final String OWN_AGENT = "harbourMix-ab12";

    private static JsonNode agent(JsonNode tables) {
        for (JsonNode one : tables.at("/materials/agents")) {
            if (one.path("id").asText().equals(OWN_AGENT)) {
                return one;
            }
        }
        throw new AssertionError("The shop's own agent is gone.");
    }

    @Test
    void theShelfKeepsEveryLine() {
        JsonNode before = then.get("/api/shelf/log");
        JsonNode now = shop.get("/api/logs/shelf/lines").body();
        assertThat(now).hasSameSizeAs(before);
    }
}
