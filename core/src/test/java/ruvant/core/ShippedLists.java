package ruvant.core;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import java.io.InputStream;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.Named;

/** The lists of the trade as they ship. */
public final class ShippedLists {
    public static final TradeLists LISTS = read();

    private ShippedLists() {}

    private static TradeLists read() {
        SimpleModule named = new SimpleModule().addDeserializer(Named.class, new NamedReader());
        try (InputStream in = TradeLists.class.getResourceAsStream("lists.json")) {
            return new ObjectMapper().registerModule(named).readValue(in, TradeLists.class);
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }

    private static final class NamedReader extends StdDeserializer<Named> {
        private static final long serialVersionUID = 1;

        NamedReader() {
            super(Named.class);
        }

        @Override
        public Named deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            JsonNode node = parser.readValueAsTree();
            return new Named(node.path("id").asText(), node.path("words").asText());
        }
    }
}
