package ruvant.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

/** The bench: what is to be done now over all cameras, what waits, and where each camera stands. */
class BenchHttpTest extends OverHttp {
    private JsonNode bench() {
        return shop.get("/api/bench").body();
    }

    private JsonNode open(String tag) {
        for (JsonNode one : bench().get("open")) {
            if (one.at("/summary/tag").asText().equals(tag)) {
                return one;
            }
        }
        throw new AssertionError(tag + " is not on the bench");
    }

    private static String wait(String what, int minutes, String part) {
        return "{\"kind\":\"waitStarted\",\"what\":\"%s\",\"minutes\":%d,\"latestMinutes\":0,\"station\":\"\",\"late\":\"\",\"part\":\"%s\"}"
                .formatted(what, minutes, part);
    }

    @Test
    void aCameraStandsWhereItsWorkDoesAndHasAsManyStepsAsParts() {
        String tag = shop.camera("Steps");
        assertThat(open(tag).get("currentStop").asText()).isEqualTo("INTAKE");
        assertThat(open(tag).get("steps")).isEmpty();
        shop.add(tag, Shop.off("top cover"), Shop.off("retard train"));
        assertThat(open(tag).get("currentStop").asText()).isEqualTo("STRIP");
        assertThat(open(tag).get("steps")).hasSize(2);
        assertThat(open(tag).get("out").asInt()).isEqualTo(2);
        shop.add(tag, Shop.back("retard train"));
        assertThat(open(tag).get("out").asInt()).isEqualTo(1);
    }

    @Test
    void theBenchAndTheCameraSayTheSameOfWhatComesNext() {
        String tag = shop.camera("Same words");
        shop.add(tag, Shop.off("ring"), wait("alcohol flash-off", 30, "ring"));
        JsonNode job = shop.get("/api/jobs/" + tag).body();
        JsonNode next = open(tag).get("next");
        if (job.get("next").isEmpty()) {
            assertThat(next == null || next.isNull()).isTrue();
        } else {
            assertThat(next).isEqualTo(job.at("/next/0"));
        }
        assertThat(open(tag).at("/steps/0/kind").asText())
                .isEqualTo(job.at("/parts/0/answer/kind").asText());
    }

    @Test
    void waitsAreThereUntilSomebodyEndsThemTheFirstToBeOverFirst() {
        String tag = shop.camera("Waiting");
        shop.add(tag, Shop.off("body"), wait("long", 200, "body"), wait("short", 20, "body"));
        List<String> words = new ArrayList<>();
        bench().get("waits").forEach(one -> {
            if (one.get("tag").asText().equals(tag)) {
                words.add(one.at("/running/what/words").asText());
            }
        });
        assertThat(words).containsExactly("short", "long");
        String id = shop.get("/api/jobs/" + tag)
                .body()
                .at("/treat/waits/0/running/id")
                .asText();
        shop.add(tag, "{\"kind\":\"waitEnded\",\"waitId\":\"%s\",\"remark\":\"\"}".formatted(id));
        assertThat(bench().get("waits").toString()).doesNotContain(id);
    }

    @Test
    void whoSitsWhereAndWhatIsNeededIsSeenFromAfar() {
        String tag = shop.camera("Needs");
        shop.add(tag, "{\"kind\":\"satDown\",\"stop\":\"STRIP\",\"step\":\"\"}");
        assertThat(open(tag).get("seated").asBoolean()).isTrue();
        shop.add(
                tag,
                "{\"kind\":\"gotUp\",\"remark\":\"\"}",
                Shop.off("governor"),
                "{\"kind\":\"needOpened\",\"part\":\"governor\",\"what\":\"pinion of 14 teeth\"}",
                "{\"kind\":\"needOpened\",\"part\":\"seal kit\",\"what\":\"seal kit\"}");
        assertThat(open(tag).get("seated").asBoolean()).isFalse();
        assertThat(open(tag).get("needs").toString()).isEqualTo("[\"governor: pinion of 14 teeth\",\"seal kit\"]");
    }

    @Test
    void aReturnedCameraLeavesTheBenchForTheListAndComesBackWithAStrike() {
        String tag = shop.camera("Goes home");
        int before = bench().get("returned").asInt();
        shop.add(tag, "{\"kind\":\"returned\",\"to\":\"Goes home\",\"remark\":\"\"}");
        assertThat(bench().get("returned").asInt()).isEqualTo(before + 1);
        assertThat(bench().get("open").toString()).doesNotContain(tag);
        assertThat(shop.get("/api/jobs").body().at("/0/tag").asText()).isEqualTo(tag);
        JsonNode lines = shop.lines(tag);
        String line = lines.get(lines.size() - 1).get("id").asText();
        shop.add(tag, "{\"kind\":\"struck\",\"target\":\"%s\",\"reason\":\"too soon\"}".formatted(line));
        assertThat(open(tag).at("/summary/tag").asText()).isEqualTo(tag);
        assertThat(bench().get("returned").asInt()).isEqualTo(before);
    }

    @Test
    void camerasAreFoundByTheBeginningsOfTheirWords() {
        String tag = shop.camera("Xanthippe Quast");
        assertThat(shop.get("/api/find?words=xanth%20qua").body().at("/0/tag").asText())
                .isEqualTo(tag);
        assertThat(shop.get("/api/find?words=xanth%20other").body()).isEmpty();
        assertThat(shop.get("/api/find?words=%22%27%3B--").body()).isEmpty();
    }
}
