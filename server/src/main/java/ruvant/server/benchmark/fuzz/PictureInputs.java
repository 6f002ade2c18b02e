package ruvant.server.benchmark.fuzz;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import javax.imageio.ImageIO;

/** Pictures: pieces in another order, with other sizes, checksums that fit all the same, texts that unfold without end. */
final class PictureInputs {
    private static final int HEAD = 8;
    private static final List<String> KINDS =
            List.of("IHDR", "PLTE", "tRNS", "zTXt", "iTXt", "iCCP", "eXIf", "acTL", "abCd");

    private final byte[] png = drawn("png");
    private final byte[] jpeg = drawn("jpg");

    private static byte[] drawn(String format) {
        BufferedImage image = new BufferedImage(48, 32, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 48 * 32; i++) {
            image.setRGB(i % 48, i / 48, i * 2_654_435);
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, format, bytes);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return bytes.toByteArray();
    }

    byte[] next(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> Mutations.bytes(random.nextBoolean() ? png : jpeg, random);
            case 1 -> jpegSizes(random);
            default -> pngPieces(random);
        };
    }

    /** The height and width stand behind the marker of the frame; they may say anything. */
    private byte[] jpegSizes(Random random) {
        byte[] now = jpeg.clone();
        for (int i = 0; i < now.length - 9; i++) {
            if ((now[i] & 0xff) == 0xff && (now[i + 1] & 0xff) == 0xc0) {
                ByteBuffer.wrap(now)
                        .putShort(i + 5, (short) random.nextInt(65_536))
                        .putShort(i + 7, (short) random.nextInt(65_536));
            }
        }
        return random.nextInt(3) == 0 ? Mutations.bytes(now, random) : now;
    }

    private byte[] pngPieces(Random random) {
        List<byte[]> pieces = pieces();
        byte[] head = pieces.getFirst();
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            int at = random.nextInt(pieces.size());
            switch (random.nextInt(5)) {
                case 0 -> pieces.set(at, withSizes(head, random));
                case 1 ->
                    pieces.add(
                            at, piece(KINDS.get(random.nextInt(KINDS.size())), Mutations.bytes(new byte[40], random)));
                case 2 -> pieces.add(at, piece("zTXt", unfolding(random)));
                case 3 -> pieces.add(pieces.remove(at));
                default -> pieces.add(at, pieces.get(random.nextInt(pieces.size())));
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(png, 0, HEAD);
        pieces.forEach(out::writeBytes);
        return out.toByteArray();
    }

    private List<byte[]> pieces() {
        List<byte[]> pieces = new ArrayList<>();
        for (int at = HEAD; at < png.length; ) {
            int length = ByteBuffer.wrap(png).getInt(at) + 12;
            pieces.add(Arrays.copyOfRange(png, at, at + length));
            at += length;
        }
        return pieces;
    }

    private static byte[] withSizes(byte[] head, Random random) {
        byte[] inside = Arrays.copyOfRange(head, 8, head.length - 4);
        ByteBuffer.wrap(inside)
                .putInt(0, random.nextBoolean() ? random.nextInt() : random.nextInt(70_000))
                .putInt(4, random.nextBoolean() ? random.nextInt() : random.nextInt(70_000));
        inside[8 + random.nextInt(5)] = (byte) random.nextInt(256);
        return piece("IHDR", inside);
    }

    private static byte[] unfolding(Random random) {
        Deflater deflater = new Deflater(9);
        deflater.setInput(new byte[1 << (18 + random.nextInt(6))]);
        deflater.finish();
        byte[] packed = new byte[100_000];
        int length = deflater.deflate(packed);
        deflater.end();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes("Comment\0\0".getBytes(StandardCharsets.US_ASCII));
        out.write(packed, 0, length);
        return out.toByteArray();
    }

    private static byte[] piece(String kind, byte[] inside) {
        byte[] named = ByteBuffer.allocate(4 + inside.length)
                .put(kind.getBytes(StandardCharsets.US_ASCII))
                .put(inside)
                .array();
        CRC32 crc = new CRC32();
        crc.update(named);
        return ByteBuffer.allocate(12 + inside.length)
                .putInt(inside.length)
                .put(named)
                .putInt((int) crc.getValue())
                .array();
    }
}
