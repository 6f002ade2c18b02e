package ruvant.server.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import ruvant.core.people.Role;
import ruvant.server.Shop;
import ruvant.server.Started;
import ruvant.server.access.Visitor;
import ruvant.server.people.Signers;
import tools.jackson.databind.JsonNode;

/** A technician who is not shown prices works with things that have one. */
class UnshownPricesTest {
    private static final String PINION =
            "{\"name\":\"retard pinion\",\"place\":\"drawer 3\",\"condition\":\"NEW\",\"costMinor\":450}";

    private static Started started;
    private static Shop owner;
    private static Shop technician;

    @BeforeAll
    static void start() {
        started = Visitor.shop();
        owner = Visitor.owner(started, Signers.code(started));
        technician = Visitor.with(started, owner, Visitor.person("Tess", Role.TECHNICIAN, false, false));
    }

    @AfterAll
    static void stop() {
        started.close();
    }

    private static Shop.Answer asTess(String log, long basedOn, String... entries) {
        return technician.post(
                "/api/logs/" + log + "/lines", Shop.lines(basedOn, entries).replace("\"Ada\"", "\"Tess\""));
    }

    private static JsonNode last(String log) {
        JsonNode lines = owner.lines(log);
        return lines.get(lines.size() - 1);
    }

    @Test
    void whatIsFittedFromTheShelfCostsWhatItCostThere() {
        String tag = owner.camera("Amara Okonjo");
        owner.say("shelf", "{\"kind\":\"stockAdded\",\"count\":2,\"stock\":" + PINION + "}");
        String pinion = last("shelf").path("id").asText();
        String fitted = "{\"kind\":\"replaced\",\"part\":\"retard pinion\",\"source\":\"STOCK\",\"from\":\"drawer 3\","
                + "\"checked\":true,\"fromShelf\":\"" + pinion + "\"}";
        assertThat(asTess(tag, 0, fitted).status()).isEqualTo(200);
        assertThat(last(tag).at("/entry/cost/minor").asLong()).isEqualTo(450);
        assertThat(technician.lines(tag).toString()).contains("drawer 3").doesNotContain("450");
    }

    @Test
    void whatIsOrderedAndUnpackedCostsWhatTheCatalogueSays() {
        String ordered = "{\"kind\":\"ordered\",\"supplier\":\"x\",\"number\":\"T-101\",\"name\":\"retard pinion\","
                + "\"count\":1,\"days\":6}";
        assertThat(asTess("shelf", 0, ordered).status()).isEqualTo(200);
        JsonNode order = last("shelf");
        assertThat(order.at("/entry/priceMinor").asLong()).isPositive();
        String unpacked =
                "{\"kind\":\"unpacked\",\"order\":\"" + order.path("id").asText()
                        + "\",\"asOrdered\":true,\"count\":1,\"came\":" + PINION.replace("450", "0") + "}";
        assertThat(asTess("shelf", 0, unpacked).status()).isEqualTo(200);
        assertThat(last("shelf").at("/entry/came/costMinor")).isEqualTo(order.at("/entry/priceMinor"));
    }

    @Test
    void whoMayNotSeeALineLearnsFromARefusalThatThereIsOne() {
        String tag = owner.camera("Amara Okonjo");
        owner.say(tag, Shop.off("ring"));
        owner.say(
                tag,
                "{\"kind\":\"estimated\",\"what\":\"in parts\",\"money\":815}",
                "{\"kind\":\"noted\",\"text\":\"bright\"}",
                Shop.back("ring"));
        Shop.Answer late = asTess(tag, 2, Shop.back("ring"));
        assertThat(late.code()).isEqualTo("alreadyBack");
        assertThat(late.body().path("since").toString())
                .contains("Ada: This line is not shown to you.", "Ada: put back ring")
                .doesNotContain("815");
        assertThat(owner.say(tag, 2, Shop.back("ring")).body().path("since").toString())
                .contains("815");
    }

    @Test
    void aLineWithAPriceIsNotSaidAnewByWhoIsNotShownIt() {
        String tag = owner.camera("Amara Okonjo");
        String piece = "{\"kind\":\"replaced\",\"part\":\"retard pinion\",\"source\":\"BOUGHT\",\"from\":\"fair\","
                + "\"checked\":true,\"cost\":{\"minor\":777,\"currency\":\"EUR\"}}";
        owner.say(tag, piece);
        String anew =
                "{\"kind\":\"amended\",\"target\":\"" + last(tag).path("id").asText() + "\",\"entry\":"
                        + piece.replaceAll(",\"cost\":\\{[^}]*}", "") + ",\"reason\":\"" + UUID.randomUUID() + "\"}";
        assertThat(asTess(tag, 0, anew).code()).isEqualTo("notAllowed");
        assertThat(owner.say(tag, anew).status()).isEqualTo(200);
    }
}
