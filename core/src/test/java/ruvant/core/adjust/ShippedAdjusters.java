package ruvant.core.adjust;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import java.io.InputStream;
import ruvant.core.units.Named;

/** The adjusters that ship. */
final class ShippedAdjusters {
    static final AdjusterBook BOOK = read();

    private ShippedAdjusters() {}

    private static AdjusterBook read() {
        SimpleModule names = new SimpleModule();
        names.addDeserializer(Named.class, new StdDeserializer<>(Named.class) {
            @Override
            public Named deserialize(JsonParser json, DeserializationContext context) throws IOException {
                return Named.of(json.getText());
            }
        });
        try (InputStream in = AdjusterBook.class.getResourceAsStream("adjusters.json")) {
            return new ObjectMapper().registerModule(names).readValue(in, AdjusterBook.class);
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }
}
