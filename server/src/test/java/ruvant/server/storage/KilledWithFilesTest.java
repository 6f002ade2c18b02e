package ruvant.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.server.RealServer;
import ruvant.server.Shop;
import ruvant.server.measure.RecordingStore;
import ruvant.server.measure.StandRecordings;
import ruvant.server.storage.copy.ShopCheck;
import tools.jackson.databind.JsonNode;

/** Killed hard while pictures and recordings come in: what was answered is there to the last byte, and what was not is not half there. */
class KilledWithFilesTest {
    private static final int ROUNDS = 4;

    @TempDir
    Path folder;

    private final Random random = new Random(11);
    private final Set<String> recordings = ConcurrentHashMap.newKeySet();

    private byte[] picture() {
        BufferedImage image = new BufferedImage(240, 160, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 2_000; i++) {
            image.setRGB(random.nextInt(240), random.nextInt(160), random.nextInt());
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", bytes);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return bytes.toByteArray();
    }

    /** Pictures are taken and logged until the server dies under it; what was answered. */
    private List<String> until(Shop shop, String tag) {
        List<String> answered = new ArrayList<>();
        try {
            while (true) {
                JsonNode kept = shop.upload("/api/pictures", picture()).body();
                String name = kept.path("name").asText();
                if (shop.say(
                                        tag,
                                        "{\"kind\":\"pictured\",\"name\":\"%s\",\"shows\":\"\",\"at\":\"STRIP\"}"
                                                .formatted(name))
                                .status()
                        == 200) {
                    answered.add(name);
                }
                byte[] wav = StandRecordings.wav(StandRecordings.leaf(0.002 + random.nextDouble() / 100));
                JsonNode run = shop.sweep(tag, wav, "{\"kind\":\"LEAF\",\"coupling\":\"AUTO\"}", "IN_NO_ORDER", 1)
                        .body();
                if (run.has("recording")) {
                    recordings.add(run.path("recording").asText());
                }
            }
        } catch (AssertionError | RuntimeException gone) {
            return answered;
        }
    }

    @Test
    void everyPictureThatWasAnsweredForIsThereWhole() throws Exception {
        List<String> answered = new ArrayList<>();
        try (RealServer server = RealServer.on(folder)) {
            String tag = new Shop(server.port()).camera("Killed");
            for (int round = 0; round < ROUNDS; round++) {
                List<String> more = new ArrayList<>();
                Thread taking = Thread.ofPlatform().start(() -> more.addAll(until(new Shop(server.port()), tag)));
                Shop watching = new Shop(server.port());
                int wanted = answered.size() + 3 + random.nextInt(6);
                while (watching.get("/api/jobs/" + tag)
                                .body()
                                .at("/album/shots")
                                .size()
                        < wanted) {
                    Thread.onSpinWait();
                }
                server.kill();
                taking.join();
                answered.addAll(more);
                assertThat(ShopCheck.of(folder).problems()).isEmpty();
                server.start();
            }
            Shop shop = new Shop(server.port());
            List<String> there =
                    shop.get("/api/jobs/" + tag).body().at("/album/shots").findValuesAsString("name");
            assertThat(there).containsAll(answered).doesNotHaveDuplicates();
            assertThat(recordings)
                    .isNotEmpty()
                    .allSatisfy(name -> assertThat(RecordingStore.nameOf(shop.bytes("/api/recordings/" + name)))
                            .isEqualTo(name));
            for (String name : there) {
                assertThat(shop.bytes("/api/pictures/" + name)).hasSizeGreaterThan(1_000);
            }
        }
        assertThat(answered).hasSizeGreaterThanOrEqualTo(ROUNDS);
    }
}
