package ruvant.core.adjust;

import java.io.IOException;
import java.io.InputStream;
import ruvant.core.units.Named;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** The adjusters that ship. */
final class ShippedAdjusters {
    static final AdjusterBook BOOK = read();

    private ShippedAdjusters() {}

    private static AdjusterBook read() {
        SimpleModule names = new SimpleModule();
        names.addDeserializer(Named.class, new StdDeserializer<>(Named.class) {
            @Override
            public Named deserialize(JsonParser json, DeserializationContext context) {
                return Named.of(json.getString());
            }
        });
        try (InputStream in = AdjusterBook.class.getResourceAsStream("adjusters.json")) {
            return JsonMapper.builder().addModule(names).build().readValue(in, AdjusterBook.class);
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }
}
