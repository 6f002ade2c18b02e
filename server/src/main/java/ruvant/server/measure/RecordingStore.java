package ruvant.server.measure;

import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.InputStreamSource;
import org.springframework.stereotype.Component;
import ruvant.server.storage.DurableFile;

/** Keeps recordings in the data folder, each as WAV under the fingerprint of its content; the same one is kept once. */
@Component
public class RecordingStore {
    private static final String NAME = "[0-9a-f]{64}\\.(wav|csv)";
    private static final byte[] RIFF = ascii("RIFF");
    private static final int HEADER = 44;

    private final Path folder;

    public RecordingStore(@Value("${ruvant.data}") Path data) {
        this.folder = data.resolve("recordings");
    }

    /** Keeps samples of ±1 in 16 bits; says under which name. */
    String keep(double rateHz, float[][] samples) {
        return keep(new ByteArrayInputStream(wav(rateHz, samples)), "wav");
    }

    /** Keeps a file as it came, however long; says under which name. */
    public String keep(InputStreamSource file) throws IOException {
        try (InputStream in = new BufferedInputStream(file.getInputStream())) {
            in.mark(RIFF.length);
            boolean wav = Arrays.equals(in.readNBytes(RIFF.length), RIFF);
            in.reset();
            return keep(in, wav ? "wav" : "csv");
        }
    }

    private String keep(InputStream content, String ending) {
        try (DurableFile file = DurableFile.in(folder)) {
            MessageDigest digest = sha256();
            try (OutputStream out = new DigestOutputStream(file.content(), digest)) {
                content.transferTo(out);
                String name = HexFormat.of().formatHex(digest.digest()) + "." + ending;
                file.keep(path(name));
                return name;
            }
        } catch (IOException problem) {
            throw new UncheckedIOException("The recording cannot be saved in " + folder, problem);
        }
    }

    /** Under which name a content would be kept. */
    public static String nameOf(byte[] content) {
        boolean wav = content.length >= RIFF.length && Arrays.equals(Arrays.copyOf(content, RIFF.length), RIFF);
        return HexFormat.of().formatHex(sha256().digest(content)) + (wav ? ".wav" : ".csv");
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The file of a kept recording; empty when there is none of that name. */
    public Optional<Path> file(String name) {
        return name.matches(NAME) ? Optional.of(path(name)).filter(Files::exists) : Optional.empty();
    }

    private Path path(String name) {
        return folder.resolve(name.substring(0, 2)).resolve(name);
    }

    private static byte[] wav(double rateHz, float[][] samples) {
        int channels = samples.length;
        int bytes = samples[0].length * channels * 2;
        int rate = (int) Math.round(rateHz);
        ByteBuffer wav = ByteBuffer.allocate(HEADER + bytes).order(ByteOrder.LITTLE_ENDIAN);
        wav.put(RIFF).putInt(HEADER - 8 + bytes).put(ascii("WAVEfmt ")).putInt(16);
        wav.putShort((short) 1).putShort((short) channels).putInt(rate).putInt(rate * channels * 2);
        wav.putShort((short) (channels * 2))
                .putShort((short) 16)
                .put(ascii("data"))
                .putInt(bytes);
        for (int i = 0; i < samples[0].length; i++) {
            for (float[] channel : samples) {
                wav.putShort((short) Math.clamp(Math.round(channel[i] * 32_768), -32_768, 32_767));
            }
        }
        return wav.array();
    }

    private static byte[] ascii(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }
}
