package ruvant.server.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import ruvant.server.album.PictureStore;
import ruvant.server.measure.StandRecordings;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

class PackageHttpTest extends OverHttp {
    private String busyCamera() {
        String tag = shop.camera("Giulia Marchetto");
        shop.add(
                tag,
                Shop.off("ring"),
                "{\"kind\":\"firingsTimed\",\"speed\":\"1/60\",\"phase\":\"BEFORE\",\"seconds\":[0.02,0.021]}",
                Shop.back("ring"),
                Shop.note("done, \\\"quoted\\\" and with, commas"));
        return tag;
    }

    private static Map<String, byte[]> unzip(byte[] zip) throws IOException {
        Map<String, byte[]> files = new HashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry file = in.getNextEntry(); file != null; file = in.getNextEntry()) {
                files.put(file.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    private static byte[] zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
            }
        }
        return out.toByteArray();
    }

    private static byte[] zip(String name, byte[] content) throws IOException {
        return zip(Map.of(name, content));
    }

    private static byte[] picture(Color colour) throws IOException {
        BufferedImage image = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
        image.setRGB(7, 7, colour.getRGB());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    /** Keeps a picture, shows it in the job's album, and gives the name of its file. */
    private String pictured(String tag, Color colour) throws IOException {
        String name =
                shop.upload("/api/pictures", picture(colour)).body().get("name").asText();
        shop.add(
                tag,
                "{\"kind\":\"pictured\",\"name\":\"%s\",\"width\":60,\"height\":40,\"shows\":\"top\"}".formatted(name));
        return name;
    }

    /** The package with other ids, as if it came from another shop, and changed in some way. */
    private byte[] foreign(String tag, Consumer<ObjectNode> change) throws IOException {
        Map<String, byte[]> files = unzip(shop.bytes("/api/jobs/" + tag + "/package.zip"));
        byte[] job = files.get("job.json");
        String text = new String(job);
        for (JsonNode line : Shop.JSON.readTree(job).get("lines")) {
            text = text.replace(
                    line.get("id").asText(), java.util.UUID.randomUUID().toString());
        }
        ObjectNode changed = (ObjectNode) Shop.JSON.readTree(text);
        change.accept(changed);
        files.put("job.json", Shop.JSON.writeValueAsBytes(changed));
        return zip(files);
    }

    private void refused(byte[] upload, String words) {
        int before = shop.get("/api/bench").body().get("open").size();
        Shop.Answer answer = shop.upload("/api/jobs/import", upload);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("detail").asText()).contains(words);
        assertThat(answer.body().get("remedy").asText()).isNotEmpty();
        assertThat(shop.get("/api/bench").body().get("open"))
                .as("nothing is stored")
                .hasSize(before);
    }

    /** A package of so many lines, each with an id of its own. */
    private byte[] longPackage(int count) throws IOException {
        String tag = shop.camera("Wambui");
        ObjectNode job = JsonNodeFactory.instance.objectNode();
        try (ZipInputStream zip =
                new ZipInputStream(new ByteArrayInputStream(shop.bytes("/api/jobs/" + tag + "/package.zip")))) {
            for (ZipEntry file = zip.getNextEntry(); file != null; file = zip.getNextEntry()) {
                if (file.getName().equals("job.json")) {
                    job = (ObjectNode) Shop.JSON.readTree(zip.readAllBytes());
                }
            }
        }
        ArrayNode lines = (ArrayNode) job.get("lines");
        ((ObjectNode) lines.get(0)).put("id", UUID.randomUUID().toString());
        for (int i = 2; i <= count; i++) {
            ObjectNode line = lines.addObject();
            line.put("id", UUID.randomUUID().toString()).put("sequence", i).put("by", "Ada");
            line.set("at", lines.get(0).get("at"));
            line.putObject("entry").put("kind", "noted").put("text", "note " + i);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("job.json"));
            zip.write(Shop.JSON.writeValueAsBytes(job));
        }
        return out.toByteArray();
    }

    @Test
    void aLongJobComesInWholeWithItsProgressWhileOthersLog() throws Exception {
        byte[] packed = longPackage(3_000);
        String other = shop.camera("Beside");
        List<String> said = shop.uploadInLines("/api/jobs/import", packed);
        assertThat(said).hasSize(8);
        assertThat(said.getFirst()).startsWith("{\"taken\":0.1");
        String tag = Shop.JSON.readTree(said.getLast()).path("tag").asText();
        assertThat(shop.lines(tag)).hasSize(3_000);
        assertThat(shop.add(tag, Shop.note("goes on")).status()).isEqualTo(200);
        assertThat(shop.add(other, Shop.note("beside")).status()).isEqualTo(200);
        // once more: it is here already
        assertThat(shop.uploadInLines("/api/jobs/import", packed))
                .singleElement()
                .asString()
                .contains("already here");
    }

    @Test
    void thePackageHoldsTheLogTheSheetAndTheSpeeds() throws IOException {
        String tag = busyCamera();
        Map<String, byte[]> files = unzip(shop.bytes("/api/jobs/" + tag + "/package.zip"));
        assertThat(files).containsOnlyKeys("job.json", "return-sheet.pdf", "speeds.csv");
        assertThat(files.get("return-sheet.pdf")).startsWith("%PDF".getBytes());
        assertThat(new String(files.get("speeds.csv")))
                .startsWith("marked,nominal_s,tolerance_ev,phase,firing,seconds,error_ev\r\n")
                .contains("1/60,0.015625,0.3,before,1,0.02,0.3561\r\n");
        assertThat(Shop.JSON.readTree(files.get("job.json")).get("lines")).hasSize(5);
    }

    @Test
    void whatIsExportedComesInElsewhereAsTheSameJob() throws IOException {
        String tag = busyCamera();
        Shop.Answer answer = shop.upload("/api/jobs/import", foreign(tag, job -> {}));
        assertThat(answer.status()).isEqualTo(200);
        String taken = answer.body().get("tag").asText();
        assertThat(taken).as("its own number is taken here").isNotEqualTo(tag);
        ObjectNode original = (ObjectNode) shop.get("/api/jobs/" + tag).body();
        ObjectNode copy = (ObjectNode) shop.get("/api/jobs/" + taken).body();
        assertThat(copy.get("speeds")).isEqualTo(original.get("speeds"));
        assertThat(copy.get("ledger")).isEqualTo(original.get("ledger"));
        assertThat(shop.get("/api/logs/" + taken + "/lines").body()).hasSize(5);
        assertThat(shop.get("/api/find?words=giulia").body().findValuesAsString("tag"))
                .contains(taken);
    }

    @Test
    void aJobThatLostAPictureTravelsWithoutIt() throws IOException {
        String tag = busyCamera();
        String name = pictured(tag, Color.GREEN);
        Path kept = part(PictureStore.class).file(name).orElseThrow();
        Files.delete(kept);
        assertThat(unzip(shop.bytes("/api/jobs/" + tag + "/package.zip"))).doesNotContainKey("pictures/" + name);
        Shop.Answer answer = shop.upload("/api/jobs/import", foreign(tag, job -> {}));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(shop.lines(answer.body().get("tag").asString())).hasSize(6);
    }

    @Test
    void aTagFromElsewhereIsKeptButTheShopGoesOnCountingItsOwn() throws IOException {
        String tag = busyCamera();
        int own = Integer.parseInt(tag.substring(2));
        for (int number : List.of(9_999_998, own + 1)) {
            Shop.Answer answer =
                    shop.upload("/api/jobs/import", foreign(tag, job -> job.put("tag", "R-%04d".formatted(number))));
            assertThat(answer.body().get("tag").asString()).isEqualTo("R-%04d".formatted(number));
        }
        assertThat(shop.camera("Next")).isEqualTo("R-%04d".formatted(own + 2));
    }

    @Test
    void picturesComeAlong() throws IOException {
        String tag = busyCamera();
        String name = pictured(tag, Color.RED);
        Map<String, byte[]> files = unzip(shop.bytes("/api/jobs/" + tag + "/package.zip"));
        assertThat(files).containsKey("pictures/" + name);
        assertThat(files.get("pictures/" + name)).isEqualTo(shop.bytes("/api/pictures/" + name));
        Shop.Answer answer = shop.upload("/api/jobs/import", foreign(tag, job -> {}));
        assertThat(answer.status()).isEqualTo(200);
        JsonNode copy =
                shop.get("/api/jobs/" + answer.body().get("tag").asText()).body();
        assertThat(copy.at("/album/shots").findValuesAsString("name")).containsExactly(name);
    }

    @Test
    void recordingsComeAlongAndMustBeTheOnesTheyAreSaidToBe() throws IOException {
        String tag = shop.camera("Recorded " + UUID.randomUUID());
        byte[] wav = StandRecordings.wav(StandRecordings.leaf(1 / 60.0));
        String name = shop.sweep(tag, wav, "{\"kind\":\"LEAF\",\"coupling\":\"AUTO\"}", "IN_NO_ORDER", 1)
                .body()
                .get("recording")
                .asText();
        shop.add(
                tag,
                "{\"kind\":\"firingsMeasured\",\"speed\":\"1/60\",\"phase\":\"BEFORE\",\"instrument\":\"stand\",\"recording\":\""
                        + name
                        + "\",\"analysis\":1,\"setup\":{\"kind\":\"LEAF\",\"coupling\":\"AUTO\"},"
                        + "\"firings\":[{\"index\":1,\"seconds\":0.0167,\"uncertaintySeconds\":0.00001}]}");
        Map<String, byte[]> files = unzip(shop.bytes("/api/jobs/" + tag + "/package.zip"));
        assertThat(files.get("recordings/" + name)).isEqualTo(wav);
        assertThat(shop.upload("/api/jobs/import", foreign(tag, job -> {})).status())
                .isEqualTo(200);
        Map<String, byte[]> forged = unzip(foreign(tag, job -> {}));
        forged.put("recordings/" + name, StandRecordings.wav(StandRecordings.leaf(1 / 30.0)));
        refused(zip(forged), "recording of line 2 does not match");
    }

    @Test
    void aPackageWhosePicturesAreMissingOrOthersIsRefused() throws IOException {
        String tag = busyCamera();
        String file = "pictures/" + pictured(tag, Color.GREEN);
        Map<String, byte[]> files = unzip(foreign(tag, job -> {}));
        byte[] other = picture(Color.BLUE);
        files.put(file, other);
        refused(zip(files), "picture of line 6 does not match");
        assertThat(shop.get("/api/pictures/" + PictureStore.nameOf(other)).status())
                .as("nor is the other picture kept")
                .isEqualTo(404);
        files.put(file, java.util.Arrays.copyOf(other, 60));
        refused(zip(files), "damaged");
        files.remove(file);
        refused(zip(files), "picture of line 6 is missing");
    }

    @Test
    void theSameJobIsNotTakenTwice() {
        String tag = busyCamera();
        refused(shop.bytes("/api/jobs/" + tag + "/package.zip"), "already here, as " + tag);
    }

    @Test
    void aPackageWithAnythingWrongIsRefusedWhole() throws IOException {
        String tag = busyCamera();
        refused("not a zip at all".getBytes(), "not a job package");
        refused(zip("other.txt", "x".getBytes()), "no job.json");
        refused(zip("job.json", "{".getBytes()), "cannot be read");
        refused(zip("job.json", "{\"format\":\"other\",\"version\":1}".getBytes()), "not written by Ruvant");
        refused(foreign(tag, job -> job.put("version", 9)), "version 9");
        refused(foreign(tag, job -> job.withArray("lines").remove(2)), "Line 3 is missing");
        refused(foreign(tag, job -> job.withArray("lines").removeAll()), "no lines");
        refused(foreign(tag, job -> ((ObjectNode) job.at("/lines/1/entry")).put("part", "")), "part is empty");
        refused(foreign(tag, job -> ((ObjectNode) job.at("/lines/1/entry")).put("kind", "exploded")), "exploded");
        refused(foreign(tag, job -> ((ObjectNode) job.at("/lines/1/entry")).put("colour", "red")), "colour");
        refused(foreign(tag, job -> ((ObjectNode) job.at("/lines/3/entry")).put("part", "cap")), "does not fit");
        refused(foreign(tag, job -> ((ObjectNode) job.at("/lines/2")).put("at", "yesterday")), "cannot be read");
        refused(foreign(tag, job -> ((ObjectNode) job.at("/lines/2")).put("by", "")), "person signing is empty");
        byte[] whole = shop.bytes("/api/jobs/" + tag + "/package.zip");
        refused(java.util.Arrays.copyOf(whole, 200), "");
    }

    @Test
    void aFileFarTooLargeIsRefusedInWords() {
        Shop.Answer answer = shop.upload("/api/jobs/import", new byte[270 * 1024 * 1024]);
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.body().get("detail").asText()).contains("150 MB");
    }

    @Test
    void theSheetIsPrintedOnBothPapers() {
        String tag = busyCamera();
        assertThat(new String(shop.bytes("/api/jobs/" + tag + "/sheet?paper=letter")))
                .contains("size: letter");
        assertThat(new String(shop.bytes("/api/jobs/" + tag + "/sheet")))
                .contains("size: A4", "Giulia Marchetto", "<svg");
        assertThat(shop.bytes("/api/jobs/" + tag + "/sheet.pdf?paper=letter")).startsWith("%PDF".getBytes());
    }

    @Test
    void theRecordIsPrintedWithEveryLineAndStruckOnesStayReadable() throws IOException {
        String tag = busyCamera();
        shop.add(tag, Shop.note("the wrong shelf"));
        String noted = shop.lines(tag).get(shop.lines(tag).size() - 1).get("id").asText();
        shop.add(tag, "{\"kind\":\"struck\",\"target\":\"%s\",\"reason\":\"another camera\"}".formatted(noted));
        try (PDDocument record = Loader.loadPDF(shop.bytes("/api/jobs/" + tag + "/record.pdf?paper=letter"))) {
            assertThat(record.getPage(0).getMediaBox().getWidth()).isEqualTo(612);
            String words = new PDFTextStripper().getText(record).replaceAll("\\s+", " ");
            assertThat(words).contains("Job record", "the wrong shelf struck out: another camera");
            for (JsonNode line : shop.lines(tag)) {
                if (!line.get("aboutTheRecord").asBoolean()) {
                    assertThat(words).contains(line.get("words").asText().replaceAll("\\s+", " "));
                }
            }
        }
    }
}
