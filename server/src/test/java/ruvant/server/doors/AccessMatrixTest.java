package ruvant.server.doors;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.lang.annotation.Annotation;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import ruvant.core.people.Right;
import ruvant.core.people.Role;
import ruvant.core.units.TagNumber;
import ruvant.server.Shop;
import ruvant.server.Started;
import ruvant.server.access.Needs;
import ruvant.server.access.Open;
import ruvant.server.access.Visitor;
import ruvant.server.people.Sessions;
import ruvant.server.people.Signers;

/** Every route, for everybody: what the running house answers, and whether that is what its rules and the written table say. */
class AccessMatrixTest {
    private static final Path WRITTEN = Path.of("../docs/access.md");

    /** What would start a second shop, or write files, once it is let through. */
    private static final Set<String> ONLY_REFUSED = Set.of("POST /api/demo", "POST /api/backups");

    private static Started started;
    private static final Map<String, Somebody> EVERYBODY = new LinkedHashMap<>();

    /**
     * Somebody who asks.
     *
     * @param cookie as the browser sends it; empty for nobody
     * @param oneJob whether only the first job is theirs
     */
    private record Somebody(String cookie, Set<Right> rights, boolean oneJob) {}

    /** A way in, as it is written in a controller. */
    private record Route(String method, String path, String type, Optional<Needs> needs, boolean open) {
        String name() {
            return method + " " + path;
        }
    }

    @BeforeAll
    static void start() {
        started = Visitor.shop();
        Shop owner = Visitor.owner(started, Signers.code(started));
        owner.camera("Zora Quillfeather");
        owner.camera("Yannick Overbrook");
        EVERYBODY.put("nobody", new Somebody("", EnumSet.noneOf(Right.class), false));
        add(owner, "guest", Role.GUEST, false);
        add(owner, "counter", Role.COUNTER, false);
        add(owner, "counter, money and customers", Role.COUNTER, true);
        add(owner, "technician", Role.TECHNICIAN, false);
        add(owner, "technician, money and customers", Role.TECHNICIAN, true);
        add(owner, "owner", Role.OWNER, true);
        EVERYBODY.put(
                "phone",
                new Somebody(
                        cookie(started.part(Sessions.class).beginPhone("Ada", Optional.of(new TagNumber(1)), "")),
                        EnumSet.of(Right.LOOK, Right.BENCH),
                        true));
    }

    private static void add(Shop owner, String what, Role role, boolean all) {
        Shop shop = Visitor.with(started, owner, Visitor.person(what, role, all, all));
        EVERYBODY.put(what, new Somebody(cookie(shop.cookie("ruvant-session")), rights(role, all), role == Role.GUEST));
    }

    private static String cookie(String secret) {
        return "ruvant-session=" + secret;
    }

    /** Written out once more, so that a slip in the roles themselves is seen as well. */
    private static Set<Right> rights(Role role, boolean moneyAndCustomers) {
        Set<Right> rights = switch (role) {
            case OWNER -> EnumSet.allOf(Right.class);
            case TECHNICIAN -> EnumSet.of(Right.LOOK, Right.BENCH, Right.DESK, Right.STOCK);
            case COUNTER -> EnumSet.of(Right.LOOK, Right.DESK, Right.STOCK);
            case GUEST -> EnumSet.of(Right.LOOK);
        };
        if (moneyAndCustomers && role != Role.GUEST) {
            rights.addAll(EnumSet.of(Right.MONEY, Right.CUSTOMERS));
        }
        return rights;
    }

    @AfterAll
    static void stop() {
        started.close();
    }

