package ruvant.core.measure.recording;

import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Reads a WAV file block by block. What its header says of lengths is not trusted: recorders that were switched off, and
 * programs that write while they record, leave zero or nonsense there, so samples are read until there are no more.
 */
public final class WavSamples implements Samples {
    private static final int BLOCK_FRAMES = 16_384;
    private static final int LARGEST_FORMAT = 4096;
    private static final long UNKNOWN = Long.MAX_VALUE;
    /** One look at two bytes is quicker than two looks at one, and a long recording has hundreds of millions. */
    private static final VarHandle TWO_BYTES =
            MethodHandles.byteArrayViewVarHandle(short[].class, ByteOrder.LITTLE_ENDIAN);

    private static final float SCALE_8 = 1f / 128;
    private static final float SCALE_16 = 1f / 32_768;
    private static final float SCALE_24 = 1f / 8_388_608;
    private static final float SCALE_32 = 1f / 2_147_483_648f;

    private final Bytes bytes;
    private final WavFormat format;
    private final List<String> warnings = new ArrayList<>();
    private final byte[] block;
    private final float[] lastGood;
    private byte[] pushedBack = {};
    private long left;
    private boolean over;
    private long notANumber;

    /** @throws RecordingProblem if it is no WAV file of a kind that can be read */
    public WavSamples(Bytes bytes) {
        this.bytes = bytes;
        this.format = header();
        this.block = new byte[BLOCK_FRAMES * format.frameBytes()];
        this.lastGood = new float[format.channels()];
    }

    private WavFormat header() {
        byte[] head = exactly(12, "it is too short");
        if (!named(head, 0, "RIFF") || !named(head, 8, "WAVE")) {
            throw WavFormat.broken("it does not start like one");
        }
        WavFormat found = null;
        while (true) {
            byte[] chunk = exactly(8, "it holds no samples");
            long length = WavFormat.four(chunk, 4) & 0xFFFF_FFFFL;
            if (named(chunk, 0, "data")) {
                if (found == null) {
                    throw WavFormat.broken("its samples come before their format");
                }
                // zero, the largest number, or half a sample: whoever wrote it did not know yet
                boolean said = length > 0 && length < 0xFFFF_FFFFL && length % found.frameBytes() == 0;
                left = said ? length : UNKNOWN;
                return found;
            }
            if (named(chunk, 0, "fmt ")) {
                if (length > LARGEST_FORMAT) {
                    throw WavFormat.broken("its format is too long");
                }
                found = WavFormat.of(exactly((int) length, "its format is cut off"));
                skipBytes(length % 2);
            } else {
                skipBytes(length + length % 2);
            }
        }
    }

    @Override
    public double rateHz() {
        return format.rateHz();
    }

    @Override
    public int channels() {
        return format.channels();
    }

    @Override
    public List<String> warnings() {
        List<String> all = new ArrayList<>(warnings);
        if (notANumber > 0) {
            all.add(notANumber + " samples are not numbers; the one before each is used instead");
        }
        return List.copyOf(all);
    }

    @Override
    public int read(float[][] into) {
        int done = 0;
        while (done < into[0].length) {
            int frames = fill(Math.min(BLOCK_FRAMES, into[0].length - done));
            if (frames == 0) {
                break;
            }
            for (int channel = 0; channel < format.channels(); channel++) {
                decode(into[channel], done, frames, channel);
            }
            done += frames;
        }
        return done;
    }

    @Override
    public long expected() {
        return left == UNKNOWN ? 0 : left / format.frameBytes();
    }

    @Override
    public void skip(long count) {
        long wanted = count * format.frameBytes();
        boolean within = pushedBack.length == 0 && (left == UNKNOWN || wanted <= left);
        if (!within) {
            Samples.super.skip(count);
            return;
        }
        long skipped = bytes.skip(wanted);
        left -= left == UNKNOWN ? 0 : skipped;
    }

