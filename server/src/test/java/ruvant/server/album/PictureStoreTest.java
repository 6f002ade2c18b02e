package ruvant.server.album;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PictureStoreTest {
    /** A WebP of one grey pixel. */
    private static final byte[] WEBP =
            Base64.getDecoder().decode("UklGRiQAAABXRUJQVlA4IBgAAAAwAQCdASoBAAEAAgA0JaQAA3AA/vuUAAA=");

    @TempDir
    Path folder;

    private PictureStore store;

    @BeforeEach
    void open() {
        store = new PictureStore(folder);
    }

    /** 60 wide, 40 high, its left half red. */
    private static byte[] image(String format) throws IOException {
        BufferedImage image = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
        Graphics2D canvas = image.createGraphics();
        canvas.setColor(Color.RED);
        canvas.fillRect(0, 0, 30, 40);
        canvas.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** A JPEG with notes: how it is turned, who took it and where, as a telephone writes them. */
    private static byte[] withNotes(int orientation) throws IOException {
        byte[] plain = image("jpg");
        byte[] maker = "Harbour Phone\0".getBytes(StandardCharsets.US_ASCII);
        ByteBuffer tiff = ByteBuffer.allocate(200);
        tiff.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        tiff.putShort((short) 3);
        tiff.putShort((short) 0x010F).putShort((short) 2).putInt(maker.length).putInt(100);
        tiff.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        tiff.putShort((short) 0x8825).putShort((short) 4).putInt(1).putInt(120);
        tiff.putInt(0);
        tiff.position(100);
        tiff.put(maker);
        tiff.position(120);
        tiff.putShort((short) 1)
                .putShort((short) 1)
                .putShort((short) 2)
                .putInt(2)
                .putInt(0x4E000000)
                .putInt(0);
        byte[] notes = new byte[6 + tiff.position()];
        System.arraycopy("Exif\0\0".getBytes(StandardCharsets.US_ASCII), 0, notes, 0, 6);
        System.arraycopy(tiff.array(), 0, notes, 6, tiff.position());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, (byte) (notes.length + 2)});
        out.writeBytes(notes);
        out.write(plain, 2, plain.length - 2);
        return out.toByteArray();
    }

    private byte[] kept(PictureStore.Kept picture) throws IOException {
        return Files.readAllBytes(store.file(picture.name()).orElseThrow());
    }

    private static boolean contains(byte[] file, String words) {
        return new String(file, StandardCharsets.ISO_8859_1).contains(words);
    }

    @Test
    void theSamePictureIsKeptOnce() throws IOException {
        PictureStore.Kept first = store.keep(image("png"));
        assertThat(store.keep(image("png"))).isEqualTo(first);
        try (Stream<Path> files = Files.walk(folder)) {
            assertThat(files.filter(Files::isRegularFile)).hasSize(2);
        }
        assertThat(first.width()).isEqualTo(60);
        assertThat(store.file(first.name())).isPresent();
    }

    @Test
    void whereAndWithWhatItWasTakenIsNotKept() throws IOException {
        byte[] file = withNotes(1);
        assertThat(contains(file, "Harbour Phone")).isTrue();
        byte[] kept = kept(store.keep(file));
        assertThat(contains(kept, "Harbour Phone")).isFalse();
        assertThat(contains(kept, "Exif")).isFalse();
        assertThat(ImageIO.read(new java.io.ByteArrayInputStream(kept)).getWidth())
                .isEqualTo(60);
    }

    @Test
    void whatHangsBehindTheImageIsCutOff() throws IOException {
        byte[] plain = image("jpg");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(plain);
        out.writeBytes(withNotes(6));
        out.writeBytes("ftypmp42 a film".getBytes(StandardCharsets.US_ASCII));
        PictureStore.Kept kept = store.keep(out.toByteArray());
        assertThat(kept).isEqualTo(store.keep(plain));
        assertThat(contains(kept(kept), "Harbour Phone")).isFalse();
        assertThat(contains(kept(kept), "film")).isFalse();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 3, 6})
    void whatWasKeptHasTheSameNameWhenItComesAgain(int orientation) throws IOException {
        PictureStore.Kept kept = store.keep(withNotes(orientation));
        assertThat(store.keep(kept(kept))).isEqualTo(kept);
        assertThat(PictureStore.nameOf(kept(kept))).isEqualTo(kept.name());
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void aLargePictureIsMadeSmallInItsOwnShape(boolean inSteps) throws IOException {
        BufferedImage large = new BufferedImage(3000, 2000, BufferedImage.TYPE_INT_RGB);
        Graphics2D canvas = large.createGraphics();
        canvas.setColor(Color.RED);
        canvas.fillRect(1500, 0, 1500, 2000);
        canvas.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setProgressiveMode(inSteps ? ImageWriteParam.MODE_DEFAULT : ImageWriteParam.MODE_DISABLED);
        writer.setOutput(ImageIO.createImageOutputStream(out));
        writer.write(null, new IIOImage(large, null, null), how);
        PictureStore.Kept kept = store.keep(out.toByteArray());
        assertThat(List.of(kept.width(), kept.height())).containsExactly(3000, 2000);
        BufferedImage small =
                ImageIO.read(store.smallFile(kept.name()).orElseThrow().toFile());
        assertThat(List.of(small.getWidth(), small.getHeight())).containsExactly(480, 320);
        assertThat(new Color(small.getRGB(470, 310)).getRed()).isGreaterThan(200);
        assertThat(new Color(small.getRGB(10, 310)).getRed()).isLessThan(50);
        assertThat(ImageIO.read(store.file(kept.name()).orElseThrow().toFile()).getWidth())
                .isEqualTo(3000);
    }

    @ParameterizedTest
    @CsvSource({"1, 60, 40, 5, 20", "3, 60, 40, 55, 20", "6, 40, 60, 20, 5", "8, 40, 60, 20, 55"})
    void thePictureIsTurnedAsItWasHeld(int orientation, int width, int height, int redX, int redY) throws IOException {
        PictureStore.Kept kept = store.keep(withNotes(orientation));
        assertThat(kept.width()).isEqualTo(width);
        assertThat(kept.height()).isEqualTo(height);
        BufferedImage small =
                ImageIO.read(store.smallFile(kept.name()).orElseThrow().toFile());
        double scale = small.getWidth() / (double) width;
        Color there = new Color(small.getRGB((int) (redX * scale), (int) (redY * scale)));
        assertThat(there.getRed()).isGreaterThan(200);
        assertThat(there.getGreen()).isLessThan(80);
        assertThat(contains(kept(kept), "Exif"))
                .as("how to turn it is still said")
                .isEqualTo(orientation > 1);
    }

    @Test
    void wordsInAPngAreNotKept() throws IOException {
        byte[] plain = image("png");
        byte[] words = "tEXtAuthor\0Harbour".getBytes(StandardCharsets.US_ASCII);
        CRC32 crc = new CRC32();
        crc.update(words);
        ByteBuffer chunk = ByteBuffer.allocate(8 + words.length);
        chunk.putInt(words.length - 4).put(words).putInt((int) crc.getValue());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain, 0, 33);
        out.writeBytes(chunk.array());
        out.write(plain, 33, plain.length - 33);
        assertThat(contains(kept(store.keep(out.toByteArray())), "Harbour")).isFalse();
    }

    @Test
    void webpIsRead() throws IOException {
        PictureStore.Kept kept = store.keep(WEBP);
        assertThat(kept.name()).endsWith(".webp");
        assertThat(kept.width()).isEqualTo(1);
        assertThat(kept(kept)).isEqualTo(WEBP);
    }

    @Test
    void telephonesOwnFormatIsRefusedWithAWayOut() {
        byte[] heic = new byte[40];
        System.arraycopy("ftypheic".getBytes(StandardCharsets.US_ASCII), 0, heic, 4, 8);
        assertThatThrownBy(() -> store.keep(heic))
                .isInstanceOfSatisfying(
                        BadPictureException.class,
                        refused -> assertThat(refused.remedy()).contains("JPEG"));
    }

    @ParameterizedTest
    @CsvSource({"jpg, 0.5", "png, 0.5", "png, 0.2", "jpg, 0.02", "jpg, 0.97"})
    void aFileThatEndsInTheMiddleIsRefusedAndNotKept(String format, double share) throws IOException {
        byte[] whole = image(format);
        byte[] cut = Arrays.copyOf(whole, (int) (whole.length * share));
        assertThatThrownBy(() -> store.keep(cut)).isInstanceOf(BadPictureException.class);
        assertThat(Files.exists(folder.resolve("pictures"))).isFalse();
    }

    @Test
    void noPictureAndTooLargeAreRefused() {
        assertThatThrownBy(() -> store.keep("not a picture".getBytes(StandardCharsets.US_ASCII)))
                .hasMessageContaining("not a picture");
        assertThatThrownBy(() -> store.keep(new byte[0])).isInstanceOf(BadPictureException.class);
        assertThatThrownBy(() -> store.keep(new byte[PictureStore.LARGEST_BYTES + 1]))
                .hasMessageContaining("larger than 25 MB");
    }

    @ParameterizedTest
    @CsvSource({"../ruvant.db", "a.jpg", "0000000000000000000000000000000000000000000000000000000000000000.gif"})
    void nothingButPicturesIsHandedOut(String name) {
        assertThat(store.file(name)).isEmpty();
        assertThat(store.smallFile(name)).isEmpty();
    }
}
