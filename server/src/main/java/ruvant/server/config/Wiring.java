package ruvant.server.config;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.anatomy.Anatomy;
import ruvant.core.anatomy.BodyPlans;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.picture.Shipped;
import ruvant.core.proof.ProofBook;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.server.storage.Database;
import tools.jackson.databind.ObjectMapper;

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
    JsonMapperBuilderCustomizer entryJson() {
        return EntryJson::configure;
    }

    /** Tables, lists and knowledge that ship; a slip in them stops the start, since every advice would carry it. */
    @Bean
    Shipped shipped(ObjectMapper json) throws IOException {
        TradeLists lists = resource(json, "lists.json", TradeLists.class, TradeLists.class);
        AdjusterBook adjusters = resource(json, "adjusters.json", AdjusterBook.class, AdjusterBook.class);
        FaultKnowledge faults = resource(json, "faults.json", FaultKnowledge.class, FaultKnowledge.class);
        Anatomy anatomy = resource(json, "anatomy.json", Anatomy.class, Anatomy.class);
        return new Shipped(
                resource(json, "materials.json", Materials.class, Materials.class),
                resource(json, "lubrication.json", Lubrication.class, Materials.class),
                sound("the trade's lists", lists, lists.problems()),
                sound("adjusters", adjusters, adjusters.problems()),
                sound("faults", faults, faults.problems()),
                new BodyPlans(sound("how cameras are built", anatomy, anatomy.problems())),
                resource(json, "proofs.json", ProofBook.class, ProofBook.class));
    }

    private static <T> T sound(String what, T knowledge, List<String> problems) {
        if (!problems.isEmpty()) {
            throw new IllegalStateException("The shipped data on " + what + " has gaps: " + problems);
        }
        return knowledge;
    }

    private static <T> T resource(ObjectMapper json, String name, Class<T> type, Class<?> beside) throws IOException {
        try (InputStream in = beside.getResourceAsStream(name)) {
            return json.readValue(in, type);
        }
    }
}
