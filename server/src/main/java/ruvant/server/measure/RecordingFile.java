package ruvant.server.measure;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import ruvant.core.measure.recording.Bytes;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.RecordingSource;
import ruvant.core.measure.recording.Samples;
import ruvant.core.measure.recording.WavSamples;

/** A recording in a file; what kind it is its first bytes say, not its name. */
public final class RecordingFile implements RecordingSource, AutoCloseable {
    /** Opens the bytes again. */
    private interface Opening {
        OpenBytes open() throws IOException;
    }

    /** Bytes that can be gone back to their beginning by opening them again. */
    private interface OpenBytes extends Bytes, AutoCloseable {
        @Override
        void close() throws IOException;
    }

    private final Opening opening;
    private final List<OpenBytes> open = Collections.synchronizedList(new ArrayList<>());

    private RecordingFile(Opening opening) {
        this.opening = opening;
    }

    /** A file on this machine. */
    public static RecordingFile of(Path file) {
        return new RecordingFile(() -> new ChannelBytes(FileChannel.open(file)));
    }

    @Override
    public Samples open() {
        if (!isWav()) {
            return CsvSamples.read(stream(bytes()));
        }
        return new WavSamples(bytes());
    }

    private boolean isWav() {
        byte[] head = new byte[4];
        Bytes bytes = bytes();
        int got = 0;
        for (int count = 0; got < head.length && count >= 0; got += Math.max(0, count)) {
            count = bytes.read(head, got, head.length - got);
        }
        if (got == 0) {
            throw new RecordingProblem("empty", "The file is empty.", "Record again and check that the level moves.");
        }
        boolean text = true;
        for (int i = 0; i < got; i++) {
            text &= head[i] == '\t' || head[i] == '\n' || head[i] == '\r' || head[i] >= ' ' || (head[i] & 0xFF) >= 0xBB;
        }
        boolean riff = got == 4 && head[0] == 'R' && head[1] == 'I' && head[2] == 'F' && head[3] == 'F';
        if (!riff && !text) {
            throw new RecordingProblem(
                    "notWav",
                    "This is neither a WAV file nor a CSV table.",
                    "Save the recording as WAV, or as CSV with a time column.");
        }
        return riff;
    }

    private static InputStream stream(Bytes bytes) {
        return new InputStream() {
            @Override
            public int read() {
                byte[] one = new byte[1];
                return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
            }

            @Override
            public int read(byte[] into, int offset, int length) {
                return length == 0 ? 0 : bytes.read(into, offset, length);
            }
        };
    }

    private Bytes bytes() {
        try {
            OpenBytes one = opening.open();
            open.add(one);
            return one;
        } catch (IOException problem) {
            throw new RecordingProblem(
                    "unreadable",
                    "The file cannot be read: " + problem.getMessage() + ".",
                    "Check that it exists and that you may read it.");
        }
    }

    @Override
    public void close() throws IOException {
        for (OpenBytes one : open) {
            one.close();
        }
    }

    private static final class ChannelBytes implements OpenBytes {
        private final FileChannel channel;

        ChannelBytes(FileChannel channel) {
            this.channel = channel;
        }

        @Override
        public int read(byte[] into, int offset, int length) {
            try {
                return channel.read(ByteBuffer.wrap(into, offset, length));
            } catch (IOException problem) {
                throw new UncheckedIOException(problem);
            }
        }

        @Override
        public long skip(long count) {
            try {
                long to = Math.min(channel.size(), channel.position() + count);
                long skipped = to - channel.position();
                channel.position(to);
                return skipped;
            } catch (IOException problem) {
                throw new UncheckedIOException(problem);
            }
        }

        @Override
        public void close() throws IOException {
            channel.close();
        }
    }
}
