package ruvant.core.measure.recording;

/**
 * How the samples of a WAV file are written.
 *
 * @param coding whole numbers or floating point
 * @param bits of each sample: 8, 16, 24 or 32; 32 for floating point
 */
record WavFormat(Coding coding, int channels, int rateHz, int bits) {
    private static final int PCM = 1;
    private static final int FLOAT = 3;
    private static final int EXTENSIBLE = 0xFFFE;
    private static final int EXTENSIBLE_LENGTH = 26;
    private static final int LOWEST_RATE = 8_000;
    private static final int HIGHEST_RATE = 192_000;
    private static final int MOST_CHANNELS = 4;

    /** What a sample is. */
    enum Coding {
        INTEGER,
        FLOATING
    }

    /** Reads the content of a file's format chunk. */
    static WavFormat of(byte[] chunk) {
        if (chunk.length < 16) {
            throw broken("its format is cut off");
        }
        int tag = two(chunk, 0);
        // an extensible header says the kind once more, at the front of a long identifier
        int kind = tag == EXTENSIBLE && chunk.length >= EXTENSIBLE_LENGTH ? two(chunk, 24) : tag;
        int channels = two(chunk, 2);
        int rate = four(chunk, 4);
        int bits = two(chunk, 14);
        boolean known =
                kind == PCM && (bits == 8 || bits == 16 || bits == 24 || bits == 32) || kind == FLOAT && bits == 32;
        if (!known) {
            throw new RecordingProblem(
                    "codingUnknown",
                    "The recording is not plain samples (kind %d, %d bits).".formatted(kind, bits),
                    "Save it as WAV with PCM of 8, 16, 24 or 32 bits, or 32-bit float.");
        }
        if (channels < 1 || channels > MOST_CHANNELS) {
            throw new RecordingProblem(
                    "channelsUnfit",
                    "The recording has " + channels + " channels.",
                    "Record 1 to " + MOST_CHANNELS + " channels.");
        }
        if (rate < LOWEST_RATE || rate > HIGHEST_RATE) {
            throw new RecordingProblem(
                    "rateUnfit",
                    "The recording says it has " + rate + " samples a second.",
                    "Record at 8,000 to 192,000 samples a second; 48,000 is enough up to 1/500.");
        }
        return new WavFormat(kind == FLOAT ? Coding.FLOATING : Coding.INTEGER, channels, rate, bits);
    }

    /** Bytes of one sample of every channel. */
    int frameBytes() {
        return channels * bits / 8;
    }

    static RecordingProblem broken(String how) {
        return new RecordingProblem(
                "notWav",
                "This is not a WAV file: " + how + ".",
                "Save the recording as WAV, or as CSV with a time column.");
    }

    static int two(byte[] bytes, int at) {
        return (bytes[at] & 0xFF) | (bytes[at + 1] & 0xFF) << 8;
    }

    static int four(byte[] bytes, int at) {
        return two(bytes, at) | two(bytes, at + 2) << 16;
    }
}
