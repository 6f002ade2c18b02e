package ruvant.server.copies;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.server.Shop;
import ruvant.server.Started;
import tools.jackson.databind.JsonNode;

/** A shop is backed up while it works, and comes back as it was. */
class BackupTest {
    @TempDir
    Path folder;

    private final ByteArrayOutputStream said = new ByteArrayOutputStream();

    private int run(String... arguments) {
        PrintStream both = new PrintStream(said, true, StandardCharsets.UTF_8);
        return CopiesCommand.run(List.of(arguments), both, both);
    }

    private Path data() {
        return folder.resolve("data");
    }

    private String backedUp() {
        return folder.resolve("shop.zip").toString();
    }

    private static byte[] picture(int shade) throws IOException {
        BufferedImage image = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
        image.createGraphics().setBackground(Color.WHITE);
        image.setRGB(3, 3, shade);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static void keep(Shop shop, int shade) throws IOException {
        assertThat(shop.upload("/api/pictures", picture(shade)).status()).isEqualTo(200);
    }

    private static String lines(Shop shop, String tag) {
        return shop.lines(tag).findValuesAsString("id") + " " + shop.lines(tag).findValuesAsString("words");
    }

    @Test
    void aShopComesBackAsItWasAndWhatWasThereIsKeptAside() throws IOException {
        String tag;
        String before;
        try (Started ruvant = Started.on(data())) {
            Shop shop = ruvant.shop();
            tag = shop.camera("Wambui");
            keep(shop, 7);
            shop.add(tag, Shop.note("before the backup"));
            before = lines(shop, tag);
            assertThat(run("backup", backedUp(), "--data", data().toString())).isZero();
            shop.add(tag, Shop.note("after the backup"));
            // ready while the shop works, in place once it starts again
            assertThat(run("restore", backedUp(), "--data", data().toString())).isZero();
            assertThat(shop.lines(tag)).hasSize(3);
        }
        try (Started ruvant = Started.on(data())) {
            assertThat(lines(ruvant.shop(), tag)).isEqualTo(before);
            assertThat(ruvant.shop().get("/api/health").body().get("findings")).isEmpty();
        }
        try (Stream<Path> aside = Files.list(data().resolve("before"))) {
            Path replaced = aside.findFirst().orElseThrow();
            assertThat(replaced.resolve("ruvant.db")).exists();
            assertThat(replaced.resolve("pictures")).isDirectory();
        }
        assertThat(run("check", "--data", data().toString())).isZero();
        assertThat(said.toString(StandardCharsets.UTF_8)).contains("All is well");
    }

    @Test
    void aBackupTakenWhileLinesAreWrittenIsWhole() throws Exception {
        try (Started ruvant = Started.on(data())) {
            Shop shop = ruvant.shop();
            String tag = shop.camera("Wambui");
            CountDownLatch begun = new CountDownLatch(20);
            List<Integer> answers = new ArrayList<>();
            Thread writing = Thread.ofPlatform().start(() -> {
                for (int i = 0; i < 200; i++) {
                    answers.add(shop.add(tag, Shop.note("note " + i)).status());
                    begun.countDown();
                }
            });
            begun.await();
            assertThat(run("backup", backedUp(), "--data", data().toString())).isZero();
            writing.join();
            assertThat(answers).hasSize(200).containsOnly(200);
        }
        Path elsewhere = folder.resolve("elsewhere");
        assertThat(run("restore", backedUp(), "--data", elsewhere.toString())).isZero();
        try (Started restored = Started.on(elsewhere)) {
            JsonNode lines = restored.shop().lines("R-0001");
            assertThat(lines.size()).isBetween(20, 201);
            for (int i = 1; i < lines.size(); i++) {
                assertThat(lines.get(i).get("words").asString()).isEqualTo("note: note " + (i - 1));
            }
        }
    }

    @Test
    void damageIsSaidAndNothingIsRestoredUnlessItIsWanted() throws IOException {
        try (Started ruvant = Started.on(data())) {
            keep(ruvant.shop(), 9);
        }
        Path kept;
        try (Stream<Path> all = Files.walk(data().resolve("pictures"))) {
            kept = all.filter(file -> file.toString().endsWith(".png"))
                    .findFirst()
                    .orElseThrow();
        }
        byte[] bytes = Files.readAllBytes(kept);
        bytes[bytes.length / 2] ^= 1;
        Files.write(kept, bytes);

        assertThat(run("check", "--data", data().toString())).isEqualTo(1);
        assertThat(run("backup", backedUp(), "--data", data().toString())).isEqualTo(1);
        assertThat(said.toString(StandardCharsets.UTF_8)).contains("pictures/").contains("is damaged");
        Path elsewhere = folder.resolve("elsewhere");
        assertThat(run("restore", backedUp(), "--data", elsewhere.toString())).isEqualTo(1);
        assertThat(elsewhere.resolve("restore-ready")).doesNotExist();
        assertThat(run("restore", backedUp(), "--data", elsewhere.toString(), "--damaged-too"))
                .isZero();
        assertThat(elsewhere.resolve("restore-ready").resolve("ruvant.db")).exists();
    }

    @Test
    void aForeignFileWritesNothingOutsideAndIsNoShop() throws IOException {
        Path evil = folder.resolve("evil.zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(evil))) {
            for (String name : List.of("../outside.txt", "pictures/../../outside.txt", "ruvant.db-wal", "notes.txt")) {
                zip.putNextEntry(new ZipEntry(name));
                zip.write(65);
                zip.closeEntry();
            }
        }
        assertThat(run("restore", evil.toString(), "--data", data().toString(), "--damaged-too"))
                .isEqualTo(1);
        assertThat(folder.resolve("outside.txt")).doesNotExist();
        assertThat(data().resolve("restore-ready")).doesNotExist();
        assertThat(said.toString(StandardCharsets.UTF_8))
                .contains("there is no shop in that file")
                .doesNotContain("are ready");
    }

    @Test
    void backupsAreMadeFromTheHouseCheckedAndOnlySoManyKept() throws IOException {
        try (Started ruvant = Started.on(data())) {
            Shop shop = ruvant.shop();
            assertThat(shop.get("/api/backups").body().has("lastGood")).isFalse();
            Path chosen = folder.resolve("chosen");
            String plan = "{\"folder\":\"%s\",\"everyHours\":6,\"keep\":2}".formatted(chosen);
            assertThat(shop.put("/api/backups/plan", plan)
                            .body()
                            .at("/plan/keep")
                            .asInt())
                    .isEqualTo(2);
            for (int i = 0; i < 3; i++) {
                JsonNode standing = shop.post("/api/backups", "").body();
                assertThat(standing.at("/lastGood/problem").asString()).isEmpty();
                awaitNextSecond();
            }
            try (Stream<Path> files = Files.list(chosen)) {
                assertThat(files).hasSize(2);
            }
            Shop.Answer refused =
                    shop.put("/api/backups/plan", "{\"folder\":\"/proc/nowhere\",\"everyHours\":6,\"keep\":2}");
            assertThat(refused.status()).isEqualTo(400);
            assertThat(refused.body().get("field").asString()).isEqualTo("folder");
            for (String folder : List.of("some/where", "a\\u0000b")) {
                refused = shop.put(
                        "/api/backups/plan", "{\"folder\":\"%s\",\"everyHours\":6,\"keep\":2}".formatted(folder));
                assertThat(refused.status()).as(folder).isEqualTo(400);
            }
        }
    }

    /** Backups are named by the second. */
    private static void awaitNextSecond() {
        long second = System.currentTimeMillis() / 1000;
        org.awaitility.Awaitility.await().until(() -> System.currentTimeMillis() / 1000 > second);
    }
}
