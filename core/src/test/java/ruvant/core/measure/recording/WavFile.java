package ruvant.core.measure.recording;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** Writes WAV files for tests, also such as no sound program would. */
final class WavFile {
    int kind = 1;
    int bits = 16;
    int channels = 1;
    int rateHz = 48_000;
    boolean extensible;
    /** What the header says of the length of the samples; null for the truth. */
    Long saidLength;

    String chunkBefore = "";
    String chunkAfter = "";

    /** Samples of -1 to 1, those of all channels side by side. */
    byte[] of(double... samples) {
        ByteBuffer data = ByteBuffer.allocate(samples.length * bits / 8).order(ByteOrder.LITTLE_ENDIAN);
        for (double sample : samples) {
            put(data, sample);
        }
        int format = extensible ? 40 : 16;
        ByteBuffer file = ByteBuffer.allocate(
                        12 + 8 + format + odd(chunkBefore) + 8 + data.capacity() + odd(chunkAfter))
                .order(ByteOrder.LITTLE_ENDIAN);
        text(file, "RIFF").putInt(file.capacity() - 8);
        text(file, "WAVE");
        chunk(file, chunkBefore);
        text(file, "fmt ").putInt(format);
        file.putShort((short) (extensible ? 0xFFFE : kind))
                .putShort((short) channels)
                .putInt(rateHz);
        file.putInt(rateHz * channels * bits / 8)
                .putShort((short) (channels * bits / 8))
                .putShort((short) bits);
        if (extensible) {
            file.putShort((short) 22).putShort((short) bits).putInt(0).putShort((short) kind);
            file.put(new byte[14]);
        }
        text(file, "data").putInt((int) (long) (saidLength == null ? data.capacity() : saidLength));
        file.put(data.array());
        chunk(file, chunkAfter);
        return file.array();
    }

    private void put(ByteBuffer data, double sample) {
        if (kind == 3) {
            data.putFloat((float) sample);
            return;
        }
        switch (bits) {
            case 8 -> data.put((byte) Math.round(128 + sample * 127));
            case 16 -> data.putShort((short) Math.round(sample * 32_767));
            case 24 -> {
                int value = (int) Math.round(sample * 8_388_607);
                data.put((byte) value).put((byte) (value >> 8)).put((byte) (value >> 16));
            }
            default -> data.putInt((int) Math.round(sample * 2_147_483_647.0));
        }
    }

    private static int odd(String content) {
        return content.isEmpty() ? 0 : 8 + content.length() + content.length() % 2;
    }

    private static void chunk(ByteBuffer file, String content) {
        if (!content.isEmpty()) {
            text(file, "LIST").putInt(content.length());
            text(file, content);
            file.put(new byte[content.length() % 2]);
        }
    }

    private static ByteBuffer text(ByteBuffer file, String text) {
        return file.put(text.getBytes(StandardCharsets.US_ASCII));
    }
}
