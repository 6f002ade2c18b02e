package ruvant.core;

import java.io.IOException;
import java.io.InputStream;
import ruvant.core.units.Named;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** Data as it ships, read strictly: a field that nobody knows is a slip in the data. */
public final class ShippedData {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            // a number or a yes that is not said is none, as on the server
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .addModule(new SimpleModule().addDeserializer(Named.class, new NamedReader()))
            .build();

    private ShippedData() {}

    /** A file of that name beside the type. */
    public static <T> T of(Class<T> type, String name) {
        return beside(type, name, type);
    }

    /** A file of that name beside another type. */
    public static <T> T beside(Class<?> place, String name, Class<T> type) {
        try (InputStream in = place.getResourceAsStream(name)) {
            return JSON.readValue(in, type);
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }

    private static final class NamedReader extends StdDeserializer<Named> {
        NamedReader() {
            super(Named.class);
        }

        @Override
        public Named deserialize(JsonParser parser, DeserializationContext context) {
            JsonNode node = parser.readValueAsTree();
            return node.isObject()
                    ? new Named(node.path("id").asString(), node.path("words").asString())
                    : Named.of(node.asString());
        }
    }
}
