package ruvant.server.offer;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.mail.Multipart;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayInputStream;
import java.util.Properties;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Options, messages to the owner and answers, over HTTP. */
class OfferHttpTest extends OverHttp {
    private JsonNode options(String tag) {
        return shop.get("/api/jobs/" + tag + "/options").body();
    }

    private JsonNode logged(String tag) {
        JsonNode sheet = options(tag).get("sheet");
        ((ObjectNode) sheet).put("asIs", "20");
        for (JsonNode option : sheet.get("options")) {
            ((ObjectNode) option).put("worth", "140,50");
        }
        JsonNode worked = shop.post("/api/jobs/" + tag + "/options/figures", sheet.toString())
                .body();
        ObjectNode entry = (ObjectNode) worked.get("entry").deepCopy();
        entry.put("kind", "optionsDrawn");
        assertThat(shop.add(tag, entry.toString()).status()).isEqualTo(200);
        return worked;
    }

    @Test
    void aFirstSheetStandsThereAndComesToSomething() {
        String tag = shop.camera("Optioned");
        JsonNode page = options(tag);
        assertThat(page.has("logged")).isFalse();
        assertThat(page.at("/sheet/options").findValuesAsString("kind"))
                .containsExactly("LEAVE", "MINIMAL", "FULL", "ALL_OUT");
        JsonNode rows = logged(tag).get("rows");
        long minimal = rows.at("/1/figures/expectedMinor").asLong();
        assertThat(minimal).isPositive();
        assertThat(rows.at("/2/figures/expectedMinor").asLong()).isGreaterThan(minimal);
        assertThat(rows.at("/1/figures/cost/value").asDouble()).isGreaterThan(minimal);
        assertThat(rows.at("/1/figures/cost/error").asDouble()).isPositive().isLessThan(0.03 * minimal);
        assertThat(options(tag).has("logged")).isTrue();
    }

    @Test
    void whatCannotBeReadIsSaidAtItsField() {
        String tag = shop.camera("Mistyped");
        JsonNode sheet = options(tag).get("sheet");
        ((ObjectNode) sheet.at("/options/1/steps/0")).put("likely", "soon");
        Shop.Answer no = shop.post("/api/jobs/" + tag + "/options/figures", sheet.toString());
        assertThat(no.status()).isEqualTo(400);
        assertThat(no.body().get("field").asText()).isEqualTo("options.1.steps.0.likely");
        ((ObjectNode) sheet.at("/options/1/steps/0")).put("likely", "1");
        ((ObjectNode) sheet.at("/options/1/steps/0")).put("low", "9");
        assertThat(shop.post("/api/jobs/" + tag + "/options/figures", sheet.toString())
                        .body()
                        .get("field")
                        .asText())
                .isEqualTo("options.1.steps.0.likely");
    }

    private static String email(UUID id, String about, String to) {
        return "{\"by\":\"Ada\",\"id\":\"%s\",\"about\":\"%s\",\"question\":\"\",\"to\":\"%s\"}"
                .formatted(id, about, to);
    }

    @Test
    void theOptionsGoOutAsALetterAndAsAnEmailThatIsSentOnce() throws Exception {
        String tag = shop.camera("דנה לוי");
        logged(tag);
        try (PDDocument letter = Loader.loadPDF(shop.bytes("/api/jobs/" + tag + "/options/letter.pdf"))) {
            assertThat(new PDFTextStripper().getText(letter))
                    .contains("What we can do", "Minimal repair", "in nine of ten cases", "Slow speeds drag");
        }
        UUID id = UUID.randomUUID();
        String path = "/api/jobs/" + tag + "/email";
        assertThat(shop.post(path, email(id, "OPTIONS", "not an address")).status())
                .isEqualTo(400);
        assertThat(shop.get("/api/jobs/" + tag).body().at("/offer/questions")).isEmpty();
        String file = shop.post(path, email(id, "OPTIONS", "owner@post.example"))
                .body()
                .get("file")
                .asText();
        assertThat(shop.post(path, email(id, "OPTIONS", "owner@post.example")).status())
                .isEqualTo(200);
        JsonNode questions = shop.get("/api/jobs/" + tag).body().at("/offer/questions");
        assertThat(questions).hasSize(1);
        assertThat(questions.at("/0/about").asText()).isEqualTo("OPTIONS");
        MimeMessage message = new MimeMessage(
                Session.getInstance(new Properties()), new ByteArrayInputStream(shop.bytes("/api/outbox/" + file)));
        assertThat(message.getAllRecipients()[0]).hasToString("owner@post.example");
        assertThat(message.getSubject()).contains("Pellworm Twin");
        Multipart parts = (Multipart) message.getContent();
        assertThat((String) parts.getBodyPart(0).getContent()).contains("Dear דנה לוי", "Minimal repair: about");
        assertThat(parts.getBodyPart(1).getFileName()).isEqualTo(tag + ".pdf");
        assertThat(parts.getBodyPart(1).getInputStream().readNBytes(5)).isEqualTo("%PDF-".getBytes());
        assertThat(shop.get("/api/outbox").body().get("files").toString()).contains(file);
        assertThat(shop.get("/api/outbox/ruvant.db").status()).isEqualTo(404);
    }

    @Test
    void aPhoneTextSaysWhatEachOptionCostsAndAQuestionIsAsTyped() {
        String tag = shop.camera("Texted");
        Shop.Answer early = shop.post("/api/jobs/" + tag + "/message", "{\"about\":\"OPTIONS\",\"question\":\"\"}");
        assertThat(early.status()).isEqualTo(400);
        logged(tag);
        String text = shop.post("/api/jobs/" + tag + "/message", "{\"about\":\"OPTIONS\",\"question\":\"\"}")
                .body()
                .get("text")
                .asText();
        assertThat(text).contains(tag, "1) Leave as it is", "3) Full repair: about");
        assertThat(shop.post("/api/jobs/" + tag + "/message", "{\"about\":\"OTHER\",\"question\":\"New leather?\"}")
                        .body()
                        .get("text")
                        .asText())
                .endsWith("New leather?");
        assertThat(shop.post("/api/jobs/" + tag + "/message", "{\"about\":\"LIMIT\",\"question\":\"\"}")
                        .status())
                .isEqualTo(400);
    }
}
