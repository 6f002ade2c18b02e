package ruvant.server.phone;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ruvant.core.people.Role;
import ruvant.server.Shop;
import ruvant.server.Shop.Answer;
import ruvant.server.Started;
import ruvant.server.access.Visitor;
import ruvant.server.people.Signers;
import tools.jackson.databind.JsonNode;

class PhoneHttpTest {
    private static Started started;
    private static Shop owner;
    private static String first;
    private static String second;

    private Shop phone;

    @BeforeAll
    static void start() {
        started = Visitor.shop();
        owner = Visitor.owner(started, Signers.code(started));
        first = owner.camera("Wambui");
        second = owner.camera("Oksana");
    }

    @AfterAll
    static void stop() {
        started.close();
    }

    @BeforeEach
    void another() {
        phone = started.shop();
    }

    private static JsonNode code(Shop at, String onlyJob) {
        return at.post("/api/phones/codes", """
                {"by":"Ada","bench":"window-1"%s}""".formatted(onlyJob.isEmpty() ? "" : ",\"onlyJob\":\"" + onlyJob + "\""))
                .body();
    }

    private static String secret(JsonNode shown) {
        return shown.path("address").asText().replaceFirst(".*#", "");
    }

    private static Answer pair(Shop with, String code) {
        return with.post("/api/phone/pair", "{\"code\":\"" + code + "\"}");
    }

    private static void open(String tag) {
        assertThat(owner.put("/api/phones/benches/window-1", """
                                {"tag":"%s","stop":"STRIP","part":"front plate","shows":"before: front plate","speed":""}""".formatted(tag)).status())
                .isEqualTo(200);
    }

    private static Answer note(Shop by, String tag) {
        return by.post("/api/logs/" + tag + "/lines", Shop.lines(0, Shop.note("from the phone")));
    }

    @Test
    void aCodeWorksOnceAndSaysWhereToGo() throws Exception {
        JsonNode shown = code(owner, first);
        assertThat(shown.path("reachable").asBoolean()).isTrue();
        assertThat(shown.path("address").asText()).matches("https://.+:\\d+/phone#[a-z0-9]{4}-[a-z0-9]{4}");
        assertThat(read(shown.path("drawing"))).isEqualTo(shown.path("address").asText());
        assertThat(pair(phone, secret(shown)).status()).isEqualTo(200);
        assertThat(pair(started.shop(), secret(shown)).code()).isEqualTo("wrongCode");
        assertThat(pair(started.shop(), "").code()).isEqualTo("wrongCode");
    }

    /** Reads the drawing as a phone's camera would. */
    private static String read(JsonNode drawing) throws Exception {
        int size = drawing.path("size").asInt();
        int scale = 4;
        int[] pixels = new int[size * size * scale * scale];
        Arrays.fill(pixels, 0xffffff);
        Matcher modules =
                Pattern.compile("M(\\d+) (\\d+)").matcher(drawing.path("path").asText());
        while (modules.find()) {
            for (int i = 0; i < scale * scale; i++) {
                int x = Integer.parseInt(modules.group(1)) * scale + i % scale;
                int y = Integer.parseInt(modules.group(2)) * scale + i / scale;
                pixels[y * size * scale + x] = 0;
            }
        }
        return new QRCodeReader()
                .decode(new BinaryBitmap(
                        new HybridBinarizer(new RGBLuminanceSource(size * scale, size * scale, pixels))))
                .getText();
    }

    @Test
    void aPhoneOfOneJobWorksAtThatJobAlone() {
        pair(phone, secret(code(owner, first)));
        assertThat(phone.get("/api/phone").body().at("/focus/tag").asText()).isEqualTo(first);
        assertThat(phone.get("/api/jobs/" + first).status()).isEqualTo(200);
        assertThat(note(phone, first).status()).isEqualTo(200);
        assertThat(note(phone, second).status()).isEqualTo(403);
        assertThat(phone.get("/api/jobs/" + second).status()).isEqualTo(403);
        assertThat(phone.get("/api/customers").status()).isEqualTo(403);
        assertThat(phone.get("/api/people").status()).isEqualTo(403);
        assertThat(phone.post("/api/phones/codes", "{\"by\":\"Ada\",\"bench\":\"x\"}")
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aPhoneOfTheBenchFollowsIt() {
        open(first);
        pair(phone, secret(code(owner, "")));
        assertThat(phone.get("/api/phone").body().at("/focus/shows").asText()).isEqualTo("before: front plate");
        assertThat(note(phone, first).status()).isEqualTo(200);
        open(second);
        assertThat(phone.get("/api/phone").body().at("/focus/tag").asText()).isEqualTo(second);
        assertThat(note(phone, second).status()).isEqualTo(200);
        assertThat(note(phone, first).status()).isEqualTo(403);
    }

    @Test
    void aBenchEndsItsPhones() {
        pair(phone, secret(code(owner, first)));
        JsonNode paired = owner.get("/api/phones").body();
        for (JsonNode one : paired) {
            owner.delete("/api/phones/" + one.path("id").asText());
        }
        assertThat(phone.get("/api/phone").status()).isEqualTo(401);
        assertThat(note(phone, first).status()).isEqualTo(401);
        assertThat(owner.get("/api/phones").body()).isEmpty();
    }

    @Test
    void whatItsHolderMayNotDoAPhoneMayNotEither() {
        Shop counter = Visitor.with(started, owner, Visitor.person("Cora", Role.COUNTER, false, false));
        assertThat(counter.post("/api/phones/codes", "{\"by\":\"Cora\",\"bench\":\"x\"}")
                        .status())
                .isEqualTo(403);
        Shop technician = Visitor.with(started, owner, Visitor.person("Tess", Role.TECHNICIAN, true, true));
        pair(phone, secret(code(technician, first)));
        assertThat(note(phone, first).code()).isEqualTo("signedByAnother");
        assertThat(phone.post(
                                "/api/logs/" + first + "/lines",
                                Shop.lines(0, Shop.note("hers")).replace("Ada", "Tess"))
                        .status())
                .isEqualTo(200);
        // a phone that lies about shows nobody's name
        assertThat(phone.get("/api/jobs/" + first)
                        .body()
                        .at("/intake/received/owner/name")
                        .asText())
                .isEmpty();
    }

    @Test
    void whereNobodySignsInAPhoneIsStillOnlyAPhone() {
        try (Started alone = Started.on(Started.folder())) {
            Shop bench = alone.shop();
            String tag = bench.camera("Wambui");
            JsonNode shown = code(bench, tag);
            assertThat(shown.path("reachable").asBoolean()).isFalse();
            Shop near = alone.shop();
            assertThat(pair(near, secret(shown)).status()).isEqualTo(200);
            assertThat(note(near, tag).status()).isEqualTo(200);
            assertThat(near.get("/api/backups").status()).isEqualTo(403);
        }
    }
}