    private static List<Route> routes() {
        List<Route> routes = new ArrayList<>();
        started.part("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .forEach((info, handler) -> {
                    if (handler.getBeanType().getName().startsWith("ruvant.")) {
                        for (String path : info.getPatternValues()) {
                            for (var method : info.getMethodsCondition().getMethods()) {
                                routes.add(new Route(
                                        method.name(),
                                        path,
                                        info.getConsumesCondition().getConsumableMediaTypes().stream()
                                                .map(Object::toString)
                                                .findFirst()
                                                .orElse("application/json"),
                                        rule(handler, Needs.class),
                                        rule(handler, Open.class).isPresent()));
                            }
                        }
                    }
                });
        routes.sort(java.util.Comparator.comparing(Route::path).thenComparing(Route::method));
        return routes;
    }

    private static <A extends Annotation> Optional<A> rule(HandlerMethod handler, Class<A> kind) {
        boolean own = handler.getMethod().isAnnotationPresent(Needs.class)
                || handler.getMethod().isAnnotationPresent(Open.class);
        return Optional.ofNullable(
                own
                        ? handler.getMethod().getAnnotation(kind)
                        : handler.getBeanType().getAnnotation(kind));
    }

    @Test
    void everyRouteHasARule() {
        assertThat(routes())
                .hasSizeGreaterThan(140)
                .allSatisfy(route -> assertThat(route.open() != route.needs().isPresent())
                        .as(route.name() + " says either who may use it or that everybody may")
                        .isTrue());
    }

    @Test
    void everyAnswerIsAsTheRulesSay() throws Exception {
        List<String> wrong = new ArrayList<>();
        try (HttpClient http = HttpClient.newHttpClient()) {
            for (Route route : routes()) {
                for (String who : EVERYBODY.keySet()) {
                    for (int job : route.needs().map(Needs::job).orElse("").isEmpty() ? List.of(1) : List.of(1, 2)) {
                        boolean allowed = allowed(route, EVERYBODY.get(who), job);
                        if (allowed && (route.open() || ONLY_REFUSED.contains(route.name()))) {
                            continue;
                        }
                        int status = status(http, route, EVERYBODY.get(who), job);
                        int refused = who.equals("nobody") ? 401 : 403;
                        if (allowed ? status == 401 || status == 403 : status != refused) {
                            wrong.add(route.name() + " for " + who + " at job " + job + ": " + status);
                        }
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    private static boolean allowed(Route route, Somebody who, int job) {
        if (route.open()) {
            return true;
        }
        Needs needs = route.needs().orElseThrow();
        boolean here = !who.oneJob() || needs.ofNoJob() || !needs.job().isEmpty() && job == 1;
        return here
                && !who.cookie().isEmpty()
                && who.rights().containsAll(Arrays.asList(needs.value()))
                && (needs.oneOf().length == 0 || Arrays.stream(needs.oneOf()).anyMatch(who.rights()::contains));
    }

    private static int status(HttpClient http, Route route, Somebody who, int job)
            throws IOException, InterruptedException {
        String tag = "R-000" + job;
        String path = route.path()
                .replaceAll("\\{(tag|log)}", tag)
                .replace("{id}", UUID.randomUUID().toString())
                .replaceAll("\\{[^}]*}", "x");
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + started.port() + path));
        if (!who.cookie().isEmpty()) {
            request.header("Cookie", who.cookie());
        }
        HttpRequest.BodyPublisher body = route.method().equals("GET")
                ? HttpRequest.BodyPublishers.noBody()
                : HttpRequest.BodyPublishers.ofString("{}");
        HttpResponse<InputStream> answer = http.send(
                request.header(
                                "Content-Type",
                                route.type() + (route.type().startsWith("multipart") ? ";boundary=x" : ""))
                        .method(route.method(), body)
                        .build(),
                HttpResponse.BodyHandlers.ofInputStream());
        try (InputStream all = answer.body()) {
            // a stream of events has no end
            if (!route.path().equals("/api/events")) {
                all.readAllBytes();
            }
        }
        return answer.statusCode();
    }

    /** Whoever opens a route to somebody sees that in the table, and so does whoever reads the change. */
    @Test
    void theWrittenTableIsTrue() throws IOException {
        Map<String, Set<String>> rows = new LinkedHashMap<>();
        for (Route route : routes()) {
            rows.computeIfAbsent(row(route), key -> new TreeSet<>()).add("`" + route.name() + "`");
        }
        List<String> everybody = List.copyOf(EVERYBODY.keySet());
        String table = """
                # Who may use which route

                Written by `AccessMatrixTest`, which asks the running house for each of them as each of these people. “own” is the one job of
                a guest or of a paired phone. Of what somebody may read, prices and customers are left out where they may not see them.

                | Routes | %s |
                |---|%s|
                %s
                """.formatted(
                        String.join(" | ", everybody),
                        everybody.stream().map(one -> "---").collect(Collectors.joining("|")),
                        rows.entrySet().stream()
                                .map(row -> "| " + String.join("<br>", row.getValue()) + " | " + row.getKey() + " |")
                                .collect(Collectors.joining("\n")));
        if (Boolean.getBoolean("ruvant.writeAccess")) {
            Files.writeString(WRITTEN, table);
        }
        assertThat(table)
                .as("docs/access.md; to write it anew: -Druvant.writeAccess=true")
                .isEqualTo(Files.readString(WRITTEN));
    }

    private static String row(Route route) {
        return EVERYBODY.values().stream()
                .map(who -> !allowed(route, who, 1) ? "" : allowed(route, who, 2) ? "yes" : "own")
                .collect(Collectors.joining(" | "));
    }
}
