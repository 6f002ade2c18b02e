package ruvant.server.benchmark.fuzz;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** Bodies for every door that takes JSON, shaped as the document says and then changed in a few places. */
final class JsonInputs {
    /** Those that write files where they are told to, or start a second shop. */
    private static final Set<String> LEFT_ALONE = Set.of("/api/backups/plan", "/api/demo");

    private final JsonNode document;
    private final List<Door> doors = new ArrayList<>();

    /** A way in. */
    record Door(String method, String path, JsonNode schema) {}

    /** A body for one. */
    record Body(String method, String path, String json) {}

    JsonInputs(JsonNode document) {
        this.document = document;
        document.get("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(method -> {
                    JsonNode schema = method.getValue().at("/requestBody/content/application~1json/schema");
                    if (!schema.isMissingNode() && !LEFT_ALONE.contains(path.getKey())) {
                        doors.add(new Door(method.getKey(), path.getKey(), schema));
                    }
                }));
    }

    /** @param logs what may stand in the place of a log or a tag */
    Body next(List<String> logs, Random random) {
        // lines are most of what is ever sent
        Door door = random.nextInt(3) == 0
                ? doors.stream()
                        .filter(one -> one.path().equals("/api/logs/{log}/lines"))
                        .findFirst()
                        .orElseThrow()
                : doors.get(random.nextInt(doors.size()));
        JsonNode shaped = new SchemaValues(document, random).of(door.schema());
        JsonNode body = random.nextInt(5) == 0 ? shaped : Mutations.json(shaped, random);
        String path = door.path()
                .replace("{log}", logs.get(random.nextInt(logs.size())))
                .replace("{tag}", logs.getFirst())
                .replaceAll("\\{[^}]*}", "x");
        return new Body(door.method(), path, Mutations.JSON.writeValueAsString(body));
    }
}
