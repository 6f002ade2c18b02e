package ruvant.server.album;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.filters.ImageFilter;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import ruvant.server.storage.DurableFile;

/** Keeps pictures in the data folder, each under the fingerprint of its content, with a small one beside it. */
@Component
public class PictureStore {
    /** Larger ones are refused: a telephone's picture has 3 to 12 MB. */
    public static final int LARGEST_BYTES = 25 << 20;

    private static final long MOST_PIXELS = 120_000_000L;
    private static final int SMALL = 480;

    private final Path folder;

    public PictureStore(@Value("${ruvant.data}") Path data) {
        this.folder = data.resolve("pictures");
    }

    /** A kept picture, with its size the right way up. */
    public record Kept(String name, int width, int height) {}

    /**
     * Keeps a picture; the same one again is kept once.
     *
     * @throws BadPictureException if it is too large, broken, or of a kind that cannot be read
     */
    public Kept keep(byte[] file) {
        if (file.length > LARGEST_BYTES) {
            throw new BadPictureException(
                    "That picture is larger than 25 MB.", "Save it smaller, or take another one.");
        }
        Bare bare = bare(file);
        Decoded image = decoded(bare.content());
        try {
            if (!Files.exists(path(bare.name()))) {
                DurableFile.write(small(bare.name()), small(image.reduced(), bare.orientation()));
                DurableFile.write(path(bare.name()), bare.content());
            }
        } catch (IOException problem) {
            throw new UncheckedIOException("The picture cannot be saved in " + folder, problem);
        }
        boolean turned = bare.orientation() >= 5;
        return new Kept(bare.name(), turned ? image.height() : image.width(), turned ? image.width() : image.height());
    }

    /**
     * The name under which a picture would be kept; nothing is written.
     *
     * @throws BadPictureException if its file is broken, or of a kind that cannot be read
     */
    public static String nameOf(byte[] file) {
        return bare(file).name();
    }

    private record Bare(byte[] content, String name, int orientation) {}

    private static Bare bare(byte[] file) {
        PictureKind kind = PictureKind.of(file);
        int orientation = kind == PictureKind.PNG ? 1 : orientation(file);
        byte[] content = Stripped.of(file, kind, orientation);
        return new Bare(content, fingerprint(content) + "." + kind.ending(), orientation);
    }

    /** The file of a kept picture; empty when there is none of that name. */
    public Optional<Path> file(String name) {
        return name.matches("[0-9a-f]{64}\\.(jpg|png|webp)")
                ? Optional.of(path(name)).filter(Files::exists)
                : Optional.empty();
    }

    /** The small one, at most 480 pixels a side, the right way up. */
    public Optional<Path> smallFile(String name) {
        return file(name).map(path -> small(name)).filter(Files::exists);
    }

    /** The media type of a name. */
    public static String mediaType(String name) {
        return PictureKind.ofEnding(name.substring(name.lastIndexOf('.') + 1))
                .orElseThrow()
                .mediaType();
    }

    private Path path(String name) {
        return folder.resolve(name.substring(0, 2)).resolve(name);
    }

    private Path small(String name) {
        return folder.resolve("small").resolve(name.substring(0, 2)).resolve(name.replaceFirst("\\.\\w+$", ".jpg"));
    }

    /** The whole picture is read, so that a broken one is found, but only as many pixels are held as are needed. */
    private record Decoded(BufferedImage reduced, int width, int height) {}

    private static Decoded decoded(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw Stripped.broken();
            }
            ImageReader reader = readers.next();
            reader.setInput(in, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if ((long) width * height > MOST_PIXELS) {
                throw new BadPictureException(
                        "That picture is " + width + " × " + height + " pixels. Pictures can have up to 120 million.",
                        "Save it smaller.");
            }
            int every = Math.max(1, Math.max(width, height) / (2 * SMALL));
            ImageReadParam coarse = reader.getDefaultReadParam();
            coarse.setSourceSubsampling(every, every, 0, 0);
            BufferedImage image = reader.read(0, coarse);
            reader.dispose();
            return new Decoded(image, width, height);
        } catch (IOException | RuntimeException problem) {
            if (problem instanceof BadPictureException known) {
                throw known;
            }
            throw Stripped.broken();
        }
    }

    /** PNG is left out: no telephone writes it, and its packed text could unfold to fill the memory. */
    private static int orientation(byte[] file) {
        try {
            ExifIFD0Directory notes = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            int said = notes == null || !notes.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? 1
                    : notes.getInt(ExifIFD0Directory.TAG_ORIENTATION);
            return said >= 1 && said <= 8 ? said : 1;
        } catch (ImageProcessingException | MetadataException | IOException unreadable) {
            return 1;
        }
    }

    private static byte[] small(BufferedImage image, int orientation) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream(60_000);
        Thumbnails.of(image)
                .size(SMALL, SMALL)
                .addFilter(upright(orientation))
                .imageType(BufferedImage.TYPE_INT_RGB)
                .outputFormat("jpg")
                .outputQuality(0.82)
                .toOutputStream(out);
        return out.toByteArray();
    }

    private static ImageFilter upright(int orientation) {
        return net.coobird.thumbnailator.util.exif.ExifFilterUtils.getFilterForOrientation(
                net.coobird.thumbnailator.util.exif.Orientation.typeOf(orientation));
    }

    private static String fingerprint(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
