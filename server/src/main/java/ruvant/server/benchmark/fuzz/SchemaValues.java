package ruvant.server.benchmark.fuzz;

import java.util.List;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Values that the interface's own document describes: of the right shape throughout, and often possible. */
final class SchemaValues {
    private static final int DEEPEST = 7;
    private static final List<String> WORDS =
            List.of("front plate", "ring", "Ada", "A1", "1/60", "slow speeds drag", "EUR", "counted", "Osterby", "x");

    private final JsonNode document;
    private final Random random;

    SchemaValues(JsonNode document, Random random) {
        this.document = document;
        this.random = random;
    }

    JsonNode of(JsonNode schema) {
        return of(schema, 0);
    }

    private JsonNode of(JsonNode schema, int deep) {
        JsonNode real = resolved(schema);
        if (real.has("oneOf")) {
            return oneOf(real, deep);
        }
        if (real.has("enum")) {
            JsonNode all = real.get("enum");
            return all.get(random.nextInt(all.size()));
        }
        return switch (real.path("type").asString("object")) {
            case "string" -> text(real.path("format").asString(""));
            case "integer" -> Mutations.JSON.readTree(Integer.toString(random.nextInt(40)));
            case "number" -> Mutations.JSON.readTree(Double.toString(random.nextInt(400) / 8.0));
            case "boolean" -> Mutations.JSON.readTree(Boolean.toString(random.nextBoolean()));
            case "array" -> array(real, deep);
            default -> object(real, deep);
        };
    }

    private JsonNode resolved(JsonNode schema) {
        JsonNode now = schema;
        while (now.has("$ref")) {
            now = document.at(now.get("$ref").asString().substring(1));
        }
        return now.has("allOf") ? resolved(now.get("allOf").get(0)) : now;
    }

    private JsonNode oneOf(JsonNode schema, int deep) {
        JsonNode mapping = schema.path("discriminator").path("mapping");
        if (mapping.isEmpty()) {
            JsonNode all = schema.get("oneOf");
            return of(all.get(random.nextInt(all.size())), deep + 1);
        }
        List<String> kinds = List.copyOf(mapping.propertyNames());
        String kind = kinds.get(random.nextInt(kinds.size()));
        JsonNode made = object(document.at(mapping.get(kind).asString().substring(1)), deep + 1);
        if (made instanceof ObjectNode object) {
            object.put(schema.at("/discriminator/propertyName").asString(), kind);
        }
        return made;
    }

    private JsonNode text(String format) {
        String text = switch (format) {
            case "uuid" -> new UUID(random.nextLong(), random.nextLong()).toString();
            case "date" -> "2031-03-0" + (1 + random.nextInt(9));
            case "date-time" -> "2031-03-04T09:0" + random.nextInt(10) + ":00Z";
            default -> WORDS.get(random.nextInt(WORDS.size()));
        };
        return Mutations.JSON.readTree(Mutations.JSON.writeValueAsString(text));
    }

    private JsonNode array(JsonNode schema, int deep) {
        ArrayNode array = Mutations.JSON.createArrayNode();
        for (int i = deep >= DEEPEST ? 0 : random.nextInt(3); i > 0; i--) {
            array.add(of(schema.path("items"), deep + 1));
        }
        return array;
    }

    private JsonNode object(JsonNode schema, int deep) {
        ObjectNode object = Mutations.JSON.createObjectNode();
        JsonNode all = resolved(schema);
        List<String> required =
                all.path("required").valueStream().map(JsonNode::asString).toList();
        all.path("properties").properties().forEach(part -> {
            boolean wanted = required.contains(part.getKey()) || deep < DEEPEST && random.nextInt(3) > 0;
            if (wanted && deep < DEEPEST + 3) {
                object.set(part.getKey(), of(part.getValue(), deep + 1));
            }
        });
        return object;
    }
}
