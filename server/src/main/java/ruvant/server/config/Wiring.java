package ruvant.server.config;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Clock;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;

/** Puts the house together. */
@Configuration(proxyBeanMethods = false)
class Wiring {
    @Bean(destroyMethod = "close")
    Database database(@Value("${ruvant.data}") Path folder, @Value("${ruvant.demo}") boolean demo) {
        return Database.open(folder.resolve("ruvant.db"), demo ? "OFF" : "FULL");
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    Jackson2ObjectMapperBuilderCustomizer entryJson() {
        return builder -> builder.postConfigurer(EntryJson::configure);
    }

    @Bean
    Materials materials(ObjectMapper json) throws IOException {
        return resource(json, "materials.json", Materials.class);
    }

    @Bean
    Lubrication lubrication(ObjectMapper json) throws IOException {
        return resource(json, "lubrication.json", Lubrication.class);
    }

    /** What is known of faults; a slip in it stops the start, since every advice would carry it. */
    @Bean
    FaultKnowledge faults(ObjectMapper json) throws IOException {
        try (InputStream in = FaultKnowledge.class.getResourceAsStream("faults.json")) {
            FaultKnowledge faults = json.readValue(in, FaultKnowledge.class);
            if (!faults.problems().isEmpty()) {
                throw new IllegalStateException("What is known of faults has gaps: " + faults.problems());
            }
            return faults;
        }
    }

    private static <T> T resource(ObjectMapper json, String name, Class<T> type) throws IOException {
        try (InputStream in = Materials.class.getResourceAsStream(name)) {
            return json.readValue(in, type);
        }
    }
}
