package ruvant.server.config;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.ToStringSerializer;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import ruvant.core.job.Entry;
import ruvant.core.parts.shelf.ShelfEntry;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;

/**
 * How the core's values look as JSON. The core itself knows nothing of it: an entry's kind is its record's name, so a
 * new record needs no line here.
 */
public final class EntryJson {
    /** What each log is made of: those of the jobs, and that of the shelf. */
    public static final List<Class<?>> LOGS = List.of(Entry.class, ShelfEntry.class);

    private EntryJson() {}

    /** Teaches a mapper the core's values. */
    public static void configure(ObjectMapper json) {
        SimpleModule module = new SimpleModule("ruvant");
        asText(module, TagNumber.class, TagNumber::parse);
        asText(module, WellName.class, WellName::parse);
        asText(module, PartName.class, PartName::of);
        LOGS.forEach(log -> module.setMixInAnnotation(log, ByKind.class));
        json.registerModule(module);
        LOGS.forEach(log -> kinds(log).forEach(record -> json.registerSubtypes(new NamedType(record, kind(record)))));
    }

    /** Every kind of entry that a log takes, by name. */
    public static List<Class<?>> kinds(Class<?> log) {
        List<Class<?>> records = new ArrayList<>();
        collect(log, records);
        records.sort(Comparator.comparing(EntryJson::kind));
        return records;
    }

    /** What an entry's kind is called in JSON: {@code WaitStarted} is "waitStarted". */
    public static String kind(Class<?> record) {
        String name = record.getSimpleName();
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    private static void collect(Class<?> type, List<Class<?>> records) {
        if (type.isRecord()) {
            records.add(type);
        } else {
            Arrays.stream(type.getPermittedSubclasses()).forEach(sub -> collect(sub, records));
        }
    }

    private static <T> void asText(SimpleModule module, Class<T> type, Function<String, T> parse) {
        module.addSerializer(type, new ToStringSerializer(type));
        module.addDeserializer(type, new Parsed<>(type, parse));
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    private interface ByKind {}

    /** Hands the text over as it is, blank too, so that the value itself says what is wrong with it. */
    private static final class Parsed<T> extends StdScalarDeserializer<T> {
        private final transient Function<String, T> parse;

        Parsed(Class<T> type, Function<String, T> parse) {
            super(type);
            this.parse = parse;
        }

        @Override
        public T deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            return parse.apply(parser.getValueAsString(""));
        }
    }
}
