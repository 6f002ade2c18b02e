package ruvant.server.config;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import ruvant.core.accounts.PaperNumber;
import ruvant.core.knowledge.OrderMet;
import ruvant.core.log.Entry;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;

/**
 * The document from which the pages' types are made. Records are described as they are: all components there but those
 * that may be missing, and an entry as one of its kinds.
 */
@Configuration(proxyBeanMethods = false)
class ApiDocument {
    static {
        for (Class<?> text : List.of(TagNumber.class, WellName.class, PartName.class, PaperNumber.class)) {
            SpringDocUtils.getConfig().replaceWithSchema(text, new StringSchema());
        }
    }

    @Bean
    OpenApiCustomizer title() {
        return document -> {
            document.info(new Info().title("Ruvant").version("1"));
            document.setServers(null);
        };
    }

    @Bean
    ModelConverter records() {
        return new RecordSchemas();
    }

    /** Marks what is always there, and describes an entry by its kinds. */
    private static final class RecordSchemas implements ModelConverter {
        private final Map<String, Class<?>> named = new ConcurrentHashMap<>();

        @Override
        public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            JavaType java = Json.mapper().constructType(type.getType());
            Class<?> raw = java.getRawClass();
            if (Entry.class.isAssignableFrom(raw) && raw.isInterface()) {
                return entry(context);
            }
            if (raw == Named.class) {
                return named(context);
            }
            if (!chain.hasNext() || raw == OrderMet.class) {
                return null;
            }
            Schema<?> schema = chain.next().resolve(type, context, chain);
            if (raw.isRecord() && schema != null) {
                if (schema.get$ref() != null) {
                    namedOnce(raw, name(schema));
                }
                Schema<?> defined = schema.get$ref() == null ? schema : defined(schema, context);
                if (defined != null) {
                    entriesInEntries(raw, defined);
                    required(raw, defined);
                }
            }
            return schema;
        }

        private static Schema<?> named(ModelConverterContext context) {
            Schema<Object> named = new Schema<>();
            named.setType("object");
            for (String part : List.of("id", "words")) {
                named.addProperty(part, new StringSchema());
                named.addRequiredItem(part);
            }
            context.defineModel("Named", named);
            return new Schema<>().$ref("#/components/schemas/Named");
        }

        private static Schema<?> entry(ModelConverterContext context) {
            String name = "Entry";
            if (!context.getDefinedModels().containsKey(name)) {
                Schema<Object> any = new Schema<>();
                context.defineModel(name, any);
                Discriminator discriminator = new Discriminator().propertyName("kind");
                for (Class<?> kind : EntryJson.kinds()) {
                    Schema<?> reference = context.resolve(new AnnotatedType(kind).resolveAsRef(true));
                    Schema<?> defined = defined(reference, context);
                    defined.addProperty("kind", new StringSchema()._enum(List.of(EntryJson.kind(kind))));
                    defined.addRequiredItem("kind");
                    any.addOneOfItem(new Schema<>().$ref(reference.get$ref()));
                    discriminator.mapping(EntryJson.kind(kind), reference.get$ref());
                }
                any.discriminator(discriminator);
            }
            return new Schema<>().$ref("#/components/schemas/" + name);
        }

        private static Schema<?> defined(Schema<?> reference, ModelConverterContext context) {
            return context.getDefinedModels().get(name(reference));
        }

        private static String name(Schema<?> reference) {
            return reference.get$ref().substring(reference.get$ref().lastIndexOf('/') + 1);
        }

        /** Of two records of one name the document would hold one only, and the pages' types would be wrong. */
        private void namedOnce(Class<?> record, String name) {
            Class<?> before = named.putIfAbsent(name, record);
            if (before != null && before != record) {
                throw new IllegalStateException("Both " + before.getName() + " and " + record.getName()
                        + " are called “" + name + "” in the document: rename one.");
            }
        }

        /** An entry that holds another one is met while entries are still being described, and would be left out. */
        private static void entriesInEntries(Class<?> raw, Schema<?> schema) {
            for (RecordComponent component : raw.getRecordComponents()) {
                if (component.getType() == Entry.class
                        && (schema.getProperties() == null
                                || !schema.getProperties().containsKey(component.getName()))) {
                    schema.addProperty(component.getName(), new Schema<>().$ref("#/components/schemas/Entry"));
                }
            }
        }

        private static void required(Class<?> raw, Schema<?> schema) {
            Arrays.stream(raw.getRecordComponents())
                    .filter(component -> !WholeBodies.mayBeMissing(component))
                    .map(RecordComponent::getName)
                    .filter(name -> schema.getProperties() != null
                            && schema.getProperties().containsKey(name))
                    .filter(name -> schema.getRequired() == null
                            || !schema.getRequired().contains(name))
                    .forEach(schema::addRequiredItem);
        }
    }
}