    /** Reads whole frames into the block; what is left of a frame at the end of the file is none. */
    private int fill(int frames) {
        if (left == 0 && !over) {
            goOn();
        }
        int wanted = (int) Math.min(left, (long) frames * format.frameBytes());
        int got = 0;
        while (got < wanted) {
            int count = next(block, got, wanted - got);
            if (count < 0) {
                if (left != UNKNOWN) {
                    warnings.add("the file ends before its header says so");
                }
                left = 0;
                over = true;
                return got / format.frameBytes();
            }
            got += count;
        }
        left -= left == UNKNOWN ? 0 : got;
        return got / format.frameBytes();
    }

    /**
     * The samples that the header promised are read. What follows is another chunk, which has a name of letters; or more
     * samples, because the header was written when the recording began.
     */
    private void goOn() {
        byte[] peeked = new byte[4];
        int got = 0;
        for (int count = 0; got < peeked.length && count >= 0; got += Math.max(0, count)) {
            count = bytes.read(peeked, got, peeked.length - got);
        }
        // one byte more makes the length even
        boolean nothing = got < 2;
        if (nothing || got == peeked.length && isName(peeked)) {
            over = true;
            return;
        }
        pushedBack = Arrays.copyOf(peeked, got);
        left = UNKNOWN;
        warnings.add("the file goes on after its header says that it ends");
    }

    private static boolean isName(byte[] four) {
        for (byte one : four) {
            if (one < ' ' || one > '~') {
                return false;
            }
        }
        return true;
    }

    private int next(byte[] into, int offset, int length) {
        if (pushedBack.length == 0) {
            return bytes.read(into, offset, length);
        }
        int count = Math.min(length, pushedBack.length);
        System.arraycopy(pushedBack, 0, into, offset, count);
        pushedBack = Arrays.copyOfRange(pushedBack, count, pushedBack.length);
        return count;
    }

    private void decode(float[] into, int from, int frames, int channel) {
        int step = format.frameBytes();
        int at = channel * format.bits() / 8;
        if (format.coding() == WavFormat.Coding.FLOATING) {
            for (int i = 0; i < frames; i++, at += step) {
                into[from + i] = number(Float.intBitsToFloat(WavFormat.four(block, at)), channel);
            }
            return;
        }
        switch (format.bits()) {
            case 8 -> {
                for (int i = 0; i < frames; i++, at += step) {
                    into[from + i] = ((block[at] & 0xFF) - 128) * SCALE_8;
                }
            }
            case 16 -> {
                for (int i = 0; i < frames; i++, at += step) {
                    into[from + i] = (short) TWO_BYTES.get(block, at) * SCALE_16;
                }
            }
            case 24 -> {
                for (int i = 0; i < frames; i++, at += step) {
                    into[from + i] = (block[at + 2] << 16 | WavFormat.two(block, at)) * SCALE_24;
                }
            }
            default -> {
                for (int i = 0; i < frames; i++, at += step) {
                    into[from + i] = WavFormat.four(block, at) * SCALE_32;
                }
            }
        }
    }

    private float number(float value, int channel) {
        if (Float.isFinite(value)) {
            lastGood[channel] = value;
        } else {
            notANumber++;
        }
        return lastGood[channel];
    }

    private byte[] exactly(int length, String otherwise) {
        byte[] read = new byte[length];
        int got = 0;
        while (got < length) {
            int count = bytes.read(read, got, length - got);
            if (count < 0) {
                throw WavFormat.broken(otherwise);
            }
            got += count;
        }
        return read;
    }

    private void skipBytes(long length) {
        if (bytes.skip(length) < length) {
            throw WavFormat.broken("it holds no samples");
        }
    }

    private static boolean named(byte[] bytes, int at, String name) {
        for (int i = 0; i < name.length(); i++) {
            if (bytes[at + i] != name.charAt(i)) {
                return false;
            }
        }
        return true;
    }
}
