package ruvant.server.config;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import ruvant.core.people.Role;
import ruvant.server.Shop;
import ruvant.server.Started;
import ruvant.server.access.Visitor;
import ruvant.server.people.Signers;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Everything that can be read in a whole shop, by people who may not see money or customers: nothing of either is in it. */
class WithheldTest {
    private static final Pattern MONEY = Pattern.compile("\"(minor|[A-Za-z]+Minor)\":\\s*[0-9-]");
    private static final String LETTERS = "\\p{L}";

    private static Started started;
    private static Shop owner;
    private static List<String> names;
    private static List<String> paths;

    @BeforeAll
    static void start() {
        started = Visitor.shop("--ruvant.demo=true");
        owner = Visitor.owner(started, Signers.code(started));
        List<String> tags = new ArrayList<>();
        Set<String> found = new TreeSet<>();
        for (JsonNode job : owner.get("/api/jobs").body()) {
            // those at the bench come first, and then the ones that went back
            if (found.size() < 12 || tags.size() % 4 == 0) {
                tags.add(job.path("tag").asText());
            }
            found.add(job.path("owner").asText());
        }
        names = found.stream().filter(one -> one.contains(" ")).toList();
        paths =
                started
                        .part("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                        .getHandlerMethods()
                        .keySet()
                        .stream()
                        .filter(info -> info.getMethodsCondition().getMethods().contains(RequestMethod.GET))
                        .flatMap(info -> info.getPatternValues().stream())
                        .filter(path ->
                                path.startsWith("/api/") && !path.equals("/api/events") && !path.contains(".pdf"))
                        .flatMap(path -> path.contains("{tag}") || path.contains("{log}")
                                ? tags.stream().map(tag -> path.replaceAll("\\{(tag|log)}", tag))
                                : java.util.stream.Stream.of(path))
                        .filter(path -> !path.contains("{"))
                        .map(path -> path.equals("/api/find") ? "/api/find?words=a" : path)
                        .collect(Collectors.toCollection(ArrayList::new));
        paths.addAll(List.of("/api/logs/house/lines", "/api/logs/shelf/lines", "/api/logs/knowledge/lines"));
    }

    @AfterAll
    static void stop() {
        started.close();
    }

    /** Which addresses answered with something of the kind, and what. */
    private static List<String> shown(Shop to, Predicate<String> private_) {
        List<String> shown = new ArrayList<>();
        for (String path : paths) {
            String body = new String(to.bytes(path), java.nio.charset.StandardCharsets.UTF_8);
            if (private_.test(body)) {
                shown.add(path + ": " + around(body));
            }
        }
        return shown;
    }

    private static String around(String body) {
        for (String name : names) {
            int at = body.indexOf(name);
            if (at >= 0) {
                return body.substring(Math.max(0, at - 80), Math.min(body.length(), at + 60));
            }
        }
        var money = MONEY.matcher(body);
        return money.find()
                ? body.substring(Math.max(0, money.start() - 80), Math.min(body.length(), money.end() + 20))
                : "";
    }

    private static boolean namesSomebody(String body) {
        return names.stream()
                .anyMatch(name -> Pattern.compile("(?<!" + LETTERS + ")" + Pattern.quote(name) + "(?!" + LETTERS + ")")
                        .matcher(body)
                        .find());
    }

    @Test
    void whoMaySeeThemSeesThem() {
        assertThat(names).hasSizeGreaterThan(3);
        assertThat(shown(owner, WithheldTest::namesSomebody)).hasSizeGreaterThan(20);
        assertThat(shown(owner, body -> MONEY.matcher(body).find())).hasSizeGreaterThan(10);
    }

    @Test
    void nobodysNameAndNoPriceIsShownToWhoMayNotSeeThem() {
        Shop technician = Visitor.with(started, owner, Visitor.person("Tess", Role.TECHNICIAN, false, false));
        assertThat(shown(technician, WithheldTest::namesSomebody)).isEmpty();
        assertThat(shown(technician, body -> MONEY.matcher(body).find())).isEmpty();
    }

    @Test
    void whoMayNotSeeOwnersCannotSearchForThem() {
        Shop technician = Visitor.with(started, owner, Visitor.person("Ted", Role.TECHNICIAN, false, false));
        String name = names.getFirst().split(" ")[0];
        String find = "/api/find?words=" + java.net.URLEncoder.encode(name, java.nio.charset.StandardCharsets.UTF_8);
        assertThat(owner.get(find).body()).isNotEmpty();
        assertThat(technician.get(find).body()).isEmpty();
        assertThat(technician.get("/api/find?words=twin").body()).isNotEmpty();
    }

    /** It would be saved without what they were not shown. */
    @Test
    void whoIsNotShownPricesDoesNotSayAThingOnTheShelfAnew() {
        Shop technician = Visitor.with(started, owner, Visitor.person("Tim", Role.TECHNICIAN, false, false));
        JsonNode added = owner.lines("shelf")
                .valueStream()
                .filter(line -> line.at("/entry/kind").asText().equals("stockAdded"))
                .findFirst()
                .orElseThrow();
        ObjectNode described = Shop.JSON
                .createObjectNode()
                .put("kind", "stockDescribed")
                .put("stock", added.path("id").asText());
        described.set("as", added.at("/entry/stock"));
        String lines = Shop.lines(0, described.toString());
        assertThat(technician
                        .post("/api/logs/shelf/lines", lines.replace("Ada", "Tim"))
                        .code())
                .isEqualTo("notAllowed");
        assertThat(owner.post("/api/logs/shelf/lines", lines).status()).isEqualTo(200);
    }

    @Test
    void whatIsWithheldIsStillInTheFile() {
        Shop technician = Visitor.with(started, owner, Visitor.person("Tom", Role.TECHNICIAN, false, false));
        String tag = owner.get("/api/jobs").body().get(0).path("tag").asText();
        JsonNode before = owner.lines(tag);
        assertThat(technician.get("/api/jobs/" + tag).status()).isEqualTo(200);
        assertThat(technician
                        .post(
                                "/api/logs/" + tag + "/lines",
                                Shop.lines(0, Shop.note("seen")).replace("Ada", "Tom"))
                        .status())
                .isEqualTo(200);
        JsonNode after = owner.lines(tag);
        assertThat(after.size()).isEqualTo(before.size() + 1);
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i)).isEqualTo(before.get(i));
        }
    }
}
