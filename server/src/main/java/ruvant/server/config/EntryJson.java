package ruvant.server.config;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonIgnoreType;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import ruvant.core.accounts.AccountsRoom;
import ruvant.core.accounts.PaperNumber;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.customers.CustomersRoom;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.FindEntry;
import ruvant.core.house.HouseEntry;
import ruvant.core.knowledge.OrderMet;
import ruvant.core.log.Entry;
import ruvant.core.log.RecordEntry;
import ruvant.core.log.Rooms;
import ruvant.core.picture.JobRooms;
import ruvant.core.picture.ShopRooms;
import ruvant.core.shelf.ShelfRoom;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.Materials;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.deser.DeserializationProblemHandler;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.jsontype.TypeIdResolver;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/**
 * How the core's values look as JSON. The core itself knows nothing of it: an entry's kind is its record's name, so a
 * new record needs no line here.
 */
public final class EntryJson {
    /** The rooms of every kind of log; a room's entries are known here by it alone. */
    private static final List<Rooms> LOGS = List.of(
            JobRooms.ALL,
            ShelfRoom.ROOMS,
            AccountsRoom.ROOMS,
            CustomersRoom.ROOMS,
            ShopRooms.house(Materials.EMPTY, TradeLists.EMPTY),
            ShopRooms.knowledge(FaultKnowledge.EMPTY, AdjusterBook.EMPTY));

    private EntryJson() {}

    /** Teaches a mapper the core's values. */
    public static void configure(JsonMapper.Builder json) {
        SimpleModule module = new SimpleModule("ruvant");
        module.setMixInAnnotation(OrderMet.class, ForTheRules.class);
        asText(module, TagNumber.class, TagNumber::parse);
        asText(module, PaperNumber.class, PaperNumber::parse);
        asText(module, WellName.class, WellName::parse);
        asText(module, PartName.class, PartName::of);
        module.addDeserializer(Named.class, new NamedReader());
        module.setMixInAnnotation(Named.class, NamedAsObject.class);
        module.setMixInAnnotation(Entry.class, ByKind.class);
        module.setMixInAnnotation(RecordEntry.Struck.class, OldStrike.class);
        module.setMixInAnnotation(FindEntry.Observed.class, OldObservation.class);
        json.addModule(module);
        kinds().forEach(record -> json.registerSubtypes(new NamedType(record, kind(record))));
        json.addHandler(new OldKinds());
    }

    /** Every kind of entry there is, by name. */
    public static List<Class<?>> kinds() {
        List<Class<?>> records = new ArrayList<>();
        collect(RecordEntry.class, records);
        LOGS.forEach(log -> log.all().forEach(room -> collect(room.entries(), records)));
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

    /** What jobs say of the order of parts is for the rules; people see where they contradict each other. */
    @JsonIgnoreType
    private interface ForTheRules {}

    private static <T> void asText(SimpleModule module, Class<T> type, Function<String, T> parse) {
        module.addSerializer(type, new ToStringSerializer(type));
        module.addDeserializer(type, new Parsed<>(type, parse));
    }

    /** An id with its words; one that is only named may be written as plain text, as all of them once were. */
    private static final class NamedReader extends StdDeserializer<Named> {
        NamedReader() {
            super(Named.class);
        }

        @Override
        public Named deserialize(JsonParser parser, DeserializationContext context) {
            JsonNode read = parser.readValueAsTree();
            return read.isObject()
                    ? new Named(read.path("id").asString(""), read.path("words").asString(""))
                    : Named.of(read.asString(""));
        }
    }

    private interface NamedAsObject {
        @JsonProperty
        String id();

        @JsonProperty
        String words();
    }

    /** A strike of the shelf once was a kind of its own. */
    private static final class OldKinds extends DeserializationProblemHandler {
        private static final Map<String, Class<?>> CALLED_OTHERWISE = Map.of(
                "shelfStruck", RecordEntry.Struck.class,
                "foretold", FindEntry.Predicted.class,
                "opticsGoesSet", HouseEntry.GlassPassesSet.class);

        @Override
        public JavaType handleUnknownTypeId(
                DeserializationContext context, JavaType base, String kind, TypeIdResolver resolver, String message) {
            Class<?> now = CALLED_OTHERWISE.get(kind);
            return now == null ? null : context.constructType(now);
        }
    }

    private interface OldObservation {
        @JsonAlias("foretold")
        UUID predicted();
    }

    private interface OldStrike {
        @JsonAlias("line")
        UUID target();

        @JsonAlias("why")
        String reason();
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
        public T deserialize(JsonParser parser, DeserializationContext context) {
            return parse.apply(parser.getValueAsString(""));
        }
    }
}
