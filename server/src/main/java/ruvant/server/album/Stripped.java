package ruvant.server.album;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/**
 * Takes out of a picture's file what is not picture: where it was taken, with what, by whom. The picture itself is not
 * touched, so nothing is lost to packing it again. Of a JPEG's notes only how it is to be turned is written back.
 */
final class Stripped {
    private static final Set<String> PNG_KEPT = Set.of(
            "IHDR", "PLTE", "IDAT", "IEND", "tRNS", "gAMA", "cHRM", "sRGB", "iCCP", "sBIT", "bKGD", "pHYs", "acTL",
            "fcTL", "fdAT");

    private static final int START_OF_SCAN = 0xDA;
    private static final int END_OF_IMAGE = 0xD9;

    private Stripped() {}

    static byte[] of(byte[] file, PictureKind kind, int orientation) {
        return switch (kind) {
            case JPEG -> jpeg(file, orientation);
            case PNG -> png(file);
            case WEBP -> webp(file);
        };
    }

    private static byte[] jpeg(byte[] file, int orientation) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(file.length);
        out.write(0xFF);
        out.write(0xD8);
        if (orientation > 1) {
            out.writeBytes(orientationOnly(orientation));
        }
        int at = 2;
        while (at + 1 < file.length) {
            int marker = file[at + 1] & 0xFF;
            if ((file[at] & 0xFF) != 0xFF) {
                throw broken();
            }
            if (marker == 0xFF) {
                at++;
                continue;
            }
            if (marker == END_OF_IMAGE) {
                // telephones hang further pictures and films on behind it
                out.write(file, at, 2);
                return out.toByteArray();
            }
            int end = segmentEnd(file, at);
            if (marker == START_OF_SCAN) {
                end = scanEnd(file, end);
            }
            if (!isNote(marker)) {
                out.write(file, at, end - at);
            }
            at = end;
        }
        throw broken();
    }

    /** Comments, and the segments of applications but JFIF (0), colour profiles (2) and colour transform (14). */
    private static boolean isNote(int marker) {
        return marker == 0xFE || (marker >= 0xE1 && marker <= 0xEF && marker != 0xE2 && marker != 0xEE);
    }

    private static int segmentEnd(byte[] file, int at) {
        if (at + 4 > file.length) {
            throw broken();
        }
        int length = ((file[at + 2] & 0xFF) << 8) | (file[at + 3] & 0xFF);
        if (length < 2 || at + 2 + length > file.length) {
            throw broken();
        }
        return at + 2 + length;
    }

    /** A scan ends at the next marker: not a stuffed zero, not a restart (0xD0 to 0xD7), not filling. */
    private static int scanEnd(byte[] file, int from) {
        for (int at = from; at + 1 < file.length; at++) {
            int next = file[at + 1] & 0xFF;
            if ((file[at] & 0xFF) == 0xFF && next != 0 && next != 0xFF && (next & 0xF8) != 0xD0) {
                return at;
            }
        }
        throw broken();
    }

    /** The smallest Exif segment there is: one directory with one entry, tag 0x0112. */
    private static byte[] orientationOnly(int orientation) {
        ByteBuffer segment = ByteBuffer.allocate(36).order(ByteOrder.BIG_ENDIAN);
        segment.putShort((short) 0xFFE1).putShort((short) 34);
        segment.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        segment.put("MM".getBytes(StandardCharsets.US_ASCII))
                .putShort((short) 42)
                .putInt(8);
        segment.putShort((short) 1);
        segment.putShort((short) 0x0112).putShort((short) 3).putInt(1);
        segment.putShort((short) orientation).putShort((short) 0);
        segment.putInt(0);
        return segment.array();
    }

    private static byte[] png(byte[] file) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(file.length);
        out.write(file, 0, 8);
        ByteBuffer in = ByteBuffer.wrap(file);
        int at = 8;
        while (at + 12 <= file.length) {
            int length = in.getInt(at);
            if (length < 0 || at + 12L + length > file.length) {
                throw broken();
            }
            String type = new String(file, at + 4, 4, StandardCharsets.US_ASCII);
            if (PNG_KEPT.contains(type)) {
                out.write(file, at, 12 + length);
            }
            at += 12 + length;
            if (type.equals("IEND")) {
                break;
            }
        }
        return out.toByteArray();
    }

    private static byte[] webp(byte[] file) {
        ByteArrayOutputStream body = new ByteArrayOutputStream(file.length);
        ByteBuffer in = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
        int at = 12;
        while (at + 8 <= file.length) {
            String type = new String(file, at, 4, StandardCharsets.US_ASCII);
            int length = in.getInt(at + 4);
            long padded = length + (length & 1L);
            if (length < 0 || at + 8L + length > file.length) {
                throw broken();
            }
            int whole = (int) Math.min(8 + padded, file.length - at);
            if (!type.equals("EXIF") && !type.equals("XMP ")) {
                int start = body.size();
                body.write(file, at, whole);
                if (type.equals("VP8X")) {
                    // its flags no longer promise what is not there
                    byte[] soFar = body.toByteArray();
                    soFar[start + 8] &= (byte) ~0x0C;
                    body.reset();
                    body.writeBytes(soFar);
                }
            }
            at += whole;
        }
        ByteBuffer head = ByteBuffer.allocate(12).order(ByteOrder.LITTLE_ENDIAN);
        head.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(4 + body.size());
        head.put("WEBP".getBytes(StandardCharsets.US_ASCII));
        ByteArrayOutputStream out = new ByteArrayOutputStream(body.size() + 12);
        out.writeBytes(head.array());
        out.writeBytes(body.toByteArray());
        return out.toByteArray();
    }

    static BadPictureException broken() {
        return new BadPictureException(
                "That picture file is damaged.", "Copy it from the camera again, or take another picture.");
    }
}
