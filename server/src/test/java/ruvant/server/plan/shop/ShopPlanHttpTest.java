package ruvant.server.plan.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import ruvant.server.Shop;
import ruvant.server.Started;
import tools.jackson.databind.JsonNode;

/** The plan of the shop as windows see it: made anew after what is logged, never by asking for it. */
class ShopPlanHttpTest {
    private static final Duration SOON = Duration.ofSeconds(60);

    /** A shop of its own: the cameras of other tests would all be planned with these. */
    private static final Started RUVANT = Started.on(Started.folder());

    private final Shop shop = RUVANT.shop();

    @AfterAll
    static void end() {
        RUVANT.close();
    }

    private JsonNode plan() {
        return shop.get("/api/plan").body();
    }

    /** The plan as soon as it says something. */
    private JsonNode planOnce(Predicate<JsonNode> says) {
        await().atMost(SOON).until(() -> says.test(plan()));
        return plan();
    }

    private static List<JsonNode> of(JsonNode list, String tag) {
        List<JsonNode> its = new ArrayList<>();
        list.forEach(one -> {
            if (one.get("tag").asText().equals(tag)) {
                its.add(one);
            }
        });
        return its;
    }

    private static Optional<JsonNode> task(JsonNode plan, String tag, String task) {
        return of(plan.get("tasks"), tag).stream()
                .filter(one -> one.get("task").asText().equals(task))
                .findFirst();
    }

    private static String wish(String task, String wish) {
        return "{\"kind\":\"taskWished\",\"task\":\"%s\",\"wish\":{%s}}".formatted(task, wish);
    }

    @Test
    void aNewCameraIsPlannedToItsEndWithReasonsAndAForecast() {
        String tag = shop.camera("Planned");
        JsonNode plan = planOnce(one -> !of(one.get("cameras"), tag).isEmpty()
                && of(one.get("cameras"), tag).getFirst().has("forecast"));
        List<JsonNode> tasks = of(plan.get("tasks"), tag);
        assertThat(tasks)
                .extracting(one -> one.get("task").asText())
                .contains("intake", "open", "look", "treat", "refit-1", "prove", "return");
        assertThat(tasks)
                .allSatisfy(one -> assertThat(one.at("/first/kind").asText()).isNotEmpty());
        JsonNode forecast = of(plan.get("cameras"), tag).getFirst().get("forecast");
        assertThat(forecast.get("by95").asText())
                .isGreaterThanOrEqualTo(forecast.get("by50").asText());
    }

    @Test
    void whatIsSetAsideIsLeftOutWithWhatComesAfterItUntilItIsLeftToThePlanAgain() {
        String tag = shop.camera("Aside");
        planOnce(one -> task(one, tag, "look").isPresent());
        shop.add(tag, wish("look", "\"aside\":true"));
        JsonNode plan = planOnce(one -> task(one, tag, "look").isEmpty());
        assertThat(of(plan.get("left"), tag))
                .extracting(one -> one.get("why").asText())
                .containsExactly("ASIDE", "AFTER_OTHER", "AFTER_OTHER", "AFTER_OTHER", "AFTER_OTHER", "AFTER_OTHER");
        shop.add(tag, wish("look", ""));
        planOnce(one -> task(one, tag, "look").isPresent());
    }

    @Test
    void aTrialSaysWhatItWouldCostAndStoresNothing() {
        String tag = shop.camera("Trial");
        planOnce(one -> task(one, tag, "open").isPresent());
        Shop.Answer trial = shop.post(
                "/api/plan/trial",
                "{\"wishes\":[{\"tag\":\"%s\",\"task\":\"open\",\"wish\":{\"minutes\":300,\"at\":\"2001-01-01T03:00:00Z\"}}]}"
                        .formatted(tag));
        assertThat(trial.status()).isEqualTo(200);
        assertThat(trial.body().get("conflicts")).hasSize(1);
        assertThat(trial.body().at("/conflicts/0/wishes/0/tag").asText()).isEqualTo(tag);
        assertThat(shop.get("/api/jobs/" + tag).body().at("/wishes/byTask")).isEmpty();
        Shop.Answer unknown = shop.post(
                "/api/plan/trial", "{\"wishes\":[{\"tag\":\"%s\",\"task\":\"dance\",\"wish\":{}}]}".formatted(tag));
        assertThat(unknown.status()).isEqualTo(400);
        assertThat(unknown.body().get("detail").asText()).contains("dance");
        assertThat(shop.post("/api/plan/trial", "{\"wishes\":[]}").status()).isEqualTo(400);
    }

