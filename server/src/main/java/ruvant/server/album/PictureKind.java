package ruvant.server.album;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The kinds of picture that are taken, told by how a file begins and not by its name. */
enum PictureKind {
    JPEG("jpg", "image/jpeg"),
    PNG("png", "image/png"),
    WEBP("webp", "image/webp");

    private final String ending;
    private final String mediaType;

    PictureKind(String ending, String mediaType) {
        this.ending = ending;
        this.mediaType = mediaType;
    }

    String ending() {
        return ending;
    }

    String mediaType() {
        return mediaType;
    }

    static Optional<PictureKind> ofEnding(String ending) {
        return Arrays.stream(values())
                .filter(kind -> kind.ending.equals(ending.toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    /** The kind of a file; what is none of them is refused with a word about what it is. */
    static PictureKind of(byte[] file) {
        if (starts(file, 0, 0xFF, 0xD8, 0xFF)) {
            return JPEG;
        }
        if (starts(file, 0, 0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A)) {
            return PNG;
        }
        if (starts(file, 0, 'R', 'I', 'F', 'F') && starts(file, 8, 'W', 'E', 'B', 'P')) {
            return WEBP;
        }
        if (starts(file, 4, 'f', 't', 'y', 'p')) {
            throw new BadPictureException(
                    "Ruvant cannot read HEIC or AVIF pictures, or videos.",
                    "Set the phone to take JPEG (“most compatible”), or save the picture as JPEG.");
        }
        throw new BadPictureException("That file is not a picture.", "Choose a JPEG, PNG or WebP picture.");
    }

    private static boolean starts(byte[] file, int at, int... bytes) {
        if (file.length < at + bytes.length) {
            return false;
        }
        for (int i = 0; i < bytes.length; i++) {
            if ((file[at + i] & 0xFF) != bytes[i]) {
                return false;
            }
        }
        return true;
    }
}
