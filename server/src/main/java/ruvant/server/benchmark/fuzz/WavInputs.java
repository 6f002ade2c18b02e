package ruvant.server.benchmark.fuzz;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Random;

/** Recordings: heads that promise other channels, rates and lengths than there are, and samples that are no numbers. */
final class WavInputs {
    private static final int[] CHANNELS = {0, 1, 2, 3, 8, 65_535};
    private static final int[] RATES = {0, 1, 8_000, 44_100, 48_000, 192_000, -1};
    private static final int[] BITS = {0, 7, 8, 16, 24, 32, 64, 65_535};
    private static final int[] KINDS = {1, 3, 6, 0xfffe, 0, 85};

    byte[] next(Random random) {
        int samples = random.nextInt(6_000);
        int channels = random.nextInt(3) > 0 ? 1 : CHANNELS[random.nextInt(CHANNELS.length)];
        int bits = random.nextInt(3) > 0 ? 16 : BITS[random.nextInt(BITS.length)];
        int kind = random.nextInt(4) > 0 ? bits == 32 ? 3 : 1 : KINDS[random.nextInt(KINDS.length)];
        int rate = random.nextInt(4) > 0 ? 48_000 : RATES[random.nextInt(RATES.length)];
        byte[] data = data(samples, bits, random);
        ByteBuffer wav = ByteBuffer.allocate(44 + data.length + 60).order(ByteOrder.LITTLE_ENDIAN);
        wav.put(ascii("RIFF")).putInt(36 + data.length).put(ascii("WAVE"));
        if (random.nextInt(5) == 0) {
            wav.put(ascii("LIST"))
                    .putInt(random.nextBoolean() ? 8 : random.nextInt())
                    .putLong(0);
        }
        wav.put(ascii("fmt ")).putInt(random.nextInt(8) == 0 ? random.nextInt(80) : 16);
        wav.putShort((short) kind).putShort((short) channels).putInt(rate);
        wav.putInt(rate * channels * bits / 8)
                .putShort((short) (channels * bits / 8))
                .putShort((short) bits);
        wav.put(ascii(random.nextInt(12) == 0 ? "dat" : "data").clone());
        wav.putInt(random.nextInt(6) == 0 ? random.nextInt() : data.length).put(data);
        byte[] made = new byte[wav.position()];
        wav.flip().get(made);
        return random.nextInt(4) == 0 ? Mutations.bytes(made, random) : made;
    }

    private static byte[] ascii(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }

    private static byte[] data(int samples, int bits, Random random) {
        ByteBuffer data = ByteBuffer.allocate(samples * 4).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < samples; i++) {
            boolean open = i % 2_000 > 1_200 && i % 2_000 < 1_500;
            if (bits == 32) {
                data.putFloat(
                        random.nextInt(3_000) == 0 ? Float.NaN : open ? 0.8f : (float) random.nextGaussian() * 0.01f);
            } else {
                data.putShort((short) (open ? 24_000 : random.nextInt(300)));
            }
        }
        byte[] made = new byte[data.position()];
        data.flip().get(made);
        return made;
    }
}