    @Test
    void aCameraThatIsNotHereYetHasAForecastToo() {
        Shop.Answer page =
                shop.get("/api/plan/newcomer?maker=Pellworm&model=Twin&family=LEAF_LENS&bodyType=TLR&promised="
                        + LocalDate.now().plusDays(60));
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.body().at("/forecast/chance").asDouble()).isBetween(0.0, 1.0);
        assertThat(page.body().get("hands").asDouble()).isGreaterThan(60);
        assertThat(shop.get("/api/plan/newcomer?maker=&model=&family=NONE&bodyType=TLR")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void whoIsUnknownHasNothingToDoToday() {
        JsonNode today = shop.get("/api/today?person=Zoe").body();
        assertThat(today.get("working").asBoolean()).isFalse();
        assertThat(today.get("next")).isEmpty();
        assertThat(today.has("current")).isFalse();
    }

    @Test
    void hoursAndDaysOffChangeThePlanAndCanBeTakenFromACalendar() {
        String person = shop.get("/api/hours").body().at("/hours/0/person").asText();
        String hours = """
                {"kind":"hoursSet","hours":{"person":"%s","week":{"MONDAY":[{"from":"09:00","to":"24:00"}]},"skills":[]}}
                """.formatted(person);
        assertThat(shop.say("house", hours).status()).as("no such time").isNotEqualTo(200);
        assertThat(shop.say("house", hours.replace("24:00", "17:00")).status()).isEqualTo(200);
        assertThat(shop.get("/api/hours").body().at("/hours/0/week/MONDAY/0/to").asText())
                .startsWith("17:00");
        planOnce(one -> one.at("/people/0/windows").size() < 20);
        LocalDate day = LocalDate.now().plusDays(30);
        String calendar =
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART;VALUE=DATE:%1$tY%1$tm%1$td\r\n"
                                .formatted(day)
                        + "DTEND;VALUE=DATE:%1$tY%1$tm%1$td\r\nSUMMARY:Harbour fair\r\nEND:VEVENT\r\n"
                                .formatted(day.plusDays(2))
                        + "BEGIN:VEVENT\r\nUID:2\r\nDTSTART:20310101T100000Z\r\nSUMMARY:dentist\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        Shop.Answer read = shop.send("/api/hours/calendar", "text/calendar", calendar);
        assertThat(read.body()).hasSize(1);
        assertThat(read.body().at("/0/last").asText()).isEqualTo(day.plusDays(1).toString());
        assertThat(read.body().at("/0/why").asText()).isEqualTo("Harbour fair");
        assertThat(shop.send("/api/hours/calendar", "text/calendar", "hello").status())
                .isEqualTo(400);
    }

    @Test
    void theCalendarHasWorkAndPromises() {
        String tag = shop.camera("Calendar");
        LocalDate day = LocalDate.now().plusDays(9);
        shop.add(tag, "{\"kind\":\"promised\",\"by\":\"%s\",\"chance\":80,\"remark\":\"\"}".formatted(day));
        assertThat(shop.get("/api/jobs/" + tag).body().get("promised").asText()).isEqualTo(day.toString());
        planOnce(one -> of(one.get("cameras"), tag).stream().anyMatch(camera -> camera.has("promised")));
        String calendar = new String(shop.bytes("/api/plan/calendar.ics"), StandardCharsets.UTF_8).replace("\r\n ", "");
        assertThat(calendar).contains("BEGIN:VEVENT", tag + " Open it", tag + " promised: Pellworm");
        assertThat(calendar).contains("DTSTART;VALUE=DATE:" + day.toString().replace("-", ""));
    }

    @Test
    void whatMovedIsToldWithWhatItCameFrom() {
        String tag = shop.camera("Moves");
        planOnce(one -> of(one.get("cameras"), tag).stream().anyMatch(camera -> camera.has("forecast")));
        shop.add(
                tag,
                wish("open", "\"notBefore\":\"%s\"".formatted(LocalDate.now().plusDays(20) + "T09:00:00Z")));
        JsonNode plan = planOnce(one -> one.get("told").toString().contains(tag));
        assertThat(plan.at("/told/0/log").asText()).isNotEmpty();
    }
}
